import { describe, expect, it } from "vitest";
import { readRows } from "./habits.ts";
import { readMeaning } from "./readMeaning.ts";

const list = (...texts: readonly string[]) =>
  readRows(texts.map((text, i) => ({ cavity: String(i + 1), function: text })));

describe("a list that marks the polarity of its outputs", () => {
  const fitter = ["LOCK (-)", "DOME (-) OUT", "HEADLIGHT (-)", "CHASSIS (-)", "+12V CONSTANT"];
  it("has outputs that pull down, and one ground", () => {
    expect(list(...fitter).map(({ signal }) => signal)).toEqual([
      "switched-ground",
      "switched-ground",
      "switched-ground",
      "ground",
      "battery",
    ]);
  });
  it("is none where both poles of one part stand in it", () => {
    const motors = list("Pump (-)", "Pump (+)", "Fan (-)", "Fan (+)");
    expect(motors[0]?.signal).not.toBe("switched-ground");
  });
  it("is no matter of the list where milliamperes stand beside the mark", () => {
    expect(readMeaning("HEADLIGHT (-) 250 mA").signal).toBe("switched-ground");
  });
});

describe("a list that names both ways of a ram", () => {
  it("means ways by lift and lower, not places", () => {
    const [up, down] = list("REEL LIFT", "REEL LOWER", "REEL SPEED");
    expect([up?.which.get("travel"), down?.which.get("travel")]).toEqual([
      new Set(["up"]),
      new Set(["down"]),
    ]);
    expect(down?.which.has("height")).toBe(false);
  });
  it("means a place by lower elsewhere", () => {
    expect(list("Hose lower", "Hose upper")[0]?.which.get("height")).toEqual(new Set(["lower"]));
  });
});

describe("a gearbox's list", () => {
  it("speaks of the gearbox's oil", () => {
    const oil = (...others: readonly string[]) => list("Oil temp", ...others)[0]?.thing?.name;
    expect(oil("Shift valve A", "Line pressure", "Output shaft +", "Lock-up")).toBe(
      "transmission fluid temperature",
    );
    expect(oil("Injector 1", "Injector 2")).toBe("oil temperature");
  });
});

describe("0 V", () => {
  it("belongs to the sensors where the list has another ground and 5 V", () => {
    expect(list("GND PWR", "5V", "0V")[2]?.signal).toBe("sensor-return");
    expect(list("24V", "0V")[1]?.signal).toBe("ground");
  });
});

describe("the diagnostic socket (ISO 15031-3, from memory)", () => {
  it.each([
    ["OBD pin 6", "can-h"],
    ["DLC pin 14", "can-l"],
    ["diagnostic connector pin 7", "k-line"],
    ["OBD2 pin 16", "battery"],
    ["obd pin 4", "ground"],
  ])("%s is %s", (text, signal) => {
    expect(readMeaning(text).signal).toBe(signal);
  });
});

describe("a word that is not known right before a name", () => {
  it("makes the name a question", () => {
    expect(readMeaning("Trommel indicator switch").vague).toBe(true);
    expect(readMeaning("Indicator switch").vague).toBe(false);
  });
});
