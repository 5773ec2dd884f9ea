import { isSupply, protecting, supplyWords } from "../../model/index.ts";
import type { Finding, Rule } from "./rule.ts";
import { named } from "./say.ts";
import { pointsById } from "./supplies.ts";

/** A supply that is brought in starts at a fuse (common practice: as near to the source as can be). */
export const feedWithoutFuse: Rule = {
  id: "feed-without-fuse",
  class: "electrical",
  find: ({ feeds, dossier }) => {
    const points = pointsById(dossier);
    return feeds.flatMap(({ pin, decision }): readonly Finding[] => {
      const point = decision.supply === null ? undefined : points.get(decision.supply);
      if (point === undefined || !isSupply(decision.feed) || protecting(point, points) !== null) return [];
      return [
        {
          severity: "caution",
          pins: [pin],
          decision,
          title: "No fuse at the source",
          detail: `${named(pin)} is fed from ${supplyWords(point)}, which has no fuse.`,
          cure: "Enter its fuse and rating, or fit a fuse holder at the source.",
        },
      ];
    });
  },
};
