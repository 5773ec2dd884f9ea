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

describe("what stands before the function", () => {
  const said = (...texts: readonly string[]) => list(...texts).map((one) => one.said);
  it("is the number of the line, where the whole list is numbered", () => {
    const numbered = ["1 KSI", "2 B-", "5 SEAT DI", "6 HORN DO", "9 TILT AI", "4 CAN LO"];
    expect(said(...numbered)).toEqual(said(...numbered.map((text) => text.replace(/^\d+ /, ""))));
    expect(list(...numbered).every(({ which }) => !which.has("number"))).toBe(true);
  });
  it("is no line number where it tells like parts from one another, or is a terminal", () => {
    const injectors = list("1 injector", "2 injector", "3 injector", "4 injector");
    expect(injectors.map(({ which }) => which.get("number"))).toEqual(
      ["1", "2", "3", "4"].map((number) => new Set([number])),
    );
    expect(list("30 battery", "31 earth", "50 start", "15 ignition")[0]?.signal).toBe("battery");
  });
  it("is the wire's colour, where most lines begin with one", () => {
    const coloured = ["RED stoplight", "BLACK battery +", "WHITE ground", "BLUE brake output"];
    expect(list(...coloured).map(({ thing }) => thing?.name)).toEqual(
      list("stoplight", "battery +", "ground", "brake output").map(({ thing }) => thing?.name),
    );
    // Alone it may be part of a name: the red stop lamp of a truck.
    expect(readMeaning("RED stop lamp").thing?.name).toBe("stop engine lamp");
  });
  it.each([
    ["Light green/black, screen wash", "screen wash"],
    ["Pink fat wire: battery plus", "battery plus"],
    ["X7/3 blower resistor", "blower resistor"],
    ["3 / 31 return", "31 return"],
    ["3 - earth", "earth"],
  ])("%s is %s", (text, plain) => {
    expect(readMeaning(text).said).toBe(readMeaning(plain).said);
  });
  it.each(["75 / X-contact", "30 / permanent plus"])("%s begins with its terminal", (text) => {
    expect(readMeaning(text).said).toMatch(/75|30/);
  });
});

describe("what a switch closes to", () => {
  it.each(["SW STEP (to GND)", "Reed contact (neg)", "water pump switch (to ground)"])(
    "%s is worked by ground",
    (text) => {
      expect(readMeaning(text).signal).toBe("switched-ground");
    },
  );
  it("says nothing where nothing switches", () => {
    expect(readMeaning("Motor (to GND)").signal).not.toBe("switched-ground");
  });
});

describe("a word that only looks like a plural", () => {
  it("is not the short form of another: what comes on with the key is no common", () => {
    expect(readMeaning("Instrument 12V, comes on with key").signal).toBe("ignition");
    expect(readMeaning("comes").thing).toBeNull();
    expect(readMeaning("fuse boxes").said).toBe(readMeaning("fuse box").said);
  });
});

describe("a line that ends in spare", () => {
  it.each(["Tarp motor spare", "DI 8 spare", "Clutch switch unused"])("%s is spare", (text) => {
    expect(readMeaning(text).signal).toBe("none");
  });
  it("is no spare where the part itself is called so", () => {
    expect(readMeaning("Spare wheel carrier switch").signal).not.toBe("none");
  });
});

describe("a list that tells its lamps apart by colour", () => {
  it("means colours by the letters behind LED, right and left elsewhere", () => {
    const hues = list("STATUS LED R", "STATUS LED G", "BATT IN").map(({ which }) => which.get("hue"));
    expect(hues).toEqual([new Set(["red"]), new Set(["green"]), undefined]);
    const [left, right] = list("TURN LED L", "TURN LED R").map(({ which }) => which.get("side"));
    expect([left, right]).toEqual([new Set(["left"]), new Set(["right"])]);
  });
  it("hears no colour of a lamp in the colour of a wire", () => {
    expect(list("Tail lamp red", "Turn lamp green").map(({ which }) => which.has("hue"))).toEqual([
      false,
      false,
    ]);
  });
});

describe("a list that extends and retracts", () => {
  it("means a way by RET beside EXT, a way back elsewhere", () => {
    expect(list("STEP_EXT", "STEP_RET")[1]?.signal).not.toBe("ground");
    expect(list("SENSOR_RET", "SENSOR_SIG")[0]?.signal).toBe("sensor-return");
  });
});
