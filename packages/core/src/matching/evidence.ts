import { colourInWords } from "../colour/index.ts";
import {
  isFeed,
  pinColour,
  signalFit,
  usualLevel,
  type Direction,
  type Dossier,
  type FeedClass,
  type Fit,
  type PlacedPin,
  type SignalClass,
} from "../model/index.ts";
import {
  likeness,
  oppositeOf,
  readFunction,
  type FunctionInterpretation,
  type Opposite,
} from "../shelf/index.ts";

/** Why two pins go together or not, one fact each; `weight` in tenths of a natural log-odds unit. */
export type Reason =
  | { readonly kind: "same-function"; readonly term: string; readonly weight: number }
  /** The one is left and the other right, or the like: never one wire. */
  | ({ readonly kind: "opposite"; readonly weight: number } & Opposite)
  | { readonly kind: "same-function-place-open"; readonly term: string; readonly weight: number }
  | {
      readonly kind: "same-feed";
      readonly feed: FeedClass;
      readonly left: string;
      readonly right: string;
      readonly weight: number;
    }
  | { readonly kind: "other-place"; readonly left: string; readonly right: string; readonly weight: number }
  | {
      readonly kind: "other-function";
      readonly left: string;
      readonly right: string;
      readonly weight: number;
    }
  | { readonly kind: "similar-text"; readonly percent: number; readonly weight: number }
  | { readonly kind: "function-missing"; readonly weight: number }
  | {
      readonly kind: "signal";
      readonly fit: Fit;
      readonly left: SignalClass;
      readonly right: SignalClass;
      readonly weight: number;
    }
  | { readonly kind: "level"; readonly left: number; readonly right: number; readonly weight: number }
  | { readonly kind: "direction"; readonly both: "source" | "load"; readonly weight: number }
  | { readonly kind: "size"; readonly ratio: number; readonly weight: number }
  | { readonly kind: "shared-wire"; readonly weight: number }
  | { readonly kind: "colour"; readonly same: boolean; readonly weight: number }
  | { readonly kind: "position"; readonly weight: number };

export interface Evidence {
  /** Sum of what function, class, direction, level and size say; colour and position are kept apart, they never outweigh them. */
  readonly strength: number;
  readonly reasons: readonly Reason[];
}

/** A pin with its texts read once, so that a table of all pairs stays cheap. */
export interface ReadPin {
  readonly placed: PlacedPin;
  readonly reading: FunctionInterpretation;
  /** Word given in the table, or what the vocabulary says when none was given. */
  readonly signal: SignalClass;
  /** Highest voltage in V, null where nothing is known of it. `stated`: somebody wrote it down for this pin. */
  readonly level: { readonly volts: number | null; readonly stated: boolean };
  readonly direction: Direction | null;
  readonly colour: ReturnType<typeof pinColour>;
  /** Everything that the strength of a pair depends on: equal senses are weighed alike. */
  readonly sense: string;
  /** The colour in words, empty while it is not known. */
  readonly look: string;
  /** The cavity in its shell, empty without one: equal places are the same cavity of the same kind of shell. */
  readonly place: string;
}

/** Reads the pins of a job, with its own words for functions. */
export function pinReader({ words, head }: Pick<Dossier, "words" | "head">): (placed: PlacedPin) => ReadPin {
  const shells = new Map<string, string>();
  return (placed) => {
    const { pin, connector } = placed;
    const reading = readFunction(pin.function, words);
    const signal = pin.signal === "unknown" ? (reading.term?.signal ?? "unknown") : pin.signal;
    const colour = pinColour(pin, connector);
    const shell =
      shells.get(connector.id) ?? (connector.shell === null ? "" : JSON.stringify(connector.shell.pattern));
    shells.set(connector.id, shell);
    return {
      placed,
      reading,
      signal,
      colour,
      level: { volts: pin.level ?? usualLevel(signal, head.nominalVolts), stated: pin.level !== null },
      direction: pin.direction,
      sense: JSON.stringify([
        reading.term?.name ?? null,
        reading.score,
        reading.core,
        reading.qualifiers,
        [...reading.which].map(([dimension, values]) => [dimension, [...values].sort()]),
        signal,
        pin.size,
        pin.level,
        pin.direction,
      ]),
      look: colour === null ? "" : colourInWords(colour),
      place: shell === "" ? "" : `${shell} ${pin.cavity}`,
    };
  };
}

/** What keeps two pins apart whatever else speaks for them: a join that does damage, or texts that name opposite things. */
export function apartBy(left: ReadPin, right: ReadPin): Reason | null {
  if (signalFit(left.signal, right.signal) === "damage")
    return { kind: "signal", fit: "damage", left: left.signal, right: right.signal, weight: 0 };
  const opposite = oppositeIn(left, right);
  return opposite === null ? null : { kind: "opposite", ...opposite, weight: 0 };
}

/** Two texts that name opposite sides, levels or numbers. Grounds meet anywhere, and the number of a feed is only its place in a list. */
export function oppositeIn(left: ReadPin, right: ReadPin): Opposite | null {
  const shared = left.signal === right.signal ? left.signal : "unknown";
  if (shared === "ground") return null;
  const opposite = oppositeOf(left.reading.which, right.reading.which);
  return opposite?.dimension === "number" && isFeed(shared) ? null : opposite;
}

/**
 * The case for joining two pins, or null where they are kept apart. Weights are judgement (common practice, no
 * source): function decides, signal class, direction and level support, size hints. Symmetric.
 */
