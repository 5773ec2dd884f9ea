import type { Finding, Rule } from "../rule.ts";
import { areTerms, named } from "../say.ts";

/** 87 makes, 87a breaks: joined crosswise the load is on when it should be off (DIN 72552, ISO 7588). */
export const relayContact: Rule = {
  id: "relay-contact",
  class: "electrical",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      return areTerms(vehicle, incoming, "relay output", "relay rest output")
        ? [
            {
              severity: "caution",
              pins: [vehicle, incoming],
              decision,
              title: "87 joined to 87a",
              detail: `${named(vehicle)} and ${named(incoming)}: one contact closes when the other opens.`,
              cure: "Use 87 for what is on with the coil energised, 87a for what is on at rest.",
            },
          ]
        : [];
    }),
};
