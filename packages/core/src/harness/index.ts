export {
  builtCavity,
  builtShell,
  isBuilt,
  farPart,
  cutFarEnd,
  cutPlugEnd,
  endsByCavity,
  farEnd,
  plugEnd,
  plugPart,
  tapFarEnd,
  tapNearEnd,
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
  type FittedTerminal,
  type Operation,
  type OperationKind,
  type OperationProblem,
  type Residue,
  type Reverse,
} from "./operation.ts";
export { initialState } from "./initialState.ts";
export { applyOperation } from "./apply.ts";
export { owned, settled, type Applied, type ApplyResult } from "./operations/guards.ts";
export { anchorKey, liveEnds, meetingCavities, netOf, type Anchor, type Net, type Nets } from "./netOf.ts";
export { cavitiesNow } from "./cavitiesNow.ts";
