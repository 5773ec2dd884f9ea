import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** Both ends take from the wire and nobody gives (common practice). */
export const loadWithoutSource: Rule = {
  id: "load-without-source",
  class: "electrical",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] =>
      vehicle.direction === "load" && incoming.direction === "load"
        ? [
            {
              severity: "caution",
              pins: [vehicle, incoming],
              decision,
              title: "Load without a source",
              detail: `${at(vehicle)} and ${at(incoming)} are both loads; nothing drives this wire.`,
              cure: "Find what drives it, or feed it from elsewhere.",
            },
          ]
        : [],
    ),
};
