import type { Finding, Rule } from "../rule.ts";
import { named } from "../say.ts";

/** Colour or place differs by year, market or equipment: the table may be of the neighbour's car (common practice). */
export const variantPlace: Rule = {
  id: "variant",
  class: "variant",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }) =>
      [vehicle, incoming].flatMap((own): readonly Finding[] => {
        const [claim] = own.placed.pin.claims.filter(({ when }) => when !== "");
        return claim === undefined
          ? []
          : [
              {
                severity: "note",
                pins: [own],
                decision,
                title: `Other ${claim.fact} ${claim.when}`,
                detail: `${named(own)}: “${claim.value}” ${claim.when}.`,
                cure: "Check which one this car has before you rely on it.",
              },
            ];
      }),
    ),
};
