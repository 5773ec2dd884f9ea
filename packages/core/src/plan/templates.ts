import { cutFarEnd, cutPlugEnd, farEnd, plugEnd, wireOf, type Operation } from "../harness/index.ts";
import { decisionId, leadPin, linkedPairs, stepId, type Decision, type PinId, type PlacedPin } from "../model/index.ts";
import { unreachable } from "../util/index.ts";
import type { Step, StepKind } from "./step.ts";

/** Minutes by kind of step (common practice, no source). */
const MINUTES: Readonly<Record<StepKind, number>> = {
  "battery-off": 2, photograph: 3, "open-lock": 1, check: 3, "fit-device": 6, release: 1, "take-out": 1, insert: 1, cut: 1, splice: 4, cap: 1, feed: 8,
  plug: 1, "close-lock": 1, measure: 3, "battery-on": 2,
};

export type Draft = Pick<Step, "kind" | "op"> & Partial<Pick<Step, "wire" | "at" | "partner" | "connector" | "from" | "device" | "others">> & { readonly role: string };

export function stepOf(group: string, decision: Step["decision"], draft: Draft): Step {
  const { role, ...facts } = draft;
  return {
    wire: null, at: null, partner: null, connector: null, from: null, device: null, others: [],
    ...facts,
    id: stepId(`${group}/${role}`), group, decision, twins: [], minutes: MINUTES[draft.kind],
  };
}

/** The steps that carry out one decision, in the order of the hand. Empty for what stays as it is. */
export function draftsOf(decision: Decision, pin: (id: PinId) => PlacedPin): readonly Draft[] {
  const check: readonly Draft[] = decision.sure === "sure" ? [] : [{ kind: "check", role: "check", op: null, wire: leadPin(decision), at: leadPin(decision), partner: linkedPairs(decision)[0]?.[1] ?? null }];
  switch (decision.kind) {
    case "join":
      return [
        ...check,
        ...(decision.method === "move" && decision.device === undefined ? moveInto(pin(decision.vehicle), pin(decision.incoming)) : joinTogether([pin(decision.vehicle)], [pin(decision.incoming)], decision)),
      ];
    case "merge":
      return [...check, ...joinTogether(decision.vehicle.map(pin), [pin(decision.incoming)], decision)];
    case "split":
      return [...check, ...joinTogether([pin(decision.vehicle)], decision.incoming.map(pin), decision)];
    case "jumper":
      return [...check, ...joinTogether(decision.pins.map(pin), [], decision)];
    case "forbid":
      return [];
    case "cap":
      return [...check, ...deadEnd(pin(decision.pin))];
    case "feed":
      return [...check, ...feedFrom(pin(decision.pin), `${decision.feed} ${decision.from}`.trim(), decision.from)];
    case "leave":
      return check;
    default:
      return unreachable(decision);
  }
}

const isFlying = ({ connector }: PlacedPin): boolean => connector.leads === "flying";

/** The incoming lead leaves its cavity first, then the vehicle's terminal moves in. */
function moveInto(vehicle: PlacedPin, incoming: PlacedPin): readonly Draft[] {
  const end = plugEnd(vehicle.pin.id);
  return [
    ...(incoming.pin.content === "occupied" ? evict(incoming) : []),
    { kind: "release", role: "release", op: { kind: "release", end, cavity: vehicle.pin.id }, wire: vehicle.pin.id, at: vehicle.pin.id, partner: incoming.pin.id, connector: vehicle.connector.id },
    { kind: "insert", role: "insert", op: { kind: "insert", end, cavity: incoming.pin.id }, wire: vehicle.pin.id, at: incoming.pin.id, partner: vehicle.pin.id, connector: incoming.connector.id },
  ];
}

