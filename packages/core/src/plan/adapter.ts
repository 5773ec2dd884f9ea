import { colourInWords } from "../colour/index.ts";
import { builtCavity } from "../harness/index.ts";
import {
  leadPin,
  connectorsInOrder,
  decisionId,
  indexPins,
  methodOf,
  namedPins,
  pinColour,
  rankPins,
  type Connector,
  type ConnectorId,
  type Decision,
  type DecisionId,
  type Dossier,
  type InsertedDevice,
  type PinId,
  type PlacedPin,
} from "../model/index.ts";
import { systemsOf, TERMINAL_SYSTEMS, type TerminalSystem } from "../shelf/index.ts";
import { present } from "../util/index.ts";
import { isFlying } from "./templates/draft.ts";

/** Where the adapter is made: off the car, so no power can reach it. */
export const WORK_TABLE = "work table";

export type AdapterDecision = Extract<Decision, { kind: "join" | "merge" | "split" | "jumper" }>;
export const isByAdapter = (decision: Decision): decision is AdapterDecision =>
  methodOf(decision) === "adapter";

/** One end of a wire of the adapter: in a cavity of the housing that mates with a connector, at the part or the joint in its middle, or a pigtail's own. */
export type AdapterEnd =
  | {
      readonly at: "shell";
      readonly meets: PlacedPin;
      readonly terminal: string;
      /** mm, by the terminal's sheet; null where it is not known. */ readonly strip:
        readonly [number, number] | null;
      readonly seal: string | null;
    }
  | { readonly at: "part"; readonly device: InsertedDevice }
  | { readonly at: "joint"; readonly with: readonly PlacedPin[] }
  | { readonly at: "pigtail"; readonly lead: PlacedPin };

/** A line of the cut list. `own`: a wire to be cut, null for the pigtail's own lead that is used as it is. */
export interface AdapterWire {
  readonly decision: DecisionId;
  readonly own: PinId | null;
  readonly colour: string;
  /** The wire whose colour it goes on from. */
  readonly like: PlacedPin;
  /** mm²: the larger of the two that it joins; null where neither is known. */
  readonly size: number | null;
  /** mm; null while nobody has measured between the plugs. */
  readonly length: number | null;
  readonly ends: readonly [AdapterEnd, AdapterEnd];
}

export interface AdapterLoom {
  /** Connectors that get a counterpart built, in order. */
  readonly shells: readonly Connector[];
  /** Plugs between which wires of its own run: what has to be measured. */
  readonly runs: readonly { readonly between: readonly [Connector, Connector]; readonly mm: number | null }[];
  readonly wires: readonly AdapterWire[];
}

/** The terminal of the other gender that meets a connector's contacts, by its width and sealing; null where the shell names none. */
function counterpart(connector: Connector): TerminalSystem | null {
  const [own] = systemsOf(connector);
  if (own === undefined) return null;
  return (
    TERMINAL_SYSTEMS.find(
      (one) =>
        one.gender !== own.gender &&
        one.gender !== "ring" &&
        one.width === own.width &&
        one.seals.length > 0 === connector.sealed,
    ) ?? null
  );
}

function inShell(placed: PlacedPin): AdapterEnd {
  const system = counterpart(placed.connector);
  const seal = placed.connector.sealed ? "wire seal for its insulation" : null;
  return {
    at: "shell",
    meets: placed,
    terminal: system?.name ?? `terminal that mates with ${placed.connector.name}`,
    strip: system?.strip ?? null,
    seal,
  };
}

/** The colour to cut a new wire in, in words: that of the wire which it goes on from. */
export function newWireColour({ pin, connector }: PlacedPin): string {
  const colour = pinColour(pin, connector);
  return colour === null ? pin.colour || "any colour, flagged" : colourInWords(colour);
}

/** How far it is between two plugs, mm, the way their wires go; null while nobody has measured, or within one plug. */
function lengthBetween(
  { worklist }: Pick<Dossier, "worklist">,
  a: ConnectorId,
  b: ConnectorId,
): number | null {
  return (
    worklist.adapterLengths.find(
      ({ between: [one, other] }) => (one === a && other === b) || (one === b && other === a),
    )?.mm ?? null
  );
}

/** The wires that a decision brings together, the vehicle's first. */
export const membersOf = (decision: AdapterDecision, pin: (id: PinId) => PlacedPin): readonly PlacedPin[] =>
  namedPins(decision).map(pin);
export const deviceOf = (decision: AdapterDecision): InsertedDevice | undefined =>
  decision.kind === "jumper" ? undefined : decision.device;
/** One wire from plug to plug, without a joint: two ends, nothing between them, and a loom at one of them at least. */
export const isStraight = (decision: AdapterDecision, [a, b, ...more]: readonly PlacedPin[]): boolean =>
  deviceOf(decision) === undefined &&
  more.length === 0 &&
  a !== undefined &&
  b !== undefined &&
  !(isFlying(a) && isFlying(b));
