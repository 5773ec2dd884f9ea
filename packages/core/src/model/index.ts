export { connectorId, decisionIdOf, endId, pinId, sourceId, stepId, wireId, type ConnectorId, type DecisionId, type EndId, type PinId, type SourceId, type StepId, type WireId } from "./ids.ts";
export { FEED_CLASSES, isData, isFeed, isSupply, SIGNAL_CLASSES, signalFit, type FeedClass, type Fit, type SignalClass } from "./signal.ts";
export {
  blankPin, CAVITY_CONTENTS, compareConnectors, FACE_VIEWS, isKnown, lastOrder, pinColour, pinsInOrder, pinSystem, SIDES, type CavityContent, type Connector, type FaceView, type Layout, type Pin, type Side,
} from "./connector.ts";
export { decisionId, decisionPins, METHODS, SURENESS, type Decision, type HazardAnswer, type Method, type Sureness } from "./decision.ts";
export {
  allPins, connectorsInOrder, decisionSureness, emptyDossier, findConnector, indexPins, JOB_KINDS, pinName, pinsOfSide, rankPins, undecidedPins, type Dossier, type JobHead, type JobKind, type OwnWord, type PlacedPin,
} from "./job.ts";
export {
  allSources, indexSources, leastSure, OWN_SOURCES, SOURCE_KINDS, surenessOf, vouched, worse, type Source, type SourceKind,
} from "./source.ts";
export { FACTS, type Claim, type Fact } from "./fact.ts";
export { locate, placesOf, type Locator, type Place } from "./face.ts";
export { nextLabel } from "./label.ts";
