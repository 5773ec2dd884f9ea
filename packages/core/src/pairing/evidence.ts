import { isFeed, signalFit } from "../model/index.ts";
import { apartBy } from "./apart.ts";
import { featuresOf, ratio, sharedOf, type Feature, type FeatureValues } from "./features.ts";
import { haveInCommon } from "./keys.ts";
import type { ReadPin } from "./readPin.ts";
import type { Reason } from "./reason.ts";
import { thingFit } from "./thingFit.ts";
import { areLettersForCylinders } from "./sureness.ts";
import { WEIGHTS } from "./weights.ts";

export interface Evidence {
  /** Sum of what function, class, direction, level and size say; colour and position are kept apart, they never outweigh them. */
  readonly strength: number;
  readonly reasons: readonly Reason[];
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
  if (fit === "related" || fit === "kin" || fit === "shows")
    return { kind: "related-function", ...names, ...own };
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
