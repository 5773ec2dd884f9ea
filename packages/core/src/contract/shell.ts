import { z } from "zod";
import { checkLabels, slotsOf } from "../face/index.ts";
import { labelProblemWords } from "../words/index.ts";
import {
  BLANKS,
  EXTRA_LOCKS,
  FACE_VIEWS,
  FACELESS,
  GENDERS,
  MARKS,
  type Keying,
  type LabelKind,
  type Numbering,
  type Pattern,
  type Shell,
} from "../model/index.ts";

const label = z.string().min(1).max(12);
const size = z.number().min(0.1).max(20).nullable().default(null).describe("Width of the contact in mm");
const skip = z.array(z.string().length(1)).max(25);

const labelKindSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("numbers"), start: z.int().min(0).max(9999) }),
  z.object({ kind: z.literal("letters"), skip }),
]) satisfies z.ZodType<LabelKind>;

const way = { from: z.enum(["left", "right"]), first: z.enum(["top", "bottom"]) };
const listed = z.object({ scheme: z.literal("listed") });
const explicit = z.object({ scheme: z.literal("explicit"), labels: z.array(label).max(600) });
const numberingSchema = z.discriminatedUnion("scheme", [
  listed,
  z.object({ scheme: z.literal("rows"), ...way, labels: labelKindSchema }),
  z.object({ scheme: z.literal("serpentine"), ...way, labels: labelKindSchema }),
  z.object({ scheme: z.literal("columns"), ...way, labels: labelKindSchema }),
  z.object({ scheme: z.literal("grid"), ...way, skip }),
  explicit,
]) satisfies z.ZodType<Numbering>;

const patternSchema = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("rows"),
    rows: z
      .array(z.object({ places: z.int().min(1).max(60), offset: z.number().min(0).max(60).default(0), size }))
      .min(1)
      .max(12),
    numbering: numberingSchema.default({ scheme: "listed" }),
  }),
  z.object({
    kind: z.literal("rings"),
    rings: z
      .array(z.object({ places: z.int().min(1).max(60), at: z.number().min(-360).max(360).default(0), size }))
      .min(1)
      .max(6),
    direction: z.enum(["clockwise", "counter-clockwise"]),
    numbering: z.discriminatedUnion("scheme", [
      listed,
      explicit,
      z.object({ scheme: z.literal("round"), labels: labelKindSchema }),
    ]),
  }),
  z.object({
    kind: z.literal("points"),
    points: z
      .array(
        z.object({
          label,
          x: z.number().min(-100).max(100),
          y: z.number().min(-100).max(100),
          size,
          blade: z.enum(["upright", "flat"]).optional(),
        }),
      )
      .min(1)
      .max(600),
  }),
  z.object({ kind: z.literal("none"), what: z.enum(FACELESS) }),
]) satisfies z.ZodType<Pattern>;

/** What a file may leave out of a shell has an ordinary value. */
export const shellSchema = z
  .object({
    name: z.string().max(80).default(""),
    standard: z.string().max(80).default(""),
    pattern: patternSchema,
    view: z.enum(FACE_VIEWS),
    mark: z.enum(MARKS).default("lock"),
    keying: z
      .array(
        z.object({
          edge: z.enum(["top", "right", "bottom", "left"]),
          at: z.number().min(0).max(1),
        }) satisfies z.ZodType<Keying>,
      )
      .max(16)
      .default([]),
    gender: z.enum(GENDERS).nullable().default(null),
    reversed: z.array(label).max(600).default([]),
    blank: z.enum(BLANKS).default("open"),
    locks: z.array(z.enum(EXTRA_LOCKS)).max(3).default([]),
    terminals: z.array(z.string().min(1).max(80)).max(20).default([]),
    joined: z.array(z.array(label).max(120)).max(60).default([]),
  })
  .superRefine((shell, context) => {
    // A row of more places than any shell has is not drawn to find out what its labels would be.
    if (context.issues.length > 0) return;
    const checked = checkLabels(
      slotsOf(shell).map((slot) => slot.label),
      slotsOf(shell).length,
    );
    if (!checked.ok)
      context.addIssue({ code: "custom", path: ["pattern"], message: labelProblemWords(checked.error) });
  }) satisfies z.ZodType<Shell>;

/**
 * Files, commands and ledger entries written before shells had more than rows say `layout: { rows, view }` where they now
 * say `shell`. Reads the one as the other, at any depth; everything else is given back as it is.
 */
export function upcastLayout(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(upcastLayout);
  if (typeof value !== "object" || value === null) return value;
  const entries = Object.entries(value);
  if (
    !entries.some(
      ([key]) => key === "layout" || key === "connectors" || key === "connector" || key === "what",
    )
  )
    return value;
  return Object.fromEntries(
    entries.map(([key, part]) =>
      key === "layout" ? ["shell", shellOfLayout(part)] : [key, upcastLayout(part)],
    ),
  );
}

function shellOfLayout(layout: unknown): unknown {
  if (typeof layout !== "object" || layout === null) return layout;
  const { rows, ...rest } = layout as { readonly rows?: unknown };
  return { ...rest, pattern: { kind: "rows", rows } };
}
