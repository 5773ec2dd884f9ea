import type { Direction, OpenEffect, PartKind, SignalClass, WireRole } from "../model/index.ts";
import type { ContentWord } from "./content.ts";
import type { Thing } from "./lexicon/index.ts";
import type { WhichOne } from "./whichOne.ts";

/** The slots of a meaning that words can give. */
export type MeaningSlot = "thing" | "which" | "kind" | "role" | "carries" | "pole" | "remark";

/** A word of the text and what it gave. */
export interface GivenBy {
  readonly slot: MeaningSlot;
  readonly value: string;
  readonly words: string;
}

/** The class that may be written down for a text: its likeliest, unless that is no more than a guess. */
export const likelyClass = ({ signal, certain }: Pick<Meaning, "signal" | "certain">): SignalClass =>
  certain >= 0.5 ? signal : "unknown";

/** What happens when the wire is left open; null where nobody knows, or where the words may mean things that differ in it. */
export function leftOpenOf({ thing, either }: Pick<Meaning, "thing" | "either">): OpenEffect | null {
  if (thing === null) return null;
  return either.every(({ open }) => open === thing.open) ? thing.open : null;
}

/** Whether the thing may be another one: a slip, a general word, or words that several things go by. */
export const mayBeOther = ({ fuzzy, vague, either }: Pick<Meaning, "fuzzy" | "vague" | "either">): boolean =>
  fuzzy || vague || either.length > 0;

/** The one side that a text names, or null. */
export function sideOf({ which }: Pick<Meaning, "which">): "left" | "right" | null {
  const sides = [...(which.get("side") ?? [])];
  const [only] = sides;
  return sides.length === 1 && (only === "left" || only === "right") ? only : null;
}

/** What a text says of a wire, slot by slot. */
export interface Meaning {
  readonly text: string;
  /** The words of the text as the lexicon writes them, to tell equal texts; empty where there are none. */
  readonly said: string;
  /** What the wire serves, the likeliest first; empty where the words do not say. */
  readonly things: readonly Thing[];
  /** The first of them, or null. */
  readonly thing: Thing | null;
  /** What else the words that name the first may mean: "brake" is the pedal's switch or the lamp of the dash. */
  readonly either: readonly Thing[];
  /** Only a general word names the thing ("pump", "temperature"): it may be any of them. */
  readonly vague: boolean;
  /** Other things that the text names in passing: where the wire comes from, what works it. */
  readonly aside: readonly Thing[];
  readonly kinds: ReadonlySet<PartKind>;
  readonly roles: ReadonlySet<WireRole>;
  readonly which: WhichOne;
  readonly pole: "plus" | "minus" | null;
  /** The contact of a relay: 30, 85, 86, 87 or 87a (ISO 7588-1 after DIN 72552). */
  readonly contact: string | null;
  /** Volts that the text names, 0 where none. */
  readonly volts: number;
  /** How likely each signal class is, adding up to 1; "unknown" holds what nothing speaks for. */
  readonly classes: ReadonlyMap<SignalClass, number>;
  /** The likeliest class, or "unknown". */
  readonly signal: SignalClass;
  /** How likely that class is. */
  readonly certain: number;
  /** Which way the words say that the wire works, seen from its own connector; null where they do not. */
  readonly direction: Direction | null;
  /** Words that were not understood. */
  readonly unread: readonly string[];
  /** Words that may name something, whether a phrase of the lexicon holds them or not. */
  readonly content: readonly ContentWord[];
  /** Those of them that no phrase holds: they may tell the wire from another one of its name. */
  readonly loose: readonly string[];
  /** 0 to 1: how much of those words no phrase holds, or a half at least where the phrases name things that have nothing to do with each other: the thing may be another one. */
  readonly doubt: number;
  /** 0 to 1: how much of the text was understood, words near to a known one counting half. */
  readonly understood: number;
  /** A word was only near to a known one. */
  readonly fuzzy: boolean;
  readonly givenBy: readonly GivenBy[];
}
