import { and, asc, desc, eq, inArray, sql } from "drizzle-orm";
import {
  decisionId,
  emptyDossier,
  NO_EDITS,
  undecidedPins,
  type Connector,
  type ConnectorId,
  type Decision,
  type Dossier,
  type JobHead,
  type OwnWord,
  type Pin,
  type PinId,
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
  type JobSummary,
} from "@trevin/core/contract";
import type { Queryable } from "../../db/connect.ts";
import { changes, connectors, decisions, jobs, joinPoints, loomWires, pins } from "../../db/schema.ts";
import { chunks, type Revision } from "./revision.ts";

export interface JobRow {
  readonly id: string;
  readonly revision: number;
  readonly archived: boolean;
  readonly ledgerLength: number;
  readonly dossier: Dossier;
}

type JobRecord = typeof jobs.$inferSelect;

const headOf = (row: JobRecord): JobHead => jobHeadSchema.parse(row);

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

/** All jobs, latest first, with the counts that the list shows. */
export async function listJobs(db: Queryable): Promise<readonly JobSummary[]> {
  const rows = await db.select().from(jobs).orderBy(desc(jobs.updatedAt), asc(jobs.id));
  return Promise.all(
    rows.map(async (row) => {
      const dossier = await dossierOf(db, row);
      return {
        id: row.id,
        revision: row.revision,
        ...dossier.head,
        archived: row.archived,
        pins: dossier.connectors.reduce((sum, connector) => sum + connector.pins.length, 0),
        undecided: undecidedPins(dossier).length,
        ledgerLength: row.ledgerLength,
        finished: row.finished,
        createdAt: row.createdAt.toISOString(),
        updatedAt: row.updatedAt.toISOString(),
      };
    }),
  );
}

/** Every job's own words, the latest job first: what the shop has learned. */
export async function shopWords(db: Queryable): Promise<readonly OwnWord[]> {
  const rows = await db.select({ words: jobs.words }).from(jobs).orderBy(desc(jobs.updatedAt), asc(jobs.id));
  const byText = new Map<string, OwnWord>();
  for (const word of rows.flatMap((row) => ownWordSchema.array().parse(row.words)))
    if (!byText.has(word.text.toLowerCase())) byText.set(word.text.toLowerCase(), word);
  return [...byText.values()];
}

export const countJobs = async (db: Queryable): Promise<number> =>
  (await db.select({ count: sql<number>`count(*)::int` }).from(jobs))[0]?.count ?? 0;

export async function insertJob(db: Queryable, id: string, dossier: Dossier): Promise<void> {
  await db.insert(jobs).values({
    id,
    revision: 1,
    ...dossier.head,
    sources: dossier.sources,
    words: dossier.words,
    brief: dossier.brief,
    worklist: dossier.worklist,
  });
  await writeDifference(db, id, emptyDossier(dossier.head), dossier);
}

export async function setFinished(db: Queryable, id: string, finished: boolean): Promise<void> {
  await db.update(jobs).set({ finished }).where(eq(jobs.id, id));
}

export async function setArchived(db: Queryable, id: string, archived: boolean): Promise<void> {
  await db.update(jobs).set({ archived, updatedAt: new Date() }).where(eq(jobs.id, id));
}

/** Stores the difference of two dossiers and the revision that made it. */
export async function saveRevision(
  db: Queryable,
  job: string,
  before: Dossier,
  after: Dossier,
  entry: Revision,
): Promise<void> {
  await db
    .update(jobs)
    .set({
      revision: entry.revision,
      ...after.head,
      sources: after.sources,
      words: after.words,
      brief: after.brief,
      worklist: after.worklist,
      updatedAt: new Date(),
    })
    .where(eq(jobs.id, job));
  await writeDifference(db, job, before, after);
  await db.insert(changes).values({
    jobId: job,
    revision: entry.revision,
    role: entry.role,
    ofRevision: entry.of,
    words: entry.words,
    command: entry.command,
    inverse: entry.inverse,
  });
}

