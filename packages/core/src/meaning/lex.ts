import { lazily, oncePerText, present } from "../util/index.ts";
import { beginningsOf, LENGTH, mayBegin } from "./beginnings.ts";
import type { Rule } from "./lexRule.ts";
import { RULES } from "./lexRules.ts";
import { formOf } from "./lexicon/index.ts";

/** A word of a text as the lexicon knows it. */
export interface Token {
  /** As the lexicon writes it: "sensor" for "sndr"; numbers and unknown words as they are, in lower case. */
  readonly word: string;
  /** As it stands in the text. */
  readonly raw: string;
  /** Words with no comma, bracket, dash or semicolon between them share a clause. */
  readonly clause: number;
  readonly inBrackets: boolean;
  /** "known" by the lexicon, "near" to a word of it by one slip, "unknown", or an "amount" with its unit. */
  readonly kind: "known" | "near" | "unknown" | "number" | "amount";
}

/** The rules that may begin with two characters, in their order: at most places none, and none has to be tried there. */
const ruleBeginnings = lazily(() =>
  RULES.map((one) => ({ one, beginnings: beginningsOf(one.pattern.source) })),
);
const rulesBeginning = oncePerText<readonly Rule[]>(5_000);
const rulesAt = (source: string, at: number): readonly Rule[] => {
  const next = source.slice(at, at + LENGTH);
  return rulesBeginning(next, () =>
    ruleBeginnings().flatMap(({ one, beginnings }) => (mayBegin(beginnings, next) ? [one] : [])),
  );
};

/** The words that a mark or abbreviation at a place of the text stands for, with what stands there; undefined where none begins. */
function ruleAt(source: string, at: number): { readonly words: string; readonly raw: string } | undefined {
  for (const { pattern, words } of rulesAt(source, at)) {
    pattern.lastIndex = at;
    const found = pattern.exec(source);
    if (found !== null && found[0] !== "") return { words: words(found), raw: found[0] };
  }
  return undefined;
}

/** A function is said within so many words; what stands behind them is a remark. */
const MOST_WORDS = 48;
const MOST_LETTERS = 600;

