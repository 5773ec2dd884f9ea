import { createHash } from "node:crypto";
import { and, eq, inArray, sql } from "drizzle-orm";
import type { Diff, Difference } from "@trevin/core";
import { diffSchema } from "@trevin/core/contract";
import type { Queryable } from "../../db/connect.ts";
import { connectors, decisions, joinPoints, loomWires, pins } from "../../db/schema.ts";
import { refuseUnreadable } from "../../http/read.ts";
import { chunks } from "./revision.ts";

/** Stores the records of a difference that have rows of their own; the others are fields of the job. */
export async function writeDiff(db: Queryable, job: string, diff: Diff): Promise<void> {
  refuseUnreadable(diffSchema, diff);
  const heads = diff.filter((change) => change.of === "connector");
  const gone = heads.flatMap(({ before, after }) => (after === null && before !== null ? [before.id] : []));
  // What is in a connector goes with it.
  for (const ids of chunks(gone))
    await db.delete(connectors).where(and(eq(connectors.jobId, job), inArray(connectors.id, ids)));
  for (const { after } of heads) {
    if (after === null) continue;
    const { id: _id, ...set } = after;
    await db
      .insert(connectors)
      .values({ jobId: job, ...after })
      .onConflictDoUpdate({ target: [connectors.jobId, connectors.id], set });
  }
  await writePins(
    db,
    job,
    diff.filter((change) => change.of === "pin"),
  );
  await writeRows(
    db,
    job,
    decisions,
    diff.filter((change) => change.of === "decision"),
  );
  await writeRows(
    db,
    job,
    loomWires,
    diff.filter((change) => change.of === "wire"),
  );
  await writeRows(
    db,
    job,
    joinPoints,
    diff.filter((change) => change.of === "point"),
  );
}

/** Longest id, in bytes, that goes into an index of PostgreSQL (2,704 for a whole row of it) as it is. */
const LONGEST_KEY = 2000;
/** The key of a row in its table: its id, or its digest where a jumper of many pins makes that too long. */
const keyOf = (id: string): string =>
  Buffer.byteLength(id) <= LONGEST_KEY ? id : `sha256:${createHash("sha256").update(id).digest("hex")}`;

/** Stores rows that are an id and a body. */
async function writeRows(
  db: Queryable,
  job: string,
  table: typeof decisions | typeof loomWires | typeof joinPoints,
  changed: readonly Difference<"decision" | "wire" | "point">[],
): Promise<void> {
  const gone = changed.flatMap(({ key, after }) => (after === null ? [key, keyOf(key)] : []));
  // Rows from before keys had a longest length stand under their whole ids.
  const long = changed.map(({ key }) => key).filter((key) => keyOf(key) !== key);
  for (const ids of chunks([...gone, ...long]))
    await db.delete(table).where(and(eq(table.jobId, job), inArray(table.id, ids)));
  const written = changed.flatMap(({ key, after }) =>
    after === null ? [] : [{ jobId: job, id: keyOf(key), body: after }],
  );
  for (const rows of chunks(written))
    await db
      .insert(table)
      .values(rows)
      .onConflictDoUpdate({ target: [table.jobId, table.id], set: { body: sql`excluded.body` } });
}

async function writePins(db: Queryable, job: string, changed: readonly Difference<"pin">[]): Promise<void> {
  const gone = changed.flatMap(({ before, after }) =>
    after === null && before !== null ? [before.pin.id] : [],
  );
  for (const ids of chunks(gone))
    await db.delete(pins).where(and(eq(pins.jobId, job), inArray(pins.id, ids)));
  const rows = changed.flatMap(({ after }) => {
    if (after === null) return [];
    const { order, ...pin } = after.pin;
    return [{ jobId: job, connectorId: after.connector, position: order, ...pin }];
  });
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
          signal: sql`excluded.given_class`,
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
