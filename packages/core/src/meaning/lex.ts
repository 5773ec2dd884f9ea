import { present } from "../util/index.ts";
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

/** A function is said within so many words; what stands behind them is a remark. */
const MOST_WORDS = 48;
const MOST_LETTERS = 600;

interface Rule {
  readonly pattern: RegExp;
  readonly words: (found: RegExpExecArray) => string;
}
const rule = (pattern: string, words: string | ((found: RegExpExecArray) => string)): Rule => ({
  pattern: new RegExp(pattern, "yu"),
  words: typeof words === "string" ? () => words : words,
});
/** Not within a word. */
const END = "(?![\\p{L}\\p{N}])";
const group = (found: RegExpExecArray, index: number): string => found[index] ?? "";

/** DIN 72552 numbers that stand behind "Kl." or "terminal" (from memory). */
const TERMINAL =
  "(1[ab]?|2|4[ab]?|15[arx]?|17|19|30[abc]?|31[abc]?|32|33[abfghlr]?|45[ab]?|48|49[abclr]?|50[a-h]?|51e?|52|53[abcei]?|54[glr]?|55|56[abd]?|57[alr]?|58[bcdklr]?|59[abc]?|61e?|71[ab]?|75x?|76|77|8[123][ablrzy]?|84[ab]?|85[cd]?|86[abs]?|87[abczyx]?|88[abczyx]?|72|c[0234]?|[luvwr]|b\\+|d\\+|df[12]?|d-|b-)";

