import { and, asc, count, desc, eq, getTableColumns, isNull, sql } from "drizzle-orm";
import {
  diffOf,
  emptyDossier,
  NO_EDITS,
  undecidedPins,
  type Connector,
  type Decision,
  type Dossier,
  type JobHead,
  type Pin,
} from "@trevin/core";
import {
  briefItemSchema,
  connectorHeadSchema,
  decisionSchema,
  jobHeadSchema,
  joinPointSchema,
  loomWireSchema,
  ownWordSchema,
  pinSchema,
  sourceSchema,
  worklistEditsSchema,
  type JobsQuery,
  type JobsView,
  type JobSummary,
} from "@trevin/core/contract";
import type { Queryable } from "../../db/connect.ts";
import { changes, connectors, decisions, jobs, joinPoints, loomWires, pins } from "../../db/schema.ts";
import { writeDiff } from "./diff.repo.ts";
import type { Revision } from "./revision.ts";

export interface JobRow {
  readonly id: string;
  readonly revision: number;
  readonly archived: boolean;
  readonly ledgerLength: number;
  readonly dossier: Dossier;
}

type JobRecord = typeof jobs.$inferSelect;

const headOf = ({ drive, ...row }: JobRecord): JobHead =>
  jobHeadSchema.parse(drive === null ? row : { ...row, drive });
/** As a row: what is left out is null, which leaves nothing standing of before. */
const headRow = (head: JobHead) => ({ ...head, drive: head.drive ?? null });

/** One job with its dossier, locked against other writers when `lock` is set; null when there is none. */
export async function findJob(db: Queryable, id: string, lock = false): Promise<JobRow | null> {
  const query = db.select().from(jobs).where(eq(jobs.id, id));
  const [row] = await (lock ? query.for("update") : query);
  if (row === undefined) return null;
  return {
    id: row.id,
    revision: row.revision,
    archived: row.archived,
    ledgerLength: row.ledgerLength,
    dossier: await dossierOf(db, row),
  };
}

/** How far a job has got, locked against other writers when `lock` is set; null when there is none. */
export async function stateOf(
  db: Queryable,
  id: string,
  lock = false,
): Promise<Pick<JobRow, "revision" | "ledgerLength"> | null> {
  const query = db
    .select({ revision: jobs.revision, ledgerLength: jobs.ledgerLength })
    .from(jobs)
    .where(eq(jobs.id, id));
  const [row] = await (lock ? query.for("update") : query);
  return row ?? null;
}

async function dossierOf(db: Queryable, row: JobRecord): Promise<Dossier> {
  const connectorRows = await db
    .select()
    .from(connectors)
    .where(eq(connectors.jobId, row.id))
    .orderBy(asc(connectors.id));
  const pinRows = await db
    .select()
    .from(pins)
    .where(eq(pins.jobId, row.id))
    .orderBy(asc(pins.position), asc(pins.id));
  const decisionRows = await db
    .select()
    .from(decisions)
    .where(eq(decisions.jobId, row.id))
    .orderBy(asc(decisions.id));
  const wireRows = await db
    .select()
    .from(loomWires)
    .where(eq(loomWires.jobId, row.id))
    .orderBy(asc(loomWires.id));
  const pointRows = await db
    .select()
    .from(joinPoints)
    .where(eq(joinPoints.jobId, row.id))
    .orderBy(asc(joinPoints.id));
  const byConnector = new Map<string, Pin[]>();
  for (const { connectorId, position, ...pin } of pinRows) {
    const list = byConnector.get(connectorId) ?? [];
    list.push(pinSchema.parse({ ...pin, order: position }));
    byConnector.set(connectorId, list);
  }
  return {
    head: headOf(row),
    connectors: connectorRows.map((connector): Connector => ({
      ...connectorHeadSchema.parse(connector),
      pins: byConnector.get(connector.id) ?? [],
    })),
    decisions: decisionRows.map((decision): Decision => decisionSchema.parse(decision.body)),
    sources: sourceSchema.array().parse(row.sources),
    words: ownWordSchema.array().parse(row.words),
    brief: briefItemSchema.array().parse(row.brief),
    worklist: worklistEditsSchema.parse({ ...NO_EDITS, ...(row.worklist as object) }),
    wires: wireRows.map(({ body }) => loomWireSchema.parse(body)),
    points: pointRows.map(({ body }) => joinPointSchema.parse(body)),
  };
}

