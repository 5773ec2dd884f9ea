import { z } from "zod";
import { connectorIdSchema, pinIdSchema } from "./ids.ts";

const caption = z.string().max(200);
export const photoIdSchema = z.uuid();

/** What is known of a photo; the picture itself is fetched by its id. */
export const photoSchema = z.object({
  id: photoIdSchema,
  connector: connectorIdSchema.nullable(),
  pin: pinIdSchema.nullable(),
  caption,
  width: z.int().describe("px, of the stored picture"),
  height: z.int(),
  sha256: z.string().length(64).describe("Of the stored picture"),
  at: z.iso.datetime(),
});
export type Photo = z.infer<typeof photoSchema>;
export const photosViewSchema = z.object({ photos: z.array(photoSchema) });
/** What can be said of a photo once it is stored. A removed one can be put back. */
export const patchPhotoSchema = z.object({
  caption: caption.optional(),
  connector: connectorIdSchema.nullable().optional(),
  pin: pinIdSchema.nullable().optional(),
  removed: z.boolean().optional(),
});
export type PatchPhoto = z.infer<typeof patchPhotoSchema>;
/** Where a new photo belongs, as query parameters. */
export const photoPlaceSchema = z.object({
  connector: connectorIdSchema.optional(),
  pin: pinIdSchema.optional(),
  caption: caption.default(""),
});
