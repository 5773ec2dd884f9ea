/**
 * What a match of a pattern begins with, at least: two characters, or fewer with `ANYTHING` behind them where the pattern ends or says
 * no more than that something follows. Groups, alternatives, plain classes and optional parts are followed; the rest is anything.
 */
export type Beginnings = ReadonlySet<string>;
const ANYTHING = "*";
/** So many characters are looked at. */
export const LENGTH = 2;
/** More beginnings than this tell nothing. */
const MOST = 400;

const isOpen = (beginning: string): boolean => beginning.length < LENGTH && !isCut(beginning);
const isCut = (beginning: string): boolean => beginning.length > 0 && beginning.endsWith(ANYTHING);
const LOOKS_AROUND = /^\(\?<?[=!]/;
const QUANTIFIER = /^(?:[?*+]|\{\d+(?:,\d*)?\})\??/;

/** Whether a match may begin where a text goes on with these characters, `LENGTH` of them or as many as are left. */
export const mayBegin = (beginnings: Beginnings, next: string): boolean =>
  beginnings.has(next) || beginnings.has(`${next.charAt(0)}${ANYTHING}`) || beginnings.has(ANYTHING);

export function beginningsOf(pattern: string): Beginnings {
  const found = new Set([...ofAlternatives(pattern)].map((one) => (isOpen(one) ? one + ANYTHING : one)));
  return found.size > MOST ? new Set([ANYTHING]) : found;
}

/** The same, where what ends early stays open for what may follow. */
const ofAlternatives = (pattern: string): Beginnings =>
  new Set(alternativesOf(pattern).flatMap((sequence) => [...ofSequence(sequence)]));

function ofSequence(sequence: string): Beginnings {
  let found: Beginnings = new Set([""]);
  for (let rest = sequence; rest !== "" && [...found].some(isOpen) && found.size <= MOST;) {
    const atom = atomAt(rest);
    const behind = rest.slice(atom.length);
    const quantifier = QUANTIFIER.exec(behind)?.[0] ?? "";
    rest = behind.slice(quantifier.length);
    if (LOOKS_AROUND.test(atom) || atom === "^" || atom === "$" || atom === "\\b") continue;
    const next = quantified(ofAtom(atom), quantifier);
    found = new Set(
      [...found].flatMap((one) => (isOpen(one) ? [...next].map((other) => cutTo(one + other)) : [one])),
    );
  }
  return found;
}
/** A beginning no longer than is looked at. */
const cutTo = (text: string): string => {
  const cut = text.indexOf(ANYTHING);
  return cut >= 0 && cut < LENGTH ? text.slice(0, cut + 1) : text.slice(0, LENGTH);
};
function quantified(found: Beginnings, quantifier: string): Beginnings {
  if (quantifier === "") return found;
  const repeated = quantifier.startsWith("?")
    ? found
    : new Set([...found].flatMap((one) => (isOpen(one) ? [one, cutTo(one + ANYTHING)] : [one])));
  return /^(?:[?*]|\{0)/.test(quantifier) ? new Set(["", ...repeated]) : repeated;
}

function ofAtom(atom: string): Beginnings {
  if (atom.startsWith("(")) return ofAlternatives(atom.slice(atom.startsWith("(?:") ? 3 : 1, -1));
  if (atom.startsWith("[")) return ofClass(atom.slice(1, -1));
  if (atom === "\\d") return new Set("0123456789");
  if (atom === "." || atom === ANYTHING || /^\\[a-zA-Z*]/.test(atom)) return new Set([ANYTHING]);
  return new Set([atom.replace("\\", "")]);
}

/** The characters of a class of single ones and ranges; anything with negations and properties. */
function ofClass(inside: string): Beginnings {
  if (/^\^|\\[a-zA-Z]|\*/.test(inside)) return new Set([ANYTHING]);
  const ranged = inside.replace(/([^\\])-(.)/gu, (_, from: string, to: string) =>
    Array.from({ length: codeOf(to) - codeOf(from) + 1 }, (__, i) =>
      String.fromCodePoint(codeOf(from) + i),
    ).join(""),
  );
  return new Set(ranged.replaceAll("\\", ""));
}
const codeOf = (letter: string): number => letter.codePointAt(0) ?? 0;

/** The alternatives of a pattern, at its own level. */
function alternativesOf(pattern: string): readonly string[] {
  const found: string[] = [""];
  for (let rest = pattern; rest !== "";) {
    const atom = atomAt(rest);
    if (atom === "|") found.push("");
    else found.push(`${found.pop() ?? ""}${atom}`);
    rest = rest.slice(atom.length);
  }
  return found;
}

/** What stands first in a pattern: a group or a class with all that is in it, an escaped character, or one character. */
function atomAt(pattern: string): string {
  const [first = ""] = pattern;
  if (first === "\\") return /^\\(?:[pP]\{[^}]*\}|.)/u.exec(pattern)?.[0] ?? first;
  if (first === "[") return /^\[(?:\\.|[^\]\\])*\]/u.exec(pattern)?.[0] ?? first;
  if (first !== "(") return first;
  let depth = 0;
  for (let at = 0; at < pattern.length;) {
    const letter = pattern[at] ?? "";
    if (letter === "(") depth++;
    if (letter === ")") depth--;
    at += letter === "(" || letter === ")" ? 1 : atomAt(pattern.slice(at)).length;
    if (depth === 0) return pattern.slice(0, at);
  }
  return pattern;
}
