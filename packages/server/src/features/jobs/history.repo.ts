import { and, asc, desc, eq, gt, sql } from "drizzle-orm";
import { type Command, type StoredEntry } from "@trevin/core";
import { readCommand } from "@trevin/core/contract";
import type { Queryable } from "../../db/connect.ts";
import { changes, jobs, ledger } from "../../db/schema.ts";
import { chunks, type Revision } from "./revision.ts";

/** The history without its commands, oldest first. */
export async function historyOf(
  db: Queryable,
  job: string,
): Promise<readonly Pick<Revision, "revision" | "role" | "of" | "words">[]> {
  const rows = await db
    .select({ revision: changes.revision, role: changes.role, of: changes.ofRevision, words: changes.words })
    .from(changes)
    .where(eq(changes.jobId, job))
    .orderBy(asc(changes.revision));
  return rows.map((row) => ({
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

/** The commands that were made after a revision, oldest first; null where there are too many to go through. */
export async function commandsSince(
  db: Queryable,
  job: string,
  revision: number,
): Promise<readonly Command[] | null> {
  const rows = await db
    .select({ command: changes.command })
    .from(changes)
    .where(and(eq(changes.jobId, job), gt(changes.revision, revision)))
    .orderBy(asc(changes.revision))
    .limit(MOST_UNSEEN + 1);
  return rows.length > MOST_UNSEEN ? null : rows.map(({ command }) => readCommand(command));
}
const MOST_UNSEEN = 200;

export async function inverseOf(
  db: Queryable,
  job: string,
  revision: number,
): Promise<{ readonly inverse: Command; readonly words: string } | null> {
  const [row] = await db
    .select({ inverse: changes.inverse, words: changes.words })
    .from(changes)
    .where(and(eq(changes.jobId, job), eq(changes.revision, revision)));
  return row === undefined ? null : { inverse: readCommand(row.inverse), words: row.words };
}

/** The latest undo of an edit: what a redo takes back. */
export async function lastUndoOf(db: Queryable, job: string, revision: number): Promise<Command | null> {
  const [row] = await db
    .select({ inverse: changes.inverse })
    .from(changes)
    .where(and(eq(changes.jobId, job), eq(changes.role, "undo"), eq(changes.ofRevision, revision)))
    .orderBy(desc(changes.revision))
    .limit(1);
  return row === undefined ? null : readCommand(row.inverse);
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
