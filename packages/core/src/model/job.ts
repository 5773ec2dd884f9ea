import { present, type Volts, once } from "../util/index.ts";
import type { BriefItem } from "./brief.ts";
import { NO_EDITS, type WorklistEdits } from "./worklist.ts";
import { compareConnectors, pinsInOrder, type Connector, type Pin, type Side } from "./connector.ts";
import { decisionPins, isTapOf, type Decision, type Method, type Sureness } from "./decision.ts";
import type { ConnectorId, PinId } from "./ids.ts";
import type { OwnWord } from "./ownWord.ts";
import type { indexSources } from "./source.ts";
import { leastSure, worse, type Source } from "./source.ts";
import type { JoinPoint, LoomWire } from "./wiring.ts";

export const JOB_KINDS = [
  "engine-swap",
  "gearbox-conversion",
  "cluster-swap",
  "module-integration",
  "module-bypass",
  "connector-repair",
  "adapter-loom",
  "relay-or-lamp-conversion",
  "whole-loom-rewire",
  "service-bulletin-rework",
] as const;
export type JobKind = (typeof JOB_KINDS)[number];

/** What drives the vehicle that is worked on: it decides which positions its key has, and how its power is taken off. */
export const VEHICLE_DRIVES = ["combustion", "hybrid", "electric", "trailer", "bench"] as const;
export type VehicleDrive = (typeof VEHICLE_DRIVES)[number];

export interface JobHead {
  readonly name: string;
  readonly kind: JobKind;
  readonly vehicle: string;
  readonly incoming: string;
  /** Nominal supply in volts; nothing assumes 12. */
  readonly nominalVolts: Volts;
  /** What a new join does unless the decision says otherwise. */
  readonly method: Method;
  /** Left out: by the voltage, see `driveOf`. */
  readonly drive?: VehicleDrive | undefined;
}

/** From here on the battery drives the vehicle, which has no engine, radio code or clutch (common practice, no source). */
const TRACTION_VOLTS = 36;
export const driveOf = ({ drive, nominalVolts }: Pick<JobHead, "drive" | "nominalVolts">): VehicleDrive =>
  drive ?? (nominalVolts >= TRACTION_VOLTS ? "electric" : "combustion");

/** What is believed and intended: the rows that commands edit and undo. */
export interface Dossier {
  readonly head: JobHead;
  readonly connectors: readonly Connector[];
  readonly decisions: readonly Decision[];
  /** Documents that values were taken from. */
  readonly sources: readonly Source[];
  /** The user's own words for functions. */
  readonly words: readonly OwnWord[];
  /** What must work in the end, and which equipment is kept. */
  readonly brief: readonly BriefItem[];
  /** What the technician adds to the plan. */
  readonly worklist: WorklistEdits;
  /** What is known of the looms behind the connectors: wires, and the points where they meet. */
  readonly wires: readonly LoomWire[];
  readonly points: readonly JoinPoint[];
}

export const emptyDossier = (head: JobHead): Dossier => ({
  head,
  connectors: [],
  decisions: [],
  sources: [],
  words: [],
  brief: [],
  worklist: NO_EDITS,
  wires: [],
  points: [],
});

/** Most pins of a job. Beyond, its plan takes longer than anybody waits; a car that needs more is several jobs. */
export const MOST_PINS = 10_000;

export interface PlacedPin {
  readonly pin: Pin;
  readonly connector: Connector;
}

export const connectorsInOrder = (dossier: Pick<Dossier, "connectors">): readonly Connector[] =>
  [...dossier.connectors].sort(compareConnectors);

/** Every pin of a side in the canonical order (connector name, then table order). */
export const pinsOfSide = (dossier: Dossier, side: Side): readonly PlacedPin[] =>
  allPins(dossier).filter(({ connector }) => connector.side === side);

export const allPins = ({ connectors }: Pick<Dossier, "connectors">): readonly PlacedPin[] =>
  allOf(connectors);
/** Other decisions share the set. */
const allOf = once((connectors: readonly Connector[]): readonly PlacedPin[] =>
  connectorsInOrder({ connectors }).flatMap((connector) =>
    pinsInOrder(connector).map((pin) => ({ pin, connector })),
  ),
);

/** Pins by id, for repeated look-ups. */
export function indexPins(dossier: Dossier): ReadonlyMap<PinId, PlacedPin> {
  return new Map(allPins(dossier).map((placed) => [placed.pin.id, placed]));
}

/** Place of each pin in the canonical order, for breaking ties. */
export function rankPins(dossier: Dossier): ReadonlyMap<PinId, number> {
  return new Map(allPins(dossier).map(({ pin }, index) => [pin.id, index]));
}

export function findConnector(dossier: Dossier, id: ConnectorId): Connector {
  return present(
    dossier.connectors.find((connector) => connector.id === id),
    `connector ${id}`,
  );
}

/** The decision that settles each pin; pins without one are not in it. A wire that is tapped may have another one, which goes first. */
export const decisionByPin = ({ decisions }: Pick<Dossier, "decisions">): ReadonlyMap<PinId, Decision> => {
  const byPin = new Map<PinId, Decision>();
  for (const decision of decisions)
    for (const pin of decisionPins(decision))
      if (!isTapOf(decision, pin) || !byPin.has(pin)) byPin.set(pin, decision);
  return byPin;
};

/** How sure a decision is: no surer than the pins it is about. A doubtful pin can be planned, but is checked before it is cut. */
export function decisionSureness(
  decision: Decision,
  pins: ReadonlyMap<PinId, PlacedPin>,
  sources: ReturnType<typeof indexSources>,
): Sureness {
  return decisionPins(decision).reduce<Sureness>((sure, id) => {
    const placed = pins.get(id);
    return placed === undefined ? sure : (worse(sure, leastSure(placed.pin, sources)) ?? sure);
  }, decision.sure);
}

/** "B12.7": how a pin is named in print and on the command line. */
export const pinName = ({ connector, pin }: PlacedPin): string => `${connector.name}.${pin.cavity}`;
