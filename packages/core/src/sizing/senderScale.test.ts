import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { gaugeShows, isOneScale, senderScaleIn } from "./senderScale.ts";

const AMERICAN = { from: 240, to: 33 };
const EUROPEAN = { from: 10, to: 180 };

describe("the scale of a sender", () => {
  it.each([
    ["Fuel sender, 10 to 180 ohm", EUROPEAN],
    ["FUEL LVL 240-33 OHMS", AMERICAN],
    ["tank sender (240–33 Ω)", AMERICAN],
    ["10 Ω to 180 Ω", EUROPEAN],
    ["0..5 kohm", { from: 0, to: 5000 }],
  ])("is read from %s", (text, scale) => {
    expect(senderScaleIn(text)).toEqual(scale);
  });
  it.each(["Fuel level sender", "0-5 V", "fuse 10 to 15 A", "10k ohm", "5 to 5 ohm", ""])(
    "is not made up from “%s”",
    (text) => {
      expect(senderScaleIn(text)).toBeNull();
    },
  );
  it("is one with another that is as good as it", () => {
    expect(isOneScale(EUROPEAN, { from: 10.5, to: 185 })).toBe(true);
    expect(isOneScale(EUROPEAN, AMERICAN)).toBe(false);
  });
});

describe("a gauge with another one's sender", () => {
  it("shows what Ohm's law has it show: 10–180 Ω on a 240–33 Ω gauge, by hand", () => {
    // 10 Ω is beyond 33 Ω: full. 95 Ω: (95 − 240) / (33 − 240) = 0.70. 180 Ω: (180 − 240) / −207 = 0.29.
    expect(gaugeShows(AMERICAN, EUROPEAN, 0)).toBe(1);
    expect(gaugeShows(AMERICAN, EUROPEAN, 0.5)).toBeCloseTo(0.7, 2);
    expect(gaugeShows(AMERICAN, EUROPEAN, 1)).toBeCloseTo(0.29, 2);
  });
  it("shows the truth with its own sender, and never leaves its dial", () => {
    const scale = fc
      .record({ from: fc.integer({ min: 0, max: 500 }), to: fc.integer({ min: 0, max: 500 }) })
      .filter(({ from, to }) => from !== to);
    fc.assert(
      fc.property(scale, scale, fc.double({ min: 0, max: 1, noNaN: true }), (gauge, sender, share) => {
        expect(gaugeShows(gauge, gauge, share)).toBeCloseTo(share, 9);
        const shown = gaugeShows(gauge, sender, share);
        expect(shown).toBeGreaterThanOrEqual(0);
        expect(shown).toBeLessThanOrEqual(1);
      }),
    );
  });
});
