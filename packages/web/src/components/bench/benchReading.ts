import type { AskedReading, parseReading, StepId } from "@trevin/core";

/** A figure that the card in hand asks for: of which step, what it is called there, what was typed and how that is read. */
export interface BenchReading extends AskedReading {
  readonly step: StepId;
  readonly key: string;
  readonly label: string;
  readonly text: string;
  /** Null where nothing was typed. */
  readonly read: ReturnType<typeof parseReading> | null;
}
