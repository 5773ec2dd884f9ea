import { protecting, supplyWords, towardsSource } from "../../model/index.ts";
import type { Finding, Rule } from "./rule.ts";
import { pointsById } from "./supplies.ts";
import { named } from "./say.ts";

/** The largest fuse in A that usually stands before a conductor of so many mm² (common practice, no source; a table of the maker decides). */
const LARGEST: readonly (readonly [mm2: number, amps: number])[] = [
  [0.22, 2],
  [0.35, 5],
  [0.5, 7.5],
  [0.75, 10],
  [1, 15],
  [1.5, 20],
  [2.5, 30],
  [4, 40],
  [6, 60],
  [10, 80],
];

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
      const limit = sizes.length === 0 ? undefined : LARGEST.findLast(([mm2]) => mm2 <= size + 1e-9);
      if (limit === undefined || amps <= limit[1]) return [];
      return [
        {
          severity: "stop",
          pins: [pin],
          decision,
          title: `${amps} A fuse on a ${size} mm² wire`,
          detail: `${named(pin)} is fed from ${supplyWords(point)} over ${size} mm²: the wire would burn before the fuse blows.`,
          cure: `Use a fuse of ${limit[1]} A at most, or a thicker wire from the fuse.`,
        },
      ];
    });
  },
};