/** Marks and abbreviations that are more than letters, tried in this order at each place. */
const RULES: readonly Rule[] = [
  rule(`(?:kl(?:emme)?|term(?:inal)?)[. ]{0,2}${TERMINAL}${END}`, (m) =>
    /^[bd][+-]$/.test(group(m, 1)) ? marks(group(m, 1)) : `t${group(m, 1)}`,
  ),
  rule(`(31b|49a|53[abcei]|54g|56[abd]|58[bcdlrk]|86s)${END}`, (m) => `t${group(m, 1)}`),
  rule(`t(15|30|31|50|58|61)([a-z]?)${END}`, (m) => `t${group(m, 1)}${group(m, 2)}`),
  rule(`(?:hs|ls|ms|high speed|low speed)?[- ]?can[ -]?bus[ _-]?(?:h|hi|high|\\+)${END}`, "canh"),
  rule(`(?:hs|ls|ms|high speed|low speed)?[- ]?can[ -]?bus[ _-]?(?:l|lo|low|-)${END}`, "canl"),
  rule(`(?:(?:hs|ls|ms)-?)?can(\\d?)[ _-]{0,3}(?:h|hi|high|\\+)${END}`, (m) => `canh ${group(m, 1)}`),
  rule(`(?:(?:hs|ls|ms)-?)?can(\\d?)[ _-]{0,3}(?:l|lo|low|-)${END}`, (m) => `canl ${group(m, 1)}`),
  rule(`can[ _-]?(\\d)[ _-]?(?:h|hi|high|\\+)${END}`, (m) => `canh ${group(m, 1)}`),
  rule(`can[ _-]?(\\d)[ _-]?(?:l|lo|low|-)${END}`, (m) => `canl ${group(m, 1)}`),
  rule(
    `(0(?:[.,]\\d+)? ?(?:to|-|–) ?|\\d*(?:[.,]?\\d+)?(?: ?to |-|\\.\\.\\.?|–))(\\d+(?:[.,]\\d+)?)[ ]?(v|volts?)${END}`,
    (m) => (Number(group(m, 2)) <= 5 ? "range5v" : "range12v"),
  ),
  rule(`\\+[ ]?(12|24|36|48)[ ]?v?${END}`, (m) => `plus ${group(m, 1)}v`),
  rule(`\\+[ ]?(5|8|10)[ ]?v?${END}`, (m) => `${group(m, 1)}v`),
  rule(`(12|24|36|48)[ ]?v(?:olts?)?[ ]?\\+`, (m) => `plus ${group(m, 1)}v`),
  rule(`(\\d+(?:[.,]\\d+)?)[ -]?(?:v|volts?|vdc)${END}`, (m) => `${group(m, 1)}v`),
  rule(`\\d+(?:[.,]\\d+)?[ ]?(?:amps?|ma|a)${END}`, "1amp"),
  rule(`\\d+(?:[.,]\\d+)?[ ]?(?:kohm|k ntc|k|ohms?|Ω)${END}`, "1ohm"),
  rule(
    `\\d+(?:[.,]\\d+)?[ ]?(?:watts?|w|hz|khz|mm2|mm²|mm|bar|psi|km\\/h|kph|mph|rpm|ms|sec|s|min|m|ft|awg|ga|kpa|deg|°c?|%|%)${END}`,
    "1amount",
  ),
  rule(`[ub]?\\+?(?:v?batt?|u?bat)[ ]?\\+`, "bplus"),
  rule(`\\+[ ]?(?:batt?|bat|b)${END}`, "bplus"),
  rule(`b[ ]?\\+`, "bplus"),
  rule(`(?:v?batt?)[ ]?-(?![\\p{L}\\p{N} ])`, "bminus"),
  rule(`b[ ]?-${END}(?! )`, "bminus"),
  rule(`d[ ]?\\+`, "dplus"),
  rule(`s[ ]?\\+`, "splus"),
  rule(`ill?[ ]?\\+`, "illumination plus"),
  rule(`ill?[ ]?-${END}`, "illumination minus"),
  rule(`(?:sae )?j1939[ _-]?(?:h|hi|high|\\+)${END}`, "canh j1939"),
  rule(`(?:sae )?j1939[ _-]?(?:l|lo|low|-)${END}`, "canl j1939"),
  rule(`k[- ]?(?:line|lead|wire|leitung)${END}`, "kline"),
  rule(`w[- ]?lead${END}`, "w terminal"),
  rule(`\\(?pos(?:itive)?\\.?\\)? trigger`, "plus trigger"),
  rule(`(?:live|hot|positive|pos\\.?) end${END}`, "plus"),
  rule(`(?<=coil[,]? )a1${END}`, "plus"),
  rule(`(?<=coil[,]? )a2${END}`, "minus"),
  rule(`vb[ ]?\\+`, "bplus"),
  rule(`vb[ ]?-(?![\\p{L}\\p{N} ])`, "bminus"),
  rule(`a\\/t${END}`, "gearbox"),
  rule(`di (?=\\d)`, "digital in "),
  rule(`do (?=\\d)`, "digital out "),
  rule(`air[ -]?condition(?:er|ing)?${END}`, "aircon"),
  rule(`air bag${END}`, "airbag"),
  rule(`(oil|fuel|air|water|brake|boost) p${END}`, (m) => `${group(m, 1)} pressure`),
  rule(`(oil|water|air|fuel|cabin) t${END}`, (m) => `${group(m, 1)} temperature`),
  rule(`\\d+(?:-\\d+)? ?r${END}`, "ohm"),
  rule(`d(?:ig)?in ?\\+`, "digital plus"),
  rule(`d(?:ig)?in ?-(?=[\\s\\d])`, "digital minus"),
  rule(`a\\/?c${END}`, "aircon"),
  rule(`a[ -]c(?= )`, "aircon"),
  rule(`a\\/f${END}`, "air fuel"),
  rule(`o2s?(?![\\p{L}])`, "oxygen sensor"),
  rule(`h?ox(\\d)([ab])${END}`, (m) => `oxygen sensor bank ${group(m, 1)} s${group(m, 2) === "a" ? 1 : 2}`),
  rule(
    `ht(\\d)([ab])${END}`,
    (m) => `oxygen sensor heater bank ${group(m, 1)} s${group(m, 2) === "a" ? 1 : 2}`,
  ),
  rule(`b(?:ank)?[ ]?(\\d)[ ,/-]?s(?:ensor)?[ ]?(\\d)${END}`, (m) => `bank ${group(m, 1)} s${group(m, 2)}`),
  rule(`b(\\d)${END}`, (m) => `bank ${group(m, 1)}`),
  rule(`v?vta?(\\d)${END}`, (m) => `throttle position sensor ${group(m, 1)}`),
  rule(`e2${END}`, "sensor return"),
  rule(`am[12]${END}`, "battery feed"),
  rule(`e0(\\d)${END}`, (m) => `power ground ${group(m, 1)}`),
  rule(`ne[ ]?\\+`, "crankshaft position sensor plus"),
  rule(`ne[ ]?-${END}`, "crankshaft position sensor minus"),
  rule(`g[ ]?\\+`, "camshaft position sensor plus"),
  rule(`(?:vr|trig(?:ger)?)[ ]?(\\d)?[ ]?\\+`, (m) => `vr ${group(m, 1)} plus`),
  rule(`(?:vr|trig(?:ger)?)[ ]?(\\d)?[ ]?-${END}`, (m) => `vr ${group(m, 1)} minus`),
  rule(`o\\/d${END}`, "overdrive"),
  rule(`n\\/s\\/?([fr])?${END}`, (m) => `left ${corner(group(m, 1))}`),
  rule(`o\\/s\\/?([fr])?${END}`, (m) => `right ${corner(group(m, 1))}`),
  rule(`([lr])[./ ]h\\.?${END}`, (m) => (group(m, 1) === "l" ? "left" : "right")),
  rule(`p\\/?n${END}`, "park neutral"),
  rule(`b\\/u${END}`, "reverse"),
  rule(`e-throttle`, "electronic throttle"),
  rule(`zyl\\.`, "cylinder"),
  rule(`r(?:ea)?r\\.? def${END}`, "rear window defrost"),
  rule(`c\\/l${END}`, "central lock"),
  rule(`h\\/l${END}`, "headlamp"),
  rule(`w\\/s${END}`, "windscreen"),
  rule(`p\\/w${END}`, "power window"),
  rule(`p\\/s${END}`, "power steering"),
  rule(`w\\/l${END}`, "wl"),
  rule(`w\\/[ ]?o${END}`, "without"),
  rule(`w\\/`, "with"),
  rule(`i\\/o${END}`, "io"),
  rule(`i\\/p${END}`, "instrument panel"),
  rule(`n[./]?[ ]?c\\.${END}`, "normally closed"),
  rule(`n\\.[ ]?o\\.`, "normally open"),
  rule(`n\\/o${END}`, "normally open"),
  rule(`n\\/[ca]${END}`, "nc"),
  rule(`f\\/r${END}`, "selector"),
  rule(`no\\.?[ ]?(?=\\d)`, "number "),
  rule(`#[ ]?(?=\\d)`, "hash "),
  rule(`j[ ]?(1850|1939|1708|1587)${END}`, (m) => `j${group(m, 1)}`),
  rule(`iso[ -]?9141(?:-2)?${END}`, "iso 9141"),
  rule(`open[ -](?:drain|coll(?:ector)?)${END}`, "opencollector"),
  rule(`(?:\\/|per) ?rev(?:olution)?${END}`, "per"),
  rule(`=`, "equals"),
  rule(`\\(\\+\\)`, "plus"),
  rule(`\\([-–−]\\)`, "minus"),
  rule(
    `(?<=[\\p{L}\\p{N}]) \\+ (?=\\p{L})(?!radio|side|end|lead|wire|of|from|to|in|out|terminal|is\\b|on\\b|at\\b)`,
    "and",
  ),
  rule(`(?<=[\\p{L}\\p{N}])[ ]?\\+(?=[\\s,;:)]|$)`, "plus"),
  rule(`(?<=^|\\s|,)\\+(?=\\s|$|\\()`, "plus"),
  rule(`(?<=[\\p{L}\\p{N}])[ ]?[-−](?=[,;:)]|$|\\s(?:radio|end|side|of|wire|lead|terminal|\\())`, "minus"),
  rule(`(?<=[\\p{L}\\p{N}])[-−](?=\\s)`, "minus"),
  rule(`(?<=^|\\s)[-−](?=\\p{L})`, "minus"),
  rule(`(?:4|four)[ -]?(?:x|wheel drive)[ -]?4?${END}`, "4wd"),
  rule(`(1st|2nd|3rd|4th|5th|6th)${END}`, (m) => ORDINAL[group(m, 1)] ?? ""),
];
const ORDINAL: Readonly<Record<string, string>> = {
  "1st": "first",
  "2nd": "second",
  "3rd": "third",
  "4th": "4",
  "5th": "5",
  "6th": "6",
};
const CORNER: Readonly<Record<string, string>> = { f: "front", r: "rear" };
const corner = (letter: string): string => CORNER[letter] ?? "";
const marks = (text: string): string => text.replace("+", "plus").replace("-", "minus");

