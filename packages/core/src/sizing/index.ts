export { daysUntilFlat, USUAL_BATTERY } from "./daysUntilFlat.ts";
export { carries } from "./carries.ts";
export { pullOutForce } from "./pullOut.ts";
export { parseSize, type SizeProblem } from "./size.ts";
export { dividerFor, dividerReadings, type Divider } from "./divider.ts";
export { gaugeShows, isOneScale, senderScaleIn, type SenderScale } from "./senderScale.ts";
