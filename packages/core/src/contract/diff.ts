import { z } from "zod";
import type { Diff, Difference, RecordKind, Records } from "../dossier/index.ts";
import { connectorIdSchema } from "./ids.ts";
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
import { decisionSchema } from "./decision.ts";

const difference = <K extends RecordKind, T extends z.ZodType<Records[K]>>(of: K, record: T) =>
  z.object({
    of: z.literal(of),
    key: z.string(),
    before: record.nullable(),
    after: record.nullable(),
  });

/** The records that an edit changed, as they come back from the database. */
export const diffSchema = z.array(
  z.discriminatedUnion("of", [
    difference("head", jobHeadSchema),
    difference("connector", connectorHeadSchema),
    difference("pin", z.object({ connector: connectorIdSchema, pin: pinSchema })),
    difference("decision", decisionSchema),
    difference("wire", loomWireSchema),
    difference("point", joinPointSchema),
    difference("source", sourceSchema),
    difference("words", z.array(ownWordSchema)),
    difference("brief", z.array(briefItemSchema)),
    difference("worklist", worklistEditsSchema),
  ]) satisfies z.ZodType<Difference>,
) satisfies z.ZodType<Diff>;
