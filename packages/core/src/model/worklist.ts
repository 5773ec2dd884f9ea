import type { Millimetres } from "../util/index.ts";
import type { JointKind } from "./decision.ts";
import type { ConnectorId, StepId } from "./ids.ts";

/** A part that stands in the way: off before the plugs behind it are reached, back on in the end, in reverse order. */
export interface PartInTheWay {
  readonly id: string;
  /** "left sill trim". */
  readonly name: string;
  readonly place: string;
  /** "4 clips, 1 screw"; empty when not noted. */
  readonly fasteners: string;
  readonly tool: string;
  /** Tightening torque in N·m by the maker's sheet; null where none is asked for or known. */
  readonly torque: number | null;
  /** Holes are made for it, or for what takes its place. */
  readonly drill: boolean;
  /** Connectors that are reached behind it; a part that hides none of the work stays on. Empty: it always comes off. */
  readonly hides: readonly ConnectorId[];
}

/** A step that the technician adds, or a line of somebody else's instructions. */
export interface OwnStep {
  readonly id: string;
  /** The step that it follows; null for the first place of all. */
  readonly after: StepId | null;
  readonly text: string;
  readonly place: string;
  readonly minutes: number;
  /** "step 4 of the kit's sheet"; empty for one's own. */
  readonly from: string;
  /** How it is done otherwise than it is written; empty when it is done as written. */
  readonly deviation: string;
}

/** One step taken from its place and put behind another one; null for the first place of all. */
export interface OrderEdit {
  readonly step: StepId;
  readonly after: StepId | null;
}

/** How far it is from one plug of an adapter to another, along the way of its wires. */
export interface AdapterLength {
  readonly between: readonly [ConnectorId, ConnectorId];
  readonly mm: Millimetres;
}

/** What becomes of the part that a plug goes into: it goes on working behind it, it is taken away, or a new one comes in its place. */
export const COUNTERPARTS = ["stays", "leaves", "comes"] as const;
export type Counterpart = (typeof COUNTERPARTS)[number];

/** The answer for one connector; one that is not named has not been asked about, and its part counts as staying. */
export interface CounterpartAnswer {
  readonly connector: ConnectorId;
  readonly becomes: Counterpart;
}

/** What the technician adds to the plan that Trevin makes. */
export interface WorklistEdits {
  readonly parts: readonly PartInTheWay[];
  readonly own: readonly OwnStep[];
  /** Applied one after another. */
  readonly order: readonly OrderEdit[];
  /** Steps after which an evening ends. */
  readonly evenings: readonly StepId[];
  /** Lines of the kit that are there, by their keys. */
  readonly have: readonly string[];
  /** What has been measured between the plugs of an adapter. */
  readonly adapterLengths: readonly AdapterLength[];
  /** How bare ends are joined unless a decision says otherwise. */
  readonly joint: JointKind;
  /** What becomes of the part behind each plug of the vehicle, as far as it was asked. */
  readonly counterparts: readonly CounterpartAnswer[];
}

export const NO_EDITS: WorklistEdits = {
  parts: [],
  own: [],
  order: [],
  evenings: [],
  have: [],
  adapterLengths: [],
  joint: "crimp",
  counterparts: [],
};

/** What becomes of the part behind a plug; null while nobody has said. */
export const counterpartOf = (
  { counterparts }: Pick<WorklistEdits, "counterparts">,
  connector: ConnectorId,
): Counterpart | null => counterparts.find((one) => one.connector === connector)?.becomes ?? null;
