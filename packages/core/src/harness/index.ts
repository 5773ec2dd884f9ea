export {
  builtCavity,
  builtShell,
  isBuilt,
  cutFarEnd,
  cutPlugEnd,
  endsByCavity,
  farEnd,
  initialState,
  plugEnd,
  plugPart,
  wireOf,
  wireOfEnd,
  type Cavity,
  type CavityState,
  type PluggedInto,
  type EndPlace,
  type HarnessState,
  type Wire,
} from "./state.ts";
export {
  type BuiltCavity,
  type Operation,
  type OperationKind,
  type OperationProblem,
  type Residue,
  type Reverse,
} from "./operation.ts";
export { applyOperation } from "./apply.ts";
export { owned, settled, type Applied, type ApplyResult } from "./operations/guards.ts";
export { connectedEnds, connectedPoints, type Point } from "./net.ts";
