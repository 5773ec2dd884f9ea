import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { contentProblem } from "./content.ts";

const HALF = String.fromCharCode(0xd800);

describe("contentProblem", () => {
  it("finds a NUL or half a character wherever it stands in any JSON, and nothing in sound JSON", () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 6, stringUnit: "grapheme" }), (value) => {
        expect(contentProblem(value)).toBe(null);
      }),
      { numRuns: 500, seed: 151 },
    );
    const bad = fc.constantFrom("\0", HALF, `${HALF}a`, `a${String.fromCharCode(0xdc00)}`);
    fc.assert(
      fc.property(
        fc.array(fc.oneof(fc.integer({ min: 0, max: 3 }), fc.constantFrom("a", "b")), {
          minLength: 1,
          maxLength: 8,
        }),
        bad,
        (keys, text) => {
          let value: unknown = text;
          for (const key of [...keys].reverse())
            value = typeof key === "number" ? [...Array<number>(key).fill(7), value] : { x: 1, [key]: value };
          const path = contentProblem(value)?.path;
          expect(path?.replaceAll(".", "").replaceAll(/[[\]]/g, "")).toBe(keys.join(""));
        },
      ),
      { numRuns: 500, seed: 152 },
    );
    expect(contentProblem({ a: [{ [`k${HALF}`]: 1 }] })?.path).toBe("a[0]");
  });
  it("bears any depth and says that it is too deep", () => {
    let deep: unknown = 0;
    for (let level = 0; level < 400_000; level++) deep = [deep];
    expect(contentProblem(deep)?.message).toBe("nested more than 64 levels deep");
  });
});
