import { describe, expect, it } from "vitest";
import { contentOf, wordLikeness } from "./content.ts";
import { readMeaning } from "./index.ts";
import { tokensIn } from "./tokensIn.ts";

const wordsOf = (text: string): readonly string[] => contentOf(tokensIn(text, {})).map(({ word }) => word);
const word = (text: string, known = false) => ({ word: text, known });

describe("words that may name something", () => {
  it("leave out what turns a text and what hangs on any wire", () => {
    expect(wordsOf("LH fan relay coil, low side output")).toEqual(["fan"]);
    expect(wordsOf("Scene lights nearside")).toEqual(wordsOf("SCENE LH"));
  });
  it("are one word where an unknown one is cut short or written without some of its letters, and never where both are known", () => {
    expect(wordLikeness(word("opnr"), word("opener"))).toBeGreaterThan(0.5);
    expect(wordLikeness(word("remind"), word("reminder"))).toBeGreaterThan(0.5);
    expect(wordLikeness(word("fan"), word("fault"))).toBe(0);
    expect(wordLikeness(word("wash", true), word("washer", true))).toBe(0);
    expect(wordLikeness(word("xtra"), word("opener"))).toBe(0);
  });
  it("that no phrase holds put the thing in doubt", () => {
    expect(readMeaning("Oil pressure switch").doubt).toBe(0);
    const { doubt, loose } = readMeaning("Hydraulic trommel oil pressure switch");
    expect(loose).toContain("trommel");
    expect(doubt).toBeGreaterThan(0);
    expect(doubt).toBeLessThan(1);
  });
});
