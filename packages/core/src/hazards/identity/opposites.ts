import { capital } from "../../util/index.ts";
import { oppositeIn } from "../../pairing/index.ts";
import type { Rule } from "../rule.ts";
import { at } from "../say.ts";

/** A join by hand of what the tables call opposites: the left one onto the right one. */
export const opposites: Rule = {
  id: "opposites",
  class: "identity",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }) => {
      const opposite = oppositeIn(vehicle, incoming);
      return opposite === null
        ? []
        : [
            {
              severity: "caution",
              pins: [vehicle, incoming],
              decision,
              title: `${capital(opposite.left)} joined to ${opposite.right}`,
              detail: `${at(vehicle)} is "${vehicle.placed.pin.function}"; ${at(incoming)} is "${incoming.placed.pin.function}".`,
              cure: "Join it to its own counterpart, or correct the function in the pin table.",
            },
          ];
    }),
};
