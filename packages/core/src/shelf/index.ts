export { type Term } from "./vocabulary/term.ts";
export { OPEN_WORDS, SIGNAL_WORDS } from "./vocabulary/names.ts";
export { VOCABULARY } from "./vocabulary/vocabulary.ts";
export {
  likeness,
  likenessIndex,
  learn,
  readFunction,
  suggestTerms,
  tokensOf,
  type FunctionInterpretation,
  type LikenessIndex,
  type Suggestion,
} from "./matchFunction.ts";
export { oppositeOf, type Dimension, type Opposite, type WhichOne } from "./whichOne.ts";
export { SHELLS, waysOf } from "./shells/index.ts";
export { SHELL_GROUPS, type ShelfShell, type ShellGroup, type UsualContact } from "./shells/build.ts";
export {
  findTerminals,
  RELEASES,
  SECONDARY_LOCKS,
  systemsOf,
  TERMINAL_SYSTEMS,
  type Release,
  type SealRange,
  type SecondaryLock,
  type SeenTraits,
  type TerminalMatch,
  type TerminalSystem,
} from "./terminals/index.ts";