/** A page of jobs, latest first, with the counts that the list shows; `next` is where the next page begins. */
export async function listJobs(db: Queryable, { limit, after }: JobsQuery): Promise<JobsView> {
  const last = db
    .select({ at: jobs.updatedAt })
    .from(jobs)
    .where(eq(jobs.id, after ?? ""));
  const rows = await db
    .select({ ...getTableColumns(jobs), pins: count(pins.id) })
    .from(jobs)
    .leftJoin(pins, eq(pins.jobId, jobs.id))
    .where(
      after === undefined
        ? undefined
        : sql`${jobs.updatedAt} < (${last}) OR (${jobs.updatedAt} = (${last}) AND ${jobs.id} > ${after})`,
    )
    .groupBy(jobs.id)
    .orderBy(desc(jobs.updatedAt), asc(jobs.id))
    .limit(limit + 1);
  const page: JobSummary[] = [];
  for (const row of rows.slice(0, limit))
    page.push({
      id: row.id,
      revision: row.revision,
      ...headOf(row),
      archived: row.archived,
      pins: row.pins,
      undecided: row.undecided ?? (await countUndecided(db, row)),
      ledgerLength: row.ledgerLength,
      finished: row.finished,
      createdAt: row.createdAt.toISOString(),
      updatedAt: row.updatedAt.toISOString(),
    });
  return { jobs: page, next: rows.length > limit ? (page.at(-1)?.id ?? null) : null };
}

/** Jobs from before the count was kept are counted once. A job that was changed meanwhile has its own count by then. */
async function countUndecided(db: Queryable, row: JobRecord): Promise<number> {
  const undecided = undecidedPins(await dossierOf(db, row)).length;
  await db
    .update(jobs)
    .set({ undecided })
    .where(and(eq(jobs.id, row.id), isNull(jobs.undecided)));
  return undecided;
}

export const jobExists = async (db: Queryable, id: string): Promise<boolean> =>
  (await db.select({ id: jobs.id }).from(jobs).where(eq(jobs.id, id))).length > 0;

export const countJobs = async (db: Queryable): Promise<number> =>
  (await db.select({ count: sql<number>`count(*)::int` }).from(jobs))[0]?.count ?? 0;

export async function insertJob(
  db: Queryable,
  id: string,
  dossier: Dossier,
  demo: boolean = false,
): Promise<void> {
  await db.insert(jobs).values({
    id,
    revision: 1,
    demo,
    undecided: undecidedPins(dossier).length,
    ...headRow(dossier.head),
    sources: dossier.sources,
    words: dossier.words,
    brief: dossier.brief,
    worklist: dossier.worklist,
  });
  await writeDiff(db, id, diffOf(emptyDossier(dossier.head), dossier));
}

export async function setFinished(db: Queryable, id: string, finished: boolean): Promise<void> {
  await db.update(jobs).set({ finished }).where(eq(jobs.id, id));
}

export async function setArchived(db: Queryable, id: string, archived: boolean): Promise<void> {
  await db.update(jobs).set({ archived, updatedAt: new Date() }).where(eq(jobs.id, id));
}

/** Stores the records that an edit changed, and the revision that it made. */
export async function saveRevision(
  db: Queryable,
  job: string,
  after: Dossier,
  { revision, role, of, words, diff }: Revision,
): Promise<void> {
  await db
    .update(jobs)
    .set({
      revision,
      ...headRow(after.head),
      sources: after.sources,
      words: after.words,
      brief: after.brief,
      worklist: after.worklist,
      undecided: undecidedPins(after).length,
      updatedAt: new Date(),
    })
    .where(eq(jobs.id, job));
  await writeDiff(db, job, diff);
  await db.insert(changes).values({ jobId: job, revision, role, ofRevision: of, words, diff });
}

export {
  answerTo,
  appendLedger,
  diffsSince,
  historyOf,
  readLedger,
  revisionOf,
  wordsSince,
  type LedgerRow,
} from "./history.repo.ts";
