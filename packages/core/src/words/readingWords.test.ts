import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { parseReading, QUANTITIES } from "../model/index.ts";
import { doubtOf, readingsAsked } from "../plan/index.ts";
import { doubtWords, readingWords } from "./readingWords.ts";

describe("what a meter shows", () => {
  it.each([
    ["12.4", "volts", 12.4],
    ["12,4 V", "volts", 12.4],
    ["-0.3", "volts", -0.3],
    [".2", "ohms", 0.2],
    ["4.2k", "ohms", 4200],
    ["4.7 MΩ", "ohms", 4.7e6],
    ["O.L", "ohms", null],
    ["open", "ohms", null],
    ["35 mA", "amps", 0.035],
  ] as const)("%s (%s) is %s", (text, quantity, value) => {
    expect(parseReading(text, quantity)).toEqual({ ok: true, value });
  });
  it.each([
    ["about 12", "volts", "not-a-figure"],
    ["OL", "volts", "not-a-figure"],
    ["12 V", "ohms", "other-unit"],
    ["1e9", "volts", "not-a-figure"],
    ["12400", "volts", "too-large"],
    ["-3", "ohms", "too-large"],
    ["", "amps", "not-a-figure"],
  ] as const)("“%s” (%s) is refused: %s", (text, quantity, error) => {
    expect(parseReading(text, quantity)).toEqual({ ok: false, error });
  });
  it("is said in words that are read back as the same figure, to three digits", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...QUANTITIES),
        fc.double({ min: 0.001, max: 900, noNaN: true }),
        (quantity, value) => {
          const said = readingWords({ of: "wire", quantity, value }).slice("at the wire ".length);
          const again = parseReading(said, quantity);
          expect(again.ok && again.value !== null && Math.abs(again.value - value) <= 0.006 * value).toBe(
            true,
          );
        },
      ),
    );
  });
});

describe("what speaks against a reading", () => {
  const before = readingsAsked({ kind: "measure", role: "measure", text: "" });
  const power = readingsAsked({ kind: "battery-on", role: "battery", text: "" });
  const doubt = (of: string, value: number | null, volts = 12): string | null => {
    const one = [...before, ...power].find((asked) => asked.of === of);
    if (one === undefined) throw new Error(of);
    const found = doubtOf({ ...one, value }, volts);
    return found === null ? null : `${found.code}: ${doubtWords(found)}`;
  };
  it("is a short, an open or poor join, a flat battery, a drain", () => {
    expect(doubt("supply-to-ground", 0.4)).toContain("short: Under 10 Ω");
    expect(doubt("supply-to-ground", 4200)).toBeNull();
    expect(doubt("supply-to-ground", null)).toBeNull();
    expect(doubt("worst-join", null)).toContain("open-join");
    expect(doubt("worst-join", 3)).toContain("poor-join");
    expect(doubt("worst-join", 0.2)).toBeNull();
    expect(doubt("battery", 11.9)).toContain("Under 12.2 V");
    expect(doubt("battery", 24.2, 24)).toContain("Under 24.4 V");
    // Half of 60 Ah at 0.25 A are 120 h.
    expect(doubt("asleep", 0.25)).toContain("flat in 5 days");
    expect(doubt("asleep", 0.03)).toBeNull();
  });
  it("nothing is asked where nothing is measured", () => {
    expect(readingsAsked({ kind: "insert", role: "insert", text: "" })).toEqual([]);
    expect(readingsAsked({ kind: "battery-on", role: "test", text: "" })).toEqual([]);
    expect(readingsAsked({ kind: "measure", role: "measure", text: "adapter" })).toHaveLength(1);
  });
});