export const weigh = (left: ReadPin, right: ReadPin): Evidence | null =>
  apartBy(left, right) === null ? together(left, right) : null;

/** What speaks for and against two pins that nothing keeps apart. */
function together(left: ReadPin, right: ReadPin): Evidence {
  const fit = signalFit(left.signal, right.signal) as Exclude<Fit, "damage">;
  const reasons = [
    functionReason(left, right, fit),
    signalReason(fit, left, right),
    ...levelReason(left, right),
    ...directionReason(left, right),
    ...sizeReason(left, right),
  ];
  return { strength: reasons.reduce((sum, reason) => sum + reason.weight, 0), reasons };
}

export type Likeness = "same" | "other" | "unknown";
/** What colour says of a pair: it breaks ties and proves nothing. */
export const colourLikeness = (left: ReadPin, right: ReadPin): Likeness =>
  left.look === "" || right.look === "" ? "unknown" : left.look === right.look ? "same" : "other";
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
  const evidence = together(left, right);
  return { strength: evidence.strength, reasons: reasonsOf(evidence, left, right) };
}

/** Texts less alike than this say nothing of each other. */
export const LEAST_LIKE = 0.3;

function functionReason(left: ReadPin, right: ReadPin, fit: Fit): Reason {
  const a = left.reading;
  const b = right.reading;
  if (a.tokens.length === 0 || b.tokens.length === 0)
    return { kind: "function-missing", weight: fit === "same" ? 0 : -12 };
  if (a.term !== null && b.term !== null && a.term.name !== b.term.name) {
    const names = { left: a.term.name, right: b.term.name };
    // A general supply may serve anything of its class; two special ones only perhaps.
    const general = a.term.vital || b.term.vital;
    return left.signal === right.signal && isFeed(left.signal)
      ? { kind: "same-feed", feed: left.signal, ...names, weight: general ? 15 : -15 }
      : { kind: "other-function", ...names, weight: -45 };
  }
  const alike = a.term === null || b.term === null ? likeness(a.core, b.core) : null;
  const weight =
    alike === null
      ? Math.round(60 * Math.min(a.score, b.score))
      : Math.round(80 * (alike < LEAST_LIKE ? 0 : alike)) - 30;
  const say = (cut: number): Reason =>
    alike !== null
      ? { kind: "similar-text", percent: Math.round(100 * alike), weight: weight - cut }
      : cut === 0
        ? { kind: "same-function", term: a.term?.name ?? "", weight }
        : { kind: "same-function-place-open", term: a.term?.name ?? "", weight: weight - cut };
  // Feeds and grounds are interchangeable wherever they come from; anything else has a place.
  if (a.term !== null && alike === null && isFeed(a.term.signal)) return say(0);
  if (otherPlaces(a.qualifiers, b.qualifiers))
    return { kind: "other-place", left: a.qualifiers.join(" "), right: b.qualifiers.join(" "), weight: -50 };
  return say(
    sharedWords(a.qualifiers, b.qualifiers) === Math.max(a.qualifiers.length, b.qualifiers.length) ? 0 : 30,
  );
}

const sharedWords = (a: readonly string[], b: readonly string[]): number =>
  a.filter((word) => b.includes(word)).length;
/** Whether each of two texts names a place or number that the other does not: left against right. */
export const otherPlaces = (a: readonly string[], b: readonly string[]): boolean =>
  sharedWords(a, b) < Math.min(a.length, b.length);

const SIGNAL_WEIGHTS: Readonly<Record<Exclude<Fit, "damage">, number>> = {
  same: 25,
  compatible: 8,
  device: -10,
  poor: -40,
  unknown: 0,
};

function signalReason(fit: Exclude<Fit, "damage">, left: ReadPin, right: ReadPin): Reason {
  return { kind: "signal", fit, left: left.signal, right: right.signal, weight: SIGNAL_WEIGHTS[fit] };
}

/** How far two levels may lie apart without a part between (common practice, no source): 12 V and 14 V are one level, 12 V and 5 V are not. */
const LEVEL_STEP = 1.5;

/** Whether two pins are known to work at different levels; only where at least one of the two was written down. */
export function levelsDiffer(left: ReadPin, right: ReadPin): boolean {
  const [a, b] = [left.level, right.level];
  if ((!a.stated && !b.stated) || a.volts === null || b.volts === null || a.volts === 0 || b.volts === 0)
    return false;
  return Math.max(a.volts, b.volts) / Math.min(a.volts, b.volts) >= LEVEL_STEP;
}

function levelReason(left: ReadPin, right: ReadPin): readonly Reason[] {
  return levelsDiffer(left, right)
    ? [{ kind: "level", left: left.level.volts ?? 0, right: right.level.volts ?? 0, weight: -10 }]
    : [];
}

/** Two sources or two loads do not pair, except where both only share a feed or a ground. */
function directionReason(left: ReadPin, right: ReadPin): readonly Reason[] {
  if (
    left.direction === null ||
    left.direction !== right.direction ||
    (left.direction !== "source" && left.direction !== "load") ||
    isFeed(left.signal)
  )
    return [];
  return [{ kind: "direction", both: left.direction, weight: -35 }];
}

function sizeReason(left: ReadPin, right: ReadPin): readonly Reason[] {
  const a = left.placed.pin.size;
  const b = right.placed.pin.size;
  if (a === null || b === null) return [];
  const ratio = Math.max(a, b) / Math.min(a, b);
  return [{ kind: "size", ratio, weight: ratio <= 1.6 ? 3 : ratio <= 3 ? 0 : -6 }];
}
