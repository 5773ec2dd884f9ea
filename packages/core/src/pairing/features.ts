import { isFeed, signalFit, type SignalClass } from "../model/index.ts";
import { wordLikeness, type Dimension, type Meaning } from "../meaning/index.ts";
import { KIND_FEATURES, kindFit, SAID } from "./kindFit.ts";
import type { RareWord, ReadPin } from "./readPin.ts";
import { thingFit, type ThingFit } from "./thingFit.ts";

/**
 * What the comparison of two pins says, slot by slot. Each is a number that the fitted weight of its name multiplies (`weights.ts`);
 * 0 says nothing. All are symmetric.
 */
export const FEATURES = [
  "base",
  "thing-same",
  "thing-same-feed",
  "thing-shared",
  "thing-aside",
  "thing-related",
  "thing-kin",
  "thing-shows",
  "thing-other",
  "thing-other-doubt",
  "thing-other-feed",
  "thing-other-ground",
  "thing-other-reference",
  "thing-open",
  "thing-open-feed",
  "thing-neither",
  "class-same",
  "class-compatible",
  "class-device",
  "class-poor",
  "class-damage",
  "class-open",
  "feed-same",
  "ground-same",
  "reference-same",
  "bus-same",
  "direction-meets",
  "direction-clashes",
  "which-agrees",
  "which-open",
  "which-tells",
  "pole-agrees",
  "pole-open",
  "words-shared",
  "words-open",
  "words-other",
  "words-covered",
  "text-same",
  "volts-differ",
  "not-understood",
  ...KIND_FEATURES,
] as const;
export type Feature = (typeof FEATURES)[number];

export type FeatureValues = Readonly<Partial<Record<Feature, number>>>;

const BUS: ReadonlySet<SignalClass> = new Set(["can-h", "can-l", "lin", "k-line", "shield"]);
const REFERENCE: ReadonlySet<SignalClass> = new Set(["sensor-supply", "sensor-return"]);
/** What a feed is weighed as: grounds meet anywhere, references belong to one thing, supplies serve whatever needs them. */
function groupOf(signal: SignalClass): "ground" | "reference" | "feed" | null {
  if (signal === "ground") return "ground";
  if (REFERENCE.has(signal)) return "reference";
  return isFeed(signal) ? "feed" : null;
}

/** How likely each way is that two pins' classes go together, over what each may be. */
export function classFit(
  a: ReadPin["classes"],
  b: ReadPin["classes"],
): Readonly<Record<"same" | "compatible" | "device" | "poor" | "damage" | "open", number>> {
  const fit = { same: 0, compatible: 0, device: 0, poor: 0, damage: 0, open: 0 };
  for (const [left, p] of a)
    for (const [right, q] of b) {
      const how = signalFit(left, right);
      fit[how === "unknown" ? "open" : how] += p * q;
    }
  return fit;
}

/** Dimensions that name the same thing where each text uses only one of them: bank 1 and number 1, pre-cat and sensor 1, track A and track 1, fan 1 and the low fan. */
const TWINS: readonly (readonly [Dimension, Dimension])[] = [
  ["number", "bank"],
  ["number", "sensor"],
  ["number", "letter"],
  ["number", "level"],
];
const AS_NUMBERS: Readonly<Record<string, string>> = {
  a: "1",
  b: "2",
  c: "3",
  d: "4",
  e: "5",
  f: "6",
  low: "1",
  medium: "2",
};
/** High is the second speed, or the third where there is one between. */
const isOneStep = (one: string, other: string): boolean => {
  const [a, b] = [AS_NUMBERS[one] ?? one, AS_NUMBERS[other] ?? other];
  return a === b || (a === "high" && /^[23]$/.test(b)) || (b === "high" && /^[23]$/.test(a));
};
const meet = (one: ReadonlySet<string> | undefined, other: ReadonlySet<string> | undefined): boolean =>
  one !== undefined && other !== undefined && [...one].some((value) => other.has(value));
/** Dimensions in which both name the same one, and in which only one of the two names one. */
function whichFit(
  a: Meaning["which"],
  b: Meaning["which"],
): { readonly agrees: number; readonly open: number } {
  let agrees = 0;
  const open = { a: 0, b: 0 };
  for (const dimension of new Set([...a.keys(), ...b.keys()])) {
    const [one, other] = [a.get(dimension), b.get(dimension)];
    if (one !== undefined && other !== undefined) {
      if (meet(one, other)) agrees++;
      continue;
    }
    // A lamp's colour is seldom written at both ends.
    if (dimension === "hue") continue;
    const its = TWINS.flatMap(([x, y]) => {
      if (dimension !== x && dimension !== y) return [];
      return [...((one === undefined ? a : b).get(dimension === x ? y : x) ?? [])];
    });
    if (its.some((value) => [...(one ?? other ?? [])].some((own) => isOneStep(own, value)))) agrees += 0.5;
    else open[one === undefined ? "b" : "a"]++;
  }
  // "Lights, front lounge" and "LIGHT A": each may tell the same two apart in its own way, so both together are one doubt.
  const doubts = agrees === 0 ? Math.max(open.a, open.b) : open.a + open.b;
  return { agrees: Math.min(2, agrees), open: Math.min(2, doubts) };
}

/** What tells which wire of a plug is meant without the name of its part; a number may be anything's. */
const TELLING: readonly Dimension[] = ["level", "side", "share", "lock", "travel"];

