/** What a pattern may begin with: its first characters, or null where it may be any; and whether it may be empty. */
interface Start {
  readonly letters: ReadonlySet<string> | null;
  readonly mayBeEmpty: boolean;
}
const ANYTHING: Start = { letters: null, mayBeEmpty: true };
const LOOKS_AROUND = /^\(\?(?:<?[=!])/;
const OPTIONAL = /^(?:[?*]|\{0)/;
const QUANTIFIER = /^(?:[?*+]|\{\d+(?:,\d*)?\})\??/;

/**
 * The characters that a match of a pattern may begin with, or null where nothing is known: groups, alternatives, plain classes and
 * optional parts are followed, everything else counts as anything.
 */
export function firstLetters(pattern: string): ReadonlySet<string> | null {
  const { letters, mayBeEmpty } = startOf(pattern);
  return mayBeEmpty ? null : letters;
}

function startOf(pattern: string): Start {
  const starts = alternativesOf(pattern).map(startOfSequence);
  return {
    letters: starts.some(({ letters }) => letters === null)
      ? null
      : new Set(starts.flatMap(({ letters }) => [...(letters ?? [])])),
    mayBeEmpty: starts.some(({ mayBeEmpty }) => mayBeEmpty),
  };
}

function startOfSequence(sequence: string): Start {
  const letters = new Set<string>();
  for (let rest = sequence; rest !== "";) {
    const atom = atomAt(rest);
    const behind = rest.slice(atom.length);
    rest = behind.slice(QUANTIFIER.exec(behind)?.[0].length ?? 0);
    if (LOOKS_AROUND.test(atom) || atom === "^" || atom === "\\b") continue;
    const start = startOfAtom(atom);
    if (start.letters === null) return ANYTHING;
    for (const letter of start.letters) letters.add(letter);
    if (!start.mayBeEmpty && !OPTIONAL.test(behind)) return { letters, mayBeEmpty: false };
  }
  return { letters, mayBeEmpty: true };
}

function startOfAtom(atom: string): Start {
  if (atom.startsWith("(")) return startOf(atom.slice(atom.startsWith("(?:") ? 3 : 1, -1));
  if (atom.startsWith("[")) return { letters: lettersOfClass(atom.slice(1, -1)), mayBeEmpty: false };
  if (atom === ".") return ANYTHING;
  if (atom === "\\d") return { letters: new Set("0123456789"), mayBeEmpty: false };
  if (/^\\[a-zA-Z]/.test(atom)) return ANYTHING;
  return { letters: new Set([atom.replace("\\", "")]), mayBeEmpty: false };
}

/** The characters of a class of single ones and ranges; null with negations and properties. */
function lettersOfClass(inside: string): ReadonlySet<string> | null {
  if (/^\^|\\[a-zA-Z]/.test(inside)) return null;
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
    const inner =
      pattern[at] === "(" || pattern[at] === ")" ? (pattern[at] as string) : atomAt(pattern.slice(at));
    if (inner === "(") depth++;
    if (inner === ")") depth--;
    at += inner.length;
    if (depth === 0) return pattern.slice(0, at);
  }
  return pattern;
}
