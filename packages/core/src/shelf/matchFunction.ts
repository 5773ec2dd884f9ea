import { VOCABULARY, type Term } from "./vocabulary.ts";

/** Words that tell two wires of one function apart. They are compared on their own, not as part of the function. */
const QUALIFIERS: Readonly<Record<string, string>> = {
  left: "left", l: "left", lh: "left", nearside: "left", right: "right", r: "right", rh: "right", offside: "right",
  front: "front", fr: "front", fwd: "front", rear: "rear", rr: "rear", back: "rear", body: "body", high: "high", low: "low",
  a: "1", b: "2", "1": "1", "2": "2", "3": "3", "4": "4", upper: "upper", lower: "lower", inner: "inner", outer: "outer",
};

export interface FunctionReading {
  /** Best term, or null when nothing in the vocabulary resembles the text. */
  readonly term: Term | null;
  /** 0 to 1: how much of the text the term explains. */
  readonly score: number;
  readonly qualifiers: readonly string[];
  readonly tokens: readonly string[];
}

export const tokensOf = (text: string): readonly string[] => text.toLowerCase().match(/[\p{L}\p{N}]+[+]?/gu) ?? [];

/** Pairs of neighbouring letters, spaces kept, for a likeness that forgives typing errors. */
function bigrams(text: string): ReadonlyMap<string, number> {
  const padded = ` ${text} `;
  const counts = new Map<string, number>();
  for (let i = 0; i + 1 < padded.length; i++) {
    const pair = padded.slice(i, i + 2);
    counts.set(pair, (counts.get(pair) ?? 0) + 1);
  }
  return counts;
}

/** Dice coefficient of letter pairs, 0 to 1: twice the shared pairs over all pairs (L. R. Dice, Ecology 26, 1945). */
export function likeness(a: string, b: string): number {
  return dice(bigrams(a), bigrams(b));
}

function dice(left: ReadonlyMap<string, number>, right: ReadonlyMap<string, number>): number {
  let shared = 0;
  let total = 0;
  for (const [pair, count] of left) {
    shared += Math.min(count, right.get(pair) ?? 0);
    total += count;
  }
  for (const count of right.values()) total += count;
  return total === 0 ? 0 : (2 * shared) / total;
}

const ENTRIES = VOCABULARY.flatMap((term) => [term.name, ...term.words].map((word) => ({ term, text: tokensOf(word).join(" "), pairs: bigrams(tokensOf(word).join(" ")) })));
const EXACT = new Map([...ENTRIES].reverse().map((entry) => [entry.text, entry.term]));

/** Reads free text as a term of the vocabulary plus qualifiers: "lvl rr" is the height sensor, rear. */
export function readFunction(text: string): FunctionReading {
  const tokens = tokensOf(text);
  const whole = tokens.join(" ");
  const exact = EXACT.get(whole);
  if (exact !== undefined) return { term: exact, score: 1, qualifiers: [], tokens };
  const qualifiers = tokens.flatMap((token) => QUALIFIERS[token] ?? []);
  const core = tokens.filter((token) => QUALIFIERS[token] === undefined).join(" ");
  const coreExact = EXACT.get(core);
  if (coreExact !== undefined) return { term: coreExact, score: 1, qualifiers, tokens };
  let best: { term: Term; score: number } | null = null;
  const pairs = bigrams(core);
  for (const entry of ENTRIES) {
    const contained = entry.text.length > 2 && ` ${core} `.includes(` ${entry.text} `) ? 0.7 + (0.25 * entry.text.length) / core.length : 0;
    const score = Math.max(contained, dice(pairs, entry.pairs));
    if (best === null || score > best.score) best = { term: entry.term, score };
  }
  return best !== null && best.score >= 0.6 ? { ...best, qualifiers, tokens } : { term: null, score: 0, qualifiers, tokens };
}
