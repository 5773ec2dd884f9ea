import { isLowLevel, isSupply, type Direction, type SignalClass } from "../model/index.ts";
import type { Token } from "./lex.ts";
import type { Meaning } from "./meaning.ts";

const BOTH_WAYS: ReadonlySet<SignalClass> = new Set(["can-h", "can-l", "lin", "k-line"]);

const GOES = /\b(?:(?:going|goes|leading|leads|runs) (to)|com(?:m?ing|es) from)\b/i;
/** Which way the words say that a wire works, seen from its own connector; null where they do not say. */
export function wayOf(
  tokens: readonly Token[],
  { signal, roles, kinds, contact }: Pick<Meaning, "signal" | "roles" | "kinds" | "contact">,
): Direction | null {
  if (BOTH_WAYS.has(signal)) return "both";
  if (signal === "shield") return "passive";
  const words = tokens.map(({ word }) => word);
  const has = (...some: readonly string[]): boolean => some.some((word) => words.includes(word));
  if (contact !== null) return contact.startsWith("87") ? "source" : "load";
  // "AN GND, reference for inputs": what they are measured against leads out of the module.
  const isIn = roles.has("in") && signal !== "sensor-return";
  if (isIn !== roles.has("out")) return roles.has("out") ? "source" : "load";
  // "Crank wire going to the starter": what a loom brings there, and what it takes there.
  const going = isSupply(signal) ? GOES.exec(tokens.map(({ raw }) => raw).join(" ")) : null;
  if (going !== null) return going[1] === undefined ? "source" : "load";
  if (has("sink", "sinks") && tokens.some(({ raw }) => /^(activate|trigger|switch on)$/.test(raw)))
    return "load";
  if (has("sinks", "sink", "ls", "hs", "opencollector")) return "source";
  if ((signal === "sensor-supply" || signal === "sensor-return") && has("from", "supplied") && has("unit"))
    return "source";
  if (signal === "audio" && has("radio", "amplifier") !== has("door", "shelf"))
    return has("door", "shelf") ? "load" : "source";
  if (signal === "lamp-feed" && tokens.some(({ raw }) => /^(bulb|filament|globe)$/.test(raw))) return "load";
  if (signal === "lamp-feed" && (has("supply") || (has("hot") && has("from")))) return "source";
  if (has("wants", "needs") && has("pulse", "square", "signal", "duty")) return "load";
  // A winding waits for what drives it.
  const winding = kinds.has("coil") && (kinds.has("relay") || kinds.has("contactor") || kinds.has("valve"));
  return winding && (signal === "switched-ground" || signal === "switched-supply") ? "load" : null;
}

/** "Input from switch", "output to motor" on a loom's plug: said of the module that sits on it, so the loom's wire works the other way. */
const isSaidOfTheModule = (text: string): boolean =>
  /\b(?:in|input)\b.*\bfrom\b|\b(?:out|output)\b.*\bto\b/i.test(text);

const MODULE_WORDS =
  /\b(dig(ital)? ?in|an(alog)? ?(volt|temp|in)|ls ?out|hs ?out|sinks|sig(nal)?|ctrl|cntl|control|pull-?up|active (low|high)|ecm|pcm|in\b|out\b|input|output|low ref|5 ?v ref|driver|feedback|high impedance|option(al)?|trigger)\b/i;
const LOOM_WORDS =
  /\b(fuse|fused|from|to the|wants|winding|stud|bolt|pillar|kick panel|sill|quarter|relay,? coil|sender|switch,|other side|fusible|harness side|globe|behind|always|all times|live|coil|tank unit|lamps?|motor)\b/i;

/**
 * Whether a plug is the module's (1) or the loom's (-1), from the functions of its pins: a module's sheet speaks of inputs, outputs and controls, a loom's of
 * fuses, places and switches (common practice, no source). `side` helps where the words do not: what comes in is more often a module.
 */
export function leaningOf(texts: readonly string[], side: "vehicle" | "incoming"): number {
  let sum = side === "vehicle" ? -1.2 : 1;
  for (const text of texts) {
    if (MODULE_WORDS.test(text)) sum += 0.5;
    if (LOOM_WORDS.test(text)) sum -= 0.5;
  }
  return Math.tanh(sum / Math.max(3, Math.sqrt(texts.length)));
}

const FLIPPED: Readonly<Record<Direction, Direction>> = {
  source: "load",
  load: "source",
  both: "both",
  passive: "passive",
};

/** The direction of a wire with how likely it is: as its words say, else as a plug of that leaning usually has it. */
export function directionOf(
  meaning: Meaning,
  signal: SignalClass,
  leaning: number,
): { readonly direction: Direction | null; readonly certain: number } {
  if (meaning.direction !== null) {
    const turned = leaning < 0 && isSaidOfTheModule(meaning.text);
    return { direction: turned ? FLIPPED[meaning.direction] : meaning.direction, certain: 0.92 };
  }
  if (signal === "unknown" || signal === "none") return { direction: null, certain: 0 };
  if (BOTH_WAYS.has(signal)) return { direction: "both", certain: 0.97 };
  const atModule = atTheModule(meaning, signal);
  if (atModule === null) return { direction: null, certain: 0 };
  const certain = 0.5 + 0.42 * Math.abs(leaning);
  return { direction: leaning >= 0 ? atModule : FLIPPED[atModule], certain };
}

/** Which way a wire of this class works at the module that it serves. */
function atTheModule({ things, kinds, roles }: Meaning, signal: SignalClass): Direction | null {
  // The starter's own relay wants what a module or a key gives.
  if (signal === "start" && things[0]?.name === "starter relay") return "source";
  if (isSupply(signal) || signal === "ground") return "load";
  if (signal === "sensor-supply" || signal === "sensor-return") return "source";
  const [thing] = things;
  if (signal === "coil") return "source";
  // Which end of a lamp's or motor's wire this is, only words can tell.
  if (signal === "lamp-feed" || signal === "lamp-dimmer" || signal === "audio") return null;
  if (signal === "dry-contact") return "passive";
  // Who asks gives the signal, and the module hears it.
  if (kinds.has("switch") || (roles.has("request") && !kinds.has("relay"))) return "load";
  if (isLowLevel(signal) && signal !== "pwm") return "load";
  return thing === undefined || thing.direction === "passive" || thing.direction === "both"
    ? null
    : thing.direction;
}
