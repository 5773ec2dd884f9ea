import { isSupply, protecting, supplyWords, towardsSource, type JoinPoint } from "../../model/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { named } from "../say.ts";
import { pointsById } from "../supplies.ts";

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
          detail: `${named(pin)} is fed from ${supplyWords(point)}, which has no fuse.${unfused(towardsSource(point, points))}`,
          cure: "Enter its fuse and rating, or fit a fuse holder at the source.",
        },
      ];
    });
  },
};

/** How much cable runs without a fuse, as for a battery moved to the rear: all of it can burn before anything opens (common practice). */
function unfused(line: readonly JoinPoint[]): string {
  const lengths = line.flatMap(({ supply }) => supply?.trunk?.length ?? []);
  const metres = lengths.reduce((sum, length) => sum + length, 0) / 1000;
  return metres === 0
    ? ""
    : ` ${metres.toFixed(1)} m of cable run without a fuse: a short in it burns until the battery is empty.`;
}
