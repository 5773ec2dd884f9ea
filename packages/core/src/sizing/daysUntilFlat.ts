import type { Amps } from "../util/index.ts";
/** A starter battery of a car, Ah (common practice, no source). */
export const USUAL_BATTERY = 60;
/** What of it may go before it no longer starts the engine (common practice, no source). */
const SPARE = 0.5;

/** How many days a battery of so many Ah lasts while it gives so many A and nothing charges it; Infinity for no current. */
export const daysUntilFlat = (amps: Amps, ampereHours: number): number =>
  amps <= 0 ? Infinity : (SPARE * ampereHours) / amps / 24;
