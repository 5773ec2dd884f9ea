import type { Feature } from "./features.ts";

/** Weights of the comparison, in natural log-odds; fitted by `npm run calibrate` (docs/match.md). */
export const WEIGHTS: Readonly<Record<Feature, number>> = {} as Record<Feature, number>;
