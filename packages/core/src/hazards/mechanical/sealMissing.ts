import { seatOf } from "../../model/index.ts";
import { spliceInstead } from "../fixes.ts";
import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** A wire from an unsealed plug brings no seal into a sealed one (common practice). */
export const sealMissing: Rule = {
  id: "seal-missing",
  class: "mechanical",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] =>
      decision?.kind === "join" &&
      seatOf(decision) !== null &&
      incoming.placed.connector.sealed &&
      !vehicle.placed.connector.sealed
        ? [
            {
              severity: "caution",
              pins: [vehicle, incoming],
              decision,
              title: "No seal on this wire",
              detail: `${at(incoming)} is in a sealed connector, ${at(vehicle)} has no wire seal.`,
              cure: "Fit a new terminal with the right seal, or splice behind the sealed connector.",
              fixes: spliceInstead(decision, incoming),
            },
          ]
        : [],
    ),
};
