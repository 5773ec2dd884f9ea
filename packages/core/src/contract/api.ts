import { z } from "zod";
import type { Sheet, TableFile } from "../io/index.ts";
import { HALVES } from "../model/index.ts";
import { decisionIdSchema, pinIdSchema, stepIdSchema } from "./ids.ts";
import {
  briefItemSchema,
  connectorHeadSchema,
  connectorSchema,
  jobHeadSchema,
  joinPointIdSchema,
  joinPointSchema,
  loomWireIdSchema,
  loomWireSchema,
  ownWordSchema,
  cavityLabelSchema,
  pinFactsSchema,
  pinSchema,
  sourceSchema,
} from "./job.ts";
import { worklistEditsSchema } from "./worklist.ts";
import { decisionSchema } from "./decision.ts";
import { photoTakenShape, readingsSchema, storedEntrySchema } from "./ledger.ts";

const uuid = z.uuid();
export const jobIdSchema = uuid;

export const jobSummarySchema = z.object({
  id: uuid,
  revision: z.int(),
  ...jobHeadSchema.shape,
  archived: z.boolean(),
  pins: z.int(),
  undecided: z.int(),
  ledgerLength: z.int(),
  finished: z.boolean(),
  createdAt: z.iso.datetime(),
  updatedAt: z.iso.datetime(),
});
export type JobSummary = z.infer<typeof jobSummarySchema>;
/** A page of the list of jobs, and the job after which the next one begins. */
export const jobsViewSchema = z.object({
  jobs: z.array(jobSummarySchema),
  next: uuid.nullable().describe("Give this as `after` for the next page; null at the end"),
});
export type JobsView = z.infer<typeof jobsViewSchema>;
/** Where a job stands: what it waits for, its next step, and the latest photo of it. */
export const standingSchema = z.object({
  steps: z.int(),
  done: z.int(),
  next: z.string().nullable().describe("The step in hand, in words"),
  minutes: z.number().describe("Of the steps that are left"),
  waits: z.array(z.string()).describe("What has to be settled before the work can begin or go on"),
  photo: uuid.nullable().describe("The latest photo"),
});
export type StandingView = z.infer<typeof standingSchema>;
export const jobsQuerySchema = z.object({
  limit: z.coerce.number().int().min(1).max(200).default(200),
  after: uuid.optional(),
});
export type JobsQuery = z.infer<typeof jobsQuerySchema>;

export const jobViewSchema = z.object({
  id: uuid,
  revision: z.int(),
  archived: z.boolean(),
  dossier: z.object({
    head: jobHeadSchema,
    connectors: z.array(connectorSchema),
    decisions: z.array(decisionSchema),
    sources: z.array(sourceSchema),
    words: z.array(ownWordSchema),
    brief: z.array(briefItemSchema),
    worklist: worklistEditsSchema,
    wires: z.array(loomWireSchema),
    points: z.array(joinPointSchema),
  }),
  ledgerLength: z.int(),
  undo: z.string().nullable().describe("What undo would take back, in words"),
  redo: z.string().nullable().describe("What redo would put back, in words"),
});
export type JobView = z.infer<typeof jobViewSchema>;

export const newJobSchema = jobHeadSchema;
export const patchJobSchema = z.object({ head: jobHeadSchema.optional(), archived: z.boolean().optional() });
export type PatchJob = z.infer<typeof patchJobSchema>;
export const putConnectorSchema = connectorHeadSchema.omit({ id: true });
export const changePinsSchema = z.object({
  put: z.array(pinSchema).max(5000).default([]),
  remove: z.array(pinIdSchema).max(5000).default([]),
});
export const putSourceSchema = sourceSchema.omit({ id: true });
const sheetSchema = z.object({
  name: z.string(),
  rows: z.array(z.array(z.string())).readonly(),
  merged: z.array(z.object({ row: z.int(), column: z.int() })).readonly(),
}) satisfies z.ZodType<Sheet>;
const fileNotesSchema = z.array(
  z.discriminatedUnion("code", [
    z.object({ code: z.literal("macros-ignored") }),
    z.object({ code: z.literal("encoding-guessed"), encoding: z.string() }),
    z.object({ code: z.literal("hidden-sheets"), names: z.array(z.string()) }),
  ]),
);
/** What a table file holds, for the preview. */
export const tableFileSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("text"), text: z.string(), notes: fileNotesSchema }),
  z.object({ kind: z.literal("sheets"), sheets: z.array(sheetSchema), notes: fileNotesSchema }),
]) satisfies z.ZodType<TableFile>;
export const setWordsSchema = z.object({ words: z.array(ownWordSchema).max(2000) });
export const setBriefSchema = z.object({ brief: z.array(briefItemSchema).max(500) });
export const setWorklistSchema = z.object({ worklist: worklistEditsSchema });
export const decideSchema = z.object({
  put: z.array(decisionSchema).max(5000).default([]),
  remove: z.array(decisionIdSchema).max(5000).default([]),
  points: z
    .array(joinPointSchema)
    .max(500)
    .optional()
    .describe("Supplies and ground points that the decisions name and that are new"),
});

