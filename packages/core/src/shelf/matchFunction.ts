import type { OwnWord, SignalClass } from "../model/index.ts";
import type { Term } from "./vocabulary/term.ts";
import { VOCABULARY } from "./vocabulary/vocabulary.ts";

/** Words that tell two wires of one function apart. They are compared on their own, not as part of the function. */
const QUALIFIERS: Readonly<Record<string, string>> = {
  left: "left", l: "left", lh: "left", nearside: "left", right: "right", r: "right", rh: "right", offside: "right",
  front: "front", fr: "front", fwd: "front", rear: "rear", rr: "rear", back: "rear", body: "body", high: "high", low: "low",
  a: "1", b: "2", "1": "1", "2": "2", "3": "3", "4": "4", upper: "upper", lower: "lower", inner: "inner", outer: "outer",
};

/** The tokens of a text, with those set apart that tell places and numbers: a number counts as one at the end of the text. */
function split(tokens: readonly string[]): { readonly core: readonly string[]; readonly qualifiers: readonly string[] } {
  const last = tokens.length - 1;
  const read = tokens.map((token, i) => QUALIFIERS[token] ?? (i === last && i > 0 && /^\d{1,2}$/.test(token) ? token : undefined));
  return { core: tokens.filter((_, i) => read[i] === undefined), qualifiers: read.flatMap((word) => word ?? []) };
}

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
  readonly index: number;
  readonly term: Term;
  readonly text: string;
  /** Letter pairs in it. */
  readonly size: number;
}

const ENTRIES: readonly Entry[] = VOCABULARY.flatMap((term) => [term.name, ...term.words].map((word) => ({ term, text: tokensOf(word).join(" ") }))).map((entry, index) => ({ ...entry, index, size: entry.text.length + 1 }));
const EXACT = new Map([...ENTRIES].reverse().map((entry) => [entry.text, entry]));
/** Which entries hold a pair of letters, and how often: only they can be like a text with it. */
const POSTINGS = new Map<string, { readonly entries: number[]; readonly counts: number[] }>();
for (const { index, text } of ENTRIES) {
  for (const [pair, count] of bigrams(text)) {
    const posting = POSTINGS.get(pair) ?? { entries: [], counts: [] };
    posting.entries.push(index);
    posting.counts.push(count);
    POSTINGS.set(pair, posting);
  }
}

const shared = new Uint16Array(ENTRIES.length);

/** Visits every entry that is at least so much like the text, with its likeness. Runs for each text of large tables. */
function eachAlike(text: string, least: number, visit: (entry: Entry, score: number) => void): void {
  const pairs = bigrams(text);
  const size = sizeOf(pairs);
  shared.fill(0);
  for (const [pair, count] of pairs) {
    const posting = POSTINGS.get(pair);
    if (posting === undefined) continue;
    for (let i = 0; i < posting.entries.length; i++) {
      const index = posting.entries[i] as number;
      shared[index] = (shared[index] as number) + Math.min(count, posting.counts[i] as number);
    }
  }
  for (let index = 0; index < ENTRIES.length; index++) {
    const entry = ENTRIES[index] as Entry;
    const score = (2 * (shared[index] as number)) / (size + entry.size);
    if (score >= least) visit(entry, score);
  }
}

const ENOUGH = 0.6;
const MOST_KNOWN = 20_000;
/** Best entries of texts that were read before: a large table repeats itself, and the same texts are read again and again. */
const known = new Map<string, ReturnType<typeof searched>>();
const SHORTEST_PART = 3;
/** A function is said within so many words; what stands behind them is a remark. */
const MOST_WORDS = 24;
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
  const { qualifiers, core: parts } = split(tokens);
  const core = parts.join(" ");
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
function bestOf(core: string): ReturnType<typeof searched> {
  let best = known.get(core);
  if (best === undefined) {
    if (known.size > MOST_KNOWN) known.clear();
    known.set(core, (best = searched(core)));
  }
  return best;
}

function searched(core: string): { readonly term: Term; readonly score: number } | null {
  let best = { index: -1, score: 0 };
  const offer = (index: number, score: number): void => {
    if (score > best.score || (score === best.score && index < best.index)) best = { index, score };
  };
  eachAlike(core, ENOUGH, (entry, score) => offer(entry.index, score));
  for (const part of partsOf(core)) {
    const entry = part.length < SHORTEST_PART ? undefined : EXACT.get(part);
    if (entry !== undefined) offer(entry.index, 0.7 + (0.25 * part.length) / core.length);
  }
  const entry = ENTRIES[best.index];
  return entry === undefined || best.score < ENOUGH ? null : { term: entry.term, score: best.score };
}

/** Every run of whole words within a text. */
function partsOf(text: string): readonly string[] {
  const words = text.split(" ", MOST_WORDS);
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
  const core = tokens.length === 1 ? (tokens[0] ?? "") : split(tokens).core.join(" ");
  if (core === "") return [];
  const scores = new Map<Term, number>();
  const offer = (term: Term, score: number): void => { if (score > (scores.get(term) ?? 0)) scores.set(term, score); };
  ENTRIES.forEach((entry) => {
    if (entry.text === core) offer(entry.term, 2);
    else if (entry.text.startsWith(core)) offer(entry.term, 1 + core.length / entry.text.length);
    else if (` ${entry.text}`.includes(` ${core}`)) offer(entry.term, 0.9);
  });
  eachAlike(core, 0.45, (entry, score) => offer(entry.term, score));
  return [...scores]
    .map(([term, score]) => ({ term, score, text: withTerm(text, term) }))
    .sort((a, b) => b.score - a.score || VOCABULARY.indexOf(a.term) - VOCABULARY.indexOf(b.term))
    .slice(0, limit);
}

/** The term's name with the qualifiers of the text: "lvl rr" with the height sensor is "height sensor, rear". */
export function withTerm(text: string, term: Term): string {
  const named = new Set(tokensOf(term.name));
  const tokens = tokensOf(text);
  const qualifiers = tokens.length > 1 ? split(tokens).qualifiers : [];
  return [term.name, ...new Set(qualifiers.filter((word) => !named.has(word)))].join(", ");
}

/** The own words with one more; a text means what it was last given. */
export function learn(words: readonly OwnWord[], text: string, term: Term | null, signal: SignalClass): readonly OwnWord[] {
  const key = tokensOf(text).join(" ");
  return [...words.filter((word) => tokensOf(word.text).join(" ") !== key), { text: text.trim(), term: term?.name ?? null, signal: term?.signal ?? signal }];
}
