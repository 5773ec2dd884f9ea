import { terminalsOf, type InsertedDevice } from "../model/index.ts";
import type { Element } from "./network.ts";

/** A rectifier diode of a few amperes: 0.7 V at little current, about 0.95 V at 3 A (common practice, no source). */
const DIODE = { saturation: 1e-8, ideality: 1.9 };
/** Winding of a plug-in relay at 12 V, Ω; pull-in and drop-out as shares of the nominal voltage (ISO 7588, from memory). */
const [WINDING, PULL_IN, DROP_OUT, CONTACT] = [90, 0.6, 0.12, 0.005];
const NOMINAL = 12;

/** The elements of a part that was fitted, between the nodes of those of its terminals that are wired. A bought converter is closed to view and gives none. */
export function deviceElements(
  device: string,
  what: InsertedDevice,
  terminals: ReadonlyMap<string, string>,
  nominalVolts: number,
): readonly Element[] {
  const name = (suffix: string): string => `device ${device} ${suffix}`;
  const placed = (suffix: string, a: string, b: string) => ({ name: name(suffix), a, b });
  const at = (terminal: string): string => terminals.get(terminal) ?? `${name("open")} ${terminal}`;
  const { vehicle, incoming } = terminalsOf(what);
  const through = (ohms: number): readonly Element[] => [
    { ...placed("through", at(vehicle), at(incoming)), kind: "resistor", ohms },
  ];
  switch (what.kind) {
    case "diodes": {
      const named = (letter: string): readonly string[] =>
        [...terminals.keys()].filter((one) => one.startsWith(letter));
      return named("A").flatMap((anode) =>
        named("K").map((cathode): Element => ({
          ...placed(`${anode}${cathode}`, at(anode), at(cathode)),
          kind: "diode",
          ...DIODE,
        })),
      );
    }
    case "divider":
      return [
        { ...placed("upper", at("in"), at("out")), kind: "resistor", ohms: what.upper },
        { ...placed("lower", at("out"), at("ground")), kind: "resistor", ohms: what.lower },
      ];
    case "regulator":
      return [
        { ...placed("inside", name("core"), at("ground")), kind: "source", volts: what.volts },
        {
          ...placed("out", name("core"), at("out")),
          kind: "switch",
          on: 0.1,
          off: Infinity,
          closed: false,
          control: {
            plus: at("in"),
            minus: at("ground"),
            pullIn: what.volts + 0.5,
            dropOut: what.volts + 0.3,
            atRest: false,
          },
        },
      ];
    case "relay": {
      const scale = nominalVolts / NOMINAL;
      const contact = (terminal: string, atRest: boolean): readonly Element[] =>
        terminals.has(terminal) && terminals.has("30")
          ? [
              {
                ...placed(`30-${terminal}`, at("30"), at(terminal)),
                kind: "switch",
                on: CONTACT,
                off: Infinity,
                closed: atRest,
                control: {
                  plus: at("86"),
                  minus: at("85"),
                  pullIn: PULL_IN * nominalVolts,
                  dropOut: DROP_OUT * nominalVolts,
                  eitherWay: true,
                  atRest,
                },
              },
            ]
          : [];
      return [
        { ...placed("coil", at("86"), at("85")), kind: "resistor", ohms: WINDING * scale * scale },
        ...contact("87", false),
        ...contact("87a", true),
      ];
    }
    case "resistor":
      return what.how === "in series"
        ? through(what.ohms)
        : [{ ...placed("across", at("1"), at("2")), kind: "resistor", ohms: what.ohms }];
    case "fuse":
      return through(CONTACT);
    case "switch":
      return [
        {
          ...placed("contact", at(vehicle), at(incoming)),
          kind: "switch",
          on: CONTACT,
          off: Infinity,
          closed: false,
          control: null,
        },
      ];
    case "converter":
      return [];
  }
}
