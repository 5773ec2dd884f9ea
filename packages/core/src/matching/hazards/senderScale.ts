import { list } from "../../util/index.ts";
import { type Finding, type Rule } from "./rule.ts";
import { isTerm, named } from "./say.ts";

const SCALED = [
  "fuel level",
  "oil pressure",
  "vehicle speed",
  "tachometer",
  "outside temperature",
  "output shaft speed",
] as const;

const PULSED = ["vehicle speed", "tachometer", "output shaft speed"] as const;

/** Gauge and sender of different makers: the wire fits and the reading is wrong (common practice). */
export const senderScale: Rule = {
  id: "sender-scale",
  class: "electrical",
  together: {
    by: () => "",
    words: (findings) => ({
      title: `${findings.length} may read wrong`,
      detail: `${list(findings.map(({ pins: [pin] }) => (pin === undefined ? "" : named(pin))))}: sender and gauge are from different vehicles. ${[...new Set(findings.map(({ about }) => about ?? ""))].join(" ")} may differ.`,
      cure: [...new Set(findings.map(({ cure }) => cure))].join(" "),
      about: "",
    }),
  },
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      const isGauge = [vehicle, incoming].some(
        ({ reading }) => reading.kinds.has("gauge") || reading.kinds.has("telltale"),
      );
      if (
        (!isTerm(vehicle, ...SCALED) && !(isGauge && isTerm(vehicle, "coolant temperature"))) ||
        vehicle.reading.thing !== incoming.reading.thing
      )
        return [];
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
          title: "May read wrong",
          detail: `${named(vehicle)}: sender and gauge are from different vehicles. ${what} may differ.`,
          cure: pulses
            ? "Compare the pulse rates; fit a converter or recode the module."
            : "Compare the sender with the gauge's table at two points; swap the sender or fit a converter.",
        },
      ];
    }),
};
