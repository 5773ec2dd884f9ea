import { createHash } from "node:crypto";
import { and, eq, inArray, sql } from "drizzle-orm";
import type { z } from "zod";
import {
  decisionId,
  type ConnectorId,
  type Decision,
  type Dossier,
  type Pin,
  type PinId,
} from "@trevin/core";
import {
  connectorHeadSchema,
  decisionSchema,
  joinPointSchema,
  loomWireSchema,
  pinSchema,
} from "@trevin/core/contract";
import type { Queryable } from "../../db/connect.ts";
import { connectors, decisions, joinPoints, loomWires, pins } from "../../db/schema.ts";
import { refuseUnreadable } from "../../http/read.ts";
import { chunks } from "./revision.ts";

/** Stores what differs between two dossiers: connectors, pins, decisions, wires and points. */
export async function writeDifference(
  db: Queryable,
  job: string,
  before: Dossier,
  after: Dossier,
): Promise<void> {
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
    refuseUnreadable(connectorHeadSchema, head);
    await db
      .insert(connectors)
      .values({ jobId: job, ...head })
      .onConflictDoUpdate({ target: [connectors.jobId, connectors.id], set });
    await writePins(db, job, connector.id, old?.pins ?? [], newPins);
  }
  const keyed = (list: readonly Decision[]): readonly Row[] =>
    list.map((body) => ({ id: decisionId(body), body }));
  await writeRows(db, job, decisions, decisionSchema, keyed(before.decisions), keyed(after.decisions));
  await writeRows(
    db,
    job,
    loomWires,
    loomWireSchema,
    before.wires.map((body) => ({ id: body.id, body })),
    after.wires.map((body) => ({ id: body.id, body })),
  );
  await writeRows(
    db,
    job,
    joinPoints,
    joinPointSchema,
    before.points.map((body) => ({ id: body.id, body })),
    after.points.map((body) => ({ id: body.id, body })),
  );
}

interface Row {
  readonly id: string;
  readonly body: object;
}

/** Longest id, in bytes, that goes into an index of PostgreSQL (2,704 for a whole row of it) as it is. */
const LONGEST_KEY = 2000;
/** The key of a row in its table: its id, or its digest where a jumper of many pins makes that too long. */
const keyOf = (id: string): string =>
  Buffer.byteLength(id) <= LONGEST_KEY ? id : `sha256:${createHash("sha256").update(id).digest("hex")}`;

/** Stores the difference of two lists of rows that are an id and a body. */
async function writeRows(
  db: Queryable,
  job: string,
  table: typeof decisions | typeof loomWires | typeof joinPoints,
  schema: z.ZodType,
  before: readonly Row[],
  after: readonly Row[],
): Promise<void> {
  const old = new Map(before.map(({ id, body }) => [id, body]));
  const kept = new Set(after.map(({ id }) => id));
  const changed = after.filter(({ id, body }) => old.get(id) !== body);
  for (const { body } of changed) refuseUnreadable(schema, body);
  const gone = [...old.keys()].filter((id) => !kept.has(id));
  // Rows from before keys had a longest length stand under their whole ids.
  const long = changed.map(({ id }) => id).filter((id) => keyOf(id) !== id);
  for (const ids of chunks([...gone, ...gone.map(keyOf), ...long]))
    await db.delete(table).where(and(eq(table.jobId, job), inArray(table.id, ids)));
  const written = changed.map(({ id, body }) => ({ jobId: job, id: keyOf(id), body }));
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
  const changed = after.filter((pin) => old.get(pin.id) !== pin);
  for (const pin of changed) refuseUnreadable(pinSchema, pin);
  const rows = changed.map(({ order, ...pin }) => ({
    jobId: job,
    connectorId: connector,
    position: order,
    ...pin,
  }));
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
          peak: sql`excluded.peak_amps`,
          standby: sql`excluded.standby_amps`,
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
