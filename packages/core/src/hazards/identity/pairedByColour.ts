import { weigh, CHECK } from "../../pairing/index.ts";
import { list } from "../../util/index.ts";
import type { Rule } from "../rule.ts";
import { at } from "../say.ts";

/** A join that nothing but the colour speaks for is a guess, whoever made it (house rule: position over colour). */
export const pairedByColour: Rule = {
  id: "paired-by-colour",
  class: "identity",
  together: {
    by: () => "",
    words: (findings) => ({
      title: `${findings.length} matched by colour only`,
      detail: `${list(findings.map(({ about }) => about ?? ""))}. Neither function nor signal supports these joins.`,
      cure: "Identify these wires before joining them: from a diagram or by a reading at the connector.",
      about: "",
    }),
  },
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
          about: `${at(vehicle)} and ${at(incoming)} are both ${vehicle.look}`,
          title: "Matched by colour only",
          detail: `${at(vehicle)} and ${at(incoming)} are both ${vehicle.look}; neither function nor signal supports the join.`,
          cure: "Identify both wires before joining them: from a diagram or by a reading at the connector.",
        },
      ];
    }),
};
