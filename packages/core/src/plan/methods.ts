import {
  indexPins,
  methodOf,
  METHODS,
  namedPins,
  type Decision,
  type Dossier,
  type Method,
  type PinId,
} from "../model/index.ts";
import { findHazards } from "../hazards/index.ts";
import { kitOf } from "./kit.ts";
import { WORK_TABLE } from "./adapter.ts";
import { rangeOf } from "./minutes.ts";
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
  const isJoint = (kind: string | undefined): boolean =>
    kind === "splice" || kind === "tap" || kind === "fit";
  const joints = ops.filter(({ kind }) => isJoint(kind)).length;
  // A terminal cut off for a new one, or a joint made off the car, leaves the looms as they are but for their length.
  const onTable = plan.steps.filter(({ op, place }) => isJoint(op?.kind) && place === WORK_TABLE).length;
  const kit = kitOf(dossier, plan);
  return {
    cuts,
    joints,
    moved: ops.filter((op) => op.kind === "insert" && own.has(op.cavity)).length,
    reversible: cuts + joints - onTable === 0 ? "exact" : "with joints left",
    parts: kit.filter(({ kind }) => kind !== "tool").reduce((sum, item) => sum + item.count, 0),
    tools: kit.filter(({ kind }) => kind === "tool").length,
    minutes: [Math.round(plan.range[0]), Math.round(plan.range[1])],
  };
}

export interface MethodChoice {
  readonly method: Method | "as-decided";
  readonly cost: MethodCost;
}

/**
 * The ways in which each decision of a job can be carried out. A wire for an empty cavity always moves; a part between, and several
 * wires that meet, need a joint; a wire that is led through a part is moved or cut; a plug that goes into another one takes no adapter.
 */
export function waysIn(dossier: Dossier): (decision: Decision) => readonly Method[] {
  const pins = indexPins(dossier);
  const mated = new Set([
    ...dossier.decisions.flatMap((decision) =>
      decision.kind === "mate" ? namedPins(decision).map((id) => pins.get(id)?.connector.id) : [],
    ),
    ...dossier.connectors.flatMap(({ id, matesWith }) => (matesWith === null ? [] : [id, matesWith])),
  ]);
  const isEmpty = (id: PinId): boolean => pins.get(id)?.pin.content === "empty";
  const known = (decision: Decision): readonly Method[] => {
    switch (decision.kind) {
      case "join":
        if (isEmpty(decision.incoming)) return ["move"];
        return decision.device === undefined
          ? METHODS.filter((method) => method !== "move" || decision.theirHalf !== "loom")
          : ["splice", "adapter"];
      case "merge":
      case "split":
      case "jumper":
        return ["splice", "adapter"];
      case "series":
        return isEmpty(decision.into) ? ["move"] : ["move", "splice"];
      default:
        return [];
    }
  };
  return (decision) =>
    known(decision).filter(
      (method) =>
        method !== "adapter" || !namedPins(decision).some((id) => mated.has(pins.get(id)?.connector.id)),
    );
}

/** The same decision carried out in another way; one that does not know this way is spliced instead of moved where it can be, else it stays as it was. */
function carriedOutBy(decision: Decision, method: Method, ways: readonly Method[]): Decision {
  const instead = ways.includes("splice") && method === "move" ? "splice" : methodOf(decision);
  const way = ways.includes(method) ? method : instead;
  return way === null || way === methodOf(decision) ? decision : ({ ...decision, method: way } as Decision);
}

/** Everything that could be done otherwise done in one way. What is so already is the same decision. */
export function allBy(dossier: Dossier, method: Method): Dossier {
  const ways = waysIn(dossier);
  return {
    ...dossier,
    decisions: dossier.decisions.map((decision) => carriedOutBy(decision, method, ways(decision))),
  };
}

/** The job as it is decided, and with every plain join moved, spliced or by adapter, each planned in full and counted. */
export function compareMethods(
  dossier: Dossier,
  asDecided: Pick<Plan, "steps" | "range"> = planWork(dossier),
): readonly MethodChoice[] {
  // How a join is made changes hazards of its own, but nothing that the steps of a plan follow from.
  const hazards = findHazards(dossier);
  const choice = (method: Method, job: Dossier): MethodChoice => ({
    method,
    cost: costOf(job, planWork(job, { hazards })),
  });
  return [
    { method: "as-decided", cost: costOf(dossier, asDecided) },
    choice("move", allBy(dossier, "move")),
    choice("splice", allBy(dossier, "splice")),
    choice("adapter", allBy(dossier, "adapter")),
  ];
}

export interface WayOfWire {
  readonly method: Method;
  readonly cost: MethodCost;
}

/** What each way of working costs for one join alone, by the steps of its own; empty where there is no choice. */
export function waysOfWire(dossier: Dossier, decision: Decision): readonly WayOfWire[] {
  const ways = waysIn(dossier)(decision);
  if (ways.length < 2) return [];
  const alone = { ...dossier, decisions: [decision] };
  return ways.map((method): WayOfWire => {
    const job = allBy(alone, method);
    const steps = planWork(job).steps.filter((step) => step.decision !== null);
    return { method, cost: costOf(job, { steps, range: rangeOf(steps) }) };
  });
}
