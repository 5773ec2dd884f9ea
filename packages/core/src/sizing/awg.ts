import type { SquareMillimetres } from "../util/index.ts";
/**
 * Cross-section in mm² of a solid conductor of AWG gauge n: d = 0.127 mm · 92^((36−n)/39) (ASTM B258).
 * awgToMm2(20) = 0.5189.
 */
export function awgToMm2(gauge: number): SquareMillimetres {
  const diameter = 0.127 * 92 ** ((36 - gauge) / 39);
  return (Math.PI / 4) * diameter * diameter;
}
