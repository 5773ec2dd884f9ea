import { cutFarEnd, cutPlugEnd, farEnd, plugEnd, wireOf, type Operation } from "../harness/index.ts";
import { decisionId, stepId, type Decision, type PinId, type PlacedPin } from "../model/index.ts";
import { unreachable } from "../util/index.ts";
import type { Step, StepKind } from "./step.ts";

/** Minutes by kind of step (common practice, no source). */
const MINUTES: Readonly<Record<StepKind, number>> = {
  "battery-off": 2, photograph: 3, "open-lock": 1, check: 3, release: 1, "take-out": 1, insert: 1, cut: 1, splice: 4, cap: 1, feed: 8,
  plug: 1, "close-lock": 1, measure: 3, "battery-on": 2,
};

export type Draft = Pick<Step, "kind" | "op"> & Partial<Pick<Step, "wire" | "at" | "partner" | "connector" | "from">> & { readonly role: string };

export function stepOf(group: string, decision: Step["decision"], draft: Draft): Step {
  const { role, ...facts } = draft;
  return {
    wire: null, at: null, partner: null, connector: null, from: null,
    ...facts,
    id: stepId(`${group}/${role}`), group, decision, twins: [], minutes: MINUTES[draft.kind],
  };
}

/** The steps that carry out one decision, in the order of the hand. Empty for what stays as it is. */
export function draftsOf(decision: Decision, pin: (id: PinId) => PlacedPin): readonly Draft[] {
  const check: readonly Draft[] = decision.sure === "sure" ? [] : [{ kind: "check", role: "check", op: null, wire: firstPin(decision), at: firstPin(decision), partner: decision.kind === "join" ? decision.incoming : null }];
  switch (decision.kind) {
    case "join":
      return [...check, ...(decision.method === "move" ? moveInto(pin(decision.vehicle), pin(decision.incoming)) : spliceOnto(pin(decision.vehicle), pin(decision.incoming), decisionId(decision)))];
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

const firstPin = (decision: Decision): PinId => (decision.kind === "join" ? decision.vehicle : decision.pin);
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

/** Cut behind the plug, insulate the plug's stub at once, then join: one wire open at a time. */
function spliceOnto(vehicle: PlacedPin, incoming: PlacedPin, joint: string): readonly Draft[] {
  const theirs = baredEnd(incoming, "incoming");
  const ours = baredEnd(vehicle, "vehicle", "far");
  return [
    ...theirs.drafts,
    ...ours.drafts,
    { kind: "splice", role: "splice", op: { kind: "splice", ends: [ours.end, theirs.end], joint }, wire: vehicle.pin.id, at: incoming.pin.id, partner: incoming.pin.id, connector: incoming.connector.id },
  ];
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
