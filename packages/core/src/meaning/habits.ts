import type { Connector } from "../model/index.ts";
import type { MeaningContext } from "./tokensIn.ts";

/** How a list speaks, which decides how its bare numbers and its "IGN 1" are read. */
export interface ListHabits {
  readonly bareTerminals: boolean;
  readonly ignitionCoils: boolean;
  readonly lampPlug: boolean;
}

const BARE = /(?:^|[\s/,(])(?:58[LRKdk]|56[abd]|53[abce]|49[aLR]|54|31b)(?![\p{L}\p{N}])/u;
const NAMED = /\b(?:kl|klemme|term|terminal)\b/i;
const BARE_FIRST = /^(?:15|30|31|50|54|56|58|61|75|85|86|87)\s+\p{L}/u;
const LAMPS =
  /\b(?:lamps?|lights?|turn|flasher|indicator|tail|stop|fog|beam|58[lr]?|54|bl|br|nsl|leuchte|blinker|licht)\b/i;
const IGNITION = /^\s*(?:ign(?:ition)?|spark)(?: signal| output| coil)?[ _.-]*(?:no\.? ?)?([1-8])\b/i;

/** Reads the habits of the texts of one plug: bare DIN numbers count where at least two stand there, "IGN n" is a coil where three or more stand in a row. */
export function habitsOf(texts: readonly string[]): ListHabits {
  const bare = texts.filter((text) => (BARE.test(text) || BARE_FIRST.test(text)) && !NAMED.test(text)).length;
  const ignition = new Set(texts.flatMap((text) => IGNITION.exec(text)?.[1] ?? []));
  const lamps = texts.filter((text) => LAMPS.test(text)).length;
  return {
    bareTerminals: bare >= 2,
    ignitionCoils: ignition.size >= 3,
    lampPlug: lamps >= 3 && lamps * 3 >= texts.length,
  };
}

const CONTEXTS = new WeakMap<Connector, MeaningContext>();
/** What a connector tells of the texts in it: its name, the part that it is on, and how its list speaks. Worked out once for each connector. */
export function contextOf(connector: Connector): MeaningContext {
  const known = CONTEXTS.get(connector);
  if (known !== undefined) return known;
  const { name, place, pins } = connector;
  const context = { ...habitsOf(pins.map((pin) => pin.function)), plug: name, module: place };
  CONTEXTS.set(connector, context);
  return context;
}
