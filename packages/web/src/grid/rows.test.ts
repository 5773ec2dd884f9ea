import { describe, expect, it } from "vitest";
import {
  blankConnector,
  blankPin,
  connectorId,
  indexSources,
  pinId,
  sourceId,
  twinMarks,
  type Connector,
  type Pin,
} from "@trevin/core";
import { colourCellWords, readOtherwise, connectorHabit, colourOf } from "./colours.ts";
import { FILTERS, rowsOf, type Filter, type Sorting } from "./rows.ts";

const pin = (cavity: string, more: Partial<Pin>): Pin => ({
  ...blankPin(pinId(cavity), cavity, Number(cavity)),
  content: "occupied",
  ...more,
});
const connector: Connector = {
  ...blankConnector(connectorId("c"), "C", "vehicle"),
  colourSystem: "japanese",
  pins: [
    pin("1", { colour: "BR", function: "park brake", identified: true }),
    pin("2", { colour: "LW", function: "horn", sources: { colour: sourceId("recalled") } }),
    pin("10", { colour: "P", function: "" }),
    pin("4", { content: "empty" }),
    pin("5", { colour: "L/W", function: "fan relay", condition: "only with air conditioning" }),
  ],
};
const facts = { marks: twinMarks(connector), sources: indexSources([]), words: [] };
const cavities = (filter: Filter, text = "", sorting: Sorting | null = null): readonly string[] =>
  rowsOf(connector, { text, filter, sorting }, facts).map((one) => one.cavity);

describe("rowsOf", () => {
  it("shows what each filter promises, in table order", () => {
    expect(Object.fromEntries(FILTERS.map((filter) => [filter, cavities(filter)]))).toEqual({
      all: ["1", "2", "4", "5", "10"],
      doubtful: ["1", "2"],
      "look-alikes": ["2", "5"],
      "not identified": ["2", "5", "10"],
      "without function": ["10"],
      empty: ["4"],
      "with a condition": ["5"],
    });
  });
  it("finds a text in any column, and sorts as a hand would count", () => {
    expect([cavities("all", "RELAY"), cavities("all", "air cond"), cavities("all", "zz")]).toEqual([
      ["5"],
      ["5"],
      [],
    ]);
    expect(cavities("all", "", { column: "cavity", down: true })).toEqual(["10", "5", "4", "2", "1"]);
    expect(cavities("empty", "", { column: "function", down: false })).toEqual(["4"]);
  });
});

describe("readings of a connector", () => {
  it("divide letters only where the list writes them so, and name what other systems read otherwise", () => {
    expect(connectorHabit(connector)).toEqual({ separated: false });
    const words = (colour: string): string =>
      colourCellWords(colourOf(pin("9", { colour }), connector, { separated: true }));
    expect([words("BR"), words("XQ"), words("")]).toEqual(["brown", "not read", ""]);
    expect(readOtherwise(connector)).toEqual(["P"]);
  });
});
