import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { rangeOf } from "./minutes.ts";

const timed = (from: number, minutes: number, to: number) => ({ minutes, range: [from, to] as const });

describe("rangeOf", () => {
  it("is the range of one step, and of many narrower than the sum of their limits", () => {
    expect(rangeOf([timed(2, 4, 10)])).toEqual([2, 10]);
    // Worked by hand: 100 steps of 1 to 5 minutes, usually 2: 200 - sqrt(100), 200 + sqrt(900).
    expect(rangeOf(Array.from({ length: 100 }, () => timed(1, 2, 5)))).toEqual([190, 230]);
    expect(rangeOf([])).toEqual([0, 0]);
  });
  it("holds the usual time, lies within the limits, and does not depend on the order", () => {
    const step = fc
      .tuple(fc.nat(20), fc.nat(20), fc.nat(20))
      .map(([from, more, most]) => timed(from, from + more, from + more + most));
    fc.assert(
      fc.property(fc.array(step, { maxLength: 40 }), (steps) => {
        const [from, to] = rangeOf(steps);
        const sum = (of: (one: (typeof steps)[number]) => number): number =>
          steps.reduce((total, one) => total + of(one), 0);
        const usual = sum(({ minutes }) => minutes);
        expect(from).toBeLessThanOrEqual(usual);
        expect(to).toBeGreaterThanOrEqual(usual);
        expect(from).toBeGreaterThanOrEqual(sum(({ range }) => range[0]) - 1);
        expect(to).toBeLessThanOrEqual(sum(({ range }) => range[1]) + 1);
        expect(rangeOf([...steps].reverse())).toEqual([from, to]);
      }),
      { numRuns: 200, seed: 14 },
    );
  });
});
