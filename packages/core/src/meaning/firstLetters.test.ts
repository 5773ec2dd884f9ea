import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { firstLetters } from "./firstLetters.ts";
import { RULES } from "./lexRules.ts";

describe("what a pattern may begin with", () => {
  it.each([
    ["air[ -]?bag", "a"],
    ["(?:rear|front) lamp", "fr"],
    ["(?<=fan )[a-d]x", "abcd"],
    ["(?:heated )?rear", "hr"],
    ["\\+?b\\+", "+b"],
    ["[-–]0 ?v", "-–"],
    ["(x|y(?:z|\\)))?w", "wxy"],
  ])("%s: %s", (pattern, letters) => {
    expect([...(firstLetters(pattern) ?? [])].sort().join("")).toBe([...letters].sort().join(""));
  });
  it.each(["\\p{L}x", ".x", "[^a]b", "x?", "\\s*y"])("%s: nothing is known", (pattern) => {
    expect(firstLetters(pattern)).toBe(null);
  });
  it("misses no beginning of any rule of the lexicon, in texts of every sign", () => {
    const letter = fc.constantFrom(..."abcdefghijklmnopqrstuvwxyzäöüß0123456789 +-–/.,:()#=_'′″°Ω");
    const known = RULES.map(({ pattern }) => ({ pattern, letters: firstLetters(pattern.source) }));
    fc.assert(
      fc.property(fc.string({ unit: letter, maxLength: 24 }), (text) => {
        for (const { pattern, letters } of known)
          for (let at = 0; at < text.length; at++) {
            pattern.lastIndex = at;
            if (letters !== null && pattern.test(text)) expect(letters).toContain(text[at]);
          }
      }),
      { numRuns: 300, seed: 92 },
    );
  });
});
