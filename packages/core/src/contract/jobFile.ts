import { z } from "zod";
import {
  documentOf,
  JOB_FORMAT,
  JOB_FORMAT_VERSION,
  type DocumentProblem,
  type JobDocument,
  type JobFile,
} from "../io/index.ts";
import { verifyChain, type ChainProblem, type Entry } from "../ledger/index.ts";
import { FEED_CLASSES, METHODS } from "../model/index.ts";
import { fail, ok, type Result } from "../util/index.ts";
import {
  briefItemSchema,
  connectorHeadSchema,
  jobHeadSchema,
  joinPointSchema,
  loomWireSchema,
  ownWordSchema,
  pinSchema,
  sourceSchema,
} from "./job.ts";
import { worklistEditsSchema } from "./worklist.ts";
import {
  commonDecision,
  deviceField,
  findLiveField,
  bridgedField,
  cutAtField,
  halfField,
  mergedField,
  seriesFields,
  theirHalfField,
  jointField,
  jointMethodField,
  openField,
  studField,
  supplyField,
} from "./decision.ts";
import { entrySchema, storedEntrySchema } from "./ledger.ts";
import { contentProblem, pathWords } from "./content.ts";
import { upcastClasses } from "./classes.ts";
import { upcastLayout } from "./shell.ts";
import { upcastSupplies } from "./supplies.ts";

const pinRefSchema = z.object({ connector: z.string().min(1).max(40), cavity: z.string().min(1).max(12) });
const severalRefs = z.array(pinRefSchema).min(2).max(40);
const metRefs = z.array(pinRefSchema).min(1).max(1000);
const loose = {
  sure: commonDecision.sure.optional(),
  reason: commonDecision.reason.optional(),
  answers: commonDecision.answers.optional(),
};

const fileDecisionSchema = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("join"),
    vehicle: pinRefSchema,
    incoming: pinRefSchema,
    method: z.enum(METHODS).optional(),
    ...findLiveField,
    ...halfField,
    ...theirHalfField,
    ...deviceField,
    ...jointField,
    ...loose,
  }),
  z.object({
    kind: z.literal("merge"),
    vehicle: severalRefs,
    incoming: pinRefSchema,
    ...jointMethodField,
    ...mergedField,
    ...theirHalfField,
    ...deviceField,
    ...jointField,
    ...loose,
  }),
  z.object({
    kind: z.literal("split"),
    vehicle: pinRefSchema,
    incoming: severalRefs,
    ...jointMethodField,
    ...halfField,
    ...theirHalfField,
    ...deviceField,
    ...jointField,
    ...loose,
  }),
  z.object({
    kind: z.literal("tap"),
    vehicle: pinRefSchema,
    incoming: z.array(pinRefSchema).min(1).max(40),
    ...cutAtField,
    ...theirHalfField,
    ...deviceField,
    ...jointField,
    ...loose,
  }),
  z.object({ kind: z.literal("mate"), vehicle: metRefs, incoming: metRefs, ...loose }),
  z.object({ kind: z.literal("move"), pin: pinRefSchema, to: pinRefSchema, ...loose }),
  z.object({ kind: z.literal("populate"), lead: pinRefSchema, cavity: pinRefSchema, ...loose }),
  z.object({ kind: z.literal("re-end"), pin: pinRefSchema, ...studField, ...loose }),
  z.object({
    kind: z.literal("series"),
    vehicle: pinRefSchema,
    into: pinRefSchema,
    back: pinRefSchema,
    method: z.enum(["move", "splice"]).optional(),
    ...seriesFields,
    ...jointField,
    ...loose,
  }),
  z.object({
    kind: z.literal("jumper"),
    pins: severalRefs,
    ...bridgedField,
    ...jointMethodField,
    ...jointField,
    ...loose,
  }),
  z.object({ kind: z.literal("cap"), pin: pinRefSchema, ...openField, ...loose }),
  z.object({ kind: z.literal("remove"), pin: pinRefSchema, ...openField, ...loose }),
  z.object({ kind: z.literal("leave"), pin: pinRefSchema, ...openField, ...loose }),
  z.object({ kind: z.literal("forbid"), vehicle: pinRefSchema, incoming: pinRefSchema, ...loose }),
  z.object({
    kind: z.literal("feed"),
    pin: pinRefSchema,
    feed: z.enum(FEED_CLASSES),
    supply: supplyField,
    ...theirHalfField,
    ...loose,
  }),
]);

const filePinSchema = pinSchema
  .omit({ order: true })
  .exactPartial()
  .required({ cavity: true, function: true });
