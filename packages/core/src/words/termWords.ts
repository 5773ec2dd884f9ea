import type { Thing } from "../meaning/index.ts";
import { OPEN_WORDS, SIGNAL_WORDS } from "../shelf/index.ts";

const DIRECTIONS: Readonly<Record<Thing["direction"], string>> = {
  source: "driven by the module",
  load: "input of the module",
  both: "driven from both ends",
  passive: "a common rail",
};

/** What a function usually is and what happens without it (common practice; the maker's sheet decides). */
export const termWords = (term: Thing): string =>
  `Usually ${SIGNAL_WORDS[term.signal]}, ${DIRECTIONS[term.direction]}. Left open, ${OPEN_WORDS[term.open]}.`;
