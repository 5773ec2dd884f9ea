export { GROUND } from "./network.ts";
export type { CircuitNote, Control, Element, ElementOf, OperatingPoint } from "./network.ts";
export { circuitOf, type Circuit } from "./operatingPoint.ts";
export { COLD, LAMP_EXPONENT } from "./branches.ts";
export { proofOf, type Proof } from "./proof.ts";
export { KEYS, type Key } from "./keys.ts";
export { solverOf, voltsAcross, type Drive, type Fares, type LoadRow } from "./states.ts";
export { frozen, jobNetwork, type JobNetwork } from "./jobNetwork.ts";
export { findingKey, type CircuitFinding, type DarkBecause } from "./finding.ts";
export { isUsualDraw, type Port, type PortKind, type Rail } from "./ports.ts";
export { askedOf, type Asked } from "./asked.ts";
export { standbyOf, type Standby } from "./standby.ts";
export { pathOf, type PathPart } from "./path.ts";
export {
  canUnplug,
  FAULTS,
  swappable,
  whatIf,
  whatIfSwapped,
  whatIfUnplugged,
  type FaultKind,
  type WhatIf,
} from "./whatIf.ts";
export { comparedWith } from "./compared.ts";
export { fuseCurrents, type FuseCurrent } from "./fuseCurrents.ts";
export { liveNow, type CavityVolts } from "./liveNow.ts";
