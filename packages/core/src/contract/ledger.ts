import { z } from "zod";
import type { Operation, PluggedInto } from "../harness/index.ts";
import type { Entry, StoredEntry, What } from "../ledger/index.ts";
import {
  HALVES,
  JOINT_KINDS,
  MEASURED_OF,
  QUANTITIES,
  type Reading,
  type EndId,
  type PinId,
  type WireId,
} from "../model/index.ts";
import { deviceSchema } from "./decision.ts";
import { connectorIdSchema, decisionIdSchema, pinIdSchema, stepIdSchema } from "./ids.ts";
import { decisionSchema } from "./decision.ts";
import { cavityLabelSchema, connectorSchema, jobHeadSchema, pinFactsSchema } from "./job.ts";

/** Ends, joints and devices are named after the pins of a decision, of which there may be forty. */
const end = z.string().min(1).max(13_000) as unknown as z.ZodType<EndId, EndId>;
const wire = z.string().min(1).max(13_000) as unknown as z.ZodType<WireId, WireId>;
const label = z.string().max(6400);
const madeWire = z.string().min(1).max(6450) as unknown as z.ZodType<PinId, PinId>;
/** Another connector, or its own counterpart on the car. */
const plugged = connectorIdSchema as unknown as z.ZodType<PluggedInto, PluggedInto>;
const ends = z.array(end).min(2).max(40);

export const operationSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("battery"), to: z.enum(["on", "off"]) }),
  z.object({ kind: z.literal("lock"), connector: connectorIdSchema, to: z.enum(["open", "closed"]) }),
  z.object({ kind: z.literal("release"), end, cavity: pinIdSchema }),
  z.object({ kind: z.literal("insert"), end, cavity: pinIdSchema }),
  z.object({ kind: z.literal("cut"), pin: pinIdSchema }),
  z.object({ kind: z.literal("splice"), ends, joint: label, by: z.enum(JOINT_KINDS).exactOptional() }),
  z.object({ kind: z.literal("part"), ends, joint: label }),
  z.object({
    kind: z.literal("tap"),
    pin: pinIdSchema,
    ends: z.array(end).min(1).max(40),
    joint: label,
    mid: z.literal(true).exactOptional(),
    to: z.enum(["on", "off"]),
    by: z.enum(JOINT_KINDS).exactOptional(),
  }),
  z.object({
    kind: z.literal("fit"),
    device: label,
    what: deviceSchema,
    terminals: z
      .array(z.object({ terminal: z.string().min(1).max(40), ends: z.array(end).min(1).max(40) }))
      .min(1)
      .max(60),
    to: z.enum(["in", "out"]),
  }),
  z.object({ kind: z.literal("cap"), end, to: z.enum(["covered", "open"]) }),
  z.object({ kind: z.literal("feed"), end, supply: label }),
  z.object({ kind: z.literal("unfeed"), end, supply: label }),
  z.object({ kind: z.literal("take-out"), wire, to: z.enum(["out", "back"]) }),
  z.object({ kind: z.literal("discard"), connector: connectorIdSchema, to: z.enum(["out", "back"]) }),
  z.object({ kind: z.literal("pierce"), cavity: pinIdSchema }),
  z.object({ kind: z.literal("connect"), connector: connectorIdSchema, into: plugged }),
  z.object({ kind: z.literal("disconnect"), connector: connectorIdSchema, from: plugged }),
  z.object({ kind: z.literal("crimp"), end, to: z.enum(["fitted", "cut-off"]) }),
  z.object({ kind: z.literal("fuse"), supply: label, to: z.enum(["in", "out"]) }),
  z.object({
    kind: z.literal("build-shell"),
    connector: connectorIdSchema,
    cavities: z.array(z.object({ cavity: pinIdSchema, meets: pinIdSchema })).max(5000),
    to: z.enum(["there", "gone"]),
  }),
  z.object({ kind: z.literal("build-wire"), pin: madeWire, to: z.enum(["there", "gone"]) }),
  z.object({ kind: z.literal("plug"), cavity: pinIdSchema, to: z.enum(["plugged", "open"]) }),
]) satisfies z.ZodType<Operation>;

/** A photo by its id, its fingerprint, and what it shows. */
export const photoTakenShape = {
  photo: z.uuid(),
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
  connector: connectorIdSchema.nullable(),
  pin: pinIdSchema.nullable(),
};

/** What was measured at a step: V, Ω or A; null where nothing came through. */
export const readingsSchema = z
  .array(
    z.object({
      of: z.enum(MEASURED_OF),
      quantity: z.enum(QUANTITIES),
      value: z.number().min(-1e9).max(1e9).nullable(),
    }) satisfies z.ZodType<Reading>,
  )
  .min(1)
  .max(8);

/** The words of a step as they were when it was done. */
const words = z.string().max(2000).exactOptional();

const whatSchema = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("baseline"),
    head: jobHeadSchema,
    connectors: z.array(connectorSchema),
    begins: z.literal("plugged").exactOptional(),
  }),
  z.object({
    kind: z.literal("plan-adopted"),
    steps: z.int().min(0),
    decided: z.array(decisionSchema).exactOptional(),
    undone: z.array(decisionSchema).exactOptional(),
  }),
  z.object({
    kind: z.literal("done"),
    step: stepIdSchema,
    decision: decisionIdSchema.nullable(),
    op: operationSchema.nullable(),
    note: z.string().max(2000),
    live: z.enum(HALVES).exactOptional(),
    readings: readingsSchema.exactOptional(),
    words,
  }),
  z.object({
    kind: z.literal("skipped"),
    step: stepIdSchema,
    decision: decisionIdSchema.nullable(),
    reason: z.string().max(500),
    words,
  }),
  z.object({ kind: z.literal("note"), step: stepIdSchema.nullable(), text: z.string().max(2000), words }),
  z.object({ kind: z.literal("photo"), ...photoTakenShape }),
  z.object({
    kind: z.literal("found"),
    pin: pinIdSchema,
    facts: pinFactsSchema,
    place: z.object({ found: cavityLabelSchema, believed: cavityLabelSchema }).exactOptional(),
    note: z.string().max(2000),
  }),
  z.object({ kind: z.literal("retracted"), seq: z.int().min(1), reason: z.string().max(500) }),
]) satisfies z.ZodType<What>;

const hash = z.string().regex(/^[0-9a-f]{64}$/);
export const entrySchema = z.object({
  v: z.literal(1),
  seq: z.int().min(0),
  event: z
    .string()
    .min(1)
    .max(120)
    .describe("The device's event; what comes before it in the same act adds its kind"),
  at: z.iso.datetime(),
  deviceAt: z.iso.datetime(),
  person: z.string().max(80),
  device: z.string().max(80),
  plan: hash.nullable(),
  what: whatSchema,
  prev: hash,
}) satisfies z.ZodType<Entry>;

export const storedEntrySchema = z.object({
  bytes: z.string().max(4_000_000),
  hash,
}) satisfies z.ZodType<StoredEntry>;
