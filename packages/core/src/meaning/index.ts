export { readMeaning, type MeaningContext } from "./readMeaning.ts";
export {
  likelyClass,
  sideOf,
  type GivenBy,
  type Kind,
  type Meaning,
  type Role,
  type MeaningSlot,
} from "./meaning.ts";
export { FORM_COUNT, THINGS, thingNamed, type Thing } from "./lexicon/index.ts";
export { PHRASE_COUNT } from "./phrases.ts";
export { isGeneric } from "./classes.ts";
export { directionOf, leaningOf } from "./direction.ts";
export { habitsOf, type ListHabits } from "./habits.ts";
export { oppositeOf, type Dimension, type Opposite, type WhichOne } from "./whichOne.ts";
export { learn, readFunction } from "./ownWords.ts";
export { suggestThings, type Suggestion } from "./suggest.ts";
export { lex, type Token } from "./lex.ts";
