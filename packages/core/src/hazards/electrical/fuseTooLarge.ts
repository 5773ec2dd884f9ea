import { protecting, supplyWords, towardsSource } from "../../model/index.ts";
import { carries } from "../../sizing/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { pointsById } from "../supplies.ts";
import { named } from "../say.ts";

/** A feed whose fuse lets more through than its wire carries (common practice: the fuse protects the thinnest wire). */
export const fuseTooLarge: Rule = {
  id: "fuse-too-large",
  class: "electrical",
  find: ({ feeds, dossier }) => {
    const points = pointsById(dossier);
    return feeds.flatMap(({ pin, decision }): readonly Finding[] => {
      const point = decision.supply === null ? undefined : points.get(decision.supply);
      const fuse = point === undefined ? null : protecting(point, points);
      const amps = fuse?.supply?.fuse?.amps ?? null;
      if (point === undefined || fuse === null || amps === null) return [];
      // Between the fuse and the pin the thinnest counts: its own wire, or one that branches behind the fuse.
      const line = towardsSource(point, points);
      const trunks = line.slice(0, line.indexOf(fuse) + 1).flatMap(({ supply }) => supply?.trunk?.size ?? []);
      const sizes = [...trunks, ...(pin.placed.pin.size === null ? [] : [pin.placed.pin.size])];
      const size = Math.min(...sizes);
      const limit = sizes.length === 0 ? null : carries(size);
      if (limit === null || amps <= limit) return [];
      return [
        {
          severity: "stop",
          pins: [pin],
          decision,
          figures: [amps, size],
          title: `${amps} A fuse on a ${size} mm² wire`,
          detail: `${named(pin)} is fed from ${supplyWords(point)} over ${size} mm²: the wire would burn before the fuse blows.`,
          cure: `Use a fuse of ${limit} A at most, or a thicker wire from the fuse.`,
        },
      ];
    });
  },
};
