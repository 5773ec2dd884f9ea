export { fail, ok, type Result } from "./result.ts";
export { invariant, present, unreachable } from "./assert.ts";
export {
  type Amps,
  type Brand,
  type Millimetres,
  type Ohms,
  type SquareMillimetres,
  type Volts,
  type Watts,
} from "./brand.ts";
export { digestOf } from "./digest.ts";
export { compareNatural, compareText, firstDifference } from "./compare.ts";
export { capital, list } from "./sentence.ts";
export { unionFind, type UnionFind } from "./unionFind.ts";
export { tokensOf } from "./tokensOf.ts";
export { lazily, once, oncePerText } from "./memo.ts";
export { inUnit } from "./inUnit.ts";
export { sameValue } from "./sameValue.ts";
