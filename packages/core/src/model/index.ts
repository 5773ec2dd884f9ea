export {
  connectorId, decisionIdOf, endId, joinPointId, loomWireId, pinId, sourceId, stepId, wireId,
  type ConnectorId, type DecisionId, type EndId, type JoinPointId, type LoomWireId, type PinId, type SourceId, type StepId, type WireId,
} from "./ids.ts";
export {
  DIRECTIONS, FEED_CLASSES, isData, isFeed, isLowLevel, isPowered, isSupply, needsFuse, OPEN_EFFECTS, SIGNAL_CLASSES, signalFit, usualLevel, type Direction, type FeedClass, type Fit, type OpenEffect, type SignalClass,
} from "./signal.ts";
export {
  blankConnector, blankPin, CAVITY_CONTENTS, compareConnectors, isKnown, lastOrder, pinColour, pinsInOrder, pinSystem, SIDES, type CavityContent, type Connector, type Pin, type Side,
} from "./connector.ts";
export { decisionId, decisionPins, isDeadEnd, isJoining, isLeftOpen, JOINT_KINDS, leadPin, linkedPairs, methodOf, METHODS, namedPins, seatOf, seatsOf, SURENESS, type Decision, type DeadEnd, type DecisionKind, type JointKind, type JointMethod, type LeavingOpen, type HazardAnswer, type Joining, type Method, type Sureness } from "./decision.ts";
export { type DeviceKind, type InsertedDevice } from "./device.ts";
export { BRIEF_KINDS, type BriefItem } from "./brief.ts";
export {
  allPins, connectorsInOrder, decisionSureness, emptyDossier, findConnector, indexPins, JOB_KINDS, pinName, pinsOfSide, rankPins, decisionByPin, undecidedPins, type Dossier, type JobHead, type JobKind, type OwnWord, type PlacedPin,
} from "./job.ts";
export {
  allSources, indexSources, leastSure, OWN_SOURCES, SOURCE_KINDS, surenessOf, vouched, worse, type Source, type SourceKind,
} from "./source.ts";
export { FACTS, type Claim, type Fact } from "./fact.ts";
export {
  BLANKS, EXTRA_LOCKS, FACE_VIEWS, FACELESS, GENDERS, GRIPS, MARKS, rowsOnly, SKIPPED_LETTERS, type Blank, type ExtraLock, type Faceless, type FaceView, type Gender, type Grip, type Keying, type LabelKind, type Mark,
  type Numbering, type Pattern, type Shell, type ShellPoint, type ShellRing, type ShellRow,
} from "./shell.ts";
export { areEndsOfWire, JOIN_POINT_KINDS, type Bundle, type JoinPoint, type JoinPointKind, type LoomWire, type Mating, type WireEnd } from "./wiring.ts";
export { nextLabel } from "./label.ts";
export { NO_EDITS, type AdapterLength, type OrderEdit, type OwnStep, type PartInTheWay, type WorklistEdits } from "./worklist.ts";
