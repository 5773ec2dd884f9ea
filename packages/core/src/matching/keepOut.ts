import { readMeaning } from "../meaning/index.ts";
import type { PlacedPin } from "../model/index.ts";

/**
 * Words that name a circuit which is not worked on here, whatever else is read from the label (common practice): on this side a word
 * too many costs nothing.
 */
const TOPICS = [
  {
    what: "restraint",
    words: /\b(airbag|air bag|srs|pretensioner|restraint|squib|clock ?spring|gurtstraffer)\b/i,
  },
  { what: "high-voltage", words: /\b(high voltage|hv battery|hvil|traction battery|orange hv|hochvolt)\b/i },
] as const;
export type KeepOut = (typeof TOPICS)[number]["what"] | "marked";

/** A lamp that tells of such a circuit, and nothing else in the label, is no part of it. */
const TELL_TALE = /\b(lamp|light|warning|tell-?tale|indicator)\b/i;

/**
 * Why a pin is left alone: its plug is marked, or what it serves is a circuit that is not worked on here; null for all others. A
 * label that names the circuit itself beside its lamp is kept out: here the careful side is taken.
 */
export function keepOutOf({ pin, connector }: PlacedPin): KeepOut | null {
  if (connector.keepOut !== "") return "marked";
  const { things, aside, kinds } = readMeaning(pin.function);
  const byThing = [...things, ...aside].find(({ keepOut }) => keepOut !== null)?.keepOut ?? null;
  if (byThing !== null) return byThing;
  if (TELL_TALE.test(pin.function) || kinds.has("telltale")) return null;
  return TOPICS.find(({ words }) => words.test(pin.function))?.what ?? null;
}
