import type { OwnWord } from "../model/index.ts";
import { thingNamed, type Thing } from "./lexicon/index.ts";
import type { Meaning } from "./meaning.ts";
import { readMeaning } from "./readMeaning.ts";
import type { MeaningContext } from "./tokensIn.ts";

const byList = new WeakMap<readonly OwnWord[], ReadonlyMap<string, OwnWord>>();
const keyOf = (text: string): string =>
  text
    .toLowerCase()
    .match(/[\p{L}\p{N}+-]+/gu)
    ?.join(" ") ?? "";

function ownWord(words: readonly OwnWord[], text: string): OwnWord | undefined {
  if (words.length === 0 || text === "") return undefined;
  const index = byList.get(words) ?? new Map(words.map((word) => [keyOf(word.text), word]));
  byList.set(words, index);
  return index.get(keyOf(text));
}

/** A thing that the shop has its own word for and the lexicon does not know. */
const ownThing = ({ text, signal }: OwnWord): Thing => ({
  name: text,
  family: text,
  signal,
  direction: "both",
  open: "nothing",
  vital: false,
  phrases: [],
});

/** What a text says, with what the user taught for it: the taught thing and class stand, the rest of the reading stays. */
export function readFunction(
  text: string,
  words: readonly OwnWord[] = [],
  context: MeaningContext = {},
): Meaning {
  const read = readMeaning(text, context);
  const own = ownWord(words, text);
  if (own === undefined) return read;
  const thing = (own.term === null ? undefined : thingNamed(own.term)) ?? ownThing(own);
  return {
    ...read,
    things: [thing],
    vague: false,
    thing,
    signal: own.signal === "unknown" ? thing.signal : own.signal,
    classes: new Map([[own.signal === "unknown" ? thing.signal : own.signal, 1]]),
    certain: 1,
    unread: [],
    understood: 1,
    fuzzy: false,
  };
}

/** The own words with one more; a text means what it was last given. */
export function learn(
  words: readonly OwnWord[],
  text: string,
  thing: Thing | null,
  signal: OwnWord["signal"],
): readonly OwnWord[] {
  const key = keyOf(text);
  return [
    ...words.filter((word) => keyOf(word.text) !== key),
    { text: text.trim(), term: thing?.name ?? null, signal: thing?.signal ?? signal },
  ];
}
