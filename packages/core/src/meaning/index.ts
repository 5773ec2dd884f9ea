export { readMeaning } from "./readMeaning.ts";
export { type ListHabits, type MeaningContext } from "./tokensIn.ts";
export {
  leftOpenOf,
  likelyClass,
  mayBeOther,
  sideOf,
  type GivenBy,
  type Meaning,
  type MeaningSlot,
} from "./meaning.ts";
export { kinOf, thingNamed, THINGS, type Thing } from "./lexicon/index.ts";
export { tellsApart, wordLikeness, type ContentWord } from "./content.ts";
export { isGeneric } from "./generic.ts";
export { directionOf, leaningOf } from "./direction.ts";
export { contextOf, readRows } from "./habits.ts";
export { oppositeOf, type Dimension, type Opposite, type WhichOne } from "./whichOne.ts";
export { learn, likeKey, readFunction, slotOf, taughtSlots, withShopWords } from "./ownWords.ts";
export { givenSignal, signalOf } from "./signalOf.ts";
export { suggestThings, type Suggestion } from "./suggest.ts";
