import type { Operation } from "../harness/index.ts";
import type { ConnectorId, DecisionId, InsertedDevice, PinId, StepId } from "../model/index.ts";
import type { BriefLine, Hazard } from "../matching/index.ts";

export type StepKind =
  | "battery-off" | "photograph" | "open-lock" | "check" | "release" | "take-out" | "insert" | "cut" | "splice" | "fit-device" | "cap" | "feed"
  | "plug" | "close-lock" | "measure" | "battery-on";

/** What Bench shows: one operation, or an act that changes no wiring. Its identity is its decision and its role in it. */
export interface Step {
  readonly id: StepId;
  readonly kind: StepKind;
  readonly group: string;
  readonly decision: DecisionId | null;
  /** The operation done, or null for an act. */
  readonly op: Operation | null;
  /** The pin whose wire is in the hand, or null. */
  readonly wire: PinId | null;
  /** The cavity the hand is at, or null. */
  readonly at: PinId | null;
  /** The partner: the cavity it came from or the wire it is joined to. */
  readonly partner: PinId | null;
  readonly connector: ConnectorId | null;
  /** What goes between the wires that meet here. */
  readonly device: InsertedDevice | null;
  /** Further wires that meet in the same joint. */
  readonly others: readonly PinId[];
  /** Where a feed is taken from. */
  readonly from: string | null;
  /** Cavities of the same connector with a wire of the same colour. */
  readonly twins: readonly PinId[];
  /** Usual time in minutes (common practice, no source). */
  readonly minutes: number;
}

export interface Group {
  readonly id: string;
  readonly stage: "open" | "wire" | "close";
  readonly title: string;
  readonly steps: readonly StepId[];
  readonly minutes: number;
}

/** Why the work cannot begin. */
export type Block =
  | { readonly code: "undecided"; readonly pin: PinId }
  | { readonly code: "unserved"; readonly line: BriefLine }
  | { readonly code: "stop"; readonly hazard: Hazard }
  | { readonly code: "feed-from-where"; readonly pin: PinId }
  | { readonly code: "look-first"; readonly pin: PinId }
  | { readonly code: "keep-out"; readonly pin: PinId }
  | { readonly code: "nothing-to-do" };

export interface Plan {
  readonly steps: readonly Step[];
  readonly groups: readonly Group[];
  readonly blocks: readonly Block[];
  readonly minutes: number;
}
