import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { blankPin, pinId, sourceId, type Pin } from "@trevin/core";
import type { COLUMNS } from "./cells.ts";
import { applied, textOf, type TypingContext } from "./cells.ts";
import { counted, fromClip, spread, toClip } from "./clip.ts";
import { moved, rangeOf, single, tabbed, within, type Selection } from "./selection.ts";

const context: TypingContext = {
  source: null,
  sourceSystem: null,
  taken: (cavity) => cavity === "2",
};
const pin: Pin = { ...blankPin(pinId("p"), "1", 0), doubts: { colour: "faint scan" } };
const typed = (
  column: (typeof COLUMNS)[number],
  text: string,
  base = pin,
  more: Partial<TypingContext> = {},
): Pin | string => applied(base, column, text, { ...context, ...more });

describe("typing into a cell", () => {
  it("reads sizes, signals and functions; a class that was given stays until its cell is emptied", () => {
    expect(typed("function", "lvl rr")).toMatchObject({
      function: "lvl rr",
      content: "occupied",
      signal: null,
    });
    expect(typed("function", "horn", { ...pin, signal: "pwm" })).toMatchObject({ signal: "pwm" });
    expect(typed("signal", "unknown")).toMatchObject({ signal: "unknown" });
    expect(typed("signal", "", { ...pin, signal: "pwm" })).toMatchObject({ signal: null });
    expect(typed("colour", "SW", pin, { sourceSystem: "german" })).toMatchObject({
      colour: "SW",
      colourSystem: "german",
    });
    expect(typed("function", "empty", { ...pin, colour: "BK" })).toMatchObject({
      content: "empty",
      colour: "",
      signal: null,
    });
    expect(typed("size", "18 AWG")).toMatchObject({ size: 0.82 });
    expect(typed("signal", "CAN h")).toMatchObject({ signal: "can-h" });
    expect(typed("note", "  two   spaces ")).toMatchObject({ note: "two spaces" });
  });
  it("refuses in words and changes nothing", () => {
    expect(typed("size", "thick")).toBe("“thick” is neither mm² nor AWG; write 0.5 or 18 AWG");
    expect([
      typed("cavity", ""),
      typed("cavity", "2"),
      typed("signal", "magic"),
      typed("circuit", "x".repeat(41)),
    ]).toEqual([
      "a cavity needs a label",
      "cavity 2 is in the table already",
      "“magic” is no signal class; choose one of the list",
      "at most 40 characters",
    ]);
  });
  it("notes where a value was taken from, which settles its doubt", () => {
    const next = typed("colour", "BN", pin, { source: sourceId("d41") }) as Pin;
    expect([next.sources, next.doubts]).toEqual([{ colour: "d41" }, {}]);
    expect((typed("colour", "BN") as Pin).doubts).toEqual(pin.doubts);
  });
  it("shows what it took, for every column", () => {
    for (const [column, text] of [
      ["cavity", "7"],
      ["colour", "BK/WH"],
      ["function", "Horn"],
      ["signal", "lin"],
      ["size", "0.75"],
      ["circuit", "1401"],
      ["condition", "only with heated seats"],
      ["note", "n"],
    ] as const) {
      expect(textOf(typed(column, text) as Pin, column)).toBe(text);
    }
  });
});

describe("the clipboard", () => {
  it("gives back any cells it took, tabs, quotes and line ends in them included", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.array(fc.string({ unit: fc.constantFrom("a", " ", "\t", "\n", '"', ",") }), {
            minLength: 2,
            maxLength: 2,
          }),
          { minLength: 1, maxLength: 5 },
        ),
        (cells) => {
          expect(fromClip(toClip(cells))).toEqual(cells);
        },
      ),
      { seed: 30, numRuns: 500 },
    );
  });
  it("fills a range with a cell, a row or a column, and writes odd blocks once", () => {
    expect(spread([["a"]], 2, 2)).toEqual([
      ["a", "a"],
      ["a", "a"],
    ]);
    expect(spread([["a", "b"]], 3, 1)).toEqual([
      ["a", "b"],
      ["a", "b"],
      ["a", "b"],
    ]);
    expect(spread([["a"], ["b"]], 3, 1)).toEqual([["a"], ["b"]]);
    expect(spread(fromClip("1\t2\r\n3\r\n"), 1, 1)).toEqual([
      ["1", "2"],
      ["3", ""],
    ]);
  });
  it("counts on", () => {
    expect([
      counted("7", 1),
      counted("A9", 1),
      counted("87a", 1),
      counted("007", 3),
      counted("horn", 1),
    ]).toEqual(["8", "A10", "88a", "010", "horn"]);
  });
});

describe("the selection", () => {
  const extent = { rows: 5, columns: 3 };
  it("never leaves the table, and a range holds both its corners", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: -9, max: 9 }), fc.integer({ min: -9, max: 9 }), fc.boolean()), {
          maxLength: 20,
        }),
        (moves) => {
          let selection: Selection = single({ row: 0, column: 0 });
          for (const [rows, columns, extend] of moves) {
            selection = moved(selection, rows, columns, extent, extend);
            expect(within({ top: 0, bottom: 4, left: 0, right: 2 }, selection.at)).toBe(true);
            expect(
              within(rangeOf(selection), selection.at) && within(rangeOf(selection), selection.anchor),
            ).toBe(true);
          }
        },
      ),
      { seed: 31, numRuns: 300 },
    );
  });
  it("tabs through every cell once and back, then out", () => {
    let here: Selection | null = single({ row: 0, column: 0 });
    let count = 0;
    let last = here;
    while (here !== null) {
      last = here;
      count++;
      here = tabbed(here, 1, extent);
    }
    expect([count, last.at]).toEqual([15, { row: 4, column: 2 }]);
    expect(tabbed(last, -1, extent)?.at).toEqual({ row: 4, column: 1 });
    expect(tabbed(single({ row: 0, column: 0 }), -1, extent)).toBeNull();
  });
});
