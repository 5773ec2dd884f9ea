export { type SuggestedAlone } from "./alone.ts";
export { apartBy, weigh, type Evidence, type Explanation, type Reason, type Weights } from "./evidence.ts";
export { pinReader, type ReadPin } from "./readPin.ts";
export { FEATURES, featuresOf, type Feature } from "./features.ts";
export { matchProblem, type MatchProblem, type Seat } from "./problem.ts";
export {
  candidatesFor,
  suggest,
  type Candidate,
  type Crosswalk,
  type MatchMemo,
  type MatchOptions,
  type SuggestedGroup,
  type SuggestedPair,
} from "./crosswalk.ts";
export { CHECK, SURE } from "./sureness.ts";
export { explainer } from "./explain.ts";
export { type SuggestedJumper } from "./jumpers.ts";
export { feedPlaces, type FeedPlace } from "./feeds.ts";
export { type ProposedDevice } from "./devices.ts";
export { keepOutOf } from "./keepOut.ts";
export { deviceReasonWords, deviceWords, terminalWords } from "./deviceWords.ts";
export { otherSide, type OtherSide, type SideDifference } from "./otherSide.ts";
export {
  decisionFromAlone,
  decisionFromGroup,
  decisionFromJumper,
  decisionFromPair,
  halfOfMerged,
  halfOfOurs,
  halfOfTheirs,
  isAtItsPart,
  joined,
  ledThrough,
  tappedInstead,
  staysWhole,
  leftOpen,
} from "./accept.ts";
export {
  classMeasured,
  MEASURED_AT,
  MEASURED_WORDS,
  measuredIn,
  NOT_MEASURED,
  noteWith,
  type Measured,
  type MeasuredAt,
} from "./measured.ts";
export { briefLines, type BriefLine, type BriefState } from "./brief.ts";
export { colourForColour, type ColourJoin, type ColourOutcome } from "./colourVerdict.ts";
export {
  findHazards,
  type Finding,
  type Fix,
  type Hazard,
  type HazardClass,
  type HazardContext,
  type Link,
  type Rule,
  type Severity,
} from "./hazards/index.ts";
