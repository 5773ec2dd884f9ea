import { faceOf, pinsInOrder } from "@trevin/core";
import { describe, expect, it } from "vitest";
import { numberedRows, readRows, type RowsNumbering } from "./byRows.ts";
import { cavitiesOf } from "./cavitiesOf.ts";

const plain: RowsNumbering = { view: "mating", scheme: "rows", from: "left", first: "top" };
const labels = (text: string, numbering: Partial<RowsNumbering>) => {
  const shell = numberedRows(readRows(text)!, { ...plain, ...numbering });
  const pins = cavitiesOf(shell, {});
  return faceOf({ pins, shell })!
    .places.map(({ label }) => label)
    .join(" ");
};

describe("a housing by its rows", () => {
  it("reads rows with and without offset, and nothing else", () => {
    expect(readRows("6 + 8")).toEqual([
      { places: 6, offset: 0 },
      { places: 8, offset: 0 },
    ]);
    expect(readRows("1.6, 8")).toEqual([
      { places: 6, offset: 1 },
      { places: 8, offset: 0 },
    ]);
    for (const text of ["", "six", "6 + 0", "6 + 99", "1 ".repeat(13)])
      expect(readRows(text), text).toBeNull();
  });
  it("numbers its cavities from where the first one is, and lists them by their numbers", () => {
    expect(labels("3 + 3", {})).toBe("1 2 3 4 5 6");
    expect(labels("3 + 3", { from: "right" })).toBe("3 2 1 6 5 4");
    expect(labels("3 + 3", { first: "bottom" })).toBe("4 5 6 1 2 3");
    expect(labels("3 + 3", { scheme: "serpentine" })).toBe("1 2 3 6 5 4");
    const shell = numberedRows(readRows("3 + 3")!, { ...plain, from: "right" });
    const pins = cavitiesOf(shell, {});
    expect(pinsInOrder({ pins, shell }).map(({ cavity }) => cavity)).toEqual(["1", "2", "3", "4", "5", "6"]);
  });
});
