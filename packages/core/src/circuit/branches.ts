import { THERMAL_VOLTS, type Element, type ElementOf } from "./network.ts";

/** An element near a point of its curve: the current at `at` volts, and its slope there. */
export interface Tangent {
  readonly amps: number;
  readonly siemens: number;
}

/** A curved element: its tangent at a voltage, where to start, and how far one step may go. */
export interface Curve {
  readonly start: number;
  readonly at: (volts: number) => Tangent;
  readonly limited: (wanted: number, before: number) => number;
}

/** Leakage beside every diode, S, so that what only a blocked diode holds has a voltage. */
const LEAKAGE = 1e-15;

/** A junction after Shockley; a step into the steep part is shortened as circuit simulators do (Nagel, SPICE2, from memory). */
function junction({ saturation, ideality }: ElementOf<"diode">): Curve {
  const scale = ideality * THERMAL_VOLTS;
  const critical = scale * Math.log(scale / (Math.SQRT2 * saturation));
  return {
    start: Math.min(critical, 0.6 * ideality),
    at: (volts) => {
      const grown = Math.exp(volts / scale);
      return {
        amps: saturation * (grown - 1) + LEAKAGE * volts,
        siemens: (saturation * grown) / scale + LEAKAGE,
      };
    },
    limited: (wanted, before) => {
      if (wanted <= critical || Math.abs(wanted - before) <= 2 * scale) return wanted;
      if (before <= 0) return scale * Math.log(wanted / scale);
      const arg = 1 + (wanted - before) / scale;
      return arg > 0 ? before + scale * Math.log(arg) : critical;
    },
  };
}

/** Below this share of its rated voltage a filament is as cold as it gets: about a fourteenth of its hot resistance (common practice, no source). */
export const COLD = 0.003;
/** Current of a tungsten filament near its rated voltage goes with about this power of the voltage (rule of thumb, common practice). */
export const LAMP_EXPONENT = 0.55;
function filament({ volts: rated, amps, exponent }: ElementOf<"lamp">): Curve {
  const corner = COLD * rated;
  const cold = (amps * COLD ** exponent) / corner;
  return {
    start: rated,
    at: (volts) => {
      const size = Math.abs(volts);
      if (size <= corner) return { amps: cold * volts, siemens: cold };
      const through = amps * (size / rated) ** exponent;
      return { amps: Math.sign(volts) * through, siemens: (exponent * through) / size };
    },
    limited: (wanted, before) => {
      const size = Math.abs(before);
      const isFar = Math.abs(wanted) < size / 8 || Math.sign(wanted) !== Math.sign(before);
      return size > corner && isFar ? before / 8 : wanted;
    },
  };
}

export const curveOf = (element: Element): Curve | null => {
  if (element.kind === "diode") return junction(element);
  return element.kind === "lamp" ? filament(element) : null;
};
