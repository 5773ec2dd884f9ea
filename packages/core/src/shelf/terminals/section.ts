import type { SecondaryLock } from "./locks.ts";
import type { TerminalSystem } from "./terminal.ts";

/** A terminal in its cavity, cut along its length: what holds it, where the tool goes in and how it moves. Words and drawing are made from this alone. */
export interface Section {
  /** The lance of the terminal itself, a finger of the shell, or barbs that grip all round. */
  readonly holder: "lance" | "finger" | "barbs" | "none";
  /** Which side of the terminal is held; seen with the latch of the plug up, or from above for the flanks. */
  readonly side: TerminalSystem["lockSide"];
  readonly toolFrom: "front" | "rear" | null;
  /** Where the tool presses: a lance is flattened towards the terminal, a finger lifted away from it, barbs are closed along the wire. */
  readonly toolMoves: "towards the terminal" | "away from the terminal" | "along the wire" | null;
  /** How far the tool goes in, mm; a typical value (common practice, no source). */
  readonly depth: number | null;
  readonly pushFirst: boolean;
  readonly leavesTo: "rear" | "front";
  /** Second locks in the order in which they are opened. */
  readonly locks: readonly Exclude<SecondaryLock, "none">[];
  readonly seal: "none" | "single" | "mat";
  /** A ring under a nut, in no shell at all. */
  readonly isRing: boolean;
}

const HOLDERS: Readonly<Record<TerminalSystem["release"], Section["holder"]>> = {
  "lance-from-front": "lance",
  "push-forward-first": "lance",
  "pull-to-seat": "lance",
  "lance-from-rear": "barbs",
  "blade-from-rear": "finger",
  "shell-finger-from-front": "finger",
  "no-lock": "none",
};

/** The locks over the terminals, in the order in which they are opened. */
export const locksOf = ({
  secondary,
  further = [],
}: Pick<TerminalSystem, "secondary" | "further">): Section["locks"] =>
  [secondary, ...further].flatMap((lock) => (lock === "none" ? [] : [lock]));

/** What a section is made from. */
export type SectionFacts = Pick<
  TerminalSystem,
  "release" | "lockSide" | "seals" | "mat" | "secondary" | "further" | "depth" | "gender"
>;
export function sectionOf(system: SectionFacts): Section {
  const { release, lockSide, seals } = system;
  const holder = HOLDERS[release];
  const fromRear = release === "lance-from-rear" || release === "blade-from-rear";
  const moves: Readonly<Record<Section["holder"], Section["toolMoves"]>> = {
    lance: "towards the terminal",
    finger: "away from the terminal",
    barbs: "along the wire",
    none: null,
  };
  const front = holder === "none" ? null : "front";
  const sealed = system.mat === true ? "mat" : "single";
  return {
    holder,
    side: lockSide,
    toolFrom: fromRear ? "rear" : front,
    toolMoves: moves[holder],
    depth: system.depth ?? null,
    pushFirst: release === "push-forward-first",
    leavesTo: release === "pull-to-seat" ? "front" : "rear",
    locks: locksOf(system),
    seal: seals.length === 0 ? "none" : sealed,
    isRing: system.gender === "ring",
  };
}
