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
  leftOpen,
  staysWhole,
  tappedInstead,
} from "./accept.ts";
export { type SuggestedAlone } from "./alone.ts";
export { candidatesFor, type Candidate } from "./candidates.ts";
export { type MatchMemo, type MatchOptions } from "./chosenLinks.ts";
export { suggest, type Crosswalk } from "./crosswalk.ts";
export { type SuggestedGroup, type SuggestedPair } from "./grouped.ts";
export { deviceReasonWords, deviceWords, terminalWords } from "./deviceWords.ts";
export { deviceBetween, deviceOfMerge, type ProposedDevice } from "./devices.ts";
export { type FeedPlace, feedPlaces } from "./feeds.ts";
export { type SuggestedJumper } from "./jumpers.ts";
export {
  classMeasured,
  type Measured,
  MEASURED_AT,
  MEASURED_WORDS,
  type MeasuredAt,
  measuredIn,
  NOT_MEASURED,
  noteWith,
} from "./measured.ts";
export { type OtherSide, otherSide, type SideDifference } from "./otherSide.ts";
