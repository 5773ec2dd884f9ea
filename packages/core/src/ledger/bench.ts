import { initialState } from "../harness/index.ts";
import { findHazards, type Hazard } from "../hazards/index.ts";
import { decisionId, findsLive, type Decision, type Dossier, type StepId } from "../model/index.ts";
import { checkPlan, planWork, roundsDone, type Plan, type Step } from "../plan/index.ts";
import { hashOf } from "./canonical.ts";
import type { Entry } from "./entry.ts";
import { foldLedger, type Fold, type Misfit } from "./fold.ts";

/** Where the work stands: the plan with its ticks, and the first step that is neither done nor skipped. */
export interface BenchView {
  readonly dossier: Dossier;
  readonly plan: Plan;
  readonly planHash: string;
  /** The hazards of what is decided, which the plan was made with. */
  readonly hazards: readonly Hazard[];
  readonly fold: Fold | null;
  /** The harness that the work began with, or begins with. */
  readonly start: Fold["state"];
  readonly state: Fold["state"];
  readonly current: Step | null;
  readonly progress: ReadonlyMap<StepId, "done" | "skipped">;
  /** Entries that no longer apply, each with the reason. */
  readonly misfits: readonly Misfit[];
}

/** Names a plan by its steps and their operations, so that a device and the server know that they mean the same one. */
export const planHash = (plan: Pick<Plan, "steps">): string =>
  hashOf(plan.steps.map(({ id, op }) => [id, op]));

/** An order that a person changed is checked whatever else is open; any other plan once nothing else stands in its way. */
const isEdited = ({ worklist }: Dossier): boolean => worklist.order.length + worklist.evenings.length > 0;

/** What a plan was made from, word for word, and what came of it. */
export type PlanMemo = Map<string, Pick<BenchView, "plan" | "hazards">>;
/** So many plans are kept: of a person or two at two jobs, without holding the shop's in memory. */
const KEPT = 3;

/**
 * A pure function of dossier and ledger: the same on every device, and after every restart. `memo` keeps the last plans: ticking a
 * step changes none, so that it costs no new one; it changes how long this takes and nothing else.
 */
export function bench(dossier: Dossier, entries: readonly Entry[], memo?: PlanMemo): BenchView {
  const { fold, misfits } =
    entries.length === 0 ? { fold: null, misfits: [] } : foldLedger(entries, new Set(), dossier);
  const inForce =
    fold === null
      ? dossier
      : { ...dossier, connectors: fold.connectors, decisions: withLiveHalves(dossier.decisions, fold) };
  const start = fold?.start ?? initialState(inForce);
  const { plan, hazards } = remembered(
    memo,
    () => madeFrom(inForce, entries, fold),
    () => planned(inForce, start, fold),
  );
  const progress = new Map<StepId, "done" | "skipped">();
  for (const step of fold?.skipped.keys() ?? []) progress.set(step, "skipped");
  for (const step of fold?.done.keys() ?? []) progress.set(step, "done");
  return {
    dossier: inForce,
    plan,
    planHash: planHash(plan),
    hazards,
    fold,
    start,
    state: fold?.state ?? start,
    current: plan.steps.find((step) => !progress.has(step.id)) ?? null,
    progress,
    misfits,
  };
}

/** Hazards, plan and the second opinion on it. */
function planned(
  inForce: Dossier,
  start: Fold["state"],
  fold: Fold | null,
): Pick<BenchView, "plan" | "hazards"> {
  const hazards = findHazards(inForce);
  const made = planWork(inForce, { start, done: fold?.order ?? [], begun: fold !== null, hazards });
  const fault = isEdited(inForce) || made.blocks.length === 0 ? checkPlan(inForce, made, start) : null;
  const plan: Plan = fault === null ? made : { ...made, blocks: [{ code: "broken", fault }, ...made.blocks] };
  return { plan, hazards };
}

/** All that a plan is made from: the job in force, how the harness began, and which rounds are closed. */
function madeFrom(inForce: Dossier, entries: readonly Entry[], fold: Fold | null): string {
  const began = entries.flatMap(({ what }) => {
    if (what.kind === "baseline") return [what.begins ?? "apart", what.connectors];
    return what.kind === "done" && what.op?.kind === "pierce" ? [what.op.cavity] : [];
  });
  return JSON.stringify([inForce, began, fold === null ? null : roundsDone(inForce, fold.order)]);
}

function remembered<T>(memo: Map<string, T> | undefined, key: () => string, make: () => T): T {
  if (memo === undefined) return make();
  const named = key();
  const value = memo.get(named) ?? make();
  // The one used last goes last.
  memo.delete(named);
  memo.set(named, value);
  for (const oldest of memo.keys()) {
    if (memo.size <= KEPT) break;
    memo.delete(oldest);
  }
  return value;
}

/** A joint whose live half was looked for is made with the half that was found live. */
const withLiveHalves = (decisions: readonly Decision[], { live }: Pick<Fold, "live">): readonly Decision[] =>
  live.size === 0
    ? decisions
    : decisions.map((decision) => {
        const half = findsLive(decision) ? live.get(decisionId(decision)) : undefined;
        return half === undefined ? decision : ({ ...decision, half } as Decision);
      });

/** The steps that are neither done nor skipped. */
export const stepsLeft = ({ plan, progress }: Pick<BenchView, "plan" | "progress">): readonly Step[] =>
  plan.steps.filter(({ id }) => !progress.has(id));

/** Whether the power comes on for good in a step, and not for a look or a test. */
export const isPowerForGood = ({ kind, role }: Step): boolean => kind === "battery-on" && role === "battery";

/** The test that a step waits for, since nobody has said yet which half of its wire is live; null where it waits for none. */
export function testBefore({ dossier, plan, progress }: BenchView, step: Step): Step | null {
  const decision = dossier.decisions.find((one) => decisionId(one) === step.decision);
  if (decision === undefined || !findsLive(decision)) return null;
  const test = plan.steps.findIndex((one) => one.kind === "find-live" && one.decision === step.decision);
  const own = plan.steps.findIndex(({ id }) => id === step.id);
  const found = plan.steps[test];
  return found === undefined || own <= test || progress.get(found.id) === "done" ? null : found;
}
