import { createHash } from "node:crypto";
import sharp from "sharp";
import { fail, ok, type Result } from "@trevin/core";

/** Largest file taken, in bytes; enforced while it streams in. */
export const PHOTO_LIMIT = 20_000_000;
/** Largest picture decoded, in pixels, and longest edges kept, in px. */
const PIXELS = 80_000_000;
const EDGE = 2000;
const SMALL_EDGE = 320;

export interface Picture {
  readonly image: Buffer;
  readonly small: Buffer;
  readonly width: number;
  readonly height: number;
  readonly sha256: string;
}
export type PictureProblem = { readonly code: "not-a-picture" } | { readonly code: "picture-too-large" };

const FORMATS = new Set(["jpeg", "png", "webp", "avif", "heif", "tiff", "gif"]);

let turn: Promise<unknown> = Promise.resolve();
/** One picture at a time: a large one takes hundreds of megabytes while it is turned. */
function queued<T>(work: () => Promise<T>): Promise<T> {
  const mine = turn.then(work, work);
  turn = mine.catch(() => undefined);
  return mine;
}

/**
 * A photo turned upright and encoded anew as JPEG, at most 2,000 px long, with a small one of 320 px. Nothing of the file
 * but its pixels is kept: place, time, camera and colour profile are dropped.
 */
export const encodePicture = (file: Buffer): Promise<Result<Picture, PictureProblem>> =>
  queued(() => encode(file));

async function encode(file: Buffer): Promise<Result<Picture, PictureProblem>> {
  try {
    const options = { limitInputPixels: PIXELS, failOn: "error" as const, animated: false };
    const { format } = await sharp(file, options).metadata();
    if (!FORMATS.has(format)) return fail({ code: "not-a-picture" });
    const upright = (edge: number, quality: number) =>
      sharp(file, options)
        .rotate()
        .resize(edge, edge, { fit: "inside", withoutEnlargement: true })
        .toColourspace("srgb")
        .flatten({ background: "#ffffff" })
        .jpeg({ quality, mozjpeg: true })
        .timeout({ seconds: 30 });
    const { data: image, info } = await upright(EDGE, 82).toBuffer({ resolveWithObject: true });
    const small = await upright(SMALL_EDGE, 74).toBuffer();
    return ok({
      image,
      small,
      width: info.width,
      height: info.height,
      sha256: createHash("sha256").update(image).digest("hex"),
    });
  } catch (error) {
    return fail({
      code:
        error instanceof Error && /pixel limit/i.test(error.message) ? "picture-too-large" : "not-a-picture",
    });
  }
}
