import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { letterLabel, rowLabels } from "./index.ts";

describe("labels", () => {
  const rows = [
    { places: 3, offset: 0 },
    { places: 3, offset: 0 },
  ];
  const numbers = { kind: "numbers", start: 1 } as const;
  const labels = (numbering: Parameters<typeof rowLabels>[1], of = rows): string =>
    rowLabels(of, numbering)
      .map((row) => row.join(" "))
      .join(" / ");

  it("run over the rows as each scheme says", () => {
    expect(labels({ scheme: "rows", from: "left", first: "top", labels: numbers })).toBe("1 2 3 / 4 5 6");
    expect(
      labels({ scheme: "rows", from: "right", first: "top", labels: numbers }, [
        { places: 2, offset: 0 },
        { places: 3, offset: 0 },
      ]),
    ).toBe("2 1 / 5 4 3");
    expect(labels({ scheme: "rows", from: "left", first: "bottom", labels: numbers })).toBe("4 5 6 / 1 2 3");
    expect(labels({ scheme: "serpentine", from: "left", first: "top", labels: numbers })).toBe(
      "1 2 3 / 6 5 4",
    );
    expect(labels({ scheme: "columns", from: "left", first: "top", labels: numbers })).toBe("1 3 5 / 2 4 6");
    expect(labels({ scheme: "columns", from: "right", first: "bottom", labels: numbers })).toBe(
      "6 4 2 / 5 3 1",
    );
    expect(labels({ scheme: "grid", from: "left", first: "top", skip: ["I"] })).toBe("A1 A2 A3 / B1 B2 B3");
    expect(labels({ scheme: "explicit", labels: ["30", "85", "86", "87", "87a", "x"] })).toBe(
      "30 85 86 / 87 87a x",
    );
    expect(
      labels({ scheme: "columns", from: "left", first: "top", labels: numbers }, [
        { places: 1, offset: 1 },
        { places: 3, offset: 0 },
      ]),
    ).toBe("2 / 1 3 4");
  });

  it("are as many as the places and all different, whatever the scheme; from the right is from the left reversed, from below is from above upside down", () => {
    const way = fc.record({
      from: fc.constantFrom("left" as const, "right" as const),
      first: fc.constantFrom("top" as const, "bottom" as const),
    });
    const kind = fc.oneof(
      fc.record({ kind: fc.constant("numbers" as const), start: fc.integer({ min: 0, max: 99 }) }),
      fc.record({ kind: fc.constant("letters" as const), skip: fc.subarray(["I", "O", "Q", "S", "X", "Z"]) }),
    );
    const scheme = fc.oneof(
      fc.record({
        scheme: fc.constantFrom("rows" as const, "serpentine" as const, "columns" as const),
        labels: kind,
      }),
      fc.record({ scheme: fc.constant("grid" as const), skip: fc.subarray(["I", "O", "Q"]) }),
    );
    const shape = fc.array(
      fc.record({ places: fc.integer({ min: 1, max: 14 }), offset: fc.integer({ min: 0, max: 3 }) }),
      { minLength: 1, maxLength: 6 },
    );
    fc.assert(
      fc.property(shape, way, scheme, (places, { from, first }, rest) => {
        const numbering = { ...rest, from, first } as Parameters<typeof rowLabels>[1];
        const grid = rowLabels(places, numbering);
        const all = grid.flat();
        expect(grid.map((row) => row.length)).toEqual(places.map((row) => row.places));
        expect(new Set(all).size).toBe(all.length);
        expect(all).not.toContain(null);
        if (rest.scheme === "columns") return;
        const other = rowLabels(places, {
          ...numbering,
          from: from === "left" ? "right" : "left",
        } as typeof numbering);
        expect(other.map((row) => [...row].reverse())).toEqual(grid);
        const below = rowLabels([...places].reverse(), {
          ...numbering,
          first: first === "top" ? "bottom" : "top",
        } as typeof numbering);
        expect([...below].reverse()).toEqual(grid);
      }),
      { seed: 8, numRuns: 400 },
    );
  });

  it("leave out I, O and Q, as is common practice, and go on with AA after Z", () => {
    const all = Array.from({ length: 24 }, (_, i) => letterLabel(i, ["I", "O", "Q"]));
    expect(all.join("")).toBe("ABCDEFGHJKLMNPRSTUVWXYZAA");
    expect(letterLabel(8, ["I", "O", "Q", "S", "X", "Z"])).toBe("J");
    expect(letterLabel(26, [])).toBe("AA");
    expect(letterLabel(26 * 27, [])).toBe("AAA");
  });
});
