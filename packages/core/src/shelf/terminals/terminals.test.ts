import { describe, expect, it } from "vitest";
import { findTerminals, TERMINAL_SYSTEMS, type SeenTraits } from "./index.ts";

describe("terminal systems", () => {
  it("are a dozen families and more, each with a release from start to end and ranges that make sense", () => {
    expect(TERMINAL_SYSTEMS.length).toBeGreaterThanOrEqual(12);
    expect(new Set(TERMINAL_SYSTEMS.map(({ id }) => id)).size).toBe(TERMINAL_SYSTEMS.length);
    for (const one of TERMINAL_SYSTEMS) {
      expect(one.order.length, one.id).toBeGreaterThanOrEqual(2);
      for (const [from, to] of [one.strip, one.conductor, one.insulation])
        expect(from < to, one.id).toBe(true);
      for (const seal of one.seals)
        expect(seal.from >= one.insulation[0] && seal.to <= one.insulation[1] + 0.01, one.id).toBe(true);
      expect(one.source).not.toBe("");
      expect(one.cautions.length).toBeGreaterThan(0);
      // Whatever locks the shell is opened before the terminal's own lock.
      if (one.secondary !== "none")
        expect(one.order[0], one.id).toMatch(/lock|slide|comb|cover|plate|cap|shell|retainer/i);
    }
    for (const release of [
      "lance-from-front",
      "lance-from-rear",
      "push-forward-first",
      "pull-to-seat",
      "shell-finger-from-front",
    ] as const)
      expect(
        TERMINAL_SYSTEMS.some((one) => one.release === release),
        release,
      ).toBe(true);
  });

  it("are found by what is seen: each by its own traits, before anything that contradicts them", () => {
    for (const system of TERMINAL_SYSTEMS) {
      const seen: SeenTraits = {
        sealed: system.seals.length > 0,
        lockSide: system.lockSide,
        secondary: system.secondary,
        gender: system.gender,
        width: system.width ?? undefined,
        conductor: (system.conductor[0] + system.conductor[1]) / 2,
      };
      const found = findTerminals(TERMINAL_SYSTEMS, seen);
      const own = found.find((match) => match.system === system)!;
      expect(own.against, system.id).toEqual([]);
      expect(found[0]!.against).toEqual([]);
      expect(found).toHaveLength(TERMINAL_SYSTEMS.length);
    }
    const [first] = findTerminals(TERMINAL_SYSTEMS, { sealed: true, lockSide: "side" });
    expect(first!.system.id).toBe("sealed-rear-2.8");
    expect(
      findTerminals(TERMINAL_SYSTEMS, { width: 2.7 })
        .filter((match) => match.against.length === 0)
        .map((match) => match.system.width),
    ).toEqual([2.8, 2.8, 2.8, 2.8, 2.8, 2.8, 2.8]);
    expect(findTerminals(TERMINAL_SYSTEMS, { text: "comb" }).map((match) => match.system.id)).toEqual([
      "sealed-0.64-female",
      "mat-seal-0.64",
    ]);
  });
});
