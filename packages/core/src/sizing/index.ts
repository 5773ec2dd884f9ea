export { awgToMm2 } from "./awg.ts";
export { parseSize, type SizeProblem } from "./size.ts";
export { CHARGING, dividedVolts, dividerFor, E12, preferredAbove, type Divider } from "./divider.ts";
