import { describe, expect, it } from "vitest";
import { readRows } from "./habits.ts";
import type { Meaning } from "./meaning.ts";

const read = (...texts: readonly string[]): readonly Meaning[] =>
  readRows(texts.map((text, i) => ({ cavity: String(i + 1), function: text })));
const last = (...texts: readonly string[]): Meaning => read(...texts).at(-1) as Meaning;
const which = ({ which: named }: Meaning): Record<string, string> =>
  Object.fromEntries([...named].map(([dimension, values]) => [dimension, [...values].join(" ")]));

describe("ditto marks", () => {
  it.each([
    ["Low beam left", "same again, right"],
    ["Low beam, LH", "same, other side"],
    ["Low beam LH", "″ RH"],
    ["Low beam left", '" right'],
    ["low beam left", "ditto, right"],
    ["low beam left", "do. right"],
    ["low beam left", "as above, opposite side"],
    ["low beam left", "same for RH"],
  ])("%s / %s", (above, ditto) => {
    const meaning = last(above, ditto);
    expect(meaning.thing?.name).toBe(last("low beam right").thing?.name);
    expect(meaning.signal).toBe(last("low beam right").signal);
    expect(which(meaning)["side"]).toBe("right");
    expect(meaning.fuzzy).toBe(true);
    expect(meaning.text).toBe(ditto);
  });
  it("reach over several lines, and name the bank that is meant", () => {
    const rows = read(
      "O2 sensor signal, bank 1",
      "same again, heater",
      "same again, other bank",
      "fuel pump relay",
    );
    expect(rows.map(({ thing }) => thing?.name)).toEqual([
      rows[0]?.thing?.name,
      last("O2 sensor heater bank 1").thing?.name,
      rows[0]?.thing?.name,
      "fuel pump relay",
    ]);
    expect(which(rows[2] as Meaning)["bank"]).toBe("2");
  });
  it("take another line by its cavity", () => {
    expect(last("Starter signal", "Oil pressure switch", "same as pin 1").thing?.name).toBe(
      last("Starter signal").thing?.name,
    );
  });
  it.each(['"N" position switch', "DO 1", "do not use", "same fuse as radio", "again later"])(
    "%s is none",
    (text) => {
      expect(last("Low beam left", text).thing?.name).not.toBe(last("Low beam left").thing?.name);
    },
  );
  it("a mark with nothing above it says nothing", () => {
    expect(last("same again").things).toEqual([]);
  });
});

describe("supply and return that stand beside their signal", () => {
  const triples = ["TPS signal", "5 V", "sensor ground", "MAP signal", "5 V", "sensor ground"];
  it("belong to its part", () => {
    expect(read(...triples).map(({ thing }) => thing?.name)).toEqual([
      "throttle position",
      "throttle position",
      "throttle position",
      "manifold pressure",
      "manifold pressure",
      "manifold pressure",
    ]);
  });
  it("whichever way the list runs", () => {
    expect(
      read(...[...triples].reverse())
        .map(({ thing }) => thing?.name)
        .slice(0, 3),
    ).toEqual(Array(3).fill("manifold pressure"));
  });
  it("are nobody's where one of them has no signal of its own, or where they stand once", () => {
    for (const texts of [
      ["TPS signal", "5 V", "fuel pump relay", "horn", "5 V"],
      ["TPS signal", "MAP signal", "5 V"],
    ])
      expect(last(...texts).thing?.name).toBe("sensor supply");
  });
});
