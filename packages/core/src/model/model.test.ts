import { describe, expect, it } from "vitest";
import { compareNatural } from "../util/index.ts";
import { nextLabel } from "./label.ts";
import { SIGNAL_CLASSES, signalFit } from "./signal.ts";

describe("labels", () => {
  it("sort as a hand would count them", () => {
    expect(["10", "2", "B12", "B9", "A"].sort(compareNatural)).toEqual(["2", "10", "A", "B9", "B12"]);
  });
  it("follow one another, letters without I, O and Q (common practice)", () => {
    expect(["1", "9", "B9", "H", "N", "P", "87a", "Z"].map(nextLabel)).toEqual([
      "2",
      "10",
      "B10",
      "J",
      "P",
      "R",
      "",
      "",
    ]);
  });
});

describe("signalFit", () => {
  it("is the same both ways round", () => {
    for (const a of SIGNAL_CLASSES)
      for (const b of SIGNAL_CLASSES) expect(signalFit(a, b)).toBe(signalFit(b, a));
  });
  it("knows what does damage (common practice)", () => {
    expect(signalFit("battery", "ground")).toBe("damage");
    expect(signalFit("ground", "can-l")).toBe("damage");
    expect(signalFit("ignition", "analog")).toBe("damage");
    expect(signalFit("battery", "switched-ground")).toBe("damage");
    expect(signalFit("ground", "ground")).toBe("same");
  });
});
