import type { OwnWord, SignalClass } from "../model/index.ts";
import type { Term } from "./vocabulary/term.ts";
import { VOCABULARY } from "./vocabulary/vocabulary.ts";

/** Words that tell two wires of one function apart. They are compared on their own, not as part of the function. */
const QUALIFIERS: Readonly<Record<string, string>> = {
  left: "left", l: "left", lh: "left", nearside: "left", right: "right", r: "right", rh: "right", offside: "right",
  front: "front", fr: "front", fwd: "front", rear: "rear", rr: "rear", back: "rear", body: "body", high: "high", low: "low",
  a: "1", b: "2", "1": "1", "2": "2", "3": "3", "4": "4", "5": "5", "6": "6", "7": "7", "8": "8", upper: "upper", lower: "lower", inner: "inner", outer: "outer",
};

export interface FunctionReading {
  /** Best term, or null when nothing in the vocabulary resembles the text. */
  readonly term: Term | null;
  /** 0 to 1: how much of the text the term explains. */
  readonly score: number;
  readonly qualifiers: readonly string[];
  readonly tokens: readonly string[];
}

export const tokensOf = (text: string): readonly string[] => text.toLowerCase().match(/[\p{L}\p{N}]+(?:\+|-(?![\p{L}\p{N}]))?|(?<=\s)[+-]$/gu) ?? [];

type Pairs = ReadonlyMap<string, number>;

/** Pairs of neighbouring letters, spaces kept, for a likeness that forgives typing errors. */
function bigrams(text: string): Pairs {
  const padded = ` ${text} `;
  const counts = new Map<string, number>();
  for (let i = 0; i + 1 < padded.length; i++) {
    const pair = padded.slice(i, i + 2);
    counts.set(pair, (counts.get(pair) ?? 0) + 1);
  }
  return counts;
}

const sizeOf = (pairs: Pairs): number => [...pairs.values()].reduce((sum, count) => sum + count, 0);

/** Dice coefficient of letter pairs, 0 to 1: twice the shared pairs over all pairs (L. R. Dice, Ecology 26, 1945). */
export function likeness(a: string, b: string): number {
  const [left, right] = [bigrams(a), bigrams(b)];
  const total = sizeOf(left) + sizeOf(right);
  const shared = [...left].reduce((sum, [pair, count]) => sum + Math.min(count, right.get(pair) ?? 0), 0);
  return total === 0 ? 0 : (2 * shared) / total;
}

interface Entry {
  readonly term: Term;
  readonly text: string;
  readonly size: number;
}

const ENTRIES: readonly Entry[] = VOCABULARY.flatMap((term) => [term.name, ...term.words].map((word) => {
  const text = tokensOf(word).join(" ");
  return { term, text, size: text.length + 1 };
}));
const EXACT = new Map([...ENTRIES].reverse().map((entry) => [entry.text, entry]));
/** Which entries hold a pair of letters, and how often: only they can be like a text with it. */
const POSTINGS = new Map<string, (readonly [entry: number, count: number])[]>();
ENTRIES.forEach((entry, index) => bigrams(entry.text).forEach((count, pair) => POSTINGS.set(pair, [...(POSTINGS.get(pair) ?? []), [index, count]])));

/** Share of letter pairs of every entry that shares at least one with the text. */
function likenesses(text: string): ReadonlyMap<number, number> {
  const pairs = bigrams(text);
  const size = sizeOf(pairs);
  const shared = new Map<number, number>();
  for (const [pair, count] of pairs) for (const [index, own] of POSTINGS.get(pair) ?? []) shared.set(index, (shared.get(index) ?? 0) + Math.min(count, own));
  return new Map([...shared].map(([index, both]) => [index, (2 * both) / (size + (ENTRIES[index]?.size ?? 0))]));
}

const ENOUGH = 0.6;
const SHORTEST_PART = 3;
const ownByList = new WeakMap<readonly OwnWord[], ReadonlyMap<string, OwnWord>>();

function ownWord(words: readonly OwnWord[], whole: string): OwnWord | undefined {
  if (words.length === 0) return undefined;
  const index = ownByList.get(words) ?? new Map(words.map((word) => [tokensOf(word.text).join(" "), word]));
  ownByList.set(words, index);
  return index.get(whole);
}

const termNamed = (name: string | null): Term | undefined => VOCABULARY.find((term) => term.name === name);
const asTerm = (word: OwnWord): Term => termNamed(word.term) ?? { name: word.text, words: [], signal: word.signal, direction: "both", open: "nothing", vital: false };

