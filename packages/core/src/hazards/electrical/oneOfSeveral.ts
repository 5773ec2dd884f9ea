import { list } from "../../util/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { at, isTerm } from "../say.ts";

/** Coded inputs read one contact at a time; two on one wire read as a third state (common practice). */
export const oneOfSeveral: Rule = {
  id: "one-of-several",
  class: "electrical",
  find: ({ groups }) =>
    groups.flatMap((group): readonly Finding[] => {
      const [first] = group;
      const coded = group.find(({ vehicle, incoming }) =>
        [vehicle, incoming].some((pin) =>
          isTerm(
            pin,
            "transmission range",
            "axle select",
            "steering wheel controls",
            "wiper switch",
            "headlamp switch",
          ),
        ),
      );
      if (first === undefined || coded === undefined) return [];
      const pins = [...new Set(group.flatMap((link) => [link.vehicle, link.incoming]))];
      return [
        {
          severity: "caution",
          pins,
          decision: first.decision,
          title: "Input must see one signal at a time",
          detail: `${list(pins.map(at))} meet, but this input reads positions by which contact is closed.`,
          cure: "One contact per position; nothing else on the wire.",
        },
      ];
    }),
};