/** Words that say nothing by themselves. */
const SILENT = new Set(
  "the a of is are it its be this that there i my der die das des den dem ein eine für for led wire wires lead leads cable kabel draht here by each".split(
    " ",
  ),
);
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
    const found = understand(word[0]);
    push(found.words, word[0], found.kind);
    at += word[0].length;
  }
  return tokens;
}

const isInWord = (source: string, at: number): boolean =>
  at > 0 && /[\p{L}\p{N}]/u.test(source[at - 1] as string) && /[\p{L}\p{N}]/u.test(source[at] as string);

/** Whether any rule begins here; most places have none, and one look is cheaper than all of them. */
const ANY_RULE = new RegExp(RULES.map(({ pattern }) => `(?:${pattern.source})`).join("|"), "yu");

function ruleAt(source: string, at: number): { readonly words: string; readonly raw: string } | undefined {
  ANY_RULE.lastIndex = at;
  if (!ANY_RULE.test(source)) return undefined;
  for (const { pattern, words } of RULES) {
    pattern.lastIndex = at;
    const found = pattern.exec(source);
    if (found !== null && found[0] !== "") return { words: words(found), raw: found[0] };
  }
  return undefined;
}

function kindOf(word: string): Token["kind"] {
  if (/^\d+$/.test(word)) return "number";
  return /^\d+[\d.,]*(v|amp|ohm|amount)$|^range/.test(word) ? "amount" : "known";
}

interface Understood {
  readonly words: string;
  readonly kind?: Token["kind"];
}
const known = new Map<string, Understood>();
const MOST_KEPT = 20_000;

/** A written word as the lexicon's words: by its form, its singular, its parts, or a form that is one slip away. */
function understand(written: string): Understood {
  let found = known.get(written);
  if (found === undefined) {
    if (known.size > MOST_KEPT) known.clear();
    known.set(written, (found = search(written.replace(/['’]s$/u, ""))));
  }
  return found;
}

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
    const single = formOf(word.slice(0, word.length - ending.length) + instead);
    if (single !== undefined) return single;
  }
  return null;
}
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
