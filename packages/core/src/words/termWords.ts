import { OPEN_WORDS, type Term } from "../shelf/index.ts";

const DIRECTIONS: Readonly<Record<Term["direction"], string>> = {
  source: "driven by the module",
  load: "input of the module",
  both: "driven from both ends",
  passive: "a common rail",
};

/** What a function usually is and what happens without it (common practice; the maker's sheet decides). */
export const termWords = (term: Term): string =>
  `Usually ${term.signal}, ${DIRECTIONS[term.direction]}. Left open, ${OPEN_WORDS[term.open]}.`;
