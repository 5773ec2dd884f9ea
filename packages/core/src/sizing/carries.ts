import type { Amps, SquareMillimetres } from "../util/index.ts";
/** The largest fuse in A that usually stands before a conductor of so many mm², and so what it carries for good (common practice, no source; a table of the maker decides). */
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
  [16, 125],
  [25, 175],
  [35, 225],
];

/** What a conductor of so many mm² carries for good in a loom, A; null for one that is thinner than any of the table. */
export const carries = (size: SquareMillimetres): Amps | null =>
  LARGEST.findLast(([mm2]) => mm2 <= size + 1e-9)?.[1] ?? null;
