import type { Used } from "./chooseThings.ts";
import { isGeneric } from "./generic.ts";
import type { Token } from "./lex.ts";
import type { Match } from "./phrases.ts";

/** What a word counts that a phrase holds, and one that the lexicon merely knows. */
const READ: Readonly<Record<Token["kind"], number>> = {
  known: 1,
  near: 0.5,
  unknown: 1,
  number: 1,
  amount: 1,
};
const MERELY_KNOWN: typeof READ = { known: 0.75, near: 0.4, unknown: 0, number: 0, amount: 0 };
/** Words that carry no meaning of their own count for nothing here. */
const NEUTRAL = new Set(
  "and in on at to from with for when or via 1amp 1amount 1ohm pin end side only terminal red brown purple orange pink grey violet green yellow blue black white".split(
    " ",
  ),
);
/** 0 to 1: how much of a text was understood, words near to a known one counting half. */
export function understoodOf(
  tokens: readonly Token[],
  used: readonly Used[],
  signs: readonly Match[],
  remarks: readonly Match[],
): number {
  const read = new Set([...used.map(({ match }) => match), ...signs, ...remarks].flatMap(({ at }) => at));
  let [got, all] = [0, 0];
  tokens.forEach(({ word, kind }, i) => {
    if (NEUTRAL.has(word) || kind === "number" || kind === "amount") return;
    all++;
    got += (read.has(i) ? READ : MERELY_KNOWN)[kind];
  });
  if (all === 0) return tokens.length > 0 && read.size > 0 ? 1 : 0;
  return got / all;
}

/** How far the thing may be another one: most of the words name something else, or the phrases do not agree on what the text is about. */
export function doubtOf(naming: number, loose: number, used: readonly Used[]): number {
  const families = new Set(used.filter(({ thing }) => !isGeneric(thing)).map(({ thing }) => thing.family));
  return Math.max(naming === 0 ? 0 : loose / naming, families.size > 1 ? 0.5 : 0);
}
