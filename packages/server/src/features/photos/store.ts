import type { z } from "zod";
import type { PatchPhoto, Photo, photoPlaceSchema } from "@trevin/core/contract";
import type { Picture } from "./picture.ts";

/** Where pictures are kept; rows of the database now, anything that keeps bytes later. */
export interface BlobStore {
  readonly jobExists: (job: string) => Promise<boolean>;
  /** How many photos a job has, removed ones included. */
  readonly count: (job: string) => Promise<number>;
  readonly list: (job: string) => Promise<readonly Photo[]>;
  readonly put: (
    job: string,
    id: string,
    place: z.output<typeof photoPlaceSchema>,
    picture: Picture,
  ) => Promise<Photo>;
  readonly bytes: (job: string, id: string, which: "image" | "small") => Promise<Buffer | null>;
  /** The photo as changed; null when there is none. */
  readonly change: (job: string, id: string, to: PatchPhoto) => Promise<Photo | null>;
}