/**
 * Reads free text as a term of the vocabulary plus qualifiers: "lvl rr" is the height sensor, rear. The user's own words
 * come before the vocabulary's.
 */
export function readFunction(text: string, words: readonly OwnWord[] = []): FunctionReading {
  const tokens = tokensOf(text);
  const whole = tokens.join(" ");
  const qualifiers = tokens.flatMap((token) => QUALIFIERS[token] ?? []);
  const core = tokens.filter((token) => QUALIFIERS[token] === undefined).join(" ");
  const own = ownWord(words, whole);
  if (own !== undefined) return { term: asTerm(own), score: 1, qualifiers: [], tokens };
  const exact = EXACT.get(whole);
  if (exact !== undefined) return { term: exact.term, score: 1, qualifiers: [], tokens };
  const ownCore = ownWord(words, core);
  const known = ownCore === undefined ? EXACT.get(core)?.term : asTerm(ownCore);
  if (known !== undefined) return { term: known, score: 1, qualifiers, tokens };
  const best = bestOf(core);
  return best === null ? { term: null, score: 0, qualifiers, tokens } : { term: best.term, score: best.score, qualifiers, tokens };
}

/** The entry that is most like the text or fills most of it; the first listed where two are equal. */
function bestOf(core: string): { readonly term: Term; readonly score: number } | null {
  let best = { index: -1, score: 0 };
  const offer = (index: number, score: number): void => {
    if (score > best.score || (score === best.score && index < best.index)) best = { index, score };
  };
  for (const [index, score] of likenesses(core)) offer(index, score);
  for (const part of partsOf(core)) {
    const entry = part.length < SHORTEST_PART ? undefined : EXACT.get(part);
    if (entry !== undefined) offer(ENTRIES.indexOf(entry), 0.7 + (0.25 * part.length) / core.length);
  }
  const entry = ENTRIES[best.index];
  return entry === undefined || best.score < ENOUGH ? null : { term: entry.term, score: best.score };
}

/** Every run of whole words within a text. */
function partsOf(text: string): readonly string[] {
  const words = text.split(" ");
  return words.flatMap((_, start) => words.slice(start).map((__, length) => words.slice(start, start + length + 1).join(" ")));
}

export interface Suggestion {
  readonly term: Term;
  /** What the field would hold: the term with the qualifiers that were typed. */
  readonly text: string;
  readonly score: number;
}

/** Terms that a text being typed may become, best first: its beginning counts, then its likeness. */
export function suggestTerms(text: string, limit = 8): readonly Suggestion[] {
  const tokens = tokensOf(text);
  const core = tokens.filter((token, i) => QUALIFIERS[token] === undefined || (i === 0 && tokens.length === 1)).join(" ");
  if (core === "") return [];
  const scores = new Map<Term, number>();
  const offer = (term: Term, score: number): void => { if (score > (scores.get(term) ?? 0)) scores.set(term, score); };
  ENTRIES.forEach((entry) => {
    if (entry.text === core) offer(entry.term, 2);
    else if (entry.text.startsWith(core)) offer(entry.term, 1 + core.length / entry.text.length);
    else if (` ${entry.text}`.includes(` ${core}`)) offer(entry.term, 0.9);
  });
  for (const [index, score] of likenesses(core)) if (score >= 0.45) offer(ENTRIES[index]?.term as Term, score);
  return [...scores]
    .map(([term, score]) => ({ term, score, text: withTerm(text, term) }))
    .sort((a, b) => b.score - a.score || VOCABULARY.indexOf(a.term) - VOCABULARY.indexOf(b.term))
    .slice(0, limit);
}

/** The term's name with the qualifiers of the text: "lvl rr" with the height sensor is "height sensor, rear". */
export function withTerm(text: string, term: Term): string {
  const named = new Set(tokensOf(term.name));
  const core = tokensOf(text).length > 1 ? tokensOf(text).flatMap((token) => QUALIFIERS[token] ?? []) : [];
  return [term.name, ...new Set(core.filter((word) => !named.has(word)))].join(", ");
}

/** The own words with one more; a text means what it was last given. */
export function learn(words: readonly OwnWord[], text: string, term: Term | null, signal: SignalClass): readonly OwnWord[] {
  const key = tokensOf(text).join(" ");
  return [...words.filter((word) => tokensOf(word.text).join(" ") !== key), { text: text.trim(), term: term?.name ?? null, signal: term?.signal ?? signal }];
}
