import type { Sureness } from "../model/index.ts";

/** The case a pair must make before "sure" or "check" stands on it, in tenths of a log-odds unit (common practice, no source). */
export const SURE = 45;
export const CHECK = 20;
export const surenessAt = (confidence: number): Sureness =>
  confidence >= SURE ? "sure" : confidence >= CHECK ? "check" : "guess";
