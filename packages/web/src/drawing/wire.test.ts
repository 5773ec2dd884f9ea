import { readFileSync } from "node:fs";
import { COLOUR_NAMES, NOMINAL_SRGB } from "@trevin/core";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { curve, insulation, pathOf, ringPath, stripePath, wireWidth } from "./wire.ts";

const numbers = (path: string): readonly (readonly [number, number])[] =>
  [...path.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const);
const straight = (length: number) => [
  { x: 0, y: 10 },
  { x: length, y: 10 },
];

describe("drawn wires", () => {
  it("have an insulation of their own for every colour name", () => {
    expect(new Set(COLOUR_NAMES.map(insulation)).size).toBe(COLOUR_NAMES.length);
  });
  it("are drawn in the colours that likeness is computed with", () => {
    const css = readFileSync(new URL("../theme/tokens.css", import.meta.url), "utf8");
    for (const name of COLOUR_NAMES) {
      const token = /--w-\w+/.exec(insulation(name))?.[0] ?? "";
      expect(css, name).toContain(`${token}: ${NOMINAL_SRGB[name]};`);
    }
  });
  it("grow with the conductor, and an unknown size is drawn as 0.5 mm²", () => {
    const widths = [0.35, 0.5, 0.75, 1.25, 1.5, 2, 4, 6, 10].map(wireWidth);
    expect([...widths].sort((a, b) => a - b)).toEqual(widths);
    expect(wireWidth(null)).toBe(wireWidth(0.5));
  });
  it("carry stripes that stay within the insulation and the piece, one band each pitch", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 40, max: 400 }),
        fc.integer({ min: 4, max: 30 }),
        fc.constantFrom(0, 0.5),
        (length, width, phase) => {
          const path = stripePath(straight(length), width, phase);
          for (const [x, y] of numbers(path)) {
            expect(Math.abs(y - 10)).toBeLessThanOrEqual(width / 2 + 0.1);
            expect(x).toBeGreaterThanOrEqual(-0.1);
            expect(x).toBeLessThanOrEqual(length + 0.1);
          }
          const bands = (path.match(/Z/g) ?? []).length;
          const pitch = Math.max(3.3 * width, 19);
          expect(Math.abs(bands - length / pitch)).toBeLessThanOrEqual(2);
        },
      ),
      { seed: 80 },
    );
  });
  it("bend with the path: a stripe on a curve keeps to the wire", () => {
    const path = curve({ x: 0, y: 0 }, { x: 60, y: 0 }, { x: 100, y: 40 }, { x: 100, y: 100 });
    for (const [x, y] of numbers(stripePath(path, 12))) {
      const distance = Math.min(...path.map((point) => Math.hypot(point.x - x, point.y - y)));
      expect(distance).toBeLessThanOrEqual(6 + 4);
    }
    expect(path.at(0)).toEqual({ x: 0, y: 0 });
    expect(path.at(-1)).toEqual({ x: 100, y: 100 });
  });
  it("carry rings across their whole width, in pairs", () => {
    const marks = numbers(ringPath(straight(200), 12));
    expect(marks.length % 4).toBe(0);
    expect(marks.length).toBeGreaterThan(0);
    expect(new Set(marks.map(([, y]) => Math.abs(y - 10)))).toEqual(new Set([6]));
  });
  it("write paths that begin with a move", () => {
    expect(
      pathOf([
        { x: 1, y: 2 },
        { x: 3, y: 4 },
      ]),
    ).toBe("M1.0 2.0L3.0 4.0");
  });
});
