export {
  blankDevice,
  canFindLive,
  joinAlso,
  joinPins,
  jumperPins,
  leaveOpen,
  matePlugs,
  meetingWires,
  METHOD_NAMES,
  METHOD_OFFERS,
  nextMethod,
  rejectRows,
  seriesThrough,
  shiftPin,
  sureOffers,
  takeBack,
  takeOffers,
  undone,
  withDevice,
  type Edit,
} from "./acts.ts";
export { branchOff, fillCavity, reEnd } from "./fills.ts";
export { acceptHazards, sameAnswer, withoutAnswer } from "./hazardActs.ts";
export { offerWords } from "./offerWords.ts";
export { partnerOffers, type Offer, type PairingMode } from "./partnerOffers.ts";
export {
  circuitRows,
  hazardKey,
  hazardsOfJob,
  isAt,
  isOpenHazard,
  isShown,
  isUnmatched,
  isWhole,
  leadOf,
  lineWords,
  pinsOfRow,
  sharedHazards,
  SHOWN,
  wantsAttention,
  worstOf,
  type Act,
  type CircuitRow,
  type SharedHazard,
  type Shown,
} from "./rows.ts";
export { otherHalf, placeOfCut, tapAlso, tapOrCut } from "./taps.ts";
