import { randomUUID } from "node:crypto";
import { raw, Router, type Request } from "express";
import { patchPhotoSchema, photoIdSchema, photoPlaceSchema } from "@trevin/core/contract";
import { jsonBody } from "../../http/body.ts";
import { HttpProblem } from "../../http/problem.ts";
import { jobIdOf, readBody, readInput } from "../../http/read.ts";
import { noSuchJob } from "../jobs/service.ts";
import { encodePicture, PHOTO_LIMIT } from "./picture.ts";
import type { BlobStore } from "./store.ts";

/** Most photos of one job. */
const PHOTOS_OF_JOB = 400;

const WORDS = {
  "not-a-picture":
    "This is not a picture that can be read. JPEG, PNG, WebP, AVIF, TIFF and GIF can; a HEIC photo is saved as JPEG first.",
  "picture-too-large": "The picture has more than 80 megapixels. Save it smaller and try again.",
} as const;

const noSuchPhoto = (): HttpProblem =>
  new HttpProblem(404, "no-such-photo", "There is no such photo in this job.");
function photoIdOf(request: Request): string {
  const read = photoIdSchema.safeParse(request.params["photo"]);
  if (!read.success) throw noSuchPhoto();
  return read.data;
}

export function photoRoutes(store: BlobStore): Router {
  const router = Router();
  const known = async (request: Request): Promise<string> => {
    const job = jobIdOf(request);
    if (!(await store.jobExists(job))) throw noSuchJob();
    return job;
  };
  router.get(
    "/jobs/:job/photos",
    async (request, response) => void response.json({ photos: await store.list(await known(request)) }),
  );
  router.post(
    "/jobs/:job/photos",
    raw({ type: () => true, limit: PHOTO_LIMIT }),
    async (request, response) => {
      const job = await known(request);
      const place = readInput(photoPlaceSchema, request.query);
      if ((await store.count(job)) >= PHOTOS_OF_JOB)
        throw new HttpProblem(
          409,
          "too-many-photos",
          `This job has ${PHOTOS_OF_JOB} photos, and takes no more.`,
        );
      const picture = await encodePicture(Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0));
      if (!picture.ok) throw new HttpProblem(422, picture.error.code, WORDS[picture.error.code]);
      response.status(201).json(await store.put(job, randomUUID(), place, picture.value));
    },
  );
  router.get("/jobs/:job/photos/:photo/image", async (request, response) => {
    const bytes = await store.bytes(
      await known(request),
      photoIdOf(request),
      request.query["size"] === "small" ? "small" : "image",
    );
    if (bytes === null) throw noSuchPhoto();
    // An id names one picture for ever.
    response.setHeader("Cache-Control", "private, max-age=31536000, immutable");
    response.type("image/jpeg").send(bytes);
  });
  router.patch("/jobs/:job/photos/:photo", ...jsonBody(100_000), async (request: Request, response) => {
    const photo = await store.change(
      await known(request),
      photoIdOf(request),
      readBody(patchPhotoSchema, request),
    );
    if (photo === null) throw noSuchPhoto();
    response.json(photo);
  });
  return router;
}
