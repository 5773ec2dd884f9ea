import type { PinId } from "./ids.ts";

/** `function`: must work in the end. `option`: equipment that is kept or given up, with the pins that only it needs. */
export const BRIEF_KINDS = ["function", "option"] as const;

/** One line of what the job is for. */
export interface BriefItem {
  readonly id: string;
  readonly kind: (typeof BRIEF_KINDS)[number];
  /** "Coolant gauge", "air conditioning". */
  readonly text: string;
  /** An option that is not kept takes its pins out of the crosswalk; a function is always kept. */
  readonly kept: boolean;
  /** Pins linked by hand; while there are none, the words link them. */
  readonly pins: readonly PinId[];
}
