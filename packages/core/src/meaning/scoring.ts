import { isLowLevel, type SignalClass } from "../model/index.ts";
import type { ClassClues } from "./clues.ts";
import type { Thing } from "./lexicon/index.ts";
import { points } from "./signPoints.ts";

/** What the battery and the positions of the key feed. */
export const KEYS = [
  "battery",
  "ignition",
  "accessory",
  "run-not-crank",
  "start",
] as const satisfies readonly SignalClass[];

/** What is known of a text while its classes are weighed. */
export interface Scoring {
  readonly clues: ClassClues;
  /** Things that the text is about, else the first that it names in passing. */
  readonly things: readonly Thing[];
  readonly thing: Thing | undefined;
  /** What the thing usually carries. */
  readonly usual: SignalClass | undefined;
  readonly isSensor: boolean;
  readonly isLamp: boolean;
  readonly words: readonly string[];
  readonly scores: Map<SignalClass, number>;
  readonly has: (...words: readonly string[]) => boolean;
  /** Points of the best sign for a class, 0 without one. */
  readonly sign: (of: SignalClass) => number;
  /** Whether a word and one of some others stand close to each other in one clause. */
  readonly beside: (word: string, others: ReadonlySet<string>) => boolean;
  /** Gives a class so many points, unless it has more. */
  readonly offer: (signal: SignalClass, score: number) => void;
}

export function scoringOf(clues: ClassClues): Scoring {
  const { tokens, signs, kinds } = clues;
  const things = clues.things.length > 0 ? clues.things : clues.aside.slice(0, 1);
  const [thing] = things;
  const usual = thing?.signal;
  const words = tokens.map(({ word }) => word);
  const scores = new Map<SignalClass, number>();
  const signed = new Map<string, number>();
  for (const sign of signs) {
    if (sign.of === "none") continue;
    const of = sign.of as SignalClass;
    signed.set(of, Math.max(signed.get(of) ?? 0, points(sign, clues, of)));
  }
  const isNear = (place: number, at: number, others: ReadonlySet<string>): boolean =>
    others.has(words[at] ?? "") && tokens[at]?.clause === tokens[place]?.clause && !clues.asidePlaces.has(at);
  return {
    clues,
    things,
    thing,
    usual,
    isSensor:
      thing !== undefined &&
      (!kinds.has("motor") || thing.signal === "hall" || thing.signal === "resistive-sensor") &&
      !kinds.has("heater") &&
      (kinds.has("sensor") || (isLowLevel(thing.signal) && thing.signal !== "pwm")),
    isLamp:
      usual === "lamp-feed" ||
      usual === "lamp-dimmer" ||
      (usual === undefined && kinds.has("lamp") && !kinds.has("telltale")),
    words,
    scores,
    has: (...some) => words.some((word) => some.includes(word)),
    sign: (of) => signed.get(of) ?? 0,
    beside: (word, others) =>
      words.some(
        (own, i) => own === word && [i - 2, i - 1, i + 1, i + 2].some((at) => isNear(i, at, others)),
      ),
    offer: (signal, score) => {
      scores.set(signal, Math.max(scores.get(signal) ?? 0, score));
    },
  };
}
