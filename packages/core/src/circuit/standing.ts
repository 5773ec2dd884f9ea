import { plugEnd, type Net, type Nets } from "../harness/index.ts";
import { feedOf, polarityOf, type Dossier, type JoinPoint, type PinId } from "../model/index.ts";
import { type PointElement, type Port, RAILS, type Rail } from "./ports.ts";
import { LAMP_EXPONENT } from "./branches.ts";
import { GROUND, THERMAL_VOLTS, type Element } from "./network.ts";
import { fuseOhms, wireOhms } from "./usual.ts";

/** Ω of a contact, of an output that is on, and of a ground strap (common practice, no source). */
export const [CONTACT, DRIVER, STRAP] = [0.003, 0.05, 0.002];
/** Ω that hold a driven wire down while nothing drives it. */
const REST = 1000;

export const openSwitch = (name: string, a: string, b: string, on: number): Element => ({
  kind: "switch",
  name,
  a,
  b,
  on,
  off: Infinity,
  closed: false,
  control: null,
});

/** Of its current at full voltage an LED lamp takes a hundredth at this share of it, and next to nothing below: a string of diodes with its resistor, as one curve (common practice, no source). */
const LED_THRESHOLD = 0.55;
const FAINT = 100;
function ledLamp(
  placed: { readonly name: string; readonly a: string; readonly b: string },
  watts: number,
  nominal: number,
): Element {
  const scale = ((1 - LED_THRESHOLD) * nominal) / Math.log(FAINT);
  return {
    kind: "diode",
    ...placed,
    saturation: watts / nominal / Math.exp(nominal / scale),
    ideality: scale / THERMAL_VOLTS,
  };
}

/** What stands at a port, between its node and what it leads back to. */
export function portElements(
  { kind, node, element: name }: Port,
  {
    back,
    from,
    rail,
  }: { readonly back: string; readonly from: string; readonly rail: (one: Rail) => string },
  nominal: number,
): readonly Element[] {
  const between = (a: string, b: string): readonly Element[] => {
    if (kind.kind !== "load" && kind.kind !== "pulled-load") return [];
    const { load } = kind;
    if (load.kind === "lamp")
      return [
        { kind: "lamp", name, a, b, volts: nominal, amps: load.watts / nominal, exponent: LAMP_EXPONENT },
      ];
    if (load.kind === "led") return [ledLamp({ name, a, b }, load.watts, nominal)];
    return [{ kind: "resistor", name, a, b, ohms: load.kind === "draws" ? nominal / load.amps : load.ohms }];
  };
  switch (kind.kind) {
    case "feed":
      return [{ kind: "resistor", name, a: rail(kind.rail), b: node, ohms: CONTACT }];
    case "ground":
      return [{ kind: "resistor", name, a: node, b: GROUND, ohms: STRAP }];
    case "load":
      return between(node, back);
    case "pulled-load":
      return between(rail("ignition"), node);
    case "drives":
      // Whatever else hangs on the output holds its wire down while it is off.
      return [
        openSwitch(name, from, node, DRIVER),
        { kind: "resistor", name: `${name} rest`, a: node, b: GROUND, ohms: REST },
      ];
    case "pulls":
      return [openSwitch(name, node, back, DRIVER)];
    case "reference":
      return [
        { kind: "source", name: `${name} volts`, a: `${name} inside`, b: back, volts: kind.volts },
        { kind: "resistor", name, a: `${name} inside`, b: node, ohms: 1 },
      ];
    case "signal":
      return [{ kind: "resistor", name, a: node, b: back, ohms: 100e3 }];
    case "own-ground":
      return [];
  }
}

/** A supply or ground point: it hangs on the supply in front of it over its fuse, or on the battery's rails. */
export function pointElements(
  point: JoinPoint,
  node: string,
  {
    dossier,
    nets,
    hub,
    rail,
    points,
  }: {
    readonly dossier: Dossier;
    readonly nets: Nets;
    readonly hub: (net: Net) => string;
    readonly rail: (one: Rail) => string;
    readonly points: PointElement[];
  },
): readonly Element[] {
  const name = `point ${point.id}`;
  const polarity = polarityOf(point);
  if (polarity === null) return [];
  const fuse = point.supply?.fuse ?? null;
  const stands = (from: string): void =>
    void points.push({ element: name, name: point.name, polarity, from, net: node, fuse });
  if (polarity === "ground") {
    stands(GROUND);
    return [{ kind: "resistor", name, a: node, b: GROUND, ohms: STRAP }];
  }
  const feed = feedOf(point) ?? "battery";
  const supply = point.supply;
  if (feed === "sensor-supply") {
    stands(`${name} inside`);
    return [
      { kind: "source", name: `${name} volts`, a: `${name} inside`, b: GROUND, volts: supply?.volts ?? 5 },
      { kind: "resistor", name, a: `${name} inside`, b: node, ohms: 1 },
    ];
  }
  const behind = dossier.points.find(({ id }) => id === supply?.behind);
  const before = behind === undefined ? undefined : nets.ofAnchor({ at: "point", point: behind.id });
  const from = before === undefined ? rail(isRail(feed) ? feed : "battery") : hub(before);
  if (from === node) return [];
  stands(from);
  const lead = supply?.trunk ?? null;
  return [
    {
      kind: "resistor",
      name,
      a: from,
      b: node,
      ohms:
        (fuse === null ? CONTACT : fuseOhms(fuse.amps)) +
        (lead === null ? 0 : wireOhms(lead.size, lead.length)),
    },
  ];
}
const isRail = (feed: string): feed is Rail => (RAILS as readonly string[]).includes(feed);

/** A part that a wire is led through passes it on while it allows it. */
export const passesOf = (dossier: Dossier, nets: Nets, hub: (net: Net) => string): readonly Element[] =>
  dossier.decisions.flatMap((decision) => {
    if (decision.kind !== "series") return [];
    const at = (pin: PinId): Net | undefined => nets.ofCavity(pin) ?? nets.ofEnd(plugEnd(pin));
    const [one, other] = [at(decision.into), at(decision.back)];
    return one === undefined || other === undefined
      ? []
      : [openSwitch(`passes ${decision.into} ${decision.back}`, hub(one), hub(other), DRIVER)];
  });