/** The first plug on the other side: the wire of a member is as long as it is to there, joint or not. */
const oppositeOf = (members: readonly PlacedPin[], own: PlacedPin): Connector | undefined =>
  members.find(({ connector }) => connector.side !== own.connector.side)?.connector;
export function lengthOf(dossier: Dossier, members: readonly PlacedPin[], own: PlacedPin): number | null {
  const other = oppositeOf(members, own);
  return other === undefined ? null : lengthBetween(dossier, own.connector.id, other.id);
}

/**
 * The loom that goes between the plugs, as a list to cut and crimp by: neither factory loom is cut, and the original part can
 * be plugged back in. A pigtail's own leads are used; two looms get a wire of their own for each join, and where several meet,
 * or a part goes between, each gets a wire to there.
 */
export function adapterLoom(dossier: Dossier): AdapterLoom {
  const pins = indexPins(dossier);
  const pin = (id: PinId): PlacedPin => present(pins.get(id), `pin ${id}`);
  const decisions = byAdapter(dossier.decisions, rankPins(dossier));
  const ended = (placed: PlacedPin): AdapterEnd =>
    isFlying(placed) ? { at: "pigtail", lead: placed } : inShell(placed);
  const wires = decisions.flatMap((decision): readonly AdapterWire[] => {
    const members = membersOf(decision, pin);
    const sizeOf = (of: readonly PlacedPin[]): number | null => {
      const sizes = of.flatMap((one) => one.pin.size ?? []);
      return sizes.length === 0 ? null : Math.max(...sizes);
    };
    const line = (placed: PlacedPin) => ({
      decision: decisionId(decision),
      colour: newWireColour(placed),
      like: placed,
      length: lengthOf(dossier, members, placed),
    });
    const [first, second] = members;
    if (first === undefined || second === undefined) return [];
    if (isStraight(decision, members))
      return [
        {
          ...line(first),
          like: members.find(isFlying) ?? first,
          size: sizeOf(members),
          own: isFlying(first) || isFlying(second) ? null : builtCavity(first.pin.id),
          ends: [ended(first), ended(second)],
        },
      ];
    const device = deviceOf(decision);
    return members.map((placed) => {
      const middle: AdapterEnd =
        device === undefined
          ? { at: "joint", with: members.filter((other) => other !== placed) }
          : { at: "part", device };
      const ends =
        placed.connector.side === "vehicle"
          ? ([ended(placed), middle] as const)
          : ([middle, ended(placed)] as const);
      return {
        ...line(members.length > 2 ? placed : first),
        ...(isFlying(placed) ? { like: placed } : {}),
        size: sizeOf(members.length > 2 ? [placed] : members),
        own: isFlying(placed) ? null : builtCavity(placed.pin.id),
        ends,
      };
    });
  });
  return { shells: shellsOf(dossier, decisions, pin), runs: runsOf(dossier, decisions, pin), wires };
}

/** The connectors that a counterpart is built for: those whose wires run on into a loom. */
export function shellsOf(
  dossier: Dossier,
  decisions: readonly AdapterDecision[],
  pin: (id: PinId) => PlacedPin,
): readonly Connector[] {
  const met = new Set(
    decisions
      .flatMap((decision) => membersOf(decision, pin))
      .filter((placed) => !isFlying(placed))
      .map(({ connector }) => connector.id),
  );
  return connectorsInOrder(dossier).filter(({ id }) => met.has(id));
}

function runsOf(
  dossier: Dossier,
  decisions: readonly AdapterDecision[],
  pin: (id: PinId) => PlacedPin,
): AdapterLoom["runs"] {
  const runs = new Map<string, AdapterLoom["runs"][number]>();
  for (const decision of decisions) {
    const members = membersOf(decision, pin);
    const byLead = isStraight(decision, members) && members.some(isFlying);
    for (const own of byLead ? [] : members.filter((placed) => !isFlying(placed))) {
      const other = oppositeOf(members, own);
      const [vehicle, incoming] =
        own.connector.side === "vehicle" ? [own.connector, other] : [other, own.connector];
      if (vehicle !== undefined && incoming !== undefined)
        runs.set(`${vehicle.id}\n${incoming.id}`, {
          between: [vehicle, incoming],
          mm: lengthBetween(dossier, vehicle.id, incoming.id),
        });
    }
  }
  return [...runs.values()];
}

export const byAdapter = (
  decisions: readonly Decision[],
  rank: ReadonlyMap<PinId, number>,
): readonly AdapterDecision[] =>
  decisions.filter(isByAdapter).sort((a, b) => (rank.get(leadPin(a)) ?? 0) - (rank.get(leadPin(b)) ?? 0));