/** What two pins' words have in common: how much that says (a word that each side has once counts 1), how much of the shorter text it is, and the words. */
interface SharedWords {
  readonly rare: number;
  readonly covered: number;
  readonly words: readonly string[];
}
const NO_WORDS: SharedWords = { rare: 0, covered: 0, words: [] };
function sharedWords(
  a: readonly RareWord[],
  b: readonly RareWord[],
  /** Count only words that stand in no phrase of one of the texts: the others are what their things are called. */
  onlyLoose: boolean,
): SharedWords {
  if (a.length === 0 || b.length === 0) return NO_WORDS;
  const [short, long] = total(a) <= total(b) ? [a, b] : [b, a];
  let rare = 0;
  const words: string[] = [];
  for (const own of short) {
    let best = 0;
    for (const other of long)
      if (!onlyLoose || own.loose || other.loose)
        best = Math.max(best, wordLikeness(own, other) * Math.min(own.rarity, other.rarity));
    if (best === 0) continue;
    rare += best;
    words.push(own.word);
  }
  return rare === 0
    ? NO_WORDS
    : { rare: Math.min(2, rare), covered: Math.min(1, rare / total(short)), words };
}
const total = (words: readonly RareWord[]): number => words.reduce((sum, { rarity }) => sum + rarity, 0);

/** How many times the larger of two numbers holds the smaller. */
export const ratio = (a: number, b: number): number => Math.max(a, b) / Math.min(a, b);

const WORDS_BY_THING: Readonly<Record<ThingFit, "words-shared" | "words-open" | "words-other">> = {
  same: "words-shared",
  shared: "words-shared",
  aside: "words-shared",
  shows: "words-shared",
  open: "words-open",
  neither: "words-open",
  related: "words-other",
  kin: "words-other",
  other: "words-other",
};

/** The words that count for a pair. "Oil pressure switch" and "oil pressure sender": that both names hold the same words is no news. */
export const sharedOf = (
  left: ReadPin,
  right: ReadPin,
  thing = thingFit(left.reading, right.reading),
): SharedWords => sharedWords(left.words, right.words, WORDS_BY_THING[thing] === "words-other");

export function featuresOf(left: ReadPin, right: ReadPin): FeatureValues {
  const [a, b] = [left.reading, right.reading];
  const isSame = left.signal === right.signal && left.signal !== "unknown";
  const group = isSame ? groupOf(left.signal) : null;
  const isBus = isSame && BUS.has(left.signal);
  const thing = thingFit(a, b);
  const classes = classFit(left.classes, right.classes);
  const which = whichFit(a.which, b.which);
  const values: Partial<Record<Feature, number>> = {
    base: 1,
    "class-same": classes.same,
    "class-compatible": classes.compatible,
    "class-device": classes.device,
    "class-poor": classes.poor,
    "class-damage": classes.damage,
    "class-open": classes.open,
    "which-agrees": which.agrees,
    // Grounds meet anywhere, and a feed serves either side.
    "which-open": group === "ground" || group === "feed" ? 0 : which.open,
    "not-understood": a.unread.length + b.unread.length === 0 ? 0 : 1 - Math.min(a.understood, b.understood),
  };
  // "SLOW OUT" and "wiper, slow": a text that says nothing but which one.
  if (thing === "open" && [a, b].some(({ things, unread }) => things.length === 0 && unread.length === 0))
    values["which-tells"] = TELLING.filter((one) => meet(a.which.get(one), b.which.get(one))).length;
  if (thing === "same") values[group === null ? "thing-same" : "thing-same-feed"] = 1;
  else if (thing === "other" && group === null) {
    // Where a text was only read in part, the thing may be another one.
    const doubt = Math.max(a.doubt, b.doubt);
    values["thing-other"] = 1 - doubt;
    values["thing-other-doubt"] = doubt;
  } else if (thing === "other") values[`thing-other-${group ?? "feed"}`] = 1;
  else if (thing === "open") values[group === null ? "thing-open" : "thing-open-feed"] = 1;
  // The reference of a related thing is that thing's own.
  else if (thing !== "related" || group !== "reference") values[`thing-${thing}` as const] = 1;
  if (isBus) values["bus-same"] = 1;
  if (group !== null) values[`${group}-same` as const] = 1;
  if (left.way.direction !== null && right.way.direction !== null) {
    const both = left.way.certain * right.way.certain;
    const pair = `${left.way.direction} ${right.way.direction}`;
    if (pair === "source load" || pair === "load source") values["direction-meets"] = both;
    // Two plugs that both look like a loom say nothing of who drives; one that says so does.
    const isSaid = Math.max(left.way.certain, right.way.certain) > SAID;
    if (isSaid && (pair === "source source" || pair === "load load")) values["direction-clashes"] = both;
  }
  if (a.pole !== null && b.pole !== null) values["pole-agrees"] = a.pole === b.pole ? 1 : 0;
  else if (a.pole !== null || b.pole !== null) values["pole-open"] = 1;
  Object.assign(values, kindFit(left, right, thing));
  if (a.said !== "" && a.said === b.said && signalFit(left.signal, right.signal) !== "poor")
    values["text-same"] = 1;
  const names: Feature = WORDS_BY_THING[thing];
  const shared = sharedOf(left, right, thing);
  if (shared.rare > 0) {
    values[names] = shared.rare;
    if (names !== "words-shared") values["words-covered"] = shared.covered;
  }
  const [v, w] = [a.volts, b.volts];
  if (v > 0 && w > 0 && ratio(v, w) >= 1.5) values["volts-differ"] = 1;
  return values;
}
