export { awgToMm2 } from "./awg.ts";
export { parseSize, type SizeProblem } from "./size.ts";
