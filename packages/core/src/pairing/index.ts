export { furtherJoints, mayShare, SURCHARGE } from "./capacity.ts";
export { contradictedBars, doubtfulBars } from "./contradicted.ts";
export { apartBy, oppositeIn } from "./apart.ts";
export {
  type Evidence,
  explained,
  type Explanation,
  levelsDiffer,
  reasonsOf,
  samePlace,
  weigh,
  type Weights,
} from "./evidence.ts";
export { explainer } from "./explain.ts";
export { type Feature, FEATURES, featuresOf } from "./features.ts";
export { givesItself, poweredParts } from "./ownFeed.ts";
export { goesOnInItsLoom } from "./ownLoom.ts";
export { pairedByPosition } from "./position.ts";
export { aloneCost, type MatchProblem, matchProblem, type Seat } from "./problem.ts";
export { pinReader, type ReadPin } from "./readPin.ts";
export { contactFeed, isCommon, isMake, isOneContact } from "./relayContacts.ts";
export type { Reason } from "./reason.ts";
export { CHECK, contestedSupplies, SURE, surenessAt, pairSureness } from "./sureness.ts";
