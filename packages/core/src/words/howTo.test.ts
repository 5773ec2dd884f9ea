import { describe, expect, it } from "vitest";
import { systemsOf, TERMINAL_SYSTEMS } from "../shelf/index.ts";
import { howTo, needsHow } from "./index.ts";

describe("how a step is done at a terminal", () => {
  it("offers the systems of the shell, those for the conductor first", () => {
    const pair = TERMINAL_SYSTEMS.filter(({ id }) =>
      ["sealed-0.64-female", "sealed-6.3-female"].includes(id),
    );
    const at = (size: number): readonly string[] =>
      howTo("release", pair, size).map(({ system }) => system.id);
    expect(at(0.5)).toEqual(["sealed-0.64-female", "sealed-6.3-female"]);
    expect(at(4)).toEqual(["sealed-6.3-female", "sealed-0.64-female"]);
    expect(howTo("release", systemsOf({ shell: null }), 0.5)).toEqual([]);
  });
  it("says nothing where the terminal makes no difference, nor of locks where there is none", () => {
    expect(needsHow("battery-off")).toBe(false);
    expect(howTo("battery-off", TERMINAL_SYSTEMS, null)).toEqual([]);
    const plain = TERMINAL_SYSTEMS.filter(({ secondary }) => secondary === "none");
    expect(howTo("open-lock", plain, null)).toEqual([]);
  });
});
