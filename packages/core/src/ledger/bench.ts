import { initialState } from "../harness/index.ts";
import type { Dossier, StepId } from "../model/index.ts";
import { planWork, type Plan, type Step } from "../plan/index.ts";
import { hashOf } from "./canonical.ts";
import type { Entry } from "./entry.ts";
import { dossierInForce, foldLedger, type Fold } from "./fold.ts";

/** Where the work stands: the plan with its ticks, and the first step that is neither done nor skipped. */
export interface BenchView {
  readonly dossier: Dossier;
  readonly plan: Plan;
  readonly planHash: string;
  readonly fold: Fold | null;
  readonly state: Fold["state"];
  readonly current: Step | null;
  readonly isDone: (step: StepId) => boolean;
  readonly isSkipped: (step: StepId) => boolean;
}

/** Names a plan by its steps and their operations, so that a device and the server know that they mean the same one. */
export const planHash = (plan: Pick<Plan, "steps">): string => hashOf(plan.steps.map(({ id, op }) => [id, op]));

/** A pure function of dossier and ledger: the same on every device, and after every restart. */
export function bench(dossier: Dossier, entries: readonly Entry[]): BenchView {
  const inForce = dossierInForce(dossier, entries);
  const fold = entries.length === 0 ? null : foldLedger(entries).fold;
  const plan = planWork(inForce);
  const isDone = (step: StepId): boolean => fold?.done.has(step) ?? false;
  const isSkipped = (step: StepId): boolean => fold?.skipped.has(step) ?? false;
  return {
    dossier: inForce,
    plan,
    planHash: planHash(plan),
    fold,
    state: fold?.state ?? initialState(inForce),
    current: plan.steps.find((step) => !isDone(step.id) && !isSkipped(step.id)) ?? null,
    isDone,
    isSkipped,
  };
}
