import { and, asc, count, desc, eq } from "drizzle-orm";
import { photoSchema, type PatchPhoto, type Photo } from "@trevin/core/contract";
import type { Queryable } from "../../db/connect.ts";
import { photos } from "../../db/schema.ts";
import { jobExists } from "../jobs/repo.ts";
import type { BlobStore } from "./store.ts";

const COLUMNS = {
  id: photos.id,
  connector: photos.connectorId,
  pin: photos.pinId,
  caption: photos.caption,
  width: photos.width,
  height: photos.height,
  sha256: photos.sha256,
  at: photos.at,
};
const own = (job: string, id: string) => and(eq(photos.jobId, job), eq(photos.id, id));
const asPhoto = (row: { at: Date }): Photo => photoSchema.parse({ ...row, at: row.at.toISOString() });

/** Photos as rows of the job's database. */
export const photoRows = (db: Queryable): BlobStore => ({
  jobExists: (job) => jobExists(db, job),
  count: async (job) =>
    (await db.select({ count: count() }).from(photos).where(eq(photos.jobId, job)))[0]?.count ?? 0,
  list: async (job) =>
    (
      await db
        .select(COLUMNS)
        .from(photos)
        .where(and(eq(photos.jobId, job), eq(photos.removed, false)))
        .orderBy(asc(photos.at), asc(photos.id))
    ).map(asPhoto),
  put: async (job, id, { connector = null, pin = null, caption }, picture) => {
    const [row] = await db
      .insert(photos)
      .values({ jobId: job, id, connectorId: connector, pinId: pin, caption, ...picture })
      .returning(COLUMNS);
    if (row === undefined) throw new Error("an inserted photo gives its row");
    return asPhoto(row);
  },
  bytes: async (job, id, which) =>
    (await db.select({ bytes: photos[which] }).from(photos).where(own(job, id)))[0]?.bytes ?? null,
  change: async (job, id, { connector, pin, caption, removed }: PatchPhoto) => {
    const set = {
      ...(connector === undefined ? {} : { connectorId: connector }),
      ...(pin === undefined ? {} : { pinId: pin }),
      ...(caption === undefined ? {} : { caption }),
      ...(removed === undefined ? {} : { removed }),
    };
    const rows =
      Object.keys(set).length === 0
        ? await db.select(COLUMNS).from(photos).where(own(job, id))
        : await db.update(photos).set(set).where(own(job, id)).returning(COLUMNS);
    return rows[0] === undefined ? null : asPhoto(rows[0]);
  },
});

/** The fingerprint of a photo's picture; null where the job has none of that id. */
export async function fingerprintOf(db: Queryable, job: string, id: string): Promise<string | null> {
  return (await db.select({ sha256: photos.sha256 }).from(photos).where(own(job, id)))[0]?.sha256 ?? null;
}

/** The latest photo of a job that was not removed; null when there is none. */
export async function latestPhoto(db: Queryable, job: string): Promise<string | null> {
  const [row] = await db
    .select({ id: photos.id })
    .from(photos)
    .where(and(eq(photos.jobId, job), eq(photos.removed, false)))
    .orderBy(desc(photos.at), desc(photos.id))
    .limit(1);
  return row?.id ?? null;
}
