export { pinReader, weigh, type Evidence, type ReadPin, type Reason } from "./evidence.ts";
export { decisionFromPair, problemOf, suggest, type Crosswalk, type SuggestedAlone, type SuggestedPair } from "./crosswalk.ts";
export { colourForColour, type ColourJoin, type ColourOutcome } from "./colourVerdict.ts";
export { findHazards, type Hazard, type HazardContext, type Link, type Rule, type Severity } from "./hazards/index.ts";
