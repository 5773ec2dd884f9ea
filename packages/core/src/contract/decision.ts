import { z } from "zod";
import {
  OPEN_EFFECTS,
  FEED_CLASSES,
  HALVES,
  MERGED,
  PARTINGS,
  METHODS,
  JOINT_KINDS,
  SIDES,
  STUDS,
  SURENESS,
  type Decision,
  type InsertedDevice,
} from "../model/index.ts";
import { pinIdSchema, text } from "./ids.ts";
import { joinPointIdSchema } from "./job.ts";

export const commonDecision = {
  sure: z.enum(SURENESS),
  reason: text(500),
  answers: z
    .array(
      z.object({
        rule: z.string().min(1).max(80),
        reason: text(500).min(1, "a reason is needed"),
        by: text(80).optional(),
        facts: z
          .string()
          .max(40)
          .optional()
          .describe(
            "Names the pins, severity and figures that were accepted; left out by older answers, which hold for all",
          ),
      }),
    )
    .max(80),
};
const ohms = z.number().positive().max(1e8).describe("Ω");
const sideSchema = z.enum(SIDES);
export const supplyField = joinPointIdSchema
  .nullable()
  .describe("What it hangs on; null while nobody has said");
const deviceRest = {
  source: sideSchema.optional().describe("Side that the signal comes from; left out: the vehicle"),
  legs: z
    .array(
      z.object({
        terminal: z.string().min(1).max(20),
        to: z.discriminatedUnion("kind", [
          z.object({
            kind: z.literal("feed"),
            feed: z.enum(FEED_CLASSES),
            supply: supplyField,
          }),
          z.object({ kind: z.literal("open") }),
        ]),
      }),
    )
    .max(10)
    .optional()
    .describe("What its further terminals hang on"),
};
export const deviceSchema = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("diodes"),
    band: sideSchema.describe("Side that the band of each diode points to"),
    ...deviceRest,
  }),
  z.object({ kind: z.literal("divider"), upper: ohms, lower: ohms, ...deviceRest }),
  z.object({ kind: z.literal("regulator"), volts: z.number().positive().max(1000), ...deviceRest }),
  z.object({
    kind: z.literal("relay"),
    coil: sideSchema.describe("Side whose wire works the coil"),
    ...deviceRest,
  }),
  z.object({ kind: z.literal("resistor"), ohms, how: z.enum(["in series", "in parallel"]), ...deviceRest }),
  z.object({ kind: z.literal("fuse"), amps: z.number().positive().max(1000), ...deviceRest }),
  z.object({ kind: z.literal("switch"), what: z.enum(["clutch", "neutral"]), ...deviceRest }),
  z.object({ kind: z.literal("converter"), what: text(120), ...deviceRest }),
]) satisfies z.ZodType<InsertedDevice>;
export const deviceField = { device: deviceSchema.optional() };
export const cutAtField = {
  cutAt: z
    .number()
    .min(20)
    .max(20_000)
    .optional()
    .describe(
      "How far behind its plug the vehicle's wire is cut or tapped, mm; left out: spaced by the worklist",
    ),
};
export const halfField = {
  ...cutAtField,
  half: z
    .enum(PARTINGS)
    .optional()
    .describe(
      "Which half of the vehicle's wire goes on once it is cut; pulled: its terminal comes out and is cut off; left out: the loom's",
    ),
};
export const mergedField = {
  ...cutAtField,
  half: z
    .enum(MERGED)
    .optional()
    .describe("As for a single wire; whole: each stays whole, and a branch of it is led to the joint"),
};
export const bridgedField = {
  half: z.enum(HALVES).optional().describe("Which halves of the cut wires are joined; left out: the loom's"),
};
export const theirHalfField = {
  theirHalf: z
    .enum(HALVES)
    .optional()
    .describe("Which half of an incoming loom's wire goes on once it is cut; left out: the plug's"),
};
export const findLiveField = {
  findLive: z
    .boolean()
    .optional()
    .describe("The half that carries the supply is found with the power on before the halves are joined"),
};
export const seriesFields = {
  ...cutAtField,
  half: z
    .enum(HALVES)
    .optional()
    .describe("Spliced, which half of the wire goes to the lead that takes it in; left out: the loom's"),
  ...findLiveField,
};
export const jointField = {
  joint: z
    .enum(JOINT_KINDS)
    .optional()
    .describe("How its bare ends are joined, where that is not as in the rest of the job"),
};
export const jointMethodField = {
  method: z.enum(["splice", "adapter"]).optional().describe("On the car, or within an adapter"),
};
export const studField = {
  stud: z
    .literal(STUDS)
    .exactOptional()
    .describe("Thread of the stud that a new ring goes on, mm; left out: a terminal of the plug"),
};
export const openField = {
  open: z.enum(OPEN_EFFECTS).optional().describe("If left open"),
};
const severalPins = z.array(pinIdSchema).min(2, "two pins at least").max(40);
const metPins = z.array(pinIdSchema).min(1).max(1000);
export const decisionSchema = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("join"),
    vehicle: pinIdSchema,
    incoming: pinIdSchema,
    method: z.enum(METHODS),
    ...findLiveField,
    ...halfField,
    ...theirHalfField,
    ...deviceField,
    ...jointField,
    ...commonDecision,
  }),
  z.object({
    kind: z.literal("merge"),
    vehicle: severalPins,
    incoming: pinIdSchema,
    ...jointMethodField,
    ...mergedField,
    ...theirHalfField,
    ...deviceField,
    ...jointField,
    ...commonDecision,
  }),
  z.object({
    kind: z.literal("split"),
    vehicle: pinIdSchema,
    incoming: severalPins,
    ...jointMethodField,
    ...halfField,
    ...theirHalfField,
    ...deviceField,
    ...jointField,
    ...commonDecision,
  }),
  z.object({
    kind: z.literal("tap"),
    vehicle: pinIdSchema,
    incoming: z.array(pinIdSchema).min(1).max(40),
    ...cutAtField,
    ...theirHalfField,
    ...deviceField,
    ...jointField,
    ...commonDecision,
  }),
  z.object({ kind: z.literal("mate"), vehicle: metPins, incoming: metPins, ...commonDecision }),
  z.object({ kind: z.literal("move"), pin: pinIdSchema, to: pinIdSchema, ...commonDecision }),
  z.object({ kind: z.literal("populate"), lead: pinIdSchema, cavity: pinIdSchema, ...commonDecision }),
  z.object({ kind: z.literal("re-end"), pin: pinIdSchema, ...studField, ...commonDecision }),
  z.object({
    kind: z.literal("series"),
    vehicle: pinIdSchema,
    into: pinIdSchema,
    back: pinIdSchema,
    method: z.enum(["move", "splice"]),
    ...seriesFields,
    ...jointField,
    ...commonDecision,
  }),
  z.object({
    kind: z.literal("jumper"),
    pins: severalPins,
    ...bridgedField,
    ...jointMethodField,
    ...jointField,
    ...commonDecision,
  }),
  z.object({ kind: z.literal("cap"), pin: pinIdSchema, ...openField, ...commonDecision }),
  z.object({ kind: z.literal("remove"), pin: pinIdSchema, ...openField, ...commonDecision }),
  z.object({ kind: z.literal("leave"), pin: pinIdSchema, ...openField, ...commonDecision }),
  z.object({ kind: z.literal("forbid"), vehicle: pinIdSchema, incoming: pinIdSchema, ...commonDecision }),
  z.object({
    kind: z.literal("feed"),
    pin: pinIdSchema,
    feed: z.enum(FEED_CLASSES),
    supply: supplyField,
    ...theirHalfField,
    ...commonDecision,
  }),
]) satisfies z.ZodType<Decision>;
