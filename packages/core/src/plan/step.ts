import type { Operation } from "../harness/index.ts";
import type {
  ConnectorId,
  DecisionId,
  InsertedDevice,
  JoinPointId,
  JointKind,
  PinId,
  StepId,
} from "../model/index.ts";
import type { Fault } from "./check/fault.ts";
import type { BriefLine } from "../brief/index.ts";
import type { Hazard } from "../hazards/index.ts";

export const STEP_KINDS = [
  "note-odometer",
  "check",
  "battery-off",
  "wait",
  "remove-part",
  "drill",
  "battery-on",
  "find-live",
  "photograph",
  "disconnect",
  "open-lock",
  "label",
  "release",
  "take-out",
  "park",
  "take-up",
  "pierce",
  "insert",
  "cut",
  "uncover",
  "cut-terminal",
  "strip",
  "splice",
  "tap",
  "fit-device",
  "cap",
  "route",
  "ring",
  "feed",
  "build-shell",
  "build-wire",
  "seal",
  "crimp",
  "plug",
  "close-lock",
  "tug",
  "tape",
  "set-aside",
  "connect",
  "measure",
  "fuse",
  "try",
  "program",
  "aim",
  "refit-part",
  "inspect",
  "own",
] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** What Bench shows: one operation, or an act that changes no wiring. Its identity is its decision and its role in it. */
export interface Step {
  readonly id: StepId;
  /** What it is within its decision or stage: "cut-vehicle". */
  readonly role: string;
  readonly kind: StepKind;
  readonly group: string;
  readonly decision: DecisionId | null;
  /** The operation done, or null for an act. */
  readonly op: Operation | null;
  /** Where the hand is: "body, left sill". */
  readonly place: string;
  /** The pin whose wire is in the hand, or null. */
  readonly wire: PinId | null;
  /** The cavity the hand is at, or null. */
  readonly at: PinId | null;
  /** The partner: the cavity it came from or the wire it is joined to. */
  readonly partner: PinId | null;
  readonly connector: ConnectorId | null;
  /** Whether the hand is at the half of the adapter that is made to meet the connector, and not at the connector itself. */
  readonly built: boolean;
  /** What goes between the wires that meet here. */
  readonly device: InsertedDevice | null;
  /** The terminal of that part that is worked on, where it is one besides those of the two wires. */
  readonly terminal: string | null;
  /** How the ends that meet here are joined; null where none are. */
  readonly joint: JointKind | null;
  /** Further wires that meet in the same joint, or that a label goes on. */
  readonly others: readonly PinId[];
  /** The supply or ground point that is worked on; null where it is none. */
  readonly supply: JoinPointId | null;
  /** The sheet that an own step was taken from. */
  readonly from: string | null;
  /** Length in mm: left behind a cut, stripped, or from the plug to a joint. */
  readonly length: number | null;
  /** What is done in the words of the one who asked for it: own steps, parts in the way. */
  readonly text: string;
  /** Cavities of the same connector with a wire of the same colour. */
  readonly twins: readonly PinId[];
  /** Usual time in minutes (common practice, no source). */
  readonly minutes: number;
  readonly range: readonly [from: number, to: number];
}

export interface Group {
  readonly id: string;
  readonly stage: "open" | "wire" | "close";
  readonly title: string;
  readonly place: string;
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
  /** Nobody has said whether the part behind a plug stays, and decisions take its wires away. */
  | { readonly code: "counterpart"; readonly connector: ConnectorId }
  /** A wire is to move into a cavity whose own wire stays. */
  | { readonly code: "cavity-kept"; readonly pin: PinId; readonly by: PinId }
  /** The order of the technician breaks a rule. */
  | { readonly code: "broken"; readonly fault: Fault }
  | { readonly code: "nothing-to-do" };

/** How often the hand changes place, and no order could do with less than `atLeast`; `proven` where this one is the least. */
export interface Walk {
  readonly changes: number;
  readonly atLeast: number;
  readonly proven: boolean;
}

export interface Plan {
  readonly steps: readonly Step[];
  readonly groups: readonly Group[];
  readonly blocks: readonly Block[];
  readonly minutes: number;
  readonly range: readonly [from: number, to: number];
  /** Moves of a terminal from place to place, parking included; never more than needed. */
  readonly transfers: number;
  readonly walk: Walk;
}
