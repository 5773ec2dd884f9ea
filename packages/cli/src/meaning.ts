import { meaningWords, readMeaning, type Meaning, type MeaningContext } from "@trevin/core";

/** What a label says of a wire, slot by slot, each with the words that gave it (docs/match.md). */
export function meaningReport(text: string, context: MeaningContext): unknown {
  const meaning = readMeaning(text, context);
  return { text, ...slotsOf(meaning), givenBy: meaning.givenBy };
}

/** The slots of a meaning as plain data. */
export function slotsOf(meaning: Meaning): object {
  const {
    things,
    either,
    aside,
    kinds,
    roles,
    which,
    pole,
    contact,
    volts,
    classes,
    signal,
    certain,
    direction,
  } = meaning;
  return {
    words: meaningWords(meaning),
    things: things.map(({ name }) => name),
    either: either.map(({ name }) => name),
    aside: aside.map(({ name }) => name),
    kinds: [...kinds],
    roles: [...roles],
    which: Object.fromEntries([...which].map(([dimension, values]) => [dimension, [...values]])),
    pole,
    contact,
    volts: volts === 0 ? null : volts,
    signal,
    certain: rounded(certain),
    classes: Object.fromEntries([...classes].map(([one, share]) => [one, rounded(share)])),
    direction,
    understood: rounded(meaning.understood),
    unread: meaning.unread,
  };
}

const rounded = (value: number): number => Math.round(value * 100) / 100;
