import { applyOperation, initialState, owned, type HarnessState } from "../../harness/index.ts";
import {
  counterpartIn,
  decisionId,
  decisionSureness,
  indexPins,
  indexSources,
  type Dossier,
  type EndId,
  type StepId,
} from "../../model/index.ts";
import type { Plan } from "../step.ts";
import type { Fault } from "./fault.ts";
import { follow, newWatch, remember } from "./watch.ts";
import { AFTER, BEFORE } from "./watchRules.ts";
import { endFault } from "./ends.ts";

/**
 * A second opinion on a plan: replays it from the start with nothing of the planner but `applyOperation`, looks at every step
 * by the rules of careful work, and judges the end state by what each decision promised. Gives the first fault, or null for a
 * sound plan.
 */
export function checkPlan(
  dossier: Dossier,
  plan: Pick<Plan, "steps">,
  start: HarnessState = initialState(dossier),
): Fault | null {
  const pins = indexPins(dossier);
  const sources = indexSources(dossier.sources);
  const doubtful = new Set(
    dossier.decisions
      .filter((decision) => decisionSureness(decision, pins, sources) !== "sure")
      .map(decisionId),
  );
  const watch = newWatch(
    pins,
    doubtful,
    new Set(dossier.worklist.evenings),
    new Set(dossier.points.flatMap(({ id, supply }) => ((supply?.trunk ?? null) === null ? [] : [id]))),
    new Set(
      plan.steps.flatMap(({ op }) => (op?.kind === "discard" && op.to === "out" ? [op.connector] : [])),
    ),
  );
  const seen = new Set<StepId>();
  let state = owned(start);
  let worked = false;
  const crimped = new Set<EndId>();
  const pulled = new Set(
    plan.steps.flatMap(({ op }) => (op?.kind === "disconnect" && op.from === "own" ? [op.connector] : [])),
  );
  for (const step of plan.steps) {
    if (seen.has(step.id)) return { code: "step-repeated", step: step.id };
    seen.add(step.id);
    for (const rule of BEFORE) {
      const fault = rule(step, watch, state);
      if (fault !== null) return fault;
    }
    if (step.op !== null) {
      const next = applyOperation(state, step.op);
      if (!next.ok) return { code: "step-cannot-be-done", step: step.id, problem: next.error };
      state = next.value.state;
      worked = true;
      if (step.op.kind === "crimp" && step.op.to === "fitted") crimped.add(step.op.end);
      follow(watch, step, step.op, state);
    }
    remember(watch, step);
    for (const rule of AFTER) {
      const fault = rule(step, watch, state);
      if (fault !== null) return fault;
    }
  }
  const kept = dossier.connectors.find(
    (one) =>
      counterpartIn(dossier, one) === "comes" && start.plugged[one.id] === "own" && !pulled.has(one.id),
  );
  return kept === undefined
    ? endFault(dossier, start, state, worked, crimped)
    : { code: "part-not-off", connector: kept.id };
}
