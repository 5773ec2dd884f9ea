import { adapterOverKeptWire } from "./adapterOverKeptWire.ts";
import { blankMembrane } from "./blankMembrane.ts";
import { bothSides } from "./bothSides.ts";
import { busTermination } from "./busTermination.ts";
import { canCrossed } from "./canCrossed.ts";
import { cavityWithoutPin } from "./cavityWithoutPin.ts";
import { chargeLamp } from "./chargeLamp.ts";
import { coilOntoTachometer } from "./coilOntoTachometer.ts";
import { combinedStopTurn } from "./combinedStopTurn.ts";
import { constantAgainstSwitched } from "./constantAgainstSwitched.ts";
import { dataOntoOther } from "./dataOntoOther.ts";
import { faultCode } from "./faultCode.ts";
import { deviceLegs } from "./deviceLegs.ts";
import { feedWithoutFuse } from "./feedWithoutFuse.ts";
import { floatingInput } from "./floatingInput.ts";
import { functionLost } from "./functionLost.ts";
import { fuseTooLarge } from "./fuseTooLarge.ts";
import { fuseTooSmall } from "./fuseTooSmall.ts";
import { supplyClass } from "./supplyClass.ts";
import { twoMates } from "./twoMates.ts";
import { glare } from "./glare.ts";
import { groundStrap } from "./groundStrap.ts";
import { hotOrMoving } from "./hotOrMoving.ts";
import { bridgeLeaves } from "./bridgeLeaves.ts";
import { joinedCavities } from "./joinedCavities.ts";
import { keepOut } from "./keepOut.ts";
import { lawReminder } from "./lawReminder.ts";
import { levelTooHigh } from "./levelTooHigh.ts";
import { levelTooLow } from "./levelTooLow.ts";
import { loadWithoutSource } from "./loadWithoutSource.ts";
import { mergedCurrents } from "./mergedCurrents.ts";
import { mirroredShell } from "./mirroredShell.ts";
import { missingFeed } from "./missingFeed.ts";
import { missingFlasher } from "./missingFlasher.ts";
import { missingGround } from "./missingGround.ts";
import { missingRelay } from "./missingRelay.ts";
import { nameLookAlike } from "./nameLookAlike.ts";
import { nearColour } from "./nearColour.ts";
import { needsDevice } from "./needsDevice.ts";
import { notInSource } from "./notInSource.ts";
import { oneOfSeveral } from "./oneOfSeveral.ts";
import { opposites } from "./opposites.ts";
import { optionWire } from "./optionWire.ts";
import { pairedByColour } from "./pairedByColour.ts";
import { partCutOff } from "./partCutOff.ts";
import { pickupPolarity } from "./pickupPolarity.ts";
import { positionChanges } from "./positionChanges.ts";
import { programmingOwed } from "./programmingOwed.ts";
import { reformLance } from "./reformLance.ts";
import { relayContact } from "./relayContact.ts";
import { relayUnfed } from "./relayUnfed.ts";
import { relayDiode } from "./relayDiode.ts";
import { sameCavities } from "./sameCavities.ts";
import { sameColourOtherFunction } from "./sameColourOtherFunction.ts";
import { sameFunctionOtherColour } from "./sameFunctionOtherColour.ts";
import { sealMissing } from "./sealMissing.ts";
import { secondSide } from "./secondSide.ts";
import { senderScale } from "./senderScale.ts";
import { sensorReturnOnChassis } from "./sensorReturnOnChassis.ts";
import { seriesBack } from "./seriesBack.ts";
import { seriesLamp } from "./seriesLamp.ts";
import { sharedGround } from "./sharedGround.ts";
import { singleTellTale } from "./singleTellTale.ts";
import { sizeStep } from "./sizeStep.ts";
import { skippedLetters } from "./skippedLetters.ts";
import { sourcesContradict } from "./sourcesContradict.ts";
import { standbyDrain } from "./standbyDrain.ts";
import { startInterlock } from "./startInterlock.ts";
import { supplyOntoGround } from "./supplyOntoGround.ts";
import { supplyOntoGroundedOnly } from "./supplyOntoGroundedOnly.ts";
import { supplyOntoSignal } from "./supplyOntoSignal.ts";
import { terminalFit } from "./terminalFit.ts";
import { twinColour } from "./twinColour.ts";
import { twinInExchange } from "./twinInExchange.ts";
import { twinInModule } from "./twinInModule.ts";
import { twistLost } from "./twistLost.ts";
import { twoSources } from "./twoSources.ts";
import { vacatedCavity } from "./vacatedCavity.ts";
import { variantPlace } from "./variantPlace.ts";
import { viewMirrored } from "./viewMirrored.ts";
import { wetJoint } from "./wetJoint.ts";
import { wrongKeyFeed } from "./wrongKeyFeed.ts";
import { whichShell } from "./whichShell.ts";
import { wrongSocket } from "./wrongSocket.ts";
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
