import { gaugeShows, isOneScale, senderScaleIn, type SenderScale } from "../../sizing/index.ts";
import { list } from "../../util/index.ts";
import type { ReadPin } from "../../pairing/index.ts";
import { type Finding, type Rule } from "../rule.ts";
import { at, isTerm, named } from "../say.ts";

const SCALED = [
  "fuel level",
  "oil pressure",
  "vehicle speed",
  "tachometer",
  "outside temperature",
  "output shaft speed",
] as const;

const PULSED = ["vehicle speed", "tachometer", "output shaft speed"] as const;

/** The scale that somebody wrote down for a pin. */
const scaleOf = ({ placed: { pin } }: ReadPin): SenderScale | null =>
  senderScaleIn(pin.function) ?? senderScaleIn(pin.note);
/** Both scales where both are known: the gauge's first. An incoming part shows what the vehicle's sender tells, unless its words say that it is the sender. */
function scalesOf(
  vehicle: ReadPin,
  incoming: ReadPin,
): { readonly gauge: ReadPin; readonly made: SenderScale; readonly gets: SenderScale } | null {
  const isSender = ({ reading: { kinds } }: ReadPin): boolean => kinds.has("sensor") && !kinds.has("gauge");
  const [gauge, sender] =
    isSender(incoming) && !isSender(vehicle) ? [vehicle, incoming] : [incoming, vehicle];
  const [made, gets] = [scaleOf(gauge), scaleOf(sender)];
  return made === null || gets === null ? null : { gauge, made, gets };
}
function showsWords({ gauge, made, gets }: NonNullable<ReturnType<typeof scalesOf>>): string {
  const shows = (share: number): string => `${Math.round(100 * gaugeShows(made, gets, share))} %`;
  return `${at(gauge)} is made for ${ohms(made)} and gets ${ohms(gets)}: at ${gets.from} Ω it shows ${shows(0)}, half way ${shows(0.5)}, at ${gets.to} Ω ${shows(1)}.`;
}
const ohms = ({ from, to }: SenderScale): string => `${from} to ${to} Ω`;

/** Gauge and sender of different makers: the wire fits and the reading is wrong (common practice). */
export const senderScale: Rule = {
  id: "sender-scale",
  class: "electrical",
  together: {
    // What is known exactly has a card of its own.
    by: ({ figures = [] }) => figures.join(" "),
    words: (findings) => ({
      title: `${findings.length} may read wrong`,
      detail: `${list(findings.map(({ pins: [pin] }) => (pin === undefined ? "" : named(pin))))}: sender and gauge are from different vehicles. ${[...new Set(findings.map(({ about }) => about ?? ""))].join(" ")} may differ.`,
      cure: [...new Set(findings.map(({ cure }) => cure))].join(" "),
      about: "",
    }),
  },
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision, device }): readonly Finding[] => {
      const isGauge = [vehicle, incoming].some(
        ({ reading }) => reading.kinds.has("gauge") || reading.kinds.has("telltale"),
      );
      if (
        (!isTerm(vehicle, ...SCALED) && !(isGauge && isTerm(vehicle, "coolant temperature"))) ||
        vehicle.reading.thing !== incoming.reading.thing
      )
        return [];
      const scales = scalesOf(vehicle, incoming);
      if (scales !== null && isOneScale(scales.made, scales.gets)) return [];
      const pulses =
        isTerm(vehicle, ...PULSED) ||
        [vehicle, incoming].some(({ signal }) => signal === "pwm" || signal === "hall");
      const what = pulses
        ? "Pulses per turn or per kilometre"
        : "Ohms at empty, half and full, or at cold and hot,";
      return [
        {
          about: what,
          severity: "caution",
          pins: [vehicle, incoming],
          decision,
          title: scales === null ? "May read wrong" : "Reads wrong",
          cured: device?.kind === "converter",
          figures:
            scales === null ? [] : [scales.made.from, scales.made.to, scales.gets.from, scales.gets.to],
          detail:
            scales === null
              ? `${named(vehicle)}: sender and gauge are from different vehicles. ${what} may differ.`
              : showsWords(scales),
          cure: pulses
            ? "Compare the pulse rates; fit a converter or recode the module."
            : "Compare the sender with the gauge's table at two points; swap the sender or fit a converter.",
        },
      ];
    }),
};
