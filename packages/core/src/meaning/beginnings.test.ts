import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { beginningsOf, LENGTH, mayBegin } from "./beginnings.ts";
import { RULES } from "./lexRules.ts";

describe("what a match of a pattern begins with", () => {
  it.each([
    ["air[ -]?bag", "ai"],
    ["(?:rear|front) lamp", "fr re"],
    ["(?<=fan )[a-c]x", "ax bx cx"],
    ["(?:heated )?rear", "he re"],
    ["\\+?b\\+", "+b b+"],
    ["[-–]0 ?v", "-0 –0"],
    ["(x|y(?:z|\\)))?w", "w* xw y) yz"],
    ["d+x", "d* dx"],
    ["a(?![\\p{L}])", "a*"],
    ["a\\p{L}", "a*"],
    ["[^a]b", "*"],
    ["x?", "* x*"],
    ["\\s*y", "* y*"],
  ])("%s: %s", (pattern, beginnings) => {
    expect([...beginningsOf(pattern)].sort()).toEqual(beginnings.split(" "));
  });
  it("misses none of any rule of the lexicon, in texts of every sign", () => {
    const letter = fc.constantFrom(..."abcdefghijklmnopqrstuvwxyzäöüß0123456789 +-–/.,:()#=_'′″°Ω");
    const known = RULES.map(({ pattern }) => ({ pattern, beginnings: beginningsOf(pattern.source) }));
    fc.assert(
      fc.property(fc.string({ unit: letter, maxLength: 24 }), (text) => {
        for (const { pattern, beginnings } of known)
          for (let at = 0; at < text.length; at++) {
            pattern.lastIndex = at;
            if (!pattern.test(text)) continue;
            expect(mayBegin(beginnings, text.slice(at, at + LENGTH))).toBe(true);
          }
      }),
      { numRuns: 300, seed: 92 },
    );
  });
});
