import { adapterOverKeptWire } from "./consequence/adapterOverKeptWire.ts";
import { blankMembrane } from "./mechanical/blankMembrane.ts";
import { bothSides } from "./electrical/bothSides.ts";
import { busTermination } from "./electrical/busTermination.ts";
import { canCrossed } from "./electrical/canCrossed.ts";
import { cavityWithoutPin } from "./completeness/cavityWithoutPin.ts";
import { chargeLamp } from "./electrical/chargeLamp.ts";
import { coilOntoTachometer } from "./electrical/coilOntoTachometer.ts";
import { combinedStopTurn } from "./electrical/combinedStopTurn.ts";
import { constantAgainstSwitched } from "./electrical/constantAgainstSwitched.ts";
import { dataOntoOther } from "./electrical/dataOntoOther.ts";
import { faultCode } from "./consequence/faultCode.ts";
import { deviceLegs } from "./electrical/deviceLegs.ts";
import { feedWithoutFuse } from "./electrical/feedWithoutFuse.ts";
import { floatingInput } from "./electrical/floatingInput.ts";
import { functionLost } from "./consequence/functionLost.ts";
import { fuseTooLarge } from "./electrical/fuseTooLarge.ts";
import { fuseTooSmall } from "./electrical/fuseTooSmall.ts";
import { supplyClass } from "./electrical/supplyClass.ts";
import { twoMates } from "./identity/twoMates.ts";
import { glare } from "./consequence/glare.ts";
import { groundStrap } from "./electrical/groundStrap.ts";
import { hotOrMoving } from "./mechanical/hotOrMoving.ts";
import { bridgeLeaves } from "./consequence/bridgeLeaves.ts";
import { joinedCavities } from "./electrical/joinedCavities.ts";
import { keepOut } from "./law/keepOut.ts";
import { lawReminder } from "./law/lawReminder.ts";
import { levelTooHigh } from "./electrical/levelTooHigh.ts";
import { levelTooLow } from "./electrical/levelTooLow.ts";
import { loadWithoutSource } from "./electrical/loadWithoutSource.ts";
import { mergedCurrents } from "./electrical/mergedCurrents.ts";
import { mirroredShell } from "./identity/mirroredShell.ts";
import { missingFeed } from "./completeness/missingFeed.ts";
import { missingFlasher } from "./electrical/missingFlasher.ts";
import { missingGround } from "./electrical/missingGround.ts";
import { missingRelay } from "./electrical/missingRelay.ts";
import { nameLookAlike } from "./identity/nameLookAlike.ts";
import { nearColour } from "./identity/nearColour.ts";
import { needsDevice } from "./electrical/needsDevice.ts";
import { notInSource } from "./completeness/notInSource.ts";
import { oneOfSeveral } from "./electrical/oneOfSeveral.ts";
import { opposites } from "./identity/opposites.ts";
import { optionWire } from "./completeness/optionWire.ts";
import { pairedByColour } from "./identity/pairedByColour.ts";
import { partCutOff } from "./consequence/partCutOff.ts";
import { pickupPolarity } from "./electrical/pickupPolarity.ts";
import { positionChanges } from "./identity/positionChanges.ts";
import { programmingOwed } from "./consequence/programmingOwed.ts";
import { reformLance } from "./mechanical/reformLance.ts";
import { relayContact } from "./electrical/relayContact.ts";
import { relayUnfed } from "./completeness/relayUnfed.ts";
import { relayDiode } from "./electrical/relayDiode.ts";
import { sameCavities } from "./identity/sameCavities.ts";
import { sameColourOtherFunction } from "./identity/sameColourOtherFunction.ts";
import { sameFunctionOtherColour } from "./identity/sameFunctionOtherColour.ts";
import { sealMissing } from "./mechanical/sealMissing.ts";
import { secondSide } from "./identity/secondSide.ts";
import { senderScale } from "./electrical/senderScale.ts";
import { sensorReturnOnChassis } from "./electrical/sensorReturnOnChassis.ts";
import { seriesBack } from "./electrical/seriesBack.ts";
import { seriesLamp } from "./electrical/seriesLamp.ts";
import { sharedGround } from "./electrical/sharedGround.ts";
import { singleTellTale } from "./electrical/singleTellTale.ts";
import { sizeStep } from "./electrical/sizeStep.ts";
import { skippedLetters } from "./identity/skippedLetters.ts";
import { sourcesContradict } from "./completeness/sourcesContradict.ts";
import { standbyDrain } from "./consequence/standbyDrain.ts";
import { startInterlock } from "./consequence/startInterlock.ts";
import { supplyOntoGround } from "./electrical/supplyOntoGround.ts";
import { supplyOntoGroundedOnly } from "./electrical/supplyOntoGroundedOnly.ts";
import { supplyOntoSignal } from "./electrical/supplyOntoSignal.ts";
import { terminalFit } from "./mechanical/terminalFit.ts";
import { twinColour } from "./identity/twinColour.ts";
import { twinInExchange } from "./identity/twinInExchange.ts";
import { twinInModule } from "./identity/twinInModule.ts";
import { twistLost } from "./electrical/twistLost.ts";
import { twoSources } from "./electrical/twoSources.ts";
import { vacatedCavity } from "./mechanical/vacatedCavity.ts";
import { variantPlace } from "./variant/variantPlace.ts";
import { viewMirrored } from "./identity/viewMirrored.ts";
import { wetJoint } from "./mechanical/wetJoint.ts";
import { wrongKeyFeed } from "./electrical/wrongKeyFeed.ts";
import { whichShell } from "./mechanical/whichShell.ts";
import { wrongSocket } from "./mechanical/wrongSocket.ts";
import type { Rule } from "./rule.ts";

