import type { SourceId } from "./ids.ts";

/** What a source can be asked about: the place itself and the four values of the wire in it. */
export const FACTS = ["cavity", "function", "colour", "size", "signal"] as const;
export type Fact = (typeof FACTS)[number];

/**
 * What another source says of the same value. With `when` it is a variant ("up to model year 2"): both are right, each for its
 * cars. Without, the sources contradict each other and somebody has to look.
 */
export interface Claim {
  readonly fact: Fact;
  readonly value: string;
  readonly source: SourceId;
  readonly when: string;
}
