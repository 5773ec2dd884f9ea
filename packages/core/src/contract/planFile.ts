import { z } from "zod";
import { allPins, pinName, type Dossier, type PinId } from "../model/index.ts";
import { STEP_KINDS, type Step } from "../plan/index.ts";
import type { HarnessState } from "../harness/index.ts";
import { bench } from "../ledger/index.ts";
import { fail, ok, type Result } from "../util/index.ts";
import { connectorIdSchema, decisionIdSchema, stepIdSchema } from "./ids.ts";
import { parseJson, readJobValue, type JobFileProblem } from "./jobFile.ts";
import { operationSchema } from "./ledger.ts";
import { jobFileProblemWords } from "./words.ts";

const pinText = z.string().min(1).max(80).nullable();
const stepSchema = z.object({
  id: stepIdSchema,
  kind: z.enum(STEP_KINDS),
  group: z.string().max(6400),
  discharges: decisionIdSchema.nullable(),
  op: operationSchema.nullable(),
  connector: connectorIdSchema.nullable(),
  wire: pinText,
  at: pinText,
  partner: pinText,
  others: z.array(z.string().min(1).max(80)).max(40).default([]),
  length: z.number().positive().max(20_000).nullable().default(null),
  place: z.string().max(120).default(""),
});
/** What `trevin plan` prints and `trevin check` reads: the job as it is, and the steps in order. Words and sums are not read. */
const planFileSchema = z.object({ job: z.unknown(), steps: z.array(stepSchema).max(100_000) });

/** What is wrong with a plan file, in a sentence. */
export const planFileProblemWords = (problem: PlanFileProblem): string =>
  problem.code === "no-such-pin"
    ? `Step ${problem.step} names ${problem.pin}, and the job has no such pin.`
    : jobFileProblemWords(problem);

export type PlanFileProblem =
  JobFileProblem | { readonly code: "no-such-pin"; readonly step: string; readonly pin: string };

/** Reads a plan with its job and the state that its work began with; pins stand as CONNECTOR.CAVITY. */
export function readPlanFile(
  text: string,
): Result<
  { readonly dossier: Dossier; readonly start: HarnessState; readonly steps: readonly Step[] },
  PlanFileProblem
> {
  const json = parseJson(text);
  if (!json.ok) return json;
  const shape = planFileSchema.safeParse(json.value);
  if (!shape.success)
    return fail({
      code: "wrong-shape",
      issues: shape.error.issues
        .slice(0, 20)
        .map((issue) => ({ path: issue.path.join("."), message: issue.message })),
    });
  const job = readJobValue(shape.data.job);
  if (!job.ok) return job;
  const { dossier, start } = bench(job.value.dossier, job.value.entries);
  const ids = new Map(allPins(dossier).map((placed) => [pinName(placed), placed.pin.id]));
  const steps: Step[] = [];
  for (const { discharges, wire, at, partner, others, ...step } of shape.data.steps) {
    const lost = [wire, at, partner, ...others].find((name) => name !== null && !ids.has(name));
    if (typeof lost === "string") return fail({ code: "no-such-pin", step: step.id, pin: lost });
    const id = (name: string | null): PinId | null => (name === null ? null : (ids.get(name) ?? null));
    steps.push({
      ...step,
      decision: discharges,
      wire: id(wire),
      at: id(at),
      partner: id(partner),
      others: others.flatMap((name) => id(name) ?? []),
      built: false,
      device: null,
      joint: null,
      terminal: null,
      role: "",
      supply: null,
      from: null,
      text: "",
      twins: [],
      minutes: 0,
      range: [0, 0],
    });
  }
  return ok({ dossier, start, steps });
}