/** Words that say nothing by themselves. */
const SILENT = new Set(
  "the a of is are it its be this that there i my der die das des den dem ein eine für for wire wires lead leads cable kabel draht here by each ve come comes coming".split(
    " ",
  ),
);
const ENDS_THERE = /^\s*(?:[,;:()\]/+-]|$)/u;
const WORD = /[\p{L}\p{N}]+(?:['’]s\b)?/uy;
const CUT = /[,;:()[\]{}\n\r]|\s[-–—/]\s|[–—]/uy;

/** The words of a text as the lexicon knows them, with units, poles, terminals and trade marks read as one; never more than 48. */
export function lex(text: string): readonly Token[] {
  const source = text.normalize("NFKC").slice(0, MOST_LETTERS).toLowerCase();
  const tokens: Token[] = [];
  let clause = 0;
  let depth = 0;
  const push = (words: string, raw: string, kind?: Token["kind"]): void => {
    for (const word of words.split(" "))
      if (word !== "" && !SILENT.has(word))
        tokens.push({ word, raw, clause, inBrackets: depth > 0, kind: kind ?? kindOf(word) });
  };
  for (let at = 0; at < source.length && tokens.length < MOST_WORDS;) {
    const special = isInWord(source, at) ? undefined : ruleAt(source, at);
    if (special !== undefined) {
      push(special.words, special.raw);
      at += special.raw.length;
      continue;
    }
    CUT.lastIndex = at;
    const cut = CUT.exec(source);
    if (cut !== null) {
      if (/[([{]/.test(cut[0])) depth++;
      if (/[)\]}]/.test(cut[0])) depth = Math.max(0, depth - 1);
      clause++;
      at += cut[0].length;
      continue;
    }
    WORD.lastIndex = at;
    const word = WORD.exec(source);
    if (word === null) {
      at++;
      continue;
    }
    // "Signal A": at the end of what is said a letter is no article.
    if (word[0] === "a" && ENDS_THERE.test(source.slice(at + 1, at + 6)) && tokens.length > 0) {
      tokens.push({ word: "a", raw: "a", clause, inBrackets: depth > 0, kind: "known" });
      at++;
      continue;
    }
    const found = understand(word[0]);
    push(found.words, word[0], found.kind);
    at += word[0].length;
  }
  return tokens;
}

const isInWord = (source: string, at: number): boolean =>
  at > 0 && /[\p{L}\p{N}]/u.test(source[at - 1] as string) && /[\p{L}\p{N}]/u.test(source[at] as string);

function kindOf(word: string): Token["kind"] {
  if (/^\d+$/.test(word)) return "number";
  return /^\d+[\d.,]*(v|amp|ohm|amount)$|^range/.test(word) ? "amount" : "known";
}

interface Understood {
  readonly words: string;
  readonly kind?: Token["kind"];
}
const wordsKept = oncePerText<Understood>(20_000);

/** A written word as the lexicon's words: by its form, its singular, its parts, or a form that is one slip away. */
const understand = (written: string): Understood =>
  wordsKept(written, () => search(written.replace(/['’]s$/u, "")));

function search(word: string): Understood {
  if (/^\d+$/.test(word)) return { words: String(Number(word.slice(0, 9))), kind: "number" };
  const plain = plainForm(word);
  if (plain !== null) return { words: plain };
  const numbered = /^(\p{L}{2,})(\d{1,2})$/u.exec(word);
  if (numbered !== null) {
    const stem = plainForm(present(numbered[1], "letters"));
    if (stem !== null) return { words: `${stem} ${Number(numbered[2])}` };
  }
  const parts = word.length >= 7 ? partsOf(word) : null;
  if (parts !== null) return { words: parts };
  const near = word.length >= 5 ? nearTo(word) : null;
  return near === null ? { words: word, kind: "unknown" } : { words: near, kind: "near" };
}

function plainForm(word: string): string | null {
  const own = formOf(word);
  if (own !== undefined) return own;
  for (const [ending, instead] of PLURALS) {
    if (!word.endsWith(ending) || word.length - ending.length < 3) continue;
    if (ending === "es" && !SIBILANT.test(word)) continue;
    const single = formOf(word.slice(0, word.length - ending.length) + instead);
    if (single !== undefined) return single;
  }
  return null;
}
/** "Switches" is the plural of a word in ch; "comes" is none of "com". */
const SIBILANT = /(?:s|x|z|ch|sh|o)es$/;
const PLURALS = [
  ["ies", "y"],
  ["es", ""],
  ["s", ""],
] as const;

/** Letters that German puts between the parts of a word. */
const JOINTS = ["", "s", "n", "en", "er", "e"];
const SHORTEST_PART = 3;

/** A compound as its parts, each of them known: "kraftstoffpumpenrelais" is fuel pump relay; null where a part is not known. */
function partsOf(word: string, depth = 0): string | null {
  if (depth > 3) return null;
  for (let end = word.length - SHORTEST_PART; end >= SHORTEST_PART; end--) {
    const head = formOf(word.slice(0, end));
    if (head === undefined || end < 3) continue;
    for (const joint of JOINTS) {
      if (!word.startsWith(joint, end)) continue;
      const rest = word.slice(end + joint.length);
      if (rest.length < SHORTEST_PART) continue;
      const tail = plainForm(rest) ?? partsOf(rest, depth + 1);
      if (tail !== null) return `${head} ${tail}`;
    }
  }
  return null;
}

/** The only word of the lexicon that is one slip away: a letter too many, too few, wrong, or two exchanged. */
function nearTo(word: string): string | null {
  let only: string | null = null;
  for (const slip of slipsOf(word)) {
    const form = slip.length >= 5 ? formOf(slip) : undefined;
    if (form === undefined || form === only) continue;
    if (only !== null) return null;
    only = form;
  }
  return only;
}

const LETTERS = "abcdefghijklmnopqrstuvwxyzäöüß";
function* slipsOf(word: string): Generator<string> {
  for (let i = 0; i <= word.length; i++) {
    const [before, after] = [word.slice(0, i), word.slice(i)];
    if (after !== "") yield before + after.slice(1);
    if (after.length > 1) yield before + (after[1] as string) + (after[0] as string) + after.slice(2);
    // The first letter is hardly ever wrong.
    if (i === 0) continue;
    for (const letter of LETTERS) {
      if (after !== "") yield before + letter + after.slice(1);
      yield before + letter + after;
    }
  }
}
