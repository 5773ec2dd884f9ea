import type { Finding, Rule } from "../rule.ts";
import { named } from "../say.ts";

/** Two sources say different things of one wire; one of them is wrong, and the wire knows which (common practice). */
export const sourcesContradict: Rule = {
  id: "sources-contradict",
  class: "completeness",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }) =>
      [vehicle, incoming].flatMap((own): readonly Finding[] => {
        const claims = own.placed.pin.claims.filter((claim) => claim.when === "");
        const [first] = claims;
        return first === undefined
          ? []
          : [
              {
                severity: "caution",
                pins: [own],
                decision,
                title: "Sources contradict each other",
                detail: `${named(own)}: another source gives its ${first.fact} as “${first.value}”.`,
                cure: "Look or measure, then settle it in the pin table.",
              },
            ];
      }),
    ),
};
