import { COLD } from "../../circuit/index.ts";

/** Name of the subcircuit that a filament lamp is called as. */
export const SUBCIRCUIT = "lamp";
/** Current of a tungsten filament near its rated voltage goes with about this power of the voltage (rule of thumb, common practice). */
export const LAMP_EXPONENT = 0.55;
/** The lamp for simulators that do not know it: the same law, cold filament included. */
export const LAMP_DEFINITION = [
  `.subckt ${SUBCIRCUIT} a b v=12 i=1.75 x=${LAMP_EXPONENT}`,
  `B1 a b I = i * V(a,b) / v * pow(max(abs(V(a,b)) / v, ${COLD}), x - 1)`,
  ".ends",
];
