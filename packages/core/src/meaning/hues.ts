import type { Token } from "./lex.ts";

/** Colours of lamps on a panel; a wire's colour stands elsewhere. */
const HUES: Readonly<Record<string, string>> = {
  red: "red",
  green: "green",
  grn: "green",
  amber: "amber",
  amb: "amber",
  orange: "amber",
  yellow: "yellow",
  blue: "blue",
  white: "white",
  r: "red",
  g: "green",
  y: "yellow",
  b: "blue",
};
const SHINES = /^(?:lamp|telltale|indicator|diode)$/;
const LAST_HUE = /^(.*\b(?:leds?|lamps?|lights?|ind(?:icator)?s?)[ _]+)([a-z]+)\s*$/i;
/** A letter that is a side as well. */
const EITHER = /^[rl]$/i;

/** The colour of a lamp that stands before it: "green LED". Null where none does. */
export const hueBefore = (written: string, after: string): string | null =>
  written.length > 1 && SHINES.test(after) ? (HUES[written] ?? null) : null;

/** Whether a list tells lamps apart by a colour behind them: "status LED R" and "status LED G". */
export function lampsByHue(texts: readonly string[]): boolean {
  const hues = new Map<string, Set<string>>();
  for (const text of texts) {
    const [, stem = "", last = ""] = LAST_HUE.exec(text) ?? [];
    if (HUES[last.toLowerCase()] === undefined) continue;
    const key = stem.toLowerCase();
    hues.set(key, (hues.get(key) ?? new Set<string>()).add(last));
  }
  return [...hues.values()].some((found) => found.size >= 2 && [...found].some((one) => !EITHER.test(one)));
}

/** "Load lamp green" as "load green lamp", where the list tells its lamps apart so. */
export function hueFirst(tokens: readonly Token[]): readonly Token[] {
  const [before, last] = tokens.slice(-2);
  const hue = last === undefined ? undefined : HUES[last.raw.toLowerCase()];
  return before === undefined || last === undefined || hue === undefined || !SHINES.test(before.word)
    ? tokens
    : [...tokens.slice(0, -2), { ...last, word: hue, raw: hue, kind: "known" }, before];
}
