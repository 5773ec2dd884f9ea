import type { OwnWord, SignalClass } from "../model/index.ts";
import type { Term } from "./vocabulary/term.ts";
import { VOCABULARY } from "./vocabulary/vocabulary.ts";
import { placeWord, whichOne, type WhichOne } from "./whichOne.ts";

/** Words that tell two wires of one function apart. They are compared on their own, not as part of the function. */
const TOLD_APART: Readonly<Record<string, string>> = {
  body: "body",
  a: "1",
  b: "2",
  "1": "1",
  "2": "2",
  "3": "3",
  "4": "4",
};
const qualifierOf = (token: string): string | undefined => TOLD_APART[token] ?? placeWord(token);

/** The tokens of a text, with those set apart that tell places and numbers: a number counts as one at the end of the text. */
function split(tokens: readonly string[]): {
  readonly core: readonly string[];
  readonly qualifiers: readonly string[];
} {
  const last = tokens.length - 1;
  const read = tokens.map(
    (token, i) => qualifierOf(token) ?? (i === last && i > 0 && /^\d{1,4}$/.test(token) ? token : undefined),
  );
  return {
    core: tokens.filter((_, i) => read[i] === undefined),
    qualifiers: read.flatMap((word) => word ?? []),
  };
}

export interface FunctionInterpretation {
  /** Best term, or null when nothing in the vocabulary resembles the text. */
  readonly term: Term | null;
  /** 0 to 1: how much of the text the term explains. */
  readonly score: number;
  readonly qualifiers: readonly string[];
  /** The text without its qualifiers. */
  readonly core: string;
  readonly tokens: readonly string[];
  /** Side, end, level and number that the text names; two that contradict each other are two wires. */
  readonly which: WhichOne;
}

export const tokensOf = (text: string): readonly string[] =>
  text.toLowerCase().match(/[\p{L}\p{N}]+(?:\+|-(?![\p{L}\p{N}]))?|(?<=\s)[+-]$/gu) ?? [];

type Pairs = ReadonlyMap<string, number>;

const MOST_KNOWN = 20_000;
/** Letter pairs of texts that were asked for before. */
const PAIRS = new Map<string, Pairs>();

/** Pairs of neighbouring letters, spaces kept, for a likeness that forgives typing errors. */
function bigrams(text: string): Pairs {
  const known = PAIRS.get(text);
  if (known !== undefined) return known;
  const padded = ` ${text} `;
  const counts = new Map<string, number>();
  for (let i = 0; i + 1 < padded.length; i++) {
    const pair = padded.slice(i, i + 2);
    counts.set(pair, (counts.get(pair) ?? 0) + 1);
  }
  if (PAIRS.size > MOST_KNOWN) PAIRS.clear();
  PAIRS.set(text, counts);
  return counts;
}

/** Dice coefficient of letter pairs, 0 to 1: twice the shared pairs over all pairs (L. R. Dice, Ecology 26, 1945). */
export function likeness(a: string, b: string): number {
  const [left, right] = [bigrams(a), bigrams(b)];
  // Every text has one pair more than it has letters.
  const total = a.length + b.length + 2;
  let shared = 0;
  for (const [pair, count] of left) shared += Math.min(count, right.get(pair) ?? 0);
  return (2 * shared) / total;
}

interface Entry {
  readonly term: Term;
  readonly text: string;
}

/** Visits the index of every text that is at least so much like the one asked for, with its likeness, in the order given. */
export type LikenessIndex = (
  text: string,
  least: number,
  visit: (index: number, likeness: number) => void,
) => void;

/** Texts by the letter pairs in them: only a text that shares a pair can be like the one asked for. Made for large tables. */
export function likenessIndex(texts: readonly string[]): LikenessIndex {
  const sizes = texts.map((text) => text.length + 1);
  const postings = new Map<string, { readonly indices: number[]; readonly counts: number[] }>();
  texts.forEach((text, index) => {
    for (const [pair, count] of bigrams(text)) {
      const posting = postings.get(pair) ?? { indices: [], counts: [] };
      posting.indices.push(index);
      posting.counts.push(count);
      postings.set(pair, posting);
    }
  });
  const shared = new Uint16Array(texts.length);
  return (text, least, visit) => {
    const pairs = bigrams(text);
    const size = text.length + 1;
    shared.fill(0);
    for (const [pair, count] of pairs) {
      const posting = postings.get(pair);
      if (posting === undefined) continue;
      for (let i = 0; i < posting.indices.length; i++) {
        const index = posting.indices[i] as number;
        shared[index] = (shared[index] as number) + Math.min(count, posting.counts[i] as number);
      }
    }
    for (let index = 0; index < texts.length; index++) {
      const score = (2 * (shared[index] as number)) / (size + (sizes[index] as number));
      if (score >= least) visit(index, score);
    }
  };
}

