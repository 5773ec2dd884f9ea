import {
  decisionId,
  isNewShell,
  linkedPairs,
  leadPin,
  methodOf,
  namedPins,
  seatOf,
  seatsOf,
  type ConnectorId,
  type Decision,
  type DecisionId,
  type PinId,
  type PlacedPin,
} from "../model/index.ts";
import type { CommandProblem } from "./command.ts";

/** What is wrong with a decision by itself: pins that are not there, the wrong side, the same pin twice. */
export function shapeProblem(decision: Decision, pins: ReadonlyMap<PinId, PlacedPin>): CommandProblem | null {
  const named = namedPins(decision);
  const lost = named.find((id) => !pins.has(id));
  if (lost !== undefined) return { code: "no-such-pin", pin: lost };
  const twice = named.find((id, index) => named.indexOf(id) !== index);
  if (twice !== undefined) return { code: "pin-with-itself", pin: twice };
  if (
    (decision.kind === "merge" && decision.vehicle.length < 2) ||
    (decision.kind === "split" && decision.incoming.length < 2) ||
    (decision.kind === "tap" && decision.incoming.length < 1) ||
    named.length < (decision.kind === "jumper" ? 2 : 1)
  ) {
    return { code: "too-few-pins", decision: decisionId(decision) };
  }
  if (
    pairsAcross(decision).some(
      ([vehicle, incoming]) =>
        pins.get(vehicle)?.connector.side !== "vehicle" || pins.get(incoming)?.connector.side !== "incoming",
    )
  ) {
    return { code: "join-needs-both-sides", decision: decisionId(decision) };
  }
  if (
    decision.kind === "mate" &&
    (decision.vehicle.length !== decision.incoming.length ||
      [decision.vehicle, decision.incoming].some(
        (side) => new Set(side.map((id) => pins.get(id)?.connector.id)).size !== 1,
      ))
  )
    return { code: "mate-not-plug-to-plug", decision: decisionId(decision) };
  if (decision.kind === "jumper" && new Set(named.map((id) => pins.get(id)?.connector.id)).size > 1)
    return { code: "jumper-across-connectors", decision: decisionId(decision) };
  const terminals = "device" in decision ? (decision.device?.legs ?? []).map(({ terminal }) => terminal) : [];
  const doubled = terminals.find((terminal, index) => terminals.indexOf(terminal) !== index);
  if (doubled !== undefined)
    return { code: "terminal-twice", decision: decisionId(decision), terminal: doubled };
  if (decision.kind === "move" && !canMove(pins.get(decision.pin), pins.get(decision.to)))
    return { code: "move-across-sides", decision: decisionId(decision) };
  if (decision.kind === "populate" && !isFreeLead(pins.get(decision.lead), pins.get(decision.cavity)))
    return { code: "not-a-free-lead", decision: decisionId(decision) };
  // A single wire may move into an empty cavity of the other side; every other work needs a wire, a joint on both sides.
  const empty = wiresNeeded(decision, named).find((id) => pins.get(id)?.pin.content === "empty");
  return empty === undefined ? null : { code: "pin-is-empty", pin: empty };
}

/** Within its own side, from an incoming loom into the vehicle's plug, or from any plug into a new shell that holds no wire yet. */
const canMove = (from: PlacedPin | undefined, to: PlacedPin | undefined): boolean =>
  from?.connector.side === to?.connector.side ||
  (from?.connector.side === "incoming" && from.connector.leads === "loom") ||
  (to !== undefined && isNewShell(to.connector));
/** A lead of a pigtail has a free end, which goes into a cavity of another plug. */
const isFreeLead = (lead: PlacedPin | undefined, cavity: PlacedPin | undefined): boolean =>
  lead?.connector.leads === "flying" && lead.connector.id !== cavity?.connector.id;

/** Pairs that a decision names across the two sides, joined or not. */
function pairsAcross(decision: Decision): readonly (readonly [PinId, PinId])[] {
  if (decision.kind === "forbid") return [[decision.vehicle, decision.incoming]];
  if (decision.kind !== "series") return linkedPairs(decision);
  return [
    [decision.vehicle, decision.into],
    [decision.vehicle, decision.back],
  ];
}

/** Pins of a decision that must hold a wire. */
function wiresNeeded(decision: Decision, named: readonly PinId[]): readonly PinId[] {
  if (decision.kind === "feed") return [];
  if (decision.kind === "populate") return [decision.lead];
  if (seatOf(decision) !== null)
    return [leadPin(decision), ...(decision.kind === "series" ? [decision.back] : [])];
  return decision.kind === "forbid" ? [] : named;
}

/** The first cavity that two terminals are to be seated in. */
export function firstClaimedTwice(
  decisions: readonly Decision[],
  pins: ReadonlyMap<PinId, PlacedPin>,
): CommandProblem | null {
  const seats = new Map<PinId, DecisionId>();
  for (const decision of decisions) {
    const isNewWire = decision.kind === "feed" && pins.get(decision.pin)?.pin.content === "empty";
    for (const seat of isNewWire ? [decision.pin] : seatsOf(decision)) {
      const by = seats.get(seat);
      if (by !== undefined) return { code: "cavity-claimed", pin: seat, by };
      seats.set(seat, decisionId(decision));
    }
  }
  return null;
}

/** The first plug that is to go into two others, or into another one and into an adapter. */
export function firstPlugClaimedTwice(
  decisions: readonly Decision[],
  pins: ReadonlyMap<PinId, PlacedPin>,
): CommandProblem | null {
  const mates = decisions.filter(({ kind }) => kind === "mate");
  const taken = new Map<ConnectorId, DecisionId>();
  for (const decision of [...mates, ...decisions.filter((one) => methodOf(one) === "adapter")]) {
    for (const pin of namedPins(decision)) {
      const connector = pins.get(pin)?.connector.id;
      const by = connector === undefined ? undefined : taken.get(connector);
      if (by !== undefined && by !== decisionId(decision)) return { code: "plug-claimed", pin, by };
      if (connector !== undefined && decision.kind === "mate") taken.set(connector, decisionId(decision));
    }
  }
  return null;
}

/** The first pair that one decision joins and another forbids. */
export function firstForbidden(decisions: readonly Decision[]): CommandProblem | null {
  const apart = new Map(
    decisions.flatMap((decision) =>
      decision.kind === "forbid" ? [[`${decision.vehicle}\n${decision.incoming}`, decision] as const] : [],
    ),
  );
  if (apart.size === 0) return null;
  for (const [vehicle, incoming] of decisions.flatMap(linkedPairs)) {
    const by = apart.get(`${vehicle}\n${incoming}`);
    if (by !== undefined) return { code: "pair-forbidden", vehicle, incoming, reason: by.reason };
  }
  return null;
}
