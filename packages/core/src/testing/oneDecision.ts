import { expect } from "vitest";
import { readJobValue } from "../contract/index.ts";
import type { Dossier } from "../model/index.ts";
import { checkPlan } from "../plan/check/check.ts";
import { planWork } from "../plan/plan.ts";

export type Leads = "loom" | "flying";
/** One pin a side, joined or otherwise decided. */
export function job(
  decision: Record<string, unknown>,
  vehicle: Leads,
  incoming: Leads,
  content: "occupied" | "empty" = "occupied",
  sealed = true,
): Dossier {
  const read = readJobValue({
    format: "trevin-job",
    version: 1,
    connectors: [
      {
        name: "V",
        side: "vehicle",
        leads: vehicle,
        sealed,
        pins: [{ cavity: "1", function: "Horn", colour: "BK" }],
      },
      {
        name: "X",
        side: "incoming",
        leads: incoming,
        sealed,
        pins: [
          {
            cavity: "A",
            function: content === "empty" ? "" : "Horn",
            colour: content === "empty" ? "" : "RD",
            content,
          },
        ],
      },
    ],
    decisions: [decision],
  });
  if (!read.ok) throw new Error(JSON.stringify(read.error));
  return read.value.dossier;
}
export const V = { connector: "V", cavity: "1" };
export const X = { connector: "X", cavity: "A" };
export const join = (method: string) => ({ kind: "join", vehicle: V, incoming: X, method });
/** The steps of the decision itself, as "kind wire". */
export function steps(dossier: Dossier): readonly string[] {
  const plan = planWork(dossier);
  expect(checkPlan(dossier, plan)).toBeNull();
  return plan.steps
    .filter((step) => step.decision !== null || step.kind === "fuse")
    .map((step) => `${step.kind} ${step.wire}`);
}
export const closing = (dossier: Dossier): readonly string[] =>
  planWork(dossier)
    .steps.filter((step) => step.id.startsWith("close/"))
    .map((step) => `${step.kind} ${step.at ?? step.connector ?? ""}`.trim());
