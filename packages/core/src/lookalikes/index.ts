export {
  groupLookAlikes,
  LOOK_ALIKE_SCOPES,
  lookAlikes,
  twinMarks,
  type LookAlike,
  type LookAlikeGroup,
  type LookAlikeScope,
} from "./lookAlikes.ts";
export { nameLookAlikes, type NameLookAlike } from "./names.ts";
export { whatIsThisWire, type WireAnswer, type WireHit } from "./whatWire.ts";
export { shellLookAlikes, type ShellLookAlike } from "./shells.ts";
export { mistakenFor } from "./atHand.ts";
