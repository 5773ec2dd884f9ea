import type { Ohms, Volts } from "../util/index.ts";
/** The E12 series of preferred values, IEC 60063. */
const E12 = [10, 12, 15, 18, 22, 27, 33, 39, 47, 56, 68, 82] as const;

export interface Divider {
  /** Ω, from the source to the input. */
  readonly upper: Ohms;
  /** Ω, from the input to its ground. */
  readonly lower: Ohms;
}

/** Highest voltage of a network with its alternator charging, as a multiple of the nominal one (common practice: 16 V of 12 V). */
const CHARGING = 4 / 3;

/** The smallest value of the series that is not below the one asked for, in Ω. */
function preferredAbove(ohms: Ohms): Ohms {
  const decade = 10 ** Math.floor(Math.log10(ohms) - 1);
  const step = E12.find((value) => value * decade >= ohms * (1 - 1e-9));
  return step === undefined ? 100 * decade : step * decade;
}

/**
 * Two resistors that bring a supply down to what an input takes, also while the alternator charges: 10 kΩ to ground and the next
 * preferred value above it. 12 V onto 5 V is 22 kΩ over 10 kΩ, which gives 3.75 V at 12 V and 5.00 V at 16 V. Right for inputs
 * that draw next to nothing; never for a supply.
 */
export function dividerFor(nominalVolts: Volts, inputVolts: Volts): Divider {
  const lower = 10_000;
  return { upper: preferredAbove(lower * ((nominalVolts * CHARGING) / inputVolts - 1)), lower };
}

/** What an input sees of a network at its nominal voltage, while driving, and at the highest charging voltage, all in V. */
export const dividerReadings = (
  nominalVolts: Volts,
  divider: Divider,
): readonly { readonly at: Volts; readonly volts: Volts }[] =>
  [1, 1.2, CHARGING].map((factor) => ({
    at: nominalVolts * factor,
    volts: dividedVolts(nominalVolts * factor, divider),
  }));

/** Volts at the middle of a divider that nothing loads. */
const dividedVolts = (volts: Volts, { upper, lower }: Divider): Volts => (volts * lower) / (upper + lower);
