export { decisionsOnRecord } from "./decided.ts";
export { FIRST_LINK, seal, verifyChain, type ChainProblem } from "./chain.ts";
export { factsBetween, type Entry, type PinFacts, type StoredEntry, type What } from "./entry.ts";
export { foldLedger, obstaclesToRetract, retractChain, type Fold, type Misfit } from "./fold.ts";
export { placeProblem, rowAt, type PlaceProblem } from "./places.ts";
export { asBuilt, pluggedNow, type AsBuiltRow } from "./asBuilt.ts";
export {
  bench,
  isPowerForGood,
  planHash,
  stepsLeft,
  testBefore,
  type PlanMemo,
  type BenchView,
} from "./bench.ts";
