import { isGeneric, oppositeOf, type Opposite } from "../meaning/index.ts";
import { isFeed, isLowLevel, signalFit, type FeedClass, type Fit, type SignalClass } from "../model/index.ts";
import { classFit, featuresOf, ratio, sharedOf, type Feature, type FeatureValues } from "./features.ts";
import { haveInCommon } from "./keys.ts";
import type { ReadPin } from "./readPin.ts";
import { thingFit } from "./thingFit.ts";
import { areLettersForCylinders } from "./sureness.ts";
import { WEIGHTS } from "./weights.ts";

/** Why two pins go together or not, one fact each; `weight` in tenths of a natural log-odds unit. */
export type Reason =
  | { readonly kind: "same-function"; readonly term: string; readonly weight: number }
  /** The one is left and the other right, or the like: never one wire. */
  | ({ readonly kind: "opposite"; readonly weight: number } & Opposite)
  /** One is the plus and the other the minus of one thing: never one wire. */
  | { readonly kind: "poles"; readonly weight: number }
  /** One feeds a part and the other drives it or leads back: never one wire. */
  | { readonly kind: "ends"; readonly left: string; readonly right: string; readonly weight: number }
  /** One is the coil of a relay and the other its contact. */
  | { readonly kind: "relay-sides"; readonly weight: number }
  | { readonly kind: "same-function-place-open"; readonly term: string; readonly weight: number }
  | {
      readonly kind: "same-feed";
      readonly feed: FeedClass;
      readonly left: string;
      readonly right: string;
      readonly weight: number;
    }
  | {
      readonly kind: "related-function";
      readonly left: string;
      readonly right: string;
      readonly weight: number;
    }
  | {
      readonly kind: "other-function";
      readonly left: string;
      readonly right: string;
      readonly weight: number;
    }
  | { readonly kind: "named-aside"; readonly term: string; readonly weight: number }
  /** Letters on one side, numbers on the other, for what works cylinder by cylinder. */
  | { readonly kind: "letters-for-cylinders"; readonly weight: number }
  | { readonly kind: "same-words"; readonly words: readonly string[]; readonly weight: number }
  | { readonly kind: "not-understood"; readonly words: readonly string[]; readonly weight: number }
  | { readonly kind: "nothing-shared"; readonly weight: number }
  | { readonly kind: "function-missing"; readonly weight: number }
  | {
      readonly kind: "signal";
      readonly fit: Fit;
      readonly left: SignalClass;
      readonly right: SignalClass;
      readonly weight: number;
    }
  | { readonly kind: "level"; readonly left: number; readonly right: number; readonly weight: number }
  | { readonly kind: "direction"; readonly both: "source" | "load" | "meets"; readonly weight: number }
  | { readonly kind: "size"; readonly ratio: number; readonly weight: number }
  | { readonly kind: "shared-wire"; readonly weight: number }
  | { readonly kind: "colour"; readonly same: boolean; readonly weight: number }
  | { readonly kind: "position"; readonly weight: number };

export interface Evidence {
  /** Sum of what function, class, direction, level and size say; colour and position are kept apart, they never outweigh them. */
  readonly strength: number;
  readonly reasons: readonly Reason[];
}

/** From this likelihood on a join that would do damage is never proposed. */
const DAMAGE_LIKELY = 0.7;

