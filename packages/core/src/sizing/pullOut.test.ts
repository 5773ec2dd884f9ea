import { describe, expect, it } from "vitest";
import { pullOutForce } from "./pullOut.ts";

describe("pull-out force of a sample crimp", () => {
  it.each([
    [0.05, 6],
    [0.22, 28],
    [0.5, 60],
    [0.75, 85],
    [1, 108],
    [1.5, 150],
    [2.5, 230],
    [4, 310],
    [6, 360],
    [10, 380],
  ])("a crimp on %s mm² holds %s N (IEC 60352-2; from memory)", (mm2, newton) => {
    expect(pullOutForce(mm2)).toBe(newton);
  });
  it("agrees with another standard within an eighth, 22 to 12 AWG (UL 486A, pounds-force as N; from memory)", () => {
    for (const [mm2, newton] of [
      [0.32, 35.6],
      [0.52, 57.8],
      [0.82, 89],
      [1.31, 133.4],
      [2.1, 222.4],
      [3.31, 311.4],
    ] as const)
      expect(Math.abs(pullOutForce(mm2)! / newton - 1), `${mm2} mm²`).toBeLessThan(0.13);
  });
  it("never asks more of a thinner wire, takes the next smaller row between two, and claims nothing below the table", () => {
    const sizes = Array.from({ length: 1000 }, (_, i) => 0.05 + i / 100);
    const forces = sizes.map((size) => pullOutForce(size)!);
    expect(forces.every((force, i) => i === 0 || force >= forces[i - 1]!)).toBe(true);
    expect([pullOutForce(0.6), pullOutForce(0.049)]).toEqual([60, null]);
  });
});
