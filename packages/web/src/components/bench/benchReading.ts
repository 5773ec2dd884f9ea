import type { AskedReading } from "@trevin/core";

/** A figure that the card in hand asks for: its key, and what it is called there. */
export interface BenchReading extends AskedReading {
  readonly key: string;
  readonly label: string;
}
