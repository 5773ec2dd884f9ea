import { otherSide } from "../../proposals/index.ts";
import type { Rule } from "../rule.ts";
import { at } from "../say.ts";

/** The second side of a car is decided like the first, but places or colours differ (common practice: it is never the mirror image). */
export const secondSide: Rule = {
  id: "second-side",
  class: "identity",
  find: ({ dossier, links }) => {
    const read = new Map(
      links.flatMap(
        ({ vehicle, incoming }) =>
          [
            [vehicle.placed.pin.id, vehicle],
            [incoming.placed.pin.id, incoming],
          ] as const,
      ),
    );
    return otherSide(dossier).flatMap(({ decided, differences }) => {
      if (decided === null || differences.length === 0) return [];
      const pins = differences.flatMap(({ pin }) => read.get(pin.pin.id) ?? []);
      const [first] = pins;
      if (first === undefined) return [];
      return [
        {
          severity: "note",
          pins,
          decision: decided,
          title: "Differs from the other side",
          detail: `${at(first)}: ${differences.map(({ fact, here, there }) => `${fact} ${here} here, ${there} there`).join("; ")}.`,
          cure: "Confirm each position and colour on this side; do not assume it matches.",
        },
      ];
    });
  },
};
