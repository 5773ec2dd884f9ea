import { readMeaning } from "../meaning/index.ts";
import type { Connector, PlacedPin } from "../model/index.ts";
import { once } from "../util/index.ts";

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
  {
    what: "mains",
    words:
      /\b(mains|gen(?:erator|set)? v l?[123n]|(?:gen(?:erator|set)?|ats|bus)[ -]l[123]|l[123] (?:sens\w*|volts)|protective earth|protective conductor|schutzleiter|netzspannung|(?:1[012]|2[234])0 ?v ?(?:ac\b|~)|23\d ?v)\b/i,
  },
] as const;
export type KeepOut = (typeof TOPICS)[number]["what"] | "marked";

/** A signal that tells whether mains is there, and what a charger gives, are of the low voltage. */
const BESIDE_MAINS =
  /\b(presen\w*|detect\w*|ok|sens\w*|led|pilot|charger|lamp|light|indicator|relay coil|control)\b/i;
/** What the charger makes of the mains, where the label says so as well. */
const LOW_SIDE: ReadonlySet<string> = new Set(["mains present", "mains charger output"]);
const LOW_VOLTAGE = /\b(?:out(?:put)?|presen\w*|detect\w*|ok|logic|(?:12|24) ?v)\b/i;
/** DC above this is not touched without the training for it: voltage class B of UN Regulation No. 100 (from memory). */
const SAFE_VOLTS = 60;
const VOLTS = /(\d+(?:[.,]\d+)?) ?v(?:olts?|dc|ac)?\b/gi;

/** A lamp that tells of such a circuit, and nothing else in the label, is no part of it. */
const TELL_TALE = /\b(lamp|light|warning|tell-?tale|indicator)\b/i;

/**
 * Why a pin is left alone: its plug is marked, or what it serves is a circuit that is not worked on here; null for all others. A
 * label that names the circuit itself beside its lamp is kept out: here the careful side is taken.
 */
export function keepOutOf({ pin, connector }: PlacedPin): KeepOut | null {
  if (connector.keepOut !== "") return "marked";
  if (holdsMains(connector)) return "mains";
  if (
    [...pin.function.matchAll(VOLTS)].some(([, volts = ""]) => Number(volts.replace(",", ".")) > SAFE_VOLTS)
  )
    return "high-voltage";
  const { things, aside, kinds } = readMeaning(pin.function);
  // "Horn switch (spiral cable)": it runs past the airbag, and is none of it.
  const named = things.some(({ name }) => AT_WHEEL.has(name)) ? things : [...things, ...aside];
  const byThing = named.find(({ keepOut }) => keepOut !== null)?.keepOut ?? null;
  if (byThing !== null) return byThing;
  if (TELL_TALE.test(pin.function) || kinds.has("telltale")) return null;
  const isBeside =
    things.length > 0 && things.every(({ name }) => LOW_SIDE.has(name)) && LOW_VOLTAGE.test(pin.function);
  return (
    TOPICS.find(({ what, words }) => words.test(pin.function) && !(what === "mains" && isBeside))?.what ??
    null
  );
}

/** What is worked at the steering wheel, so that its wires run through the coil of the airbag (common practice). */
const AT_WHEEL: ReadonlySet<string> = new Set(["horn", "steering wheel controls", "cruise set switch"]);

/** Every wire of a plug that holds a wire of the mains belongs to it. */
const holdsMains = once(
  ({ module, pins }: Connector): boolean => isMains(module) || pins.some((pin) => isMains(pin.function)),
);
/** Whether a text names the mains itself. */
const isMains = (text: string): boolean =>
  TOPICS[2].words.test(text) && !BESIDE_MAINS.test(text) && !TELL_TALE.test(text);
