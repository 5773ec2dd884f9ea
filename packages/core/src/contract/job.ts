import { z } from "zod";
import { COLOUR_SYSTEMS } from "../colour/index.ts";
import type { ConnectorHead } from "../dossier/index.ts";
import { connectorIdSchema, id, ORDINARY, pinIdSchema, sourceIdSchema, text } from "./ids.ts";
import { shellSchema } from "./shell.ts";
import {
  BRIEF_KINDS,
  CAVITY_CONTENTS,
  DIRECTIONS,
  FEED_CLASSES,
  INTERLOCKS,
  FACTS,
  JOB_KINDS,
  VEHICLE_DRIVES,
  METHODS,
  SIDES,
  JOIN_POINT_KINDS,
  SIGNAL_CLASSES,
  SOURCE_KINDS,
  SURENESS,
  TAUGHT_SLOTS,
  type BriefItem,
  type Claim,
  type Connector,
  type JobHead,
  type JoinPoint,
  type JoinPointId,
  type LoomWire,
  type LoomWireId,
  type Pin,
  type OwnWord,
  type Source,
  type Supply,
} from "../model/index.ts";

const name = z.string().trim().min(1, "a name is needed").max(80);
const sizeSchema = z.number().min(0.05).max(120).describe("mm²");

export const jobHeadSchema = z.object({
  name,
  kind: z.enum(JOB_KINDS),
  vehicle: text(120),
  incoming: text(120),
  nominalVolts: z.number().min(1).max(60).describe("V"),
  method: z.enum(METHODS),
  drive: z
    .enum(VEHICLE_DRIVES)
    .optional()
    .describe("What drives the vehicle; left out: electric from 36 V, else a combustion engine"),
}) satisfies z.ZodType<JobHead>;

const factSchema = z.enum(FACTS);
const claimSchema = z.object({
  fact: factSchema,
  value: text(200),
  source: sourceIdSchema,
  when: text(120),
}) satisfies z.ZodType<Claim>;
/** Values of a wire that were there from the first version on, and those that a file may leave out. */
const firstValues = {
  function: text(200),
  colour: text(60),
  size: sizeSchema.nullable(),
  signal: z.enum(SIGNAL_CLASSES).nullable().describe("As somebody gave it, null for what the words tell"),
  note: text(1000),
};
const laterValues = {
  direction: z.enum(DIRECTIONS).nullable().describe("Seen from its own connector, null when nobody said"),
  level: z
    .number()
    .min(0)
    .max(1000)
    .nullable()
    .describe("Highest voltage given or taken, V; null for what the class usually has"),
  amps: z.number().min(0).max(1000).nullable().describe("Current drawn, or that can be given, A"),
  peak: z
    .number()
    .min(0)
    .max(5000)
    .nullable()
    .describe("Most that is drawn for a moment, A: a motor starting, a capacitor filling"),
  standby: z.number().min(0).max(10).nullable().describe("Current drawn asleep, with everything off, A"),
  circuit: text(40).describe("Printed circuit number"),
  condition: text(120).describe("When the pin is there at all: only with air conditioning"),
  colourSystem: z
    .enum(COLOUR_SYSTEMS)
    .nullable()
    .describe("System of this one colour, null for the connector's"),
  identified: z.boolean(),
  sources: z.partialRecord(factSchema, sourceIdSchema),
  doubts: z.partialRecord(factSchema, text(200)),
  claims: z
    .array(claimSchema)
    .max(40)
    .readonly()
    .describe("What other sources say of a value; with `when`, for other cars"),
};

/** A label of a cavity as a person may type it. */
export const cavityLabelSchema = z.string().trim().min(1, "a cavity label is needed").max(12);

export const pinSchema = z.object({
  id: pinIdSchema,
  cavity: cavityLabelSchema,
  order: z.number(),
  content: z.enum(CAVITY_CONTENTS),
  ...firstValues,
  circuit: laterValues.circuit.default(""),
  direction: laterValues.direction.default(null),
  level: laterValues.level.default(null),
  amps: laterValues.amps.default(null),
  peak: laterValues.peak.default(null),
  standby: laterValues.standby.default(null),
  condition: laterValues.condition.default(""),
  colourSystem: laterValues.colourSystem.default(null),
  identified: laterValues.identified.default(false),
  sources: laterValues.sources.default({}),
  doubts: laterValues.doubts.default({}),
  claims: laterValues.claims.default([]),
}) satisfies z.ZodType<Pin>;

/** Without the defaults: what was not found stays as it was. */
export const pinFactsSchema = z.object({ ...firstValues, ...laterValues }).exactPartial();

export const sourceSchema = z.object({
  id: sourceIdSchema,
  kind: z.enum(SOURCE_KINDS),
  title: z.string().trim().min(1, "a title is needed").max(120),
  page: text(40),
  appliesTo: text(120),
  colourSystem: z
    .enum(COLOUR_SYSTEMS)
    .nullable()
    .default(null)
    .describe("How it writes colours, null when not declared"),
  sure: z.enum(SURENESS),
}) satisfies z.ZodType<Source>;

const said = <const Values extends readonly string[]>(values: Values) =>
  z.enum(values).nullable().exactOptional();
