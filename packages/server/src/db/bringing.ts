import type { Client } from "pg";
import { ownWordSchema, upcastSupplies, withGivenClasses } from "@trevin/core/contract";

interface Row {
  readonly id: string;
  readonly body: unknown;
}
interface PinRow {
  readonly id: string;
  readonly cavity: string;
  readonly function: string;
  readonly signal: string | null;
}

/** What versions before wrote, as this one keeps it. */
export async function bringForward(client: Client): Promise<void> {
  await bringSupplies(client);
  await bringClasses(client);
}

/** Gives every job whose feeds are still texts its supplies: each text becomes one, and what hangs on it says so. */
async function bringSupplies(client: Client): Promise<void> {
  const { rows: jobs } = await client.query<{ job: string }>(
    `SELECT DISTINCT job_id AS job FROM decisions
     WHERE (body->>'kind' = 'feed' AND NOT body ? 'supply') OR jsonb_path_exists(body, '$.device.legs[*].to.from')`,
  );
  for (const { job } of jobs) {
    const rowsOf = async (table: "decisions" | "join_points"): Promise<readonly Row[]> =>
      (await client.query<Row>(`SELECT id, body FROM ${table} WHERE job_id = $1 ORDER BY id`, [job])).rows;
    const decisions = await rowsOf("decisions");
    const points = await rowsOf("join_points");
    const now = upcastSupplies({
      decisions: decisions.map(({ body }) => body),
      points: points.map(({ body }) => body),
    }) as { readonly decisions: readonly unknown[]; readonly points?: readonly { readonly id: string }[] };
    for (const point of now.points ?? [])
      await client.query(
        "INSERT INTO join_points (job_id, id, body) VALUES ($1, $2, $3) ON CONFLICT (job_id, id) DO UPDATE SET body = excluded.body",
        [job, point.id, JSON.stringify(point)],
      );
    for (const [i, { id }] of decisions.entries())
      await client.query("UPDATE decisions SET body = $3 WHERE job_id = $1 AND id = $2", [
        job,
        id,
        JSON.stringify(now.decisions[i]),
      ]);
  }
}

/** Classes that nobody gave are given up in every job that has them still, in its pins and in its edits, which are to fit them. */
async function bringClasses(client: Client): Promise<void> {
  const { rows: jobs } = await client.query<{ id: string; words: unknown }>(
    "SELECT id, words FROM jobs WHERE id IN (SELECT job_id FROM pins WHERE signal IS NOT NULL)",
  );
  for (const { id: job, words: own } of jobs) {
    const words = ownWordSchema.array().parse(own);
    const { rows: pins } = await client.query<PinRow>(
      "SELECT id, cavity, function, signal FROM pins WHERE job_id = $1 AND signal IS NOT NULL",
      [job],
    );
    const given = (withGivenClasses(pins, words) as readonly PinRow[]).map(({ id, signal }) => ({
      id,
      signal,
    }));
    await client.query(
      `UPDATE pins SET given_class = now.signal, signal = NULL
       FROM jsonb_to_recordset($2::jsonb) AS now(id text, signal text) WHERE pins.job_id = $1 AND pins.id = now.id`,
      [job, JSON.stringify(given)],
    );
    const { rows: edits } = await client.query<{ revision: number; diff: unknown }>(
      "SELECT revision, diff FROM dossier_changes WHERE job_id = $1 AND diff IS NOT NULL",
      [job],
    );
    for (const { revision, diff } of edits)
      await client.query("UPDATE dossier_changes SET diff = $3 WHERE job_id = $1 AND revision = $2", [
        job,
        revision,
        JSON.stringify(withGivenClasses(diff, words)),
      ]);
  }
}
