export { curesOf } from "./cures.ts";
export {
  STEP_KINDS,
  type Block,
  type Group,
  type Plan,
  type Step,
  type StepKind,
  type Walk,
} from "./step.ts";
export { cardOf } from "./cards.ts";
export { endsOfStep, facesOfStep, isAtJoint, type EndPart, type HeldFace, type MeetingEnd } from "./hands.ts";
export { partOfStep } from "./stages.ts";
export { roundsDone, planWork, type DoneStep, type PlanOptions } from "./plan.ts";
export { stateAfter } from "./afterSteps.ts";
export { type Displaced, type Displacement } from "./displacements.ts";
export { orderByPlace, type Ordered, type Unit } from "./order.ts";
export { adapterLoom, type AdapterEnd, type AdapterLoom, type AdapterWire } from "./adapter.ts";
export {
  adapterGraph,
  adapterRowAt,
  drawAdapter,
  runWords,
  type AdapterGraph,
  type AdapterLayout,
} from "./adapterDrawing.ts";
export { chained, movedBehind, ownStepId } from "./edits.ts";
export { checkPlan } from "./check/check.ts";
export { type Fault } from "./check/fault.ts";
export { KIT_KINDS, kitKey, kitOf, type KitItem, type KitKind } from "./kit.ts";
export {
  allBy,
  compareMethods,
  waysIn,
  waysOfWire,
  type MethodChoice,
  type MethodCost,
  type WayOfWire,
} from "./methods.ts";
export { owedAfter, type Owed } from "./owed.ts";
export { planDifference, type PlanDifference } from "./difference.ts";
export { splitByLeg, splitIntoEvenings } from "./evenings.ts";
export { flagsOf, type Flag } from "./flags.ts";
export { provedAtEnd, stateAtEnd } from "./atEnd.ts";
export { provedOtherwise, type Otherwise, type OtherwiseOutcome } from "./otherwise.ts";
export { doubtOf, readingsAsked, type AskedReading, type ReadingDoubt } from "./readings.ts";
