import type { DecisionId, Dossier, PinId, PlacedPin, Sureness } from "../../model/index.ts";

export type Severity = "stop" | "caution" | "note";

export interface Hazard {
  readonly rule: string;
  readonly class: "identity" | "electrical" | "mechanical" | "procedure" | "completeness" | "consequence" | "variant" | "law";
  readonly severity: Severity;
  /** First pin is the one the hazard is shown at. */
  readonly pins: readonly PinId[];
  readonly decision: DecisionId | null;
  readonly title: string;
  readonly detail: string;
  readonly cure: string;
  /** The reason with which a stop was accepted, or null. */
  readonly answered: string | null;
}

/** A join, decided or only suggested. */
export interface Link {
  readonly vehicle: PlacedPin;
  readonly incoming: PlacedPin;
  readonly decision: DecisionId | null;
  readonly sure: Sureness;
}

export interface HazardContext {
  readonly dossier: Dossier;
  readonly links: readonly Link[];
  /** Pins with a decision of any kind. */
  readonly decided: ReadonlySet<PinId>;
}

/** One rule, one file, one test. */
export type Rule = (context: HazardContext) => readonly Omit<Hazard, "answered">[];
