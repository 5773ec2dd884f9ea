import type { StepKind } from "../plan/index.ts";
import { crimpOrder, insertOrder, LOCK_WORK, locksOf, type TerminalSystem } from "../shelf/index.ts";

/** How the hand does a step at a terminal of one system. */
export interface HowTo {
  readonly system: TerminalSystem;
  readonly title: string;
  readonly act: TerminalAct;
  readonly lines: readonly string[];
}

/** What the hand does with a terminal: it comes out, goes in, or onto its wire. */
export const TERMINAL_ACTS = ["release", "insert", "crimp"] as const;
export type TerminalAct = (typeof TERMINAL_ACTS)[number];

/** The lines of an act, in order, as the numbers of its drawing have them. */
export const orderOf: Readonly<Record<TerminalAct, (system: TerminalSystem) => readonly string[]>> = {
  release: ({ order }) => order,
  insert: insertOrder,
  crimp: crimpOrder,
};

const LINES: Partial<
  Record<StepKind, readonly [title: string, TerminalAct, (system: TerminalSystem) => readonly string[]]>
> = {
  release: ["Release, in order", "release", orderOf.release],
  "open-lock": [
    "Locks, in the order in which they open",
    "release",
    (system) => locksOf(system).map((lock) => LOCK_WORK[lock].open),
  ],
  "close-lock": [
    "Locks, in the order in which they close",
    "insert",
    (system) => [...locksOf(system)].reverse().map((lock) => LOCK_WORK[lock].close),
  ],
  insert: ["Insert, in order", "insert", orderOf.insert],
  crimp: ["Crimp, in order", "crimp", orderOf.crimp],
  strip: ["Crimp, in order", "crimp", orderOf.crimp],
  seal: ["Crimp, in order", "crimp", orderOf.crimp],
};

/** Kinds of step at which the way of the hand depends on the terminal system. */
export const needsHow = (kind: StepKind): boolean => LINES[kind] !== undefined;

/**
 * How a step is done with each of some terminal systems, those for the conductor's size in mm² first; empty where the kind of step does not
 * depend on them.
 */
export function howTo(
  kind: StepKind,
  systems: readonly TerminalSystem[],
  size: number | null,
): readonly HowTo[] {
  const found = LINES[kind];
  if (found === undefined) return [];
  const [title, act, linesOf] = found;
  const fits = ({ conductor: [from, to] }: TerminalSystem): boolean =>
    size === null || (size >= from && size <= to);
  return [...systems.filter(fits), ...systems.filter((one) => !fits(one))]
    .map((system) => ({ system, title, act, lines: linesOf(system) }))
    .filter(({ lines }) => lines.length > 0);
}
