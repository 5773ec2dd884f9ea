export { GROUND } from "./network.ts";
export type { CircuitNote, Control, Element, ElementOf, OperatingPoint } from "./network.ts";
export { circuitOf, type Circuit } from "./operatingPoint.ts";
export { COLD } from "./branches.ts";
export { proofOf, type Proof } from "./proof.ts";
export {
  KEYS,
  LIVE_IN,
  solverOf,
  voltsAcross,
  type Drive,
  type Fares,
  type Key,
  type LoadRow,
} from "./states.ts";
export type { JobNetwork } from "./jobNetwork.ts";
export type { CircuitFinding, DarkBecause } from "./findings.ts";
export type { Port, PortKind, Rail } from "./ports.ts";
export { pathOf, type PathPart } from "./path.ts";
