export { type Direction, type OpenEffect, type Term } from "./vocabulary/term.ts";
export { VOCABULARY } from "./vocabulary/vocabulary.ts";
export { likeness, learn, readFunction, suggestTerms, tokensOf, withTerm, type FunctionReading, type Suggestion } from "./matchFunction.ts";
