import { sameColour } from "../colour/index.ts";
import { isFeed, pinColour, signalFit, type Dossier, type Fit, type PlacedPin, type SignalClass } from "../model/index.ts";
import { likeness, readFunction, type FunctionReading } from "../shelf/index.ts";

/** Why two pins go together or not, one fact each; `weight` in tenths of a natural log-odds unit. */
export type Reason =
  | { readonly kind: "same-function"; readonly term: string; readonly weight: number }
  | { readonly kind: "same-function-place-open"; readonly term: string; readonly weight: number }
  | { readonly kind: "other-place"; readonly left: string; readonly right: string; readonly weight: number }
  | { readonly kind: "other-function"; readonly left: string; readonly right: string; readonly weight: number }
  | { readonly kind: "similar-text"; readonly percent: number; readonly weight: number }
  | { readonly kind: "function-missing"; readonly weight: number }
  | { readonly kind: "signal"; readonly fit: Fit; readonly left: SignalClass; readonly right: SignalClass; readonly weight: number }
  | { readonly kind: "size"; readonly ratio: number; readonly weight: number }
  | { readonly kind: "colour"; readonly same: boolean; readonly weight: number };

export interface Evidence {
  /** Sum of what function, class and size say; colour is kept apart, it never outweighs them. */
  readonly strength: number;
  readonly colour: number;
  readonly reasons: readonly Reason[];
}

/** A pin with its texts read once, so that a table of all pairs stays cheap. */
export interface ReadPin {
  readonly placed: PlacedPin;
  readonly reading: FunctionReading;
  readonly text: string;
  /** Word given in the table, or what the vocabulary says when none was given. */
  readonly signal: SignalClass;
  readonly colour: ReturnType<typeof pinColour>;
}

/** Reads the pins of a job, with its own words for functions. */
export const pinReader = ({ words }: Pick<Dossier, "words">) => (placed: PlacedPin): ReadPin => {
  const reading = readFunction(placed.pin.function, words);
  const { signal } = placed.pin;
  return {
    placed,
    reading,
    text: reading.tokens.join(" "),
    signal: signal === "unknown" ? (reading.term?.signal ?? "unknown") : signal,
    colour: pinColour(placed.pin, placed.connector),
  };
};

/**
 * The case for joining two pins, or null where the join would do damage. Weights are judgement (common practice, no
 * source): function decides, signal class supports, size hints, colour only breaks ties.
 */
export function weigh(left: ReadPin, right: ReadPin): Evidence | null {
  const fit = signalFit(left.signal, right.signal);
  if (fit === "damage") return null;
  const reasons = [functionReason(left, right), signalReason(fit, left, right), ...sizeReason(left, right)];
  const colour = left.colour === null || right.colour === null ? null : sameColour(left.colour, right.colour);
  return {
    strength: reasons.reduce((sum, reason) => sum + reason.weight, 0),
    colour: colour === true ? 1 : 0,
    reasons: colour === null ? reasons : [...reasons, { kind: "colour", same: colour, weight: 0 }],
  };
}

function functionReason(left: ReadPin, right: ReadPin): Reason {
  const a = left.reading;
  const b = right.reading;
  if (a.tokens.length === 0 || b.tokens.length === 0) return { kind: "function-missing", weight: 0 };
  if (a.term !== null && b.term !== null) {
    if (a.term.name !== b.term.name) return { kind: "other-function", left: a.term.name, right: b.term.name, weight: -45 };
    const weight = Math.round(60 * Math.min(a.score, b.score));
    // Feeds and grounds are interchangeable wherever they come from; anything else has a place.
    if (isFeed(a.term.signal)) return { kind: "same-function", term: a.term.name, weight };
    const common = a.qualifiers.filter((word) => b.qualifiers.includes(word)).length;
    if (common === a.qualifiers.length && common === b.qualifiers.length) return { kind: "same-function", term: a.term.name, weight };
    if (common === Math.min(a.qualifiers.length, b.qualifiers.length)) return { kind: "same-function-place-open", term: a.term.name, weight: weight - 30 };
    return { kind: "other-place", left: a.qualifiers.join(" "), right: b.qualifiers.join(" "), weight: -50 };
  }
  const alike = likeness(left.text, right.text);
  return { kind: "similar-text", percent: Math.round(100 * alike), weight: Math.round(80 * alike) - 30 };
}

const SIGNAL_WEIGHTS: Readonly<Record<Exclude<Fit, "damage">, number>> = { same: 25, compatible: 8, device: -10, poor: -40, unknown: 0 };

function signalReason(fit: Exclude<Fit, "damage">, left: ReadPin, right: ReadPin): Reason {
  return { kind: "signal", fit, left: left.signal, right: right.signal, weight: SIGNAL_WEIGHTS[fit] };
}

function sizeReason(left: ReadPin, right: ReadPin): readonly Reason[] {
  const a = left.placed.pin.size;
  const b = right.placed.pin.size;
  if (a === null || b === null) return [];
  const ratio = Math.max(a, b) / Math.min(a, b);
  return [{ kind: "size", ratio, weight: ratio <= 1.6 ? 3 : ratio <= 3 ? 0 : -6 }];
}