/** What keeps two pins apart whatever else speaks for them: a join that does damage, texts that name opposite things, two sources. */
export function apartBy(left: ReadPin, right: ReadPin): Reason | null {
  if (classFit(left.classes, right.classes).damage >= DAMAGE_LIKELY)
    return { kind: "signal", fit: "damage", left: left.signal, right: right.signal, weight: 0 };
  const opposite = oppositeIn(left, right);
  if (opposite !== null) return { kind: "opposite", ...opposite, weight: 0 };
  const [a, b] = [left.reading, right.reading];
  const isOneThing = a.thing?.name === b.thing?.name;
  if (a.pole !== null && b.pole !== null && a.pole !== b.pole && (left.signal === right.signal || isOneThing))
    return { kind: "poles", weight: 0 };
  const [end, far] = [endOf(left), endOf(right)];
  // A supply of sensors is no sensor's signal, whatever sensor that is.
  const isAnySensor = [a, b].some(({ thing }) => thing === null || isGeneric(thing));
  if ((isOneThing || isAnySensor) && end !== null && far !== null && end !== far)
    return { kind: "ends", left: END_WORDS[end], right: END_WORDS[far], weight: 0 };
  // "Fan relay coil feed" and "fan relay control": the two ends of one winding.
  const [fed, driven] = [windingEnd(a), windingEnd(b)];
  if (fed !== null && driven !== null && fed !== driven)
    return { kind: "ends", left: END_WORDS[fed], right: END_WORDS[driven], weight: 0 };
  // A shield meets a ground or another shield, and nothing that carries something.
  const shields = [left, right].filter(({ signal }) => signal === "shield");
  if (shields.length === 1 && [left, right].every((pin) => isClear(pin) && pin.signal !== "ground"))
    return { kind: "signal", fit: "poor", left: left.signal, right: right.signal, weight: 0 };
  // Two kinds of data line never talk to each other.
  if (left.signal !== right.signal && [left, right].every((pin) => DATA.has(pin.signal) && isClear(pin)))
    return { kind: "signal", fit: "poor", left: left.signal, right: right.signal, weight: 0 };
  const [one, other] = [relaySide(a), relaySide(b)];
  if (one !== null && other !== null && one !== other) return { kind: "relay-sides", weight: 0 };
  if (a.volts >= SUPPLY_VOLTS && b.volts >= SUPPLY_VOLTS && ratio(a.volts, b.volts) >= OTHER_SUPPLY)
    return { kind: "level", left: a.volts, right: b.volts, weight: 0 };
  if (
    left.signal === "sensor-supply" &&
    right.signal === "sensor-supply" &&
    givesForSure(left) &&
    givesForSure(right)
  )
    return { kind: "direction", both: "source", weight: 0 };
  if (isShorted(left, right) || isShorted(right, left))
    return {
      kind: "signal",
      fit: signalFit(left.signal, right.signal),
      left: left.signal,
      right: right.signal,
      weight: 0,
    };
  return null;
}

/** A switch that earths on an output that gives plus: pressed, it shorts that output. */
const isShorted = (one: ReadPin, other: ReadPin): boolean =>
  one.signal === "switched-ground" &&
  one.reading.kinds.has("switch") &&
  other.signal === "switched-supply" &&
  isClear(one) &&
  isClear(other) &&
  givesForSure(other);

const DATA: ReadonlySet<SignalClass> = new Set(["can-h", "can-l", "lin", "k-line", "other-data"]);

/** Which end of a part a wire is: what feeds it, what drives or tells, what leads back. Two ends of one part are never one wire. */
type End = "supply" | "signal" | "return";
const END_WORDS: Readonly<Record<End, string>> = {
  supply: "what feeds it",
  signal: "what drives it or tells of it",
  return: "what leads back from it",
};
/** Which end of a relay's winding a text names, if it names one of the two. */
function windingEnd({ kinds, roles }: ReadPin["reading"]): End | null {
  if (!kinds.has("relay") && !kinds.has("contactor")) return null;
  if (roles.has("supply") === roles.has("control")) return null;
  return roles.has("supply") ? "supply" : "signal";
}
const CLEAR = 0.6;
const isSignalOnly = (signal: SignalClass): boolean =>
  isLowLevel(signal) && signal !== "pwm" && signal !== "sensor-supply" && signal !== "sensor-return";
const isClear = ({ classes, signal }: ReadPin): boolean => (classes.get(signal) ?? 0) >= CLEAR;
function endOf(pin: ReadPin): End | null {
  const { signal } = pin;
  const { roles, kinds, volts, thing } = pin.reading;
  // Hall pulses or plain ones: a signal either way.
  const isTold = (of: SignalClass): boolean => isSignalOnly(of) || (of === "pwm" && kinds.has("sensor"));
  const tells = [...pin.classes].reduce((sum, [of, p]) => sum + (isTold(of) ? p : 0), 0);
  if (tells >= CLEAR) return roles.has("supply") ? null : "signal";
  if (!isClear(pin)) return null;
  if (signal === "sensor-supply") return "supply";
  if (signal === "sensor-return") return "return";
  if (thing === null || isGeneric(thing)) return null;
  if (signal === "ground") return "return";
  if (isFeed(signal)) return null;
  if (signal === "switched-supply" && (roles.has("supply") || volts >= SUPPLY_VOLTS)) return "supply";
  const isDriven = roles.has("control") || roles.has("signal") || kinds.has("coil");
  return (signal === "switched-ground" || signal === "pwm" || signal === "coil") && isDriven
    ? "signal"
    : null;
}

/** From here on a voltage is a supply's; what runs on another one is another supply (common practice, no source). */
const SUPPLY_VOLTS = 9;
const OTHER_SUPPLY = 1.8;

