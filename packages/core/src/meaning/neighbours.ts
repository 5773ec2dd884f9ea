import { isGeneric } from "./generic.ts";
import { thingNamed } from "./lexicon/index.ts";
import type { Meaning } from "./meaning.ts";
import { readMeaning } from "./readMeaning.ts";
import type { MeaningContext } from "./tokensIn.ts";
import type { WhichOne } from "./whichOne.ts";

/** What a line of a list takes over from the lines around it. */
export interface Borrowed {
  /** The text that a ditto mark stands for. */
  readonly above?: string;
  /** The part whose supply, return or screen this is, as the signal beside it tells. */
  readonly beside?: string;
}

const DITTO =
  /^\s*(?:(?:["″”〃]|''|,,|-"-)(?=[\s,;:(–-]|$)|(?:do\.|dto\.?|ditto|idem|as above|as before|wie oben|same(?:\s+again)?(?=\s*(?:[,;:(–-]|$|for|but|other|on|left|right|front|rear|bank|cyl|no\b))|again(?=\s*[,;:(–-]|\s*$))(?![\p{L}\p{N}]))[\s,;:–-]*(.*)$/iu;
const SAME_AS = /^\s*same\s+as\s+(?:pin|cavity|no\.?|number)?\s*#?([\p{L}]?\d{1,3})\s*$/iu;

/** What stands behind a ditto mark, empty where nothing does; null where the text is none. */
const behindDitto = (text: string): string | null => DITTO.exec(text)?.[1] ?? null;

export interface Row {
  readonly cavity: string;
  readonly function: string;
}

/** The lines of one list with what each takes over from its neighbours: in the order of the list, an empty entry where a line speaks for itself. */
export function borrowedIn(rows: readonly Row[], context: MeaningContext): readonly Borrowed[] {
  const besides = besidesIn(rows, context);
  let above = "";
  return rows.map((row, i) => {
    const text = row.function;
    const named = SAME_AS.exec(text)?.[1];
    if (named !== undefined) {
      const meant = rows.find(({ cavity }) => cavity === named)?.function ?? "";
      return meant === "" || meant === text ? {} : { above: meant };
    }
    if (behindDitto(text) !== null) return above === "" ? {} : { above };
    if (text.trim() !== "") above = text;
    const beside = besides.get(i);
    return beside === undefined ? {} : { beside };
  });
}

/** A supply or return belongs to a signal that stands no further away than this: a sensor has three wires (common practice, no source). */
const TRIPLE = 2;
const LEADS = new Set(["sensor-supply", "sensor-return", "shield"]);
const isLead = ({ signal, things }: Meaning): boolean => LEADS.has(signal) && things.every(isGeneric);

/**
 * "5 V" and "sensor ground" that stand several times in a list, each beside another signal and always on the same side of it, belong to that signal's part.
 * By place in the list; nothing where one of them has no signal of its own.
 */
function besidesIn(rows: readonly Row[], context: MeaningContext): ReadonlyMap<number, string> {
  const found = new Map<number, string>();
  const places = new Map<string, number[]>();
  rows.forEach((row, i) => {
    const text = row.function.trim().toLowerCase();
    if (text !== "") places.set(text, [...(places.get(text) ?? []), i]);
  });
  const several = [...places.values()].filter(({ length }) => length > 1);
  if (several.length === 0) return found;
  const meanings = rows.map((row) => readMeaning(row.function, context));
  const signalFrom = (start: number, step: 1 | -1): number | null => {
    for (let far = 1; far <= TRIPLE; far++) {
      const at = start + step * far;
      const meaning = meanings[at];
      if (meaning === undefined) return null;
      if (isLead(meaning)) continue;
      return isSensor(meaning) ? at : null;
    }
    return null;
  };
  for (const at of several) {
    if (!at.every((i) => isLead(meanings[i] as Meaning))) continue;
    for (const step of [-1, 1] as const) {
      const signals = at.map((i) => signalFrom(i, step));
      if (signals.includes(null) || new Set(signals).size < at.length) continue;
      at.forEach((i, n) => {
        const name = meanings[signals[n] ?? -1]?.thing?.name;
        if (name !== undefined) found.set(i, name);
      });
      break;
    }
  }
  return found;
}
const SENSOR = new Set(["analog", "resistive-sensor", "hall", "pulse", "frequency", "vr-pair"]);
const isSensor = ({ signal, thing }: Meaning): boolean =>
  SENSOR.has(signal) && thing !== null && !isGeneric(thing);

/** A line in the light of its neighbours. What was taken over is as unsure as a slip that was forgiven. */
export function readRow(text: string, { above, beside, ...context }: MeaningContext & Borrowed): Meaning {
  if (above !== undefined) return dittoMeaning(text, above, context);
  const read = readMeaning(text, context);
  const thing = beside === undefined ? undefined : thingNamed(beside);
  return thing === undefined
    ? read
    : { ...read, things: [thing], either: [], thing, vague: false, fuzzy: true };
}

function dittoMeaning(text: string, above: string, context: MeaningContext): Meaning {
  const remark = behindDitto(text) ?? "";
  const turned = readMeaning(remark, context);
  const base = readMeaning(above, context);
  const namesMore = turned.things.length > 0 || turned.kinds.size > 0 || turned.signal !== "unknown";
  // "Same again, heater": the part above with what the remark adds to it.
  const read = namesMore ? readMeaning(`${base.thing?.name ?? above} ${remark}`, context) : base;
  const which = new Map([...base.which, ...turned.which]);
  for (const [dimension, values] of otherOf(remark, base.which)) which.set(dimension, values);
  return {
    ...read,
    text,
    which,
    pole: turned.pole ?? read.pole,
    said: `${base.said} ${turned.said}`.trim(),
    unread: turned.unread,
    fuzzy: true,
  };
}

const OTHER = /\b(?:other|opposite|second|far)\s+(side|hand|bank|end|wheel)\b/i;
const TURNED: Readonly<Record<string, string>> = {
  left: "right",
  right: "left",
  front: "rear",
  rear: "front",
  "1": "2",
  "2": "1",
};
/** "Same again, other side": the which-one of the line above, turned round. */
function otherOf(remark: string, which: WhichOne): WhichOne {
  const named = OTHER.exec(remark)?.[1]?.toLowerCase();
  if (named === undefined) return new Map();
  const dimension = named === "bank" || named === "end" ? named : "side";
  const turned = [...(which.get(dimension) ?? [])].flatMap((value) => TURNED[value] ?? []);
  return turned.length === 0 ? new Map() : new Map([[dimension, new Set(turned)]]);
}
