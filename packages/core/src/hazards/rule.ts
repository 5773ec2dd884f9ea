import type { WireColour } from "../colour/index.ts";
import type {
  Connector,
  Decision,
  DecisionId,
  Dossier,
  HazardAnswer,
  InsertedDevice,
  JoinPoint,
  LeavingOpen,
  PinId,
  Side,
  Sureness,
} from "../model/index.ts";
import type { ReadPin } from "../pairing/index.ts";

export type Severity = "stop" | "caution" | "note";
export const HAZARD_CLASSES = [
  "identity",
  "electrical",
  "mechanical",
  "procedure",
  "completeness",
  "consequence",
  "variant",
  "law",
] as const;
export type HazardClass = (typeof HAZARD_CLASSES)[number];

/** One way to cure a hazard: decisions to make and to take back, in one edit. */
export interface Fix {
  readonly words: string;
  readonly put: readonly Decision[];
  readonly remove: readonly DecisionId[];
  /** Supplies and ground points that the decisions name and that the job does not have yet. */
  readonly points?: readonly JoinPoint[];
}

export interface Hazard {
  readonly rule: string;
  readonly class: HazardClass;
  readonly severity: Severity;
  /** First pin is the one the hazard is shown at. */
  readonly pins: readonly PinId[];
  readonly decision: DecisionId | null;
  readonly title: string;
  readonly detail: string;
  readonly cure: string;
  readonly fixes: readonly Fix[];
  /** Taken care of by what is decided or by the order of the work: it is shown and asks nothing. */
  readonly cured: boolean;
  /** What it is about, where several are told as one: "the brakes". Empty for most. */
  readonly about: string;
  /** What an answer to it accepts: pins, severity and figures. */
  readonly facts: string;
  /** How it was accepted, or null. */
  readonly answered: HazardAnswer | null;
}

/** A vehicle's pin and an incoming one that are, or would be, one wire. */
export interface Link {
  readonly vehicle: ReadPin;
  readonly incoming: ReadPin;
  /** Null while it is only suggested. */
  readonly decision: Decision | null;
  readonly sure: Sureness;
  readonly device: InsertedDevice | null;
}

type Decided<K extends Decision["kind"]> = {
  readonly pin: ReadPin;
  readonly decision: Extract<Decision, { kind: K }>;
};

export interface HazardContext {
  readonly dossier: Dossier;
  /** Decided and suggested, in the order of the vehicle's pins. */
  readonly links: readonly Link[];
  /** Links that share a pin: merges and splits. */
  readonly groups: readonly (readonly Link[])[];
  /** Pins that are decided to stay without connection. */
  readonly open: readonly Decided<LeavingOpen["kind"]>[];
  readonly feeds: readonly Decided<"feed">[];
  readonly jumpers: readonly {
    readonly pins: readonly ReadPin[];
    readonly decision: Extract<Decision, { kind: "jumper" }>;
  }[];
  /** Wires that are led through the incoming part. */
  readonly series: readonly {
    readonly vehicle: ReadPin;
    readonly back: ReadPin;
    readonly decision: Extract<Decision, { kind: "series" }>;
  }[];
  readonly connectors: readonly Connector[];
  /** Wires of a side: occupied cavities. */
  readonly wires: Readonly<Record<Side, readonly ReadPin[]>>;
  /** Pins with a decision of any kind. */
  readonly decided: ReadonlyMap<PinId, Decision>;
  /** Wires of a side by how they look. */
  readonly byLook: Readonly<Record<Side, ReadonlyMap<string, readonly ReadPin[]>>>;
}

export interface Finding {
  readonly severity: Severity;
  readonly pins: readonly ReadPin[];
  readonly decision?: Decision | null;
  readonly title: string;
  readonly detail: string;
  readonly cure: string;
  readonly fixes?: readonly Fix[];
  readonly cured?: boolean;
  /** The figures that make it what it is: with others it is not the same hazard any more. */
  readonly figures?: readonly number[];
  /** What it is about, where one card tells of all that are about the same. */
  readonly about?: string;
}
export type Findings = readonly [Finding, ...Finding[]];

/** One rule, one file, one test. */
export interface Rule {
  readonly id: string;
  readonly class: HazardClass;
  readonly find: (context: HazardContext) => readonly Finding[];
  /** How several findings of one kind are said on one card: what they have in common, and the words. Left out, each has its own card. */
  readonly together?: {
    readonly by: (finding: Finding) => string;
    readonly words: (
      findings: Findings,
    ) => Pick<Finding, "title" | "detail"> & Partial<Pick<Finding, "cure" | "about">>;
  };
}

/** The connector that a finding is shown at. */
export const plugOf = ({ pins: [pin] }: Finding): string => pin?.placed.connector.name ?? "";

/** Two connectors of the job, each pair once, that links run between. */
export function linkedConnectors(links: readonly Link[]): readonly (readonly Link[])[] {
  const pairs = new Map<string, Link[]>();
  for (const link of links) {
    const key = `${link.vehicle.placed.connector.id}\n${link.incoming.placed.connector.id}`;
    pairs.set(key, [...(pairs.get(key) ?? []), link]);
  }
  return [...pairs.values()];
}

/** The wires of a connector by how they look. */
export function looksIn(
  wires: readonly ReadPin[],
): ReadonlyMap<string, readonly (ReadPin & { readonly colour: WireColour })[]> {
  const looks = new Map<string, (ReadPin & { readonly colour: WireColour })[]>();
  for (const wire of wires) {
    if (wire.colour === null) continue;
    const list = looks.get(wire.look);
    const known = { ...wire, colour: wire.colour };
    if (list === undefined) looks.set(wire.look, [known]);
    else list.push(known);
  }
  return looks;
}
