import { diff } from "color-diff";
import { differenceCiede2000, lab65, rgb, type Lab65 } from "culori";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { COLOUR_NAMES, plain, type WireColour } from "./colour.ts";
import type { SIGHTS } from "./lookAlike.ts";
import { colourDifference, likenessOf, NEAR, NOMINAL_SRGB, toldBySize } from "./lookAlike.ts";

/**
 * Test pairs of G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000 color-difference formula", Color Research and Application 30
 * (2005), table 1: L a b, L a b, difference. From memory, confirmed by two packages here.
 */
const SHARMA: readonly (readonly number[])[] = [
  [50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425],
  [50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615],
  [50, 2.8361, -74.02, 50, 0, -82.7485, 3.4412],
  [50, -1.3802, -84.2814, 50, 0, -82.7485, 1],
  [50, 0, 0, 50, -1, 2, 2.3669],
  [50, 2.49, -0.001, 50, -2.49, 0.0009, 7.1792],
  [50, 2.49, -0.001, 50, -2.49, 0.0011, 7.2195],
  [50, -0.001, 2.49, 50, 0.0009, -2.49, 4.8045],
  [50, 2.5, 0, 50, 0, -2.5, 4.3065],
  [50, 2.5, 0, 73, 25, -18, 27.1492],
  [50, 2.5, 0, 61, -5, 29, 22.8977],
  [50, 2.5, 0, 56, -27, -3, 31.903],
  [50, 2.5, 0, 58, 24, 15, 19.4535],
  [50, 2.5, 0, 50, 3.1736, 0.5854, 1],
  [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
  [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.263],
  [61.2901, 3.7196, -5.3901, 61.4292, 2.248, -4.962, 1.8731],
  [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
  [22.7233, 20.0904, -46.694, 23.0331, 14.973, -42.5619, 2.0373],
  [36.4612, 47.858, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
  [90.8027, -2.0831, 1.441, 91.1528, -1.6435, 0.0447, 1.4441],
  [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
  [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
  [2.0776, 0.0795, -1.135, 0.9033, -0.0636, -0.5514, 0.9082],
];

const lab = (l: number, a: number, b: number): Lab65 => ({ mode: "lab65", l, a, b });

describe("the colour metric", () => {
  it.each(SHARMA)("gives the published difference of %d %d %d and %d %d %d", (...row) => {
    const [l1, a1, b1, l2, a2, b2, difference] = row as [
      number,
      number,
      number,
      number,
      number,
      number,
      number,
    ];
    expect(differenceCiede2000()(lab(l1, a1, b1), lab(l2, a2, b2))).toBeCloseTo(difference, 4);
  });
  it("agrees with a second package (color-diff) on every pair of insulation colours in daylight", () => {
    let compared = 0;
    for (const a of COLOUR_NAMES)
      for (const b of COLOUR_NAMES) {
        const [x, y] = [a, b].map((name) => {
          const { l, a: green, b: blue } = lab65(NOMINAL_SRGB[name]) as Lab65;
          return { L: l, a: green, b: blue };
        });
        expect(colourDifference(a, b, "daylight")).toBeCloseTo(diff(x!, y!), 3);
        compared++;
      }
    expect(compared).toBe(COLOUR_NAMES.length ** 2);
  });
  it("has a colour within sRGB for each name", () => {
    for (const name of COLOUR_NAMES) {
      const { r, g, b } = rgb(NOMINAL_SRGB[name])!;
      expect(
        [r, g, b].every((part) => part >= 0 && part <= 1),
        name,
      ).toBe(true);
    }
  });
});

const colours = fc
  .uniqueArray(fc.constantFrom(...COLOUR_NAMES), { minLength: 1, maxLength: 3 })
  .map(([base, ...stripes]): WireColour => ({ base: base!, stripes, rings: null }));

describe("likenessOf", () => {
  it("is symmetric, and same for a wire and itself", () => {
    let near = 0;
    fc.assert(
      fc.property(colours, colours, (a, b) => {
        expect(likenessOf(a, b)).toEqual(likenessOf(b, a));
        expect(likenessOf(a, a)).toEqual({ kind: "same" });
        if (likenessOf(a, b)?.kind === "near") near++;
      }),
      { numRuns: 3000, seed: 8 },
    );
    expect(near).toBeGreaterThan(50);
  });
  it("knows what hands mix up (common practice)", () => {
    const sights = (a: WireColour, b: WireColour) => {
      const found = likenessOf(a, b);
      return found?.kind === "near" ? found.sights : (found?.kind ?? "told apart");
    };
    expect(sights(plain("sky blue"), plain("light blue"))).toContain("daylight");
    expect(sights(plain("black"), plain("dark brown"))).toEqual(["poor light"]);
    expect(sights(plain("blue"), plain("violet"))).toEqual(
      expect.arrayContaining(["poor light", "protan", "deutan"]),
    );
    expect(sights(plain("red"), plain("green"))).toEqual(["deutan"]);
    expect(sights(plain("light green"), plain("green"))).toBe("told apart");
    expect(sights(plain("black"), plain("white"))).toBe("told apart");
    // A stripe that does not stand out from its base is not seen.
    expect(sights(plain("black", "dark brown"), plain("black"))).toEqual(["poor light"]);
    expect(sights(plain("red", "white"), plain("red"))).toBe("told apart");
    expect(sights(plain("blue", "white"), plain("white", "blue"))).toBe("told apart");
    expect(
      likenessOf(
        { base: "red", stripes: [], rings: { colour: "silver", count: 1 } },
        { base: "red", stripes: [], rings: { colour: "silver", count: 2 } },
      ),
    ).toBeNull();
  });
  it("has a lower bar in poor light, where all differences shrink", () => {
    const pairs = COLOUR_NAMES.flatMap((a, i) => COLOUR_NAMES.slice(i + 1).map((b) => [a, b] as const));
    const mean = (sight: (typeof SIGHTS)[number]): number =>
      pairs.reduce((sum, [a, b]) => sum + colourDifference(a, b, sight), 0) / pairs.length;
    expect(mean("poor light")).toBeLessThan(mean("daylight") * 0.75);
    expect(NEAR["poor light"]).toBeLessThan(NEAR.daylight);
  });
});

it("thickness tells two wires apart from twice the size on", () => {
  expect([toldBySize(0.5, 1), toldBySize(0.5, 0.75), toldBySize(null, 2)]).toEqual([true, false, false]);
});