/** Every rule that pinouts, decisions and wires behind can answer. Stops come first, then by what they are about. */
export const RULES: readonly Rule[] = [
  keepOut,
  supplyOntoGround,
  supplyOntoSignal,
  dataOntoOther,
  canCrossed,
  supplyOntoGroundedOnly,
  coilOntoTachometer,
  levelTooHigh,
  missingRelay,
  seriesBack,
  bothSides,
  combinedStopTurn,
  startInterlock,
  partCutOff,
  deviceLegs,
  missingFeed,
  fuseTooLarge,
  fuseTooSmall,
  supplyClass,
  twoMates,
  twoSources,
  opposites,
  sameColourOtherFunction,
  sameFunctionOtherColour,
  pairedByColour,
  twinColour,
  nearColour,
  twinInModule,
  twinInExchange,
  nameLookAlike,
  sameCavities,
  mirroredShell,
  viewMirrored,
  skippedLetters,
  positionChanges,
  secondSide,
  levelTooLow,
  needsDevice,
  loadWithoutSource,
  constantAgainstSwitched,
  wrongKeyFeed,
  twistLost,
  mergedCurrents,
  relayContact,
  relayUnfed,
  relayDiode,
  oneOfSeveral,
  floatingInput,
  bridgeLeaves,
  joinedCavities,
  sharedGround,
  missingGround,
  sensorReturnOnChassis,
  sizeStep,
  senderScale,
  chargeLamp,
  pickupPolarity,
  feedWithoutFuse,
  groundStrap,
  busTermination,
  singleTellTale,
  missingFlasher,
  seriesLamp,
  terminalFit,
  reformLance,
  sealMissing,
  whichShell,
  wrongSocket,
  vacatedCavity,
  blankMembrane,
  wetJoint,
  hotOrMoving,
  cavityWithoutPin,
  optionWire,
  sourcesContradict,
  notInSource,
  functionLost,
  adapterOverKeptWire,
  faultCode,
  programmingOwed,
  glare,
  standbyDrain,
  variantPlace,
  lawReminder,
];
