export { awgToMm2 } from "./awg.ts";
export { pullOutForce } from "./pullOut.ts";
export { parseSize, type SizeProblem } from "./size.ts";
export {
  CHARGING,
  dividedVolts,
  dividerFor,
  dividerReadings,
  E12,
  preferredAbove,
  type Divider,
} from "./divider.ts";
