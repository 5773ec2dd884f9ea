import type { OwnWord, PlacedPin, SignalClass } from "../model/index.ts";
import { contextOf } from "./habits.ts";
import { likelyClass } from "./meaning.ts";
import { readFunction } from "./ownWords.ts";

/**
 * The class of a wire: as somebody gave it, else what its words tell in the light of their list, `unknown` where that is no more
 * than a guess.
 */
export const signalOf = ({ pin, connector }: PlacedPin, words: readonly OwnWord[]): SignalClass =>
  givenSignal(pin) ?? likelyClass(readFunction(pin.function, words, contextOf(connector, pin)));

/** The class that does not hang on words: given, or `none` in an empty cavity; else null. */
export const givenSignal = ({
  signal,
  content,
}: Pick<PlacedPin["pin"], "signal" | "content">): SignalClass | null =>
  signal ?? (content === "empty" ? "none" : null);
