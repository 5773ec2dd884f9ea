import type { SquareMillimetres } from "../util/index.ts";
/** Least pull-out force of a crimped connection in N by conductor in mm² (IEC 60352-2; from memory). */
const IEC_60352_2: readonly (readonly [mm2: number, newton: number])[] = [
  [0.05, 6],
  [0.08, 11],
  [0.12, 15],
  [0.14, 18],
  [0.22, 28],
  [0.25, 32],
  [0.32, 40],
  [0.5, 60],
  [0.75, 85],
  [0.82, 90],
  [1, 108],
  [1.3, 135],
  [1.5, 150],
  [2.1, 200],
  [2.5, 230],
  [3.3, 275],
  [4, 310],
  [5.3, 355],
  [6, 360],
  [8.4, 370],
  [10, 380],
];

/** What a sample crimp on a conductor must hold, in N: the table's row for the size, or for the next smaller one. Null below 0.05 mm². 0.75 mm²: 85 N. */
export function pullOutForce(mm2: SquareMillimetres): number | null {
  return IEC_60352_2.findLast(([size]) => size <= mm2)?.[1] ?? null;
}
