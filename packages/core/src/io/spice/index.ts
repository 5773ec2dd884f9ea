export { isInner, readSpice, type Netlist, type SpiceProblem } from "./readSpice.ts";
export { writeSpice } from "./writeSpice.ts";
