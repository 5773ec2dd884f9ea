export { GROUND } from "./network.ts";
export type { CircuitNote, Control, Element, ElementOf, OperatingPoint } from "./network.ts";
export { circuitOf, type Circuit } from "./operatingPoint.ts";
export { COLD } from "./branches.ts";
