import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  classMeasured,
  measuredIn,
  measuredText,
  NOT_MEASURED,
  noteWith,
  type Measured,
} from "./measured.ts";

const of = (more: Partial<Measured>): Measured => ({ ...NOT_MEASURED, ...more });
const reading = fc.option(
  fc.integer({ min: -20, max: 300 }).map((tenths) => tenths / 10),
  { nil: null },
);
const measured = fc.record({ off: reading, on: reading, lamps: reading, cranking: reading, ohms: reading });

describe("readings of an unknown wire", () => {
  // Common practice: what a meter shows on each kind of feed while the key is turned.
  it.each([
    ["battery", { off: 12.6, on: 12.4, cranking: 9.8 }],
    ["ignition", { off: 0, on: 12.2, cranking: 9.6 }],
    ["run-not-crank", { off: 0, on: 12.2, cranking: 0.1 }],
    ["start", { off: 0, on: 0, cranking: 10.1 }],
    ["lamp-feed", { off: 0, on: 0, lamps: 12.1 }],
    ["lamp-dimmer", { off: 0, on: 0, lamps: 6.4 }],
    ["sensor-supply", { off: 0, on: 5.02 }],
    ["ground", { off: 0, on: 0, ohms: 0.3 }],
  ] as const)("tell a %s", (expected, volts) => {
    expect(classMeasured(of(volts), 12)).toBe(expected);
    const times = 2; // the same wire of a 24 V vehicle; 5 V stays 5 V
    const doubled = Object.fromEntries(
      Object.entries(volts).map(([at, value]) => [
        at,
        at === "ohms" || expected === "sensor-supply" ? value : value * times,
      ]),
    );
    expect(classMeasured(of(doubled), 24)).toBe(expected);
  });
  it("tell nothing while they do not suffice: key on alone may be ignition or accessory, a pull-up is no feed", () => {
    expect(classMeasured(of({ off: 0, on: 12.2 }), 12)).toBeNull();
    expect(classMeasured(of({ off: 4 }), 12)).toBeNull();
    expect(classMeasured(of({ ohms: 80 }), 12)).toBeNull();
    expect(classMeasured(of({ ohms: 0.2, on: 12 }), 12)).toBeNull();
    expect(classMeasured(NOT_MEASURED, 12)).toBeNull();
  });
  it("come back from the note that they were written into, which keeps everything else", () => {
    let written = 0;
    fc.assert(
      fc.property(
        measured,
        measured,
        fc.constantFrom("", "behind the glovebox", "seen 12 V once"),
        (a, b, note) => {
          const once = noteWith(note, a);
          expect(measuredIn(once)).toEqual(a);
          const twice = noteWith(once, b);
          expect(measuredIn(twice)).toEqual(b);
          expect(twice).toBe(noteWith(note, b));
          expect(twice.startsWith(note)).toBe(true);
          if (measuredText(a) !== "") written++;
        },
      ),
      { numRuns: 300, seed: 18 },
    );
    expect(written).toBeGreaterThan(100);
  });
});
