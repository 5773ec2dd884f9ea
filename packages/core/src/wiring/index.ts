export {
  allMatings,
  bridgedPins,
  meetingPins,
  pinSpot,
  pointSpot,
  wiringGraph,
  type WiringLink,
  type Spot,
  type WiringGraph,
} from "./graph.ts";
export {
  follow,
  nets,
  sharedWith,
  stretchColour,
  stretches,
  trace,
  traceFrom,
  type Stretch,
} from "./trace.ts";
export { readRunTarget, runTo, sameCircuit, wiresAt, type RunDetails, type RunTarget } from "./target.ts";