const ENTRIES: readonly Entry[] = VOCABULARY.flatMap((term) =>
  [term.name, ...term.words].map((word) => ({ term, text: tokensOf(word).join(" ") })),
);
const EXACT = new Map(
  [...ENTRIES.entries()].reverse().map(([index, entry]) => [entry.text, { ...entry, index }]),
);
const eachAlike = likenessIndex(ENTRIES.map((entry) => entry.text));

const ENOUGH = 0.6;
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

const BY_NAME = new Map(VOCABULARY.map((term) => [term.name, term]));
const termNamed = (name: string | null): Term | undefined => (name === null ? undefined : BY_NAME.get(name));
const asTerm = (word: OwnWord): Term =>
  termNamed(word.term) ?? {
    name: word.text,
    words: [],
    signal: word.signal,
    direction: "both",
    open: "nothing",
    vital: false,
  };

/**
 * Reads free text as a term of the vocabulary plus qualifiers: "lvl rr" is the height sensor, rear. The user's own words
 * come before the vocabulary's.
 */
export function readFunction(text: string, words: readonly OwnWord[] = []): FunctionInterpretation {
  const tokens = tokensOf(text);
  const whole = tokens.join(" ");
  const { qualifiers, core: parts } = split(tokens);
  const core = parts.join(" ");
  const common = { tokens, which: whichOne(text) };
  const own = ownWord(words, whole);
  const known = own === undefined ? EXACT.get(whole)?.term : asTerm(own);
  if (known !== undefined)
    return { term: known, score: 1, qualifiers: sideOf(common.which), core: whole, ...common };
  const ownCore = ownWord(words, core);
  const named = ownCore === undefined ? EXACT.get(core)?.term : asTerm(ownCore);
  if (named !== undefined) return { ...narrowed(named, qualifiers), score: 1, core, ...common };
  const best = bestOf(core);
  return best === null
    ? { term: null, score: 0, qualifiers, core, ...common }
    : { ...narrowed(best.term, qualifiers), score: best.score, core, ...common };
}

/** The one side that a text names, which is told apart even where the vocabulary knows the whole of it: "left turn". */
function sideOf(which: WhichOne): readonly string[] {
  const sides = [...(which.get("side") ?? [])];
  return sides.length === 1 ? sides : [];
}

/** A term that has one of the qualifiers in its own name: "accelerator position" and 2 is "accelerator position 2". */
function narrowed(
  term: Term,
  qualifiers: readonly string[],
): Pick<FunctionInterpretation, "term" | "qualifiers"> {
  for (const qualifier of qualifiers) {
    const own = BY_NAME.get(`${term.name} ${qualifier}`);
    if (own !== undefined) return { term: own, qualifiers: qualifiers.filter((word) => word !== qualifier) };
  }
  return { term, qualifiers };
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
  eachAlike(core, ENOUGH, offer);
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
  return words.flatMap((_, start) =>
    words.slice(start).map((__, length) => words.slice(start, start + length + 1).join(" ")),
  );
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
  const offer = (term: Term, score: number): void => {
    if (score > (scores.get(term) ?? 0)) scores.set(term, score);
  };
  ENTRIES.forEach((entry) => {
    if (entry.text === core) offer(entry.term, 2);
    else if (entry.text.startsWith(core)) offer(entry.term, 1 + core.length / entry.text.length);
    else if (` ${entry.text}`.includes(` ${core}`)) offer(entry.term, 0.9);
  });
  eachAlike(core, 0.45, (index, score) => offer((ENTRIES[index] as Entry).term, score));
  return [...scores]
    .map(([term, score]) => ({ term, score, text: withTerm(text, term) }))
    .sort((a, b) => b.score - a.score || VOCABULARY.indexOf(a.term) - VOCABULARY.indexOf(b.term))
    .slice(0, limit);
}

/** The term's name with the qualifiers of the text: "lvl rr" with the height sensor is "height sensor, rear". */
function withTerm(text: string, term: Term): string {
  const named = new Set(tokensOf(term.name));
  const tokens = tokensOf(text);
  const qualifiers = tokens.length > 1 ? split(tokens).qualifiers : [];
  return [term.name, ...new Set(qualifiers.filter((word) => !named.has(word)))].join(", ");
}

/** The own words with one more; a text means what it was last given. */
export function learn(
  words: readonly OwnWord[],
  text: string,
  term: Term | null,
  signal: SignalClass,
): readonly OwnWord[] {
  const key = tokensOf(text).join(" ");
  return [
    ...words.filter((word) => tokensOf(word.text).join(" ") !== key),
    { text: text.trim(), term: term?.name ?? null, signal: term?.signal ?? signal },
  ];
}