const fileConnectorSchema = connectorHeadSchema
  .partial()
  .required({ name: true })
  .extend({ pins: z.array(filePinSchema).max(5000) });

/** Format version 2 of the job file. */
export const jobFileSchema = z.object({
  format: z.literal(JOB_FORMAT),
  version: z.literal(JOB_FORMAT_VERSION),
  job: jobHeadSchema.exactPartial().optional(),
  connectors: z.array(fileConnectorSchema).max(200),
  sources: z.array(sourceSchema).max(200).optional(),
  words: z.array(ownWordSchema).max(2000).optional(),
  brief: z
    .array(briefItemSchema.partial({ id: true, kept: true, pins: true }))
    .max(500)
    .optional(),
  points: z.array(joinPointSchema).max(5000).optional(),
  wires: z.array(loomWireSchema).max(20000).optional(),
  decisions: z.array(fileDecisionSchema).max(20000).optional(),
  worklist: worklistEditsSchema.partial().optional().describe("What the technician adds to the plan"),
  ledger: z.array(storedEntrySchema).max(100000).optional(),
}) satisfies z.ZodType<JobFile>;

export type JobFileProblem =
  | { readonly code: "not-json"; readonly detail: string; readonly line: number; readonly column: number }
  | { readonly code: "not-a-job-file" }
  | { readonly code: "newer-version"; readonly version: number; readonly known: number }
  | {
      readonly code: "wrong-shape";
      readonly issues: readonly { readonly path: string; readonly message: string }[];
    }
  | { readonly code: "contradiction"; readonly problem: DocumentProblem }
  | { readonly code: "ledger-damaged"; readonly problem: ChainProblem }
  | { readonly code: "ledger-does-not-apply"; readonly seq: number };

/** A job file that was read: its ledger also as entries, the chain followed. Entries that do not apply come along and are named in the ledger. */
export interface ReadJob extends JobDocument {
  readonly entries: readonly Entry[];
}

/** Reads a job file's text: JSON, format, version, shape, references, and the ledger's chain, in that order. */
export function readJobFile(textOfFile: string): Result<ReadJob, JobFileProblem> {
  const json = parseJson(textOfFile);
  if (!json.ok) return json;
  return readJobValue(json.value);
}

/** The same for a value that is parsed already. */
export function readJobValue(value: unknown): Result<ReadJob, JobFileProblem> {
  const odd = contentProblem(value);
  if (odd !== null) return fail({ code: "wrong-shape", issues: [odd] });
  const head = z.object({ format: z.literal(JOB_FORMAT), version: z.int() }).safeParse(value);
  if (!head.success) return fail({ code: "not-a-job-file" });
  if (head.data.version > JOB_FORMAT_VERSION)
    return fail({ code: "newer-version", version: head.data.version, known: JOB_FORMAT_VERSION });
  const file = jobFileSchema.safeParse(upcastClasses(upcastSupplies(upcastLayout(value))));
  if (!file.success) return fail({ code: "wrong-shape", issues: issuesOf(file.error) });
  const document = documentOf(file.data);
  if (!document.ok) return fail({ code: "contradiction", problem: document.error });
  const chain = verifyChain(document.value.ledger, readEntry);
  if (!chain.ok) return fail({ code: "ledger-damaged", problem: chain.error });
  if (chain.value.length > 0) {
    if (chain.value[0]?.what.kind !== "baseline") return fail({ code: "ledger-does-not-apply", seq: 0 });
  }
  return ok({ ...document.value, entries: chain.value });
}

/** A ledger entry from parsed bytes, or null. */
export function readEntry(value: unknown) {
  const entry = entrySchema.safeParse(upcastLayout(value));
  return entry.success ? entry.data : null;
}

/** Zod's issues as "connectors[0].pins[3].cavity" and words. */
export function issuesOf(error: z.ZodError): readonly { readonly path: string; readonly message: string }[] {
  return error.issues.slice(0, 20).map((issue) => ({
    path: pathWords(issue.path),
    message: issue.message,
  }));
}

export function parseJson(source: string): Result<unknown, JobFileProblem> {
  try {
    return ok(JSON.parse(source) as unknown);
  } catch (error) {
    const detail = error instanceof Error ? error.message : String(error);
    const at = /position (\d+)/.exec(detail);
    const before = source.slice(0, at === null ? source.length : Number(at[1])).split("\n");
    return fail({ code: "not-json", detail, line: before.length, column: (before.at(-1) ?? "").length + 1 });
  }
}

/** The JSON Schema (draft 2020-12) of the job file. */
export const jobFileJsonSchema = (): unknown =>
  z.toJSONSchema(jobFileSchema, { target: "draft-2020-12", io: "input" });
