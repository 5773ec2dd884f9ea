import { z } from "zod";
import { COUNTERPARTS, JOINT_KINDS, type WorklistEdits } from "../model/index.ts";
import { connectorIdSchema, ORDINARY, stepIdSchema, text } from "./ids.ts";

const ownId = z.string().min(1).max(80).regex(ORDINARY);
const minutes = z.number().min(0).max(10_000);
export const worklistEditsSchema = z.object({
  parts: z
    .array(
      z.object({
        id: ownId,
        name: z.string().trim().min(1, "a part needs a name").max(120),
        place: text(120),
        fasteners: text(200),
        tool: text(120),
        torque: z.number().positive().max(1000).nullable().describe("N·m by the maker's sheet"),
        drill: z.boolean(),
        hides: z
          .array(connectorIdSchema)
          .max(200)
          .describe("Connectors behind it; none: it always comes off"),
      }),
    )
    .max(500),
  own: z
    .array(
      z.object({
        id: ownId,
        after: stepIdSchema.nullable(),
        text: z.string().trim().min(1, "a step needs words").max(500),
        place: text(120),
        minutes,
        from: text(200),
        deviation: text(500),
      }),
    )
    .max(2000),
  order: z.array(z.object({ step: stepIdSchema, after: stepIdSchema.nullable() })).max(5000),
  evenings: z.array(stepIdSchema).max(500).describe("Steps after which an evening ends"),
  have: z.array(z.string().max(400)).max(2000).describe("Lines of the kit that are there"),
  adapterLengths: z
    .array(
      z.object({
        between: z.tuple([connectorIdSchema, connectorIdSchema]),
        mm: z.number().positive().max(20_000),
      }),
    )
    .max(500)
    .describe("Measured between the plugs of an adapter"),
  joint: z.enum(JOINT_KINDS).describe("How bare ends are joined unless a decision says otherwise"),
  counterparts: z
    .array(z.object({ connector: connectorIdSchema, becomes: z.enum(COUNTERPARTS) }))
    .max(200)
    .default([])
    .describe("What becomes of the part behind each connector"),
}) satisfies z.ZodType<WorklistEdits>;
