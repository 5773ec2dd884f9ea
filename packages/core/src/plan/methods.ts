import { indexPins, type Decision, type Dossier, type Method, type PinId, type PlacedPin } from "../model/index.ts";
import { kitOf } from "./kit.ts";
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

/** Work by hand takes from a fifth less to a half more than the usual time (common practice, no source). */
const QUICK = 0.8;
const SLOW = 1.5;

export function costOf(dossier: Dossier, plan: Pick<Plan, "steps" | "minutes">): MethodCost {
  const count = (...kinds: readonly string[]): number => plan.steps.filter((step) => kinds.includes(step.kind)).length;
  const kit = kitOf(dossier, plan);
  const cuts = count("cut");
  const joints = count("splice", "fit-device");
  return {
    cuts, joints, moved: count("insert"), reversible: cuts + joints === 0 ? "exact" : "with joints left",
    parts: kit.filter(({ kind }) => kind !== "tool").reduce((sum, item) => sum + item.count, 0), tools: kit.filter(({ kind }) => kind === "tool").length,
    minutes: [Math.round(plan.minutes * QUICK), Math.round(plan.minutes * SLOW)],
  };
}

export interface MethodChoice {
  readonly method: Method | "as-decided";
  readonly cost: MethodCost;
}

type Join = Extract<Decision, { kind: "join" }>;
/** Whether there is a choice: a part between is always spliced, and a wire for an empty cavity always moves. */
const isFree = (decision: Decision, pins: ReadonlyMap<PinId, PlacedPin>): decision is Join => decision.kind === "join" && decision.device === undefined && pins.get(decision.incoming)?.pin.content === "occupied";

/** Every join that could be done either way done in one; what is so already is the same decision. */
export function allBy(dossier: Dossier, method: Method): Dossier {
  const pins = indexPins(dossier);
  return { ...dossier, decisions: dossier.decisions.map((decision): Decision => (isFree(decision, pins) && decision.method !== method ? { ...decision, method } : decision)) };
}

/** The job as it is decided, and with every plain join moved or spliced, each planned in full and counted. */
export function compareMethods(dossier: Dossier, asDecided: Pick<Plan, "steps" | "minutes"> = planWork(dossier)): readonly MethodChoice[] {
  const choice = (method: Method, job: Dossier): MethodChoice => ({ method, cost: costOf(job, planWork(job)) });
  return [{ method: "as-decided", cost: costOf(dossier, asDecided) }, choice("move", allBy(dossier, "move")), choice("splice", allBy(dossier, "splice"))];
}