/** Which side of a relay a text names: its coil (85, 86) or its contact (30, 87, 87a). */
function relaySide({ contact, kinds }: ReadPin["reading"]): "coil" | "contact" | null {
  if (contact !== null) return contact === "85" || contact === "86" ? "coil" : "contact";
  return kinds.has("relay") && kinds.has("coil") ? "coil" : null;
}

const givesForSure = ({ way }: ReadPin): boolean => way.direction === "source" && way.certain > 0.9;

/** Two texts that name opposite sides, levels or numbers. Grounds meet anywhere, and the number of a feed is only its place in a list. */
export function oppositeIn(left: ReadPin, right: ReadPin): Opposite | null {
  const shared = left.signal === right.signal ? left.signal : "unknown";
  if (shared === "ground") return null;
  const opposite = oppositeOf(left.reading.which, right.reading.which);
  return opposite?.dimension === "number" && isFeed(shared) ? null : opposite;
}

/** The case for joining two pins, or null where they are kept apart. Weights are fitted (`weights.ts`). Symmetric. */
export const weigh = (left: ReadPin, right: ReadPin, weights = WEIGHTS): Evidence | null =>
  apartBy(left, right) === null ? together(left, right, weights) : null;

export type Weights = Readonly<Record<Feature, number>>;

/** What speaks for and against two pins that nothing keeps apart. */
function together(left: ReadPin, right: ReadPin, weights: Weights): Evidence {
  const features = featuresOf(left, right);
  const sum = (
    ...names: readonly (Feature | "thing-" | "which-" | "class-" | "pole-" | "kind-" | "words-")[]
  ): number =>
    (Object.keys(features) as Feature[])
      .filter((name) =>
        names.some((wanted) => (wanted.endsWith("-") ? name.startsWith(wanted) : name === wanted)),
      )
      .reduce((total, name) => total + weights[name] * (features[name] ?? 0), 0);
  const reasons = [
    thingReason(
      left,
      right,
      features,
      sum(
        "base",
        "thing-",
        "which-",
        "pole-",
        "kind-",
        "feed-same",
        "ground-same",
        "reference-same",
        "bus-same",
      ),
    ),
    ...(areLettersForCylinders(left, right) ? [{ kind: "letters-for-cylinders", weight: 0 } as const] : []),
    ...wordReasons(left, right, sum("words-", "text-same"), sum("not-understood")),
    signalReason(left, right, sum("class-")),
    ...levelReason(left, right, sum("volts-differ")),
    ...directionReason(left, right, sum("direction-meets"), sum("direction-clashes")),
    ...sizeReason(left, right),
  ];
  const strength = reasons.reduce((total, reason) => total + reason.weight, 0);
  // Two wires whose classes would merely go together are no pair: nothing says that they belong to each other.
  return haveInCommon(left, right)
    ? { strength, reasons }
    : {
        strength: Math.min(strength, -1),
        reasons: [...reasons, { kind: "nothing-shared", weight: Math.min(0, -1 - strength) }],
      };
}

const tenths = (weight: number): number => Math.round(10 * weight);

function thingReason(left: ReadPin, right: ReadPin, features: FeatureValues, weight: number): Reason {
  const [a, b] = [left.reading, right.reading];
  const own = { weight: tenths(weight) };
  if (a.text.trim() === "" || b.text.trim() === "") return { kind: "function-missing", ...own };
  const [one, other] = [a.thing, b.thing];
  const names = { left: one?.name ?? a.text, right: other?.name ?? b.text };
  const fit = thingFit(a, b);
  if (fit === "same" || fit === "shared") {
    const term = one?.name ?? "";
    return (features["which-open"] ?? 0) > 0
      ? { kind: "same-function-place-open", term, ...own }
      : { kind: "same-function", term, ...own };
  }
  if (fit === "aside") return { kind: "named-aside", term: one?.name ?? other?.name ?? "", ...own };
  if (fit === "related" || fit === "shows") return { kind: "related-function", ...names, ...own };
  if (left.signal === right.signal && isFeed(left.signal))
    return names.left === names.right
      ? { kind: "same-function", term: names.left, ...own }
      : { kind: "same-feed", feed: left.signal, ...names, ...own };
  return fit === "other" || one === null || other === null || one.name !== other.name
    ? { kind: "other-function", ...names, ...own }
    : { kind: "same-function", term: one.name, ...own };
}