export const ownWordSchema = z.object({
  text: z.string().trim().min(1).max(200),
  term: z.string().max(80).nullable(),
  signal: z.enum(SIGNAL_CLASSES),
  like: z.boolean().exactOptional().describe("Also said of the same words with another side, end or number"),
  slots: z
    .object({
      side: said(TAUGHT_SLOTS.side),
      end: said(TAUGHT_SLOTS.end),
      level: said(TAUGHT_SLOTS.level),
      bank: said(TAUGHT_SLOTS.bank),
      number: said(TAUGHT_SLOTS.number),
      kind: said(TAUGHT_SLOTS.kind),
      role: said(TAUGHT_SLOTS.role),
      pole: said(TAUGHT_SLOTS.pole),
      direction: said(TAUGHT_SLOTS.direction),
    })
    .exactOptional()
    .describe("What else the label says, slot by slot; null where it says nothing of it"),
}) satisfies z.ZodType<OwnWord>;

export const connectorHeadSchema = z.object({
  id: connectorIdSchema,
  name: z.string().trim().min(1, "a name is needed").max(40).regex(ORDINARY, "not a name"),
  side: z.enum(SIDES),
  place: text(120),
  branch: text(80).default(""),
  module: text(80).default(""),
  colourSystem: z.enum(COLOUR_SYSTEMS),
  leads: z.enum(["loom", "flying"]),
  sealed: z.boolean(),
  shell: shellSchema.nullable().default(null),
  matesWith: connectorIdSchema
    .nullable()
    .default(null)
    .describe("The connector that it plugs into, where that one is in the job"),
  keepOut: text(120).default("").describe("Reason: restraint system, high voltage"),
}) satisfies z.ZodType<ConnectorHead>;

export const connectorSchema = connectorHeadSchema.extend({
  pins: z.array(pinSchema).max(5000),
}) satisfies z.ZodType<Connector>;

export const joinPointIdSchema = id<JoinPointId>("Join point id, unique in its job");
export const loomWireIdSchema = id<LoomWireId>("Wire id, unique in its job");
const wireEndSchema = z.discriminatedUnion("at", [
  z.object({ at: z.literal("pin"), pin: pinIdSchema }),
  z.object({ at: z.literal("point"), point: joinPointIdSchema }),
  z.object({ at: z.literal("loom") }),
  z.object({ at: z.literal("loose"), end: z.enum(["bare", "capped", "insulated"]) }),
]);
const supplySchema = z.object({
  feed: z.enum(FEED_CLASSES).describe("When it is live, or what it leads back to"),
  volts: z.number().positive().max(1000).nullable().default(null),
  fuse: z
    .object({
      amps: z.number().positive().max(1000).nullable().default(null).describe("Rating in A"),
      fitted: z.boolean().default(false).describe("It is in its holder already"),
    })
    .nullable()
    .default(null),
  behind: joinPointIdSchema.nullable().default(null).describe("Supply or battery post in front of its fuse"),
  trunk: z
    .object({
      size: sizeSchema.nullable().default(null),
      length: z.number().positive().max(20_000).nullable().default(null).describe("mm"),
    })
    .nullable()
    .default(null)
    .describe("The new wire that leads to it, where this job brings it"),
  through: z
    .enum(INTERLOCKS)
    .nullable()
    .default(null)
    .describe("Switch that keeps the engine from cranking in gear"),
  aliases: z.array(text(160).min(1)).max(40).default([]).describe("What older records call it"),
}) satisfies z.ZodType<Supply>;
export const joinPointSchema = z.object({
  id: joinPointIdSchema,
  name: z.string().trim().min(1, "a name is needed").max(40),
  kind: z.enum(JOIN_POINT_KINDS),
  place: text(120).default(""),
  thread: z.number().min(1).max(40).nullable().default(null).describe("Thread of a stud in mm"),
  supply: supplySchema
    .nullable()
    .default(null)
    .describe("What it gives; null where it feeds nothing, or nobody has said"),
}) satisfies z.ZodType<JoinPoint>;
export const loomWireSchema = z.object({
  id: loomWireIdSchema,
  ends: z.array(wireEndSchema).min(2, "a wire has two ends at least").max(40),
  colour: text(60).default(""),
  colourSystem: z.enum(COLOUR_SYSTEMS).nullable().default(null),
  size: sizeSchema.nullable().default(null),
  circuit: text(40).default(""),
  bundle: z
    .object({ kind: z.enum(["twist", "shield"]), name: z.string().trim().min(1).max(40) })
    .nullable()
    .default(null),
}) satisfies z.ZodType<LoomWire>;

export const briefItemSchema = z.object({
  id: z.string().min(1).max(80).regex(ORDINARY),
  kind: z.enum(BRIEF_KINDS),
  text: z.string().trim().min(1, "a line of the brief needs words").max(120),
  kept: z.boolean().default(true).describe("Options only: whether the equipment stays"),
  pins: z
    .array(pinIdSchema)
    .max(200)
    .default([])
    .describe("Linked by hand; while there are none, the words link them"),
}) satisfies z.ZodType<BriefItem>;
