import { COLD, LAMP_EXPONENT } from "../../circuit/index.ts";

/** Name of the subcircuit that a filament lamp is called as. */
export const SUBCIRCUIT = "lamp";
/** The lamp for simulators that do not know it: the same law, cold filament included. */
export const LAMP_DEFINITION = [
  `.subckt ${SUBCIRCUIT} a b v=12 i=1.75 x=${LAMP_EXPONENT}`,
  `B1 a b I = i * V(a,b) / v * pow(max(abs(V(a,b)) / v, ${COLD}), x - 1)`,
  ".ends",
];
