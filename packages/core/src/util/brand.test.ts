import { describe, expect, it } from "vitest";
import { blankPin, pinId } from "../model/index.ts";
import { carries } from "../sizing/index.ts";
import type { Amps, Millimetres, Ohms, SquareMillimetres, Volts } from "./index.ts";

/** Compiled, or the test fails to build: each line marked must be refused by the compiler. */
describe("quantities with their units", () => {
  const [volts, amps, mm]: [Volts, Amps, Millimetres] = [12, 4, 300];
  it("come from plain numbers, and give plain numbers when they are reckoned with", () => {
    const ohms: Ohms = volts / amps;
    expect(ohms).toBe(3);
    expect({ ...blankPin(pinId("V.1"), "1", 0), amps }.amps).toBe(4);
  });
  it("are never passed for one another", () => {
    // @ts-expect-error a voltage is no current
    const current: Amps = volts;
    // @ts-expect-error a length is no cross-section
    const size: SquareMillimetres = mm;
    // @ts-expect-error what a wire of so many amperes carries is no question
    const carried = carries(amps);
    // @ts-expect-error a pin draws amperes, not volts
    const pin = { ...blankPin(pinId("V.1"), "1", 0), amps: volts } satisfies ReturnType<typeof blankPin>;
    expect([current, size, typeof carried, pin.amps]).toEqual([12, 300, "number", 12]);
  });
});
