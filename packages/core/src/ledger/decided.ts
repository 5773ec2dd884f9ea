import { decisionId, type Decision, type DecisionId } from "../model/index.ts";
import type { Entry } from "./entry.ts";

/** The decisions that were in force when a plan was adopted last, as the record says; null where none says. */
export function decisionsOnRecord(entries: readonly Entry[]): ReadonlyMap<DecisionId, Decision> | null {
  let record: Map<DecisionId, Decision> | null = null;
  for (const { what } of entries) {
    if (what.kind !== "plan-adopted" || what.decided === undefined) continue;
    record ??= new Map();
    for (const decision of what.undone ?? []) record.delete(decisionId(decision));
    for (const decision of what.decided) record.set(decisionId(decision), decision);
  }
  return record;
}
