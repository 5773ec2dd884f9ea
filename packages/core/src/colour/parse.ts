import { fail, ok, type Result } from "../util/index.ts";
import type { ColourName, WireColour } from "./colour.ts";
import { CODE_TABLES, COLOUR_SYSTEMS, COLOUR_WORDS, type ColourSystem } from "./codeTables.ts";

export type ColourProblem =
  | { readonly code: "colour-unknown"; readonly text: string; readonly system: ColourSystem }
  | { readonly code: "colour-too-many-stripes"; readonly text: string }
  | { readonly code: "colour-empty" };

const RINGS = /\b(?:one|two|three|\d+)?\s*([a-z]+)\s+(?:rings?|dots?|marks?|tracers?)\b/i;

/** One colour by code or word; longest match wins, so "LG" is never L then G. */
function lookUp(text: string, system: ColourSystem): ColourName | undefined {
  const clean = text.trim().replace(/\s+/g, " ");
  return CODE_TABLES[system][clean.toUpperCase().replace("LT. ", "LT ").replace("DK. ", "DK ")] ?? COLOUR_WORDS[clean.toLowerCase()];
}

/** Codes run together without a separator ("GNYE"): two parts or three, each a code of the system with the first the longest. */
function splitRun(run: string, system: ColourSystem): readonly ColourName[] | undefined {
  const whole = lookUp(run, system);
  if (whole !== undefined) return [whole];
  if (/\s/.test(run.trim())) return undefined;
  for (let length = Math.min(run.length - 1, 3); length >= 1; length--) {
    const head = lookUp(run.slice(0, length), system);
    const tail = head === undefined ? undefined : splitRun(run.slice(length), system);
    if (head !== undefined && tail !== undefined) return [head, ...tail];
  }
  return undefined;
}

/**
 * Reads a colour code within one declared system: base, then stripes, separated by `/ - . ,` or "with", or run together;
 * plain words are read in every system. "SW/GN" (german) is black with a green stripe.
 * Refuses what the system does not know and more than two stripes.
 */
export function parseColour(text: string, system: ColourSystem): Result<WireColour, ColourProblem> {
  if (text.trim() === "") return fail({ code: "colour-empty" });
  const ringMatch = RINGS.exec(text);
  const rings = ringMatch === null ? undefined : lookUp(ringMatch[1] ?? "", system);
  const body = rings === undefined || ringMatch === null ? text : text.replace(ringMatch[0], "");
  const parts = body
    .replace(/\b(stripes?|tracer|and|with)\b/gi, "/")
    .split(/[/\-–.,+;]+/)
    .map((part) => part.trim())
    .filter((part) => part !== "");
  const names = parts.map((part) => splitRun(part, system));
  if (parts.length === 0 || names.some((name) => name === undefined)) return fail({ code: "colour-unknown", text, system });
  const [base, ...stripes] = names.flatMap((name) => name ?? []);
  if (base === undefined || stripes.length > 2) return fail({ code: "colour-too-many-stripes", text });
  return ok({ base, stripes, rings: rings ?? null });
}

/** How many of a column's codes each system reads; best first, ties in the order IEC, German, Japanese, North-American. */
export function rankSystems(codes: readonly string[]): readonly { readonly system: ColourSystem; readonly read: number }[] {
  const filled = codes.filter((code) => code.trim() !== "");
  return COLOUR_SYSTEMS.map((system) => ({ system, read: filled.filter((code) => parseColour(code, system).ok).length })).sort((a, b) => b.read - a.read);
}

/** Writes a colour in a system, parts joined with "/"; a colour that the system has no code for is written as its word. */
export function formatColour(colour: WireColour, system: ColourSystem): string {
  const one = (name: ColourName): string => Object.entries(CODE_TABLES[system]).find(([, value]) => value === name)?.[0] ?? name;
  return [[colour.base, ...colour.stripes].map(one).join("/"), ...(colour.rings === null ? [] : [`${one(colour.rings)} rings`])].join(", ");
}