function wordReasons(left: ReadPin, right: ReadPin, shared: number, unread: number): readonly Reason[] {
  const isOneText = left.reading.said !== "" && left.reading.said === right.reading.said;
  const counted = shared === 0 ? [] : sharedOf(left, right).words;
  const words = isOneText ? [left.reading.text.trim()] : counted;
  const open = [...new Set([...left.reading.unread, ...right.reading.unread])];
  return [
    ...(words.length > 0 ? [{ kind: "same-words", words, weight: tenths(shared) } as const] : []),
    ...(open.length > 0 && tenths(unread) !== 0
      ? [{ kind: "not-understood", words: open, weight: tenths(unread) } as const]
      : []),
  ];
}

const signalReason = (left: ReadPin, right: ReadPin, weight: number): Reason => ({
  kind: "signal",
  fit: signalFit(left.signal, right.signal),
  left: left.signal,
  right: right.signal,
  weight: tenths(weight),
});

/** How far two levels may lie apart without a part between (common practice, no source): 12 V and 14 V are one level, 12 V and 5 V are not. */
const LEVEL_STEP = 1.5;

/** Whether two pins are known to work at different levels; only where at least one of the two was written down. */
export function levelsDiffer(left: ReadPin, right: ReadPin): boolean {
  const [a, b] = [left.level, right.level];
  if ((!a.stated && !b.stated) || a.volts === null || b.volts === null || a.volts === 0 || b.volts === 0)
    return false;
  return ratio(a.volts, b.volts) >= LEVEL_STEP;
}

function levelReason(left: ReadPin, right: ReadPin, weight: number): readonly Reason[] {
  if (levelsDiffer(left, right))
    return [
      {
        kind: "level",
        left: left.level.volts ?? 0,
        right: right.level.volts ?? 0,
        weight: Math.min(-3, tenths(weight)),
      },
    ];
  return tenths(weight) === 0
    ? []
    : [{ kind: "level", left: left.reading.volts, right: right.reading.volts, weight: tenths(weight) }];
}

/** Two sources or two loads hardly pair, except where both only share a feed or a ground; one of each does. */
function directionReason(left: ReadPin, right: ReadPin, meets: number, clashes: number): readonly Reason[] {
  const { direction } = left.way;
  if (tenths(meets) !== 0) return [{ kind: "direction", both: "meets", weight: tenths(meets) }];
  if (direction !== "source" && direction !== "load") return [];
  const stated = left.direction !== null && right.direction !== null && !isFeed(left.signal);
  const weight = stated && clashes !== 0 ? Math.min(-35, tenths(clashes)) : tenths(clashes);
  return weight === 0 ? [] : [{ kind: "direction", both: direction, weight }];
}

function sizeReason(left: ReadPin, right: ReadPin): readonly Reason[] {
  const a = left.placed.pin.size;
  const b = right.placed.pin.size;
  if (a === null || b === null) return [];
  const step = ratio(a, b);
  return [{ kind: "size", ratio: step, weight: sizeWeight(step) }];
}

/** How far apart two sizes may be, in tenths of a log-odds unit (common practice, no source). */
function sizeWeight(step: number): number {
  if (step <= 1.6) return 1;
  return step <= 3 ? 0 : -4;
}

export type Likeness = "same" | "other" | "unknown";
/** What colour says of a pair: it breaks ties and proves nothing. */
export function colourLikeness(left: ReadPin, right: ReadPin): Likeness {
  if (left.look === "" || right.look === "") return "unknown";
  return left.look === right.look ? "same" : "other";
}
export const samePlace = (left: ReadPin, right: ReadPin): boolean =>
  left.place !== "" && left.place === right.place;

/** The reasons of a pair with what colour and position add in words. */
export function reasonsOf(evidence: Evidence, left: ReadPin, right: ReadPin): readonly Reason[] {
  const colour = colourLikeness(left, right);
  return [
    ...evidence.reasons,
    ...(colour === "unknown" ? [] : [{ kind: "colour", same: colour === "same", weight: 0 } as const]),
    ...(samePlace(left, right) ? [{ kind: "position", weight: 0 } as const] : []),
  ];
}

/** The case for a pair, whoever made it: `strength` in tenths of a log-odds unit, null where the two are kept apart; and why. */
export interface Explanation {
  readonly strength: number | null;
  readonly reasons: readonly Reason[];
}
export function explained(left: ReadPin, right: ReadPin): Explanation {
  const apart = apartBy(left, right);
  if (apart !== null) return { strength: null, reasons: [apart] };
  const evidence = together(left, right, WEIGHTS);
  return { strength: evidence.strength, reasons: reasonsOf(evidence, left, right) };
}
