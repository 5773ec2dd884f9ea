import type { Client } from "pg";
import { upcastSupplies } from "@trevin/core/contract";

interface Row {
  readonly id: string;
  readonly body: unknown;
}

/** Gives every job whose feeds are still texts its supplies: each text becomes one, and what hangs on it says so. */
export async function bringSupplies(client: Client): Promise<void> {
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
