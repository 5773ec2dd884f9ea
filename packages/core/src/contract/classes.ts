import { likelyClass, readFunction } from "../meaning/index.ts";
import type { OwnWord, SignalClass } from "../model/index.ts";
import { ownWordSchema } from "./job.ts";

/**
 * Versions that kept a class for every pin wrote down what its words told where nobody gave one. Such a class is given up: what
 * the words tell is read anew, in the light of the whole list. `unknown`, and `none` of an empty cavity, stood for nothing given.
 */
function classGiven({ function: text, signal }: OldPin, words: readonly OwnWord[]): SignalClass | null {
  const isRead =
    signal === "unknown" || signal === "none" || told(text, []) === signal || told(text, words) === signal;
  return isRead ? null : (signal as SignalClass);
}

const told = (text: string, words: readonly OwnWord[]): SignalClass => likelyClass(readFunction(text, words));

interface OldPin {
  readonly function: string;
  readonly signal: string;
}
const isPin = (value: object): value is OldPin =>
  "cavity" in value &&
  "function" in value &&
  typeof value.function === "string" &&
  "signal" in value &&
  typeof value.signal === "string";

/** What vouched for a class, or doubted it, goes with it. */
function withGivenClass<P extends OldPin>(pin: P, words: readonly OwnWord[]) {
  const signal = classGiven(pin, words);
  if (signal !== null) return pin;
  const without = (of: unknown): unknown =>
    typeof of === "object" && of !== null
      ? Object.fromEntries(Object.entries(of).filter(([fact]) => fact !== "signal"))
      : of;
  return {
    ...pin,
    signal,
    ...("sources" in pin ? { sources: without(pin.sources) } : {}),
    ...("doubts" in pin ? { doubts: without(pin.doubts) } : {}),
  };
}

/** Every pin in a value, at any depth, without a class that nobody gave. */
export function withGivenClasses(value: unknown, words: readonly OwnWord[]): unknown {
  if (Array.isArray(value)) return value.map((part) => withGivenClasses(part, words));
  if (typeof value !== "object" || value === null) return value;
  if (isPin(value)) return withGivenClass(value, words);
  return Object.fromEntries(Object.entries(value).map(([key, part]) => [key, withGivenClasses(part, words)]));
}

/** A job file of version 1, in which every pin had a class, as version 2. */
export function upcastClasses(value: unknown): unknown {
  if (typeof value !== "object" || value === null || !("version" in value) || value.version !== 1)
    return value;
  const words = ownWordSchema.array().safeParse("words" in value ? value.words : []);
  const connectors = "connectors" in value ? withGivenClasses(value.connectors, words.data ?? []) : undefined;
  return { ...value, version: 2, ...(connectors === undefined ? {} : { connectors }) };
}
