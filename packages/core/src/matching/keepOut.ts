import type { PlacedPin } from "../model/index.ts";

/** What is not worked on here: told by the words of the function (common practice). */
const TOPICS = [
  { what: "restraint", words: /\b(airbag|air bag|srs|pretensioner|restraint|squib|clock ?spring)\b/i },
  { what: "high-voltage", words: /\b(high voltage|hv battery|hvil|traction battery|orange hv)\b/i },
] as const;
export type KeepOut = (typeof TOPICS)[number]["what"] | "marked";

/** A tell-tale is no part of the circuit that it tells of. */
const TELL_TALE = /\b(lamp|light|warning|tell-?tale|indicator)\b/i;

/** Why a pin is left alone: its plug is marked, or its words name a circuit that is not worked on here; null for all others. */
export function keepOutOf({ pin, connector }: PlacedPin): KeepOut | null {
  if (connector.keepOut !== "") return "marked";
  if (TELL_TALE.test(pin.function)) return null;
  return TOPICS.find(({ words }) => words.test(pin.function))?.what ?? null;
}
