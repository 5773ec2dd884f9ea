import { z } from "zod";
import { RELEASES, SECONDARY_LOCKS, type TerminalSystem } from "../shelf/index.ts";
import type { OwnWord, Shell } from "../model/index.ts";
import { ownWordSchema } from "./job.ts";
import { shellSchema } from "./shell.ts";

const text = z.string().max(400);
const range = z
  .tuple([z.number().min(0).max(200), z.number().min(0).max(200)])
  .refine(([from, to]) => from <= to, "the range ends before it begins");

/** Longest id of an item, at the door; what is stored already is read whatever its length. */
export const shelfIdSchema = z
  .string()
  .min(1)
  .max(80)
  .regex(/^[^\u0000-\u001f]*$/, "control characters are not text");
const id = z.string().min(1);

export const terminalSystemSchema = z.object({
  id,
  name: z.string().trim().min(1, "a name is needed").max(80),
  gender: z.enum(["female", "male", "ring", "none"]),
  width: z.number().min(0.1).max(30).nullable().describe("mm"),
  lockSide: z.enum(["top", "bottom", "side", "none"]),
  release: z.enum(RELEASES),
  secondary: z.enum(SECONDARY_LOCKS),
  further: z.array(z.enum(SECONDARY_LOCKS)).max(4).optional(),
  twoStop: z.boolean().optional(),
  mat: z.boolean().optional(),
  depth: z.number().min(1).max(60).optional().describe("mm"),
  order: z.array(z.string().min(1).max(200)).max(10),
  tool: text,
  strip: range.describe("mm"),
  conductor: range.describe("mm²"),
  insulation: range.describe("mm"),
  seals: z
    .array(
      z.object({
        from: z.number(),
        to: z.number(),
        ribs: z.enum(["towards the wire", "towards the terminal"]),
      }),
    )
    .max(8),
  bendBack: z.boolean(),
  tell: text,
  goodCrimp: z.string().max(1000),
  cautions: z.array(z.string().max(200)).max(10),
  source: text,
}) satisfies z.ZodType<TerminalSystem>;

/** A shell that the shop has added. */
export interface OwnShell {
  readonly id: string;
  readonly shell: Shell;
  readonly note: string;
}
export interface ShelfView {
  readonly shells: readonly OwnShell[];
  readonly terminals: readonly TerminalSystem[];
  /** What the shop has taught: the labels of its looms and what they mean. */
  readonly words: readonly OwnWord[];
}
export const ownShellSchema = z.object({
  id,
  shell: shellSchema,
  note: text.default(""),
}) satisfies z.ZodType<OwnShell>;
export const shelfViewSchema = z.object({
  shells: z.array(ownShellSchema),
  terminals: z.array(terminalSystemSchema),
  words: z.array(ownWordSchema),
}) satisfies z.ZodType<ShelfView>;
