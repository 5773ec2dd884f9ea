import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readMeaning } from "./readMeaning.ts";
import { oppositeOf } from "./whichOne.ts";

const read = (text: string): Readonly<Record<string, string>> =>
  Object.fromEntries(
    [...readMeaning(text).which].map(([dimension, values]) => [dimension, [...values].join("+")]),
  );

describe("whichOne", () => {
  it.each([
    ["Blinker rechts", { side: "right" }],
    ["Left turn indicator", { side: "left" }],
    ["Bremsleuchte li. hinten", { side: "left", end: "rear" }],
    ["Drehzahl VR", { side: "right", end: "front" }],
    ["Lautsprecher hi re", { side: "right", end: "rear" }],
    ["Heated seat high", { level: "high" }],
    ["Wheel speed LF", { side: "left", end: "front" }],
    ["Turn R/H front", { side: "right", end: "front" }],
    ["58L", { side: "left" }],
    ["HS-CAN L", { level: "low" }],
    ["Injector 3", { number: "3" }],
    ["2nd gear switch", { number: "2" }],
    ["window down, passenger", { seat: "passenger", travel: "down" }],
  ] as const)("reads %s", (text, expected) => {
    expect(read(text)).toEqual(expected);
  });
  it.each([
    "high side driver",
    "active low enable",
    "wake up input",
    "LS OUT 3",
    "DIG IN 2",
    "relay 86",
    "fuse 7",
    "Kl. 30",
    "pulses from the hub, 8 per metre",
    "closes to 31 when applied",
    "steering lock",
    "5 V reference",
    "back light dimmer",
  ])("reads no place into %s", (text) => {
    expect(read(text)).toEqual({});
  });
  it("keeps two texts apart from either end, and no text from itself or from one that names nothing", () => {
    const words = fc.constantFrom(
      ..."left rechts front hinten high low 1 2 upper inner lamp CAN h l driver door LF rr".split(" "),
    );
    const text = fc.array(words, { maxLength: 5 }).map((list) => list.join(" "));
    let opposites = 0;
    fc.assert(
      fc.property(text, text, (a, b) => {
        const [one, other] = [readMeaning(a).which, readMeaning(b).which];
        const there = oppositeOf(one, other);
        const back = oppositeOf(other, one);
        expect(back).toEqual(
          there === null ? null : { dimension: there.dimension, left: there.right, right: there.left },
        );
        expect(oppositeOf(one, one)).toBeNull();
        expect(oppositeOf(one, readMeaning("lamp").which)).toBeNull();
        if (there !== null) opposites++;
      }),
      { numRuns: 600, seed: 14 },
    );
    expect(opposites).toBeGreaterThan(50);
  });
});
