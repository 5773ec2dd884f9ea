import type { OpenEffect, Term } from "../shelf/index.ts";

const OPEN: Readonly<Record<OpenEffect, string>> = {
  dead: "the part does not work", "module-dead": "the module does not come on", "no-start": "the engine does not start", limp: "a fault code, and it drives with little power",
  code: "a fault code, and it drives", "poor-running": "the engine runs poorly", "lamp-off": "the lamp stays dark", "lamp-on": "the warning lamp stays on", "reads-wrong": "the reading is wrong",
  "memory-lost": "the memory is lost at every key-off", "comfort-lost": "this one function is missing", floats: "the input floats and acts at random", "bus-silent": "the module is not heard on the bus",
  noise: "interference gets in", "charge-lost": "the battery is not charged", overheats: "it overheats", restraint: "a restraint system is affected: keep out", nothing: "usually nothing is noticed",
};
const DIRECTIONS: Readonly<Record<Term["direction"], string>> = { source: "driven by the module", load: "taken in by the module", both: "driven from both ends", passive: "a common rail" };

/** What a function usually is and what happens without it (common practice; the maker's sheet decides). */
export const termWords = (term: Term): string => `Usually ${term.signal}, ${DIRECTIONS[term.direction]}. Left open, ${OPEN[term.open]}.`;
