import type { Client } from "pg";

/** A first start puts the demo jobs in; while nobody has touched one of them, they do not stand in the way. */
export async function clearUntouchedDemos(client: Client, ofJob: readonly string[]): Promise<void> {
  const { rows } = await client.query<{ id: string; untouched: boolean }>(
    `SELECT id, demo AND NOT archived AND revision = 1
       AND NOT EXISTS (SELECT 1 FROM ledger WHERE job_id = jobs.id
         AND bytes::jsonb ->> 'device' IS DISTINCT FROM 'demonstration')
       AND NOT EXISTS (SELECT 1 FROM photos WHERE job_id = jobs.id) AS untouched FROM jobs`,
  );
  if (!rows.every(({ untouched }) => untouched)) return;
  // What is recorded stays for good; two demo jobs are recorded in part, and nobody did that work.
  await client.query("ALTER TABLE ledger DISABLE TRIGGER USER");
  await client.query("DELETE FROM ledger");
  for (const table of [...ofJob].reverse()) await client.query(`DELETE FROM ${table}`);
  await client.query("ALTER TABLE ledger ENABLE TRIGGER USER");
  await client.query("DELETE FROM jobs");
}