export const changeWiringSchema = z.object({
  put: z.array(loomWireSchema).max(5000).default([]),
  remove: z.array(loomWireIdSchema).max(5000).default([]),
  putPoints: z.array(joinPointSchema).max(5000).default([]),
  removePoints: z.array(joinPointIdSchema).max(5000).default([]),
});

const fromDevice = {
  event: z.string().min(8).max(80).describe("Made by the device; a repeat gets the first answer"),
  person: z.string().max(80),
  device: z.string().max(80),
  deviceAt: z.iso.datetime(),
  lastSeen: z.int().min(-1).describe("Last ledger sequence the device has seen; -1 for none"),
};
const onPlan = { step: stepIdSchema, plan: z.string().length(64) };

export const ledgerQuerySchema = z.object({
  after: z.coerce.number().int().min(-1).max(2_147_483_647).default(-1).describe("Last sequence known"),
});
export const ledgerViewSchema = z.object({ entries: z.array(storedEntrySchema) });

/** What Bench may send. */
export const benchCommandSchema = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("done"),
    ...fromDevice,
    ...onPlan,
    note: z.string().max(2000).default(""),
    live: z
      .enum(HALVES)
      .exactOptional()
      .describe("The half of the cut that carries the supply; needed where a step is to find it"),
    readings: readingsSchema
      .exactOptional()
      .describe("What was measured: V, Ω or A, null for nothing comes through; only what the step asks for"),
    accept: z
      .string()
      .trim()
      .min(1)
      .max(500)
      .exactOptional()
      .describe("Why the power goes on although the solved circuit says stop; needed where it does"),
  }),
  z.object({
    kind: z.literal("skipped"),
    ...fromDevice,
    ...onPlan,
    reason: z.string().trim().min(1, "a reason is needed").max(500),
  }),
  z.object({
    kind: z.literal("note"),
    ...fromDevice,
    step: stepIdSchema.nullable(),
    text: z.string().trim().min(1, "a note needs words").max(2000),
  }),
  z.object({ kind: z.literal("photo"), ...fromDevice, ...photoTakenShape }),
  z.object({
    kind: z.literal("found"),
    ...fromDevice,
    pin: pinIdSchema,
    facts: pinFactsSchema,
    place: cavityLabelSchema
      .exactOptional()
      .describe("The cavity that the wire was found in, where that is another than the table says"),
    note: z.string().max(2000).default(""),
  }),
  z.object({
    kind: z.literal("retracted"),
    ...fromDevice,
    seq: z.int().min(1),
    reason: z.string().trim().min(1, "a reason is needed").max(500),
  }),
]);
export type BenchCommand = z.infer<typeof benchCommandSchema>;
export type BenchCommandInput = z.input<typeof benchCommandSchema>;

export const benchAnswerSchema = z.object({ entries: z.array(storedEntrySchema), seq: z.int() });
export type BenchAnswer = z.infer<typeof benchAnswerSchema>;

/** RFC 9457 problem details. `code` is the tag the words hang on. */
export const problemSchema = z.looseObject({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  detail: z.string().optional(),
  code: z.string(),
  revision: z.int().optional(),
  changes: z.array(z.string()).optional(),
  issues: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
});
export type Problem = z.infer<typeof problemSchema>;
