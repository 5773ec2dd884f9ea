import { and, asc, eq, gt, sql } from "drizzle-orm";
import { type Diff, type StoredEntry } from "@trevin/core";
import { diffSchema } from "@trevin/core/contract";
import type { Queryable } from "../../db/connect.ts";
import { changes, jobs, ledger } from "../../db/schema.ts";
import { chunks, type Revision } from "./revision.ts";

/** The history without its records, oldest first. It begins after the last edit that was kept otherwise: that one stands. */
export async function historyOf(
  db: Queryable,
  job: string,
): Promise<readonly Pick<Revision, "revision" | "role" | "of" | "words">[]> {
  const rows = await db
    .select({
      revision: changes.revision,
      role: changes.role,
      of: changes.ofRevision,
      words: changes.words,
      kept: sql<boolean>`${changes.diff} is not null`,
    })
    .from(changes)
    .where(eq(changes.jobId, job))
    .orderBy(asc(changes.revision));
  return rows.slice(rows.findLastIndex(({ kept }) => !kept) + 1).map(({ kept: _kept, ...row }) => ({
    ...row,
    role: row.role === "undo" || row.role === "redo" ? row.role : "edit",
  }));
}

export async function wordsSince(db: Queryable, job: string, revision: number): Promise<readonly string[]> {
  const rows = await db
    .select({ words: changes.words })
    .from(changes)
    .where(and(eq(changes.jobId, job), gt(changes.revision, revision)))
    .orderBy(asc(changes.revision))
    .limit(50);
  return rows.map((row) => row.words);
}

/** The records that were changed after a revision, edit by edit; null where there are too many to go through, or none can tell. */
export async function diffsSince(
  db: Queryable,
  job: string,
  revision: number,
): Promise<readonly Diff[] | null> {
  const rows = await db
    .select({ diff: changes.diff })
    .from(changes)
    .where(and(eq(changes.jobId, job), gt(changes.revision, revision)))
    .orderBy(asc(changes.revision))
    .limit(MOST_UNSEEN + 1);
  return rows.length > MOST_UNSEEN || rows.some(({ diff }) => diff === null)
    ? null
    : rows.map(({ diff }) => diffSchema.parse(diff));
}
const MOST_UNSEEN = 200;

/** An edit as it is kept; null where there is none, or it is from before edits were kept as records. */
export async function revisionOf(
  db: Queryable,
  job: string,
  revision: number,
): Promise<Pick<Revision, "diff" | "words"> | null> {
  const [row] = await db
    .select({ diff: changes.diff, words: changes.words })
    .from(changes)
    .where(and(eq(changes.jobId, job), eq(changes.revision, revision)));
  return row === undefined || row.diff === null
    ? null
    : { diff: diffSchema.parse(row.diff), words: row.words };
}

export async function readLedger(db: Queryable, job: string, after = -1): Promise<readonly StoredEntry[]> {
  return db
    .select({ bytes: ledger.bytes, hash: ledger.hash })
    .from(ledger)
    .where(and(eq(ledger.jobId, job), gt(ledger.seq, after)))
    .orderBy(asc(ledger.seq));
}

export async function answerTo(
  db: Queryable,
  job: string,
  command: string,
): Promise<readonly (StoredEntry & { readonly seq: number })[]> {
  return db
    .select({ seq: ledger.seq, bytes: ledger.bytes, hash: ledger.hash })
    .from(ledger)
    .where(and(eq(ledger.jobId, job), eq(ledger.command, command)))
    .orderBy(asc(ledger.seq));
}

export interface LedgerRow extends StoredEntry {
  readonly seq: number;
  readonly event: string;
  readonly command: string;
}

/** Adds entries and raises the job's count with them; the caller holds the job's lock. */
export async function appendLedger(db: Queryable, job: string, rows: readonly LedgerRow[]): Promise<void> {
  if (rows.length === 0) return;
  for (const part of chunks(rows))
    await db.insert(ledger).values(part.map((row) => ({ jobId: job, ...row })));
  await db
    .update(jobs)
    .set({ ledgerLength: sql`${jobs.ledgerLength} + ${rows.length}`, updatedAt: new Date() })
    .where(eq(jobs.id, job));
}
