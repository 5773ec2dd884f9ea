export { VOCABULARY, type Term } from "./vocabulary.ts";
export { likeness, readFunction, tokensOf, type FunctionReading } from "./matchFunction.ts";
