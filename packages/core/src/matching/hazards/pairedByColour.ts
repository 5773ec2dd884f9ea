import { weigh } from "../evidence.ts";
import { CHECK } from "../sureness.ts";
import type { Rule } from "./rule.ts";
import { at } from "./say.ts";

/** A join that nothing but the colour speaks for is a guess, whoever made it (house rule: position over colour). */
export const pairedByColour: Rule = {
  id: "paired-by-colour",
  class: "identity",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }) => {
      if (vehicle.look === "" || vehicle.look !== incoming.look) return [];
      const evidence = weigh(vehicle, incoming);
      if (evidence === null || evidence.strength >= CHECK) return [];
      return [
        {
          severity: "caution",
          pins: [vehicle, incoming],
          decision,
          title: "Matched by colour only",
          detail: `${at(vehicle)} and ${at(incoming)} are both ${vehicle.look}; neither function nor signal supports the join.`,
          cure: "Identify both wires before joining them: from a diagram or by a reading at the connector.",
        },
      ];
    }),
};
