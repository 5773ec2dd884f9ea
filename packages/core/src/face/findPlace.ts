import { locateAll, type Located } from "./locator.ts";
import type { Face, Hold } from "./slots.ts";

const NUMBERS: Readonly<Record<string, number>> = {
  first: 1,
  second: 2,
  third: 3,
  fourth: 4,
  fifth: 5,
  sixth: 6,
  seventh: 7,
  eighth: 8,
  ninth: 9,
  tenth: 10,
};
const number = (word: string): number => NUMBERS[word] ?? Number(word.replace(/(st|nd|rd|th)$/, ""));
const N = "(\\d+(?:st|nd|rd|th)?|first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth)";

/** What a text says of a place: which line, which place, counted from where. */
interface Said {
  readonly line: number | "first" | "last" | null;
  readonly place: number | "middle" | null;
  readonly from: "start" | "end";
}

/** Reads "row 2, 4 from left", "2/4", "top left", "third row, 2nd from the right", "left column, alone". */
function readPlace(text: string, lines: number): Said | null {
  let rest = text
    .toLowerCase()
    .replace(/[,;:]/g, " | ")
    .replace(/\bthe\b|\bof \d+\b|\balong\b/g, " ")
    .replace(/\s+/g, " ")
    .trim();
  const short = /^r?(\d+)\s*[/.]\s*(\d+)$/.exec(rest);
  if (short !== null) return { line: Number(short[1]), place: Number(short[2]), from: "start" };
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const found = pattern.exec(rest);
    if (found !== null) rest = rest.replace(found[0], " ").trim();
    return found;
  };
  const edge =
    take(/\b(top|upper|left|bottom|lower|right) (?:row|column|line)\b/) ??
    take(/^(top|upper|bottom|lower)\b(?=.*\b(?:left|right|middle|centre|\d)\b)/);
  const counted =
    edge === null
      ? (take(new RegExp(`\\b(?:row|column|line|r) ?${N}\\b`)) ??
        take(new RegExp(`\\b${N} (?:row|column|line)\\b`)))
      : null;
  take(/\bone (?:row|column)\b/);
  const line = (): Said["line"] => {
    if (edge !== null) return ["top", "upper", "left"].includes(edge[1] ?? "") ? "first" : "last";
    if (counted !== null) return number(counted[1] ?? "");
    return lines === 1 ? 1 : null;
  };
  const from = /\b(right|bottom)\b/.test(rest) ? "end" : "start";
  const place = new RegExp(`\\b${N}\\b`).exec(rest);
  if (place !== null) return { line: line(), place: number(place[1] ?? ""), from };
  if (/\b(middle|centre|center)\b/.test(rest)) return { line: line(), place: "middle", from };
  return /\b(left|right|top|bottom|end|alone)\b/.test(rest) ? { line: line(), place: 1, from } : null;
}

/** 1 is the first of so many lines; null when none is named. */
function lineNumber(line: Said["line"], lines: number): number | null {
  if (line === "first") return 1;
  return line === "last" ? lines : line;
}

export type Found =
  | { readonly kind: "one"; readonly place: Located }
  | { readonly kind: "several"; readonly places: readonly Located[] }
  | { readonly kind: "none"; readonly lines: number; readonly longest: number };

/**
 * The cavity that a typed text names in a hold: a label as printed, or a place in words. Words that leave a choice give all
 * places that they allow; clock words ("2 o'clock") go by the face as it is held.
 */
export function findPlace(face: Face, hold: Hold, text: string): Found {
  const all = locateAll(face, hold);
  const wanted = text.trim().toUpperCase();
  const lines = Math.max(
    0,
    ...all.map(({ locator }) => (locator.kind === "line" ? locator.line : locator.ring)),
  );
  const none: Found = {
    kind: "none",
    lines,
    longest: Math.max(0, ...all.map(({ locator }) => locator.places)),
  };
  if (wanted === "") return none;
  const labelled = all.filter(
    (place) =>
      place.label.toUpperCase() === wanted ||
      place.label.toUpperCase() === wanted.replace(/^(CAVITY|PIN|NO\.?)\s*/, ""),
  );
  const fits = labelled.length > 0 ? labelled : byWords(all, text, lines);
  const [only] = fits;
  if (only === undefined) return none;
  return fits.length === 1 ? { kind: "one", place: only } : { kind: "several", places: fits };
}

function byWords(all: readonly Located[], text: string, lines: number): readonly Located[] {
  const clock = /(\d+)\s*o.?clock/i.exec(text);
  if (clock !== null)
    return all.filter(({ locator }) => locator.kind === "ring" && locator.clock === Number(clock[1]));
  if (all.some(({ locator }) => locator.kind === "ring"))
    return /cent|middle/i.test(text)
      ? all.filter(({ locator }) => locator.kind === "ring" && locator.clock === 0)
      : [];
  const said = readPlace(text, lines);
  if (said === null) return [];
  const line = lineNumber(said.line, lines);
  return all.filter(({ locator }) => {
    if (locator.kind !== "line" || (line !== null && locator.line !== line)) return false;
    if (said.place === "middle") return Math.abs(locator.place - (locator.places + 1) / 2) < 1;
    return locator.place === (said.from === "start" ? said.place : locator.places + 1 - (said.place ?? 0));
  });
}
