export { checkLabels, letterLabel, rowLabels, type LabelProblem } from "./numbering.ts";
export {
  boundsOf,
  cavityCount,
  isPartlyRecorded,
  faceOf,
  isSideways,
  seenFrom,
  slotsOf,
  type Bounds,
  type Face,
  type Hold,
  type Place,
  type Slot,
} from "./slots.ts";
export {
  landmarks,
  locate,
  locateAll,
  nextTo,
  type Landmark,
  type Located,
  type Locator,
} from "./locator.ts";
export { findPlace, type Found } from "./findPlace.ts";
export {
  answering,
  compareShells,
  fitOf,
  matingHalf,
  meetings,
  type ShellFit,
  type ShellLikeness,
} from "./mating.ts";
export {
  area,
  circle,
  drawFace,
  drawnWords,
  line,
  looksOf,
  rect,
  type CavityLook,
  type DrawFaceOptions,
  type DrawnCavity,
  type FaceDrawing,
  type Paint,
  type Shape,
} from "./drawing/index.ts";