/** A lead that makes room: a flying one leaves the harness, one of a loom is capped and tucked. */
function evict(incoming: PlacedPin): readonly Draft[] {
  const { id } = incoming.pin;
  const common = { wire: id, at: id, connector: incoming.connector.id };
  return [
    { kind: "release", role: "release-old", op: { kind: "release", end: plugEnd(id), cavity: id }, ...common },
    isFlying(incoming)
      ? { kind: "take-out", role: "take-out-old", op: { kind: "take-out", wire: wireOf(id), to: "out" }, ...common }
      : { kind: "cap", role: "cap-old", op: { kind: "cap", end: plugEnd(id), to: "covered" }, ...common },
  ];
}

/**
 * Cut behind the plug, insulate the plug's stub at once, then join everything in one joint or at the terminals of the part
 * that goes between: one wire open at a time.
 */
function joinTogether(ours: readonly PlacedPin[], theirs: readonly PlacedPin[], decision: Decision): readonly Draft[] {
  const several = ours.length + theirs.length > 2;
  const cuts = [...theirs.map((one) => baredEnd(one, several ? `incoming-${one.pin.id}` : "incoming")), ...ours.map((one) => baredEnd(one, several ? `vehicle-${one.pin.id}` : "vehicle", "far"))];
  const last = theirs[0] ?? ours.at(-1);
  const wire = ours[0];
  if (last === undefined || wire === undefined) return [];
  const device = "device" in decision ? decision.device : undefined;
  const ends = [...cuts.slice(theirs.length), ...cuts.slice(0, theirs.length)].map(({ end }) => end);
  const joint: Draft = {
    kind: device === undefined ? "splice" : "fit-device", role: device === undefined ? "splice" : "device", op: { kind: "splice", ends, joint: decisionId(decision) },
    wire: wire.pin.id, at: last.pin.id, partner: last.pin.id, connector: last.connector.id,
    ...(device === undefined ? {} : { device }), ...(several ? { others: [...ours.slice(1), ...theirs.slice(1)].map(({ pin }) => pin.id) } : {}),
  };
  return [...cuts.flatMap(({ drafts }) => drafts), joint];
}

/** The bare end to work on: a flying lead's own, or one half of a cut whose other half is insulated at once. */
function baredEnd(placed: PlacedPin, role: string, half: "plug" | "far" = "plug") {
  const { id } = placed.pin;
  if (isFlying(placed)) return { end: farEnd(id), drafts: [] };
  const [kept, stub] = half === "plug" ? [cutPlugEnd(id), cutFarEnd(id)] : [cutFarEnd(id), cutPlugEnd(id)];
  const common = { wire: id, at: id, connector: placed.connector.id };
  const drafts: readonly Draft[] = [
    { kind: "cut", role: `cut-${role}`, op: { kind: "cut", pin: id }, ...common },
    { kind: "cap", role: `cap-stub-${role}`, op: { kind: "cap", end: stub, to: "covered" }, ...common },
  ];
  return { end: kept, drafts };
}

/** Cap and tuck: a flying lead's bare end is capped; a loom's wire comes out of its cavity and its terminal is capped. */
function deadEnd(placed: PlacedPin): readonly Draft[] {
  const { id, content } = placed.pin;
  if (content !== "occupied") return [];
  const common = { wire: id, at: id, connector: placed.connector.id };
  const cap = (end: Extract<Operation, { kind: "cap" }>["end"]): Draft => ({ kind: "cap", role: "cap", op: { kind: "cap", end, to: "covered" }, ...common });
  if (isFlying(placed)) return [cap(farEnd(id))];
  return [{ kind: "release", role: "release", op: { kind: "release", end: plugEnd(id), cavity: id }, ...common }, cap(plugEnd(id))];
}

function feedFrom(placed: PlacedPin, supply: string, from: string): readonly Draft[] {
  const { id, content } = placed.pin;
  if (content !== "occupied") return [];
  const bared = baredEnd(placed, "fed");
  return [...bared.drafts, { kind: "feed", role: "feed", op: { kind: "feed", end: bared.end, supply }, wire: id, at: id, connector: placed.connector.id, from }];
}