async function writeDifference(db: Queryable, job: string, before: Dossier, after: Dossier): Promise<void> {
  const oldConnectors = new Map(before.connectors.map((connector) => [connector.id, connector]));
  const kept = new Set(after.connectors.map((connector) => connector.id));
  const gone: ConnectorId[] = before.connectors
    .filter((connector) => !kept.has(connector.id))
    .map((connector) => connector.id);
  if (gone.length > 0)
    await db.delete(connectors).where(and(eq(connectors.jobId, job), inArray(connectors.id, gone)));
  for (const connector of after.connectors) {
    const old = oldConnectors.get(connector.id);
    if (old === connector) continue;
    const { pins: newPins, ...head } = connector;
    const { id: _id, ...set } = head;
    await db
      .insert(connectors)
      .values({ jobId: job, ...head })
      .onConflictDoUpdate({ target: [connectors.jobId, connectors.id], set });
    await writePins(db, job, connector.id, old?.pins ?? [], newPins);
  }
  const keyed = (list: readonly Decision[]): readonly Row[] =>
    list.map((body) => ({ id: decisionId(body), body }));
  await writeRows(db, job, decisions, keyed(before.decisions), keyed(after.decisions));
  await writeRows(
    db,
    job,
    loomWires,
    before.wires.map((body) => ({ id: body.id, body })),
    after.wires.map((body) => ({ id: body.id, body })),
  );
  await writeRows(
    db,
    job,
    joinPoints,
    before.points.map((body) => ({ id: body.id, body })),
    after.points.map((body) => ({ id: body.id, body })),
  );
}

interface Row {
  readonly id: string;
  readonly body: object;
}

/** Stores the difference of two lists of rows that are an id and a body. */
async function writeRows(
  db: Queryable,
  job: string,
  table: typeof decisions | typeof loomWires | typeof joinPoints,
  before: readonly Row[],
  after: readonly Row[],
): Promise<void> {
  const old = new Map(before.map(({ id, body }) => [id, body]));
  const kept = new Set(after.map(({ id }) => id));
  for (const ids of chunks([...old.keys()].filter((id) => !kept.has(id))))
    await db.delete(table).where(and(eq(table.jobId, job), inArray(table.id, ids)));
  const written = after
    .filter(({ id, body }) => old.get(id) !== body)
    .map(({ id, body }) => ({ jobId: job, id, body }));
  for (const rows of chunks(written))
    await db
      .insert(table)
      .values(rows)
      .onConflictDoUpdate({ target: [table.jobId, table.id], set: { body: sql`excluded.body` } });
}

async function writePins(
  db: Queryable,
  job: string,
  connector: ConnectorId,
  before: readonly Pin[],
  after: readonly Pin[],
): Promise<void> {
  const old = new Map(before.map((pin) => [pin.id, pin]));
  const kept = new Set(after.map((pin) => pin.id));
  const gone: PinId[] = before.filter((pin) => !kept.has(pin.id)).map((pin) => pin.id);
  for (const ids of chunks(gone))
    await db.delete(pins).where(and(eq(pins.jobId, job), inArray(pins.id, ids)));
  const rows = after
    .filter((pin) => old.get(pin.id) !== pin)
    .map(({ order, ...pin }) => ({ jobId: job, connectorId: connector, position: order, ...pin }));
  for (const part of chunks(rows)) {
    await db
      .insert(pins)
      .values(part)
      .onConflictDoUpdate({
        target: [pins.jobId, pins.id],
        set: {
          connectorId: sql`excluded.connector_id`,
          cavity: sql`excluded.cavity`,
          position: sql`excluded.position`,
          content: sql`excluded.content`,
          function: sql`excluded.function`,
          colour: sql`excluded.colour`,
          size: sql`excluded.size_mm2`,
          signal: sql`excluded.signal`,
          note: sql`excluded.note`,
          circuit: sql`excluded.circuit`,
          direction: sql`excluded.direction`,
          level: sql`excluded.level_volts`,
          amps: sql`excluded.amps`,
          condition: sql`excluded.condition`,
          colourSystem: sql`excluded.colour_system`,
          identified: sql`excluded.identified`,
          sources: sql`excluded.sources`,
          doubts: sql`excluded.doubts`,
          claims: sql`excluded.claims`,
        },
      });
  }
}

export {
  answerTo,
  appendLedger,
  historyOf,
  inverseOf,
  lastUndoOf,
  readLedger,
  wordsSince,
  type LedgerRow,
} from "./history.repo.ts";
