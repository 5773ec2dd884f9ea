export {
  cutFarEnd, cutPlugEnd, endsInCavity, farEnd, farPart, initialState, plugEnd, plugPart, wireOf, wireOfEnd,
  type CavityState, type EndPlace, type HarnessState, type Wire,
} from "./state.ts";
export { type Operation, type OperationKind, type OperationProblem, type Residue, type Reverse } from "./operation.ts";
export { applyOperation } from "./apply.ts";
export { type Applied, type ApplyResult } from "./operations/guards.ts";
export { connectedEnds, connectedPoints, type Point } from "./net.ts";
