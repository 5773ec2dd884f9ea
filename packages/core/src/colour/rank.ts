import type { ColourName } from "./colour.ts";
import { CODE_SETS, COLOUR_SYSTEMS, COLOUR_WORDS, type CodeTable, type ColourSystem } from "./codeTables.ts";
import { parseColour, readingsIn } from "./parse.ts";

export interface RankedSystem {
  readonly system: ColourSystem;
  /** Codes of the column that the system reads, of `total`. */
  readonly read: number;
  readonly total: number;
  /** 0 to 1: how likely it is that the column was written in this system, given that it is one of the four. */
  readonly probability: number;
}

/** How often colours are met as base or stripe; the others share what is left (common practice, no source). */
const OFTEN: Partial<Record<ColourName, number>> = {
  black: 0.15,
  white: 0.12,
  red: 0.12,
  green: 0.1,
  blue: 0.1,
  yellow: 0.1,
  brown: 0.08,
  grey: 0.07,
  violet: 0.05,
  orange: 0.05,
  pink: 0.04,
};
const SELDOM = 0.01;
/** A code that the system does not have: a slip of the pen, or the wrong system. */
const SLIP = 1e-4;
/** Of several codes for one colour a list uses the first one listed most of the time. */
const FIRST_ALIAS = 0.8;
/** German lists are often in small letters, the others hardly ever. */
const SMALL_LETTERS: Readonly<Record<ColourSystem, number>> = {
  iec: 0.05,
  german: 0.5,
  japanese: 0.05,
  "north-american": 0.05,
};

/**
 * Ranks the systems for a whole column by likelihood over its distinct codes: each set of a system gives a code the share of
 * its colour, divided among the codes it has for that colour; a code it lacks counts as a slip. Plain words say nothing.
 * Best first; ties in the order IEC, German, Japanese, North-American.
 */
export function rankSystems(codes: readonly string[]): readonly RankedSystem[] {
  const distinct = [...new Set(codes.map((code) => code.trim()).filter((code) => code !== ""))];
  const codesOnly = distinct.filter((code) => !(code.toLowerCase() in COLOUR_WORDS));
  const small = codesOnly.length > 0 && codesOnly.every((code) => code === code.toLowerCase());
  const logs = COLOUR_SYSTEMS.map((system) => {
    const perSet = CODE_SETS[system].map((set) => distinct.reduce((sum, code) => sum + logOf(code, set), 0));
    if (codesOnly.length === 0) return logMean(perSet);
    return logMean(perSet) + Math.log(small ? SMALL_LETTERS[system] : 1 - SMALL_LETTERS[system]);
  });
  const top = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - top));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  return COLOUR_SYSTEMS.map((system, i): RankedSystem => ({
    system,
    read: distinct.filter((code) => parseColour(code, system).ok).length,
    total: distinct.length,
    probability: distinct.length === 0 ? 1 / COLOUR_SYSTEMS.length : (weights[i] ?? 0) / all,
  })).sort((a, b) => (distinct.length === 0 ? 0 : b.probability - a.probability));
}

function logOf(code: string, set: CodeTable): number {
  const [reading] = readingsIn(code, set, { separated: false });
  if (reading === undefined || reading.colour.stripes.length > 2) return Math.log(SLIP);
  return reading.pieces.reduce((sum, piece) => {
    const share = OFTEN[piece.name] ?? SELDOM;
    if (piece.code === null) return sum + Math.log(share);
    const aliases = Object.keys(set).filter((alias) => set[alias] === piece.name);
    const first = aliases.length === 1 ? 1 : FIRST_ALIAS;
    return sum + Math.log(share * (aliases[0] === piece.code ? first : (1 - first) / (aliases.length - 1)));
  }, 0);
}

function logMean(logs: readonly number[]): number {
  const top = Math.max(...logs);
  return top + Math.log(logs.reduce((sum, log) => sum + Math.exp(log - top), 0) / logs.length);
}
