import { indexPins, METHODS, type Decision, type Dossier, type Method, type PinId, type PlacedPin } from "../model/index.ts";
import { kitOf } from "./kit.ts";
import { WORK_TABLE } from "./adapter.ts";
import { planWork } from "./plan.ts";
import type { Plan } from "./step.ts";

/** What a way of working costs. Minutes as a range (common practice, no source). */
export interface MethodCost {
  readonly cuts: number;
  readonly joints: number;
  readonly moved: number;
  /** Joints and cuts leave a residue; terminals that moved go back as they came. */
  readonly reversible: "exact" | "with joints left";
  readonly parts: number;
  readonly tools: number;
  readonly minutes: readonly [from: number, to: number];
}

export function costOf(dossier: Dossier, plan: Pick<Plan, "steps" | "range">): MethodCost {
  const own = new Set(dossier.connectors.flatMap(({ pins }) => pins.map(({ id }) => id)));
  const ops = plan.steps.flatMap(({ op }) => op ?? []);
  const cuts = ops.filter(({ kind }) => kind === "cut").length;
  const joints = ops.filter(({ kind }) => kind === "splice").length;
  // A terminal cut off for a new one, or a joint made off the car, leaves the looms as they are but for their length.
  const onTable = plan.steps.filter(({ op, place }) => op?.kind === "splice" && place === WORK_TABLE).length;
  const kit = kitOf(dossier, plan);
  return {
    cuts, joints, moved: ops.filter((op) => op.kind === "insert" && own.has(op.cavity)).length, reversible: cuts + joints - onTable === 0 ? "exact" : "with joints left",
    parts: kit.filter(({ kind }) => kind !== "tool").reduce((sum, item) => sum + item.count, 0), tools: kit.filter(({ kind }) => kind === "tool").length,
    minutes: [Math.round(plan.range[0]), Math.round(plan.range[1])],
  };
}

export interface MethodChoice {
  readonly method: Method | "as-decided";
  readonly cost: MethodCost;
}

type Join = Extract<Decision, { kind: "join" }>;
/** Whether there is a choice: a wire for an empty cavity always moves. */
const isFree = (decision: Decision, pins: ReadonlyMap<PinId, PlacedPin>): decision is Join => decision.kind === "join" && pins.get(decision.incoming)?.pin.content === "occupied";

/** Every join that could be done otherwise done in one way; a part between needs a joint, so it is spliced where the rest moves. What is so already is the same decision. */
export function allBy(dossier: Dossier, method: Method): Dossier {
  const pins = indexPins(dossier);
  const wayOf = (join: Join): Method => (join.device !== undefined && method === "move" ? "splice" : method);
  return { ...dossier, decisions: dossier.decisions.map((decision): Decision => (isFree(decision, pins) && decision.method !== wayOf(decision) ? { ...decision, method: wayOf(decision) } : decision)) };
}

/** The job as it is decided, and with every plain join moved, spliced or by adapter, each planned in full and counted. */
export function compareMethods(dossier: Dossier, asDecided: Pick<Plan, "steps" | "range"> = planWork(dossier)): readonly MethodChoice[] {
  const choice = (method: Method, job: Dossier): MethodChoice => ({ method, cost: costOf(job, planWork(job)) });
  return [{ method: "as-decided", cost: costOf(dossier, asDecided) }, choice("move", allBy(dossier, "move")), choice("splice", allBy(dossier, "splice")), choice("adapter", allBy(dossier, "adapter"))];
}

export interface WayOfWire {
  readonly method: Method;
  readonly cost: MethodCost;
}

/** What each way of working costs for one join alone, by the steps of its own; empty where there is no choice. */
export function waysOfWire(dossier: Dossier, decision: Decision): readonly WayOfWire[] {
  if (!isFree(decision, indexPins(dossier))) return [];
  const alone = { ...dossier, decisions: [decision] };
  return METHODS.map((method): WayOfWire => {
    const job = allBy(alone, method);
    const steps = planWork(job).steps.filter((step) => step.decision !== null);
    const sum = (side: 0 | 1): number => steps.reduce((total, { range }) => total + range[side], 0);
    return { method, cost: costOf(job, { steps, range: [sum(0), sum(1)] }) };
  });
}
