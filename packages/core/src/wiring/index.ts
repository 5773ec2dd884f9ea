export {
  allMatings,
  bridgedPins,
  meetingPins,
  type WiringLink,
  type Spot,
  type WiringGraph,
} from "./graph.ts";
export { nets, sharedWith, stretchColour, stretches, trace, traceFrom, type Stretch } from "./trace.ts";
export { readRunTarget, runTo, sameCircuit, wiresAt, type RunDetails, type RunTarget } from "./target.ts";
