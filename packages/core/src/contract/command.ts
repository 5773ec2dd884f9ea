import { z } from "zod";
import type { Command } from "../dossier/index.ts";
import { connectorIdSchema, decisionIdSchema, pinIdSchema, sourceIdSchema } from "./ids.ts";
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
  pinSchema,
  sourceSchema,
} from "./job.ts";
import { worklistEditsSchema } from "./worklist.ts";
import { decisionSchema } from "./decision.ts";
import { withSupplies } from "../io/index.ts";
import { upcastLayout } from "./shell.ts";

/** A stored command or inverse, as it comes back from the database. */
export const commandSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("set-head"), head: jobHeadSchema }),
  z.object({ kind: z.literal("put-connector"), connector: connectorHeadSchema }),
  z.object({ kind: z.literal("remove-connector"), connector: connectorIdSchema }),
  z.object({
    kind: z.literal("restore-connector"),
    connector: connectorSchema,
    decisions: z.array(decisionSchema),
    wires: z.array(loomWireSchema).default([]),
  }),
  z.object({
    kind: z.literal("change-pins"),
    connector: connectorIdSchema,
    put: z.array(pinSchema),
    remove: z.array(pinIdSchema),
    decisions: z.array(decisionSchema),
    wires: z.array(loomWireSchema).default([]),
  }),
  z.object({ kind: z.literal("put-source"), source: sourceSchema }),
  z.object({ kind: z.literal("remove-source"), source: sourceIdSchema }),
  z.object({ kind: z.literal("set-words"), words: z.array(ownWordSchema) }),
  z.object({ kind: z.literal("set-brief"), brief: z.array(briefItemSchema) }),
  z.object({ kind: z.literal("set-worklist"), worklist: worklistEditsSchema }),
  z.object({
    kind: z.literal("change-wiring"),
    put: z.array(loomWireSchema),
    remove: z.array(loomWireIdSchema),
    putPoints: z.array(joinPointSchema),
    removePoints: z.array(joinPointIdSchema),
  }),
  z.object({
    kind: z.literal("decide"),
    put: z.array(decisionSchema),
    remove: z.array(decisionIdSchema),
    points: z.array(joinPointSchema).optional(),
    removePoints: z.array(joinPointIdSchema).optional(),
  }),
]) satisfies z.ZodType<Command>;

/** Reads a stored command of any age. */
export const readCommand = (value: unknown): Command =>
  commandSchema.parse(withoutFeedTexts(upcastLayout(value)));

/** A place that a feed was once taken from is a remark now: which supply it is, nobody can say any more. */
function withoutFeedTexts(value: unknown): unknown {
  if (typeof value !== "object" || value === null) return value;
  const entries = Object.entries(value as Record<string, unknown>).map(([key, part]) => [
    key,
    (key === "decisions" || key === "put") && Array.isArray(part)
      ? part.map((one: unknown) => withSupplies(one, null))
      : part,
  ]);
  return Object.fromEntries(entries) as unknown;
}
