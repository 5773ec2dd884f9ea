import type { Step } from "./step.ts";

type Timed = Pick<Step, "minutes" | "range">;

/**
 * How long steps take together, from and to, in whole minutes. Their times are taken as independent: what goes wrong at one step
 * does not at all, so deviations add as roots of squares and a day's work is known to a quarter, not to a factor of four
 * (propagation of independent errors; the times themselves are common practice, no source).
 */
export function rangeOf(steps: readonly Timed[]): readonly [from: number, to: number] {
  const usual = steps.reduce((sum, { minutes }) => sum + minutes, 0);
  const spread = (side: 0 | 1): number =>
    Math.sqrt(steps.reduce((sum, { minutes, range }) => sum + (range[side] - minutes) ** 2, 0));
  return [Math.round(usual - spread(0)), Math.round(usual + spread(1))];
}
