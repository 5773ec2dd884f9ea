import type { Finding, Rule } from "../rule.ts";
import { areTerms, at } from "../say.ts";

/** A relay with a diode across its coil takes the supply on 86 only; turned round the diode shorts it (ISO 7588: common practice). */
export const relayDiode: Rule = {
  id: "relay-diode",
  class: "electrical",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      return areTerms(vehicle, incoming, "relay coil feed", "relay coil ground")
        ? [
            {
              severity: "caution",
              pins: [vehicle, incoming],
              decision,
              title: "85 joined to 86",
              detail: `${at(vehicle)} and ${at(incoming)}: harmless without a diode in the relay; a short circuit with one.`,
              cure: "Supply on 86, switched ground on 85; look at the symbol on the relay.",
            },
          ]
        : [];
    }),
};
