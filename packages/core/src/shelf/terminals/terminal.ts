import type { SecondaryLock } from "./locks.ts";

/** How the terminal's own lock is let go. */
export const RELEASES = [
  "lance-from-front",
  "lance-from-rear",
  "blade-from-rear",
  "push-forward-first",
  "shell-finger-from-front",
  "pull-to-seat",
  "no-lock",
] as const;
export type Release = (typeof RELEASES)[number];

/** A wire seal that fits: insulation diameters in mm, and which end goes first. */
export interface SealRange {
  readonly from: number;
  readonly to: number;
  readonly ribs: "towards the wire" | "towards the terminal";
}

/** A family of terminals as it can be told apart in the hand. Ranges in mm and mm². */
export interface TerminalSystem {
  readonly id: string;
  readonly name: string;
  readonly gender: "female" | "male" | "ring" | "none";
  /** Width of the contact or of the blade that it takes; null for a ring. */
  readonly width: number | null;
  /** Where its lance or lock window is seen. */
  readonly lockSide: "top" | "bottom" | "side" | "none";
  readonly release: Release;
  /** The second lock that is opened first; further ones in their order. */
  readonly secondary: SecondaryLock;
  readonly further?: readonly SecondaryLock[] | undefined;
  /** The lock has a first stop in which terminals go in and out, and is not taken off. */
  readonly twoStop?: boolean | undefined;
  /** One seal for all wires of the plug instead of one on each. */
  readonly mat?: boolean | undefined;
  /** How far the tool goes in, mm. */
  readonly depth?: number | undefined;
  /** What is let go in which order, before the wire comes out. */
  readonly order: readonly string[];
  readonly tool: string;
  readonly strip: readonly [from: number, to: number];
  readonly conductor: readonly [from: number, to: number];
  readonly insulation: readonly [from: number, to: number];
  readonly seals: readonly SealRange[];
  /** The lance is flattened by the release and must be bent back before it is used again. */
  readonly bendBack: boolean;
  /** The dimension or feature that tells it from its neighbours. */
  readonly tell: string;
  readonly goodCrimp: string;
  readonly cautions: readonly string[];
  readonly source: string;
}

/** What can be seen of a terminal or its shell without knowing a name; what is left out is not known. */
export interface SeenTraits {
  readonly sealed?: boolean | undefined;
  readonly lockSide?: TerminalSystem["lockSide"] | undefined;
  readonly secondary?: SecondaryLock | undefined;
  readonly gender?: TerminalSystem["gender"] | undefined;
  /** Contact width as measured, mm. */
  readonly width?: number | undefined;
  /** Conductor in it, mm². */
  readonly conductor?: number | undefined;
  readonly text?: string | undefined;
}

export interface TerminalMatch {
  readonly system: TerminalSystem;
  /** Traits that agree, and those that speak against it. */
  readonly agrees: readonly (keyof SeenTraits)[];
  readonly against: readonly (keyof SeenTraits)[];
}

/** Calipers on a contact are taken to be right within so many mm. */
const CALIPER = 0.25;

/** Terminal systems by what was seen, best first: fewest traits against, then most that agree, then the given order. Text narrows by name. */
export function findTerminals(
  systems: readonly TerminalSystem[],
  seen: SeenTraits,
): readonly TerminalMatch[] {
  const words = (seen.text ?? "")
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== "");
  return systems
    .filter((system) =>
      words.every((word) =>
        `${system.name} ${system.tell} ${system.tool} ${system.release} ${system.secondary}`
          .toLowerCase()
          .includes(word),
      ),
    )
    .map((system): TerminalMatch => {
      const tests: readonly (readonly [keyof SeenTraits, boolean | null])[] = [
        ["sealed", seen.sealed === undefined ? null : system.seals.length > 0 === seen.sealed],
        ["lockSide", seen.lockSide === undefined ? null : system.lockSide === seen.lockSide],
        [
          "secondary",
          seen.secondary === undefined
            ? null
            : system.secondary === seen.secondary || (system.further ?? []).includes(seen.secondary),
        ],
        ["gender", seen.gender === undefined ? null : system.gender === seen.gender],
        [
          "width",
          seen.width === undefined
            ? null
            : system.width !== null && Math.abs(system.width - seen.width) <= CALIPER,
        ],
        [
          "conductor",
          seen.conductor === undefined
            ? null
            : seen.conductor >= system.conductor[0] && seen.conductor <= system.conductor[1],
        ],
      ];
      return {
        system,
        agrees: tests.flatMap(([trait, fits]) => (fits === true ? [trait] : [])),
        against: tests.flatMap(([trait, fits]) => (fits === false ? [trait] : [])),
      };
    })
    .sort((a, b) => a.against.length - b.against.length || b.agrees.length - a.agrees.length);
}
