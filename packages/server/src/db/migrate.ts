import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { sql } from "drizzle-orm";
import { drizzle } from "drizzle-orm/node-postgres";
import { migrate as applyMigrations } from "drizzle-orm/node-postgres/migrator";
import { Client } from "pg";
import { SERVER_FOLDER } from "../folder.ts";
import { EXIT, StartFailure } from "../launch/failure.ts";

const FOLDER = fileURLToPath(new URL("migrations", SERVER_FOLDER));
const TABLES = [
  "jobs",
  "connectors",
  "pins",
  "decisions",
  "loom_wires",
  "join_points",
  "dossier_changes",
  "shelf_items",
  "photos",
];

/**
 * Brings the database to this version and gives the application role its rights. A second server that migrates at the
 * same time waits. Refuses a database that a newer version has migrated, and changes nothing then.
 */
export async function prepareDatabase(
  ownerUrl: string,
  app: { readonly role: string; readonly password: string | null },
): Promise<void> {
  const client = new Client({ connectionString: ownerUrl, connectionTimeoutMillis: 10_000 });
  await client.connect();
  const db = drizzle(client);
  try {
    await refuseNewer(client);
    await db.execute(sql`CREATE TABLE IF NOT EXISTS migration_guard (id integer PRIMARY KEY)`);
    await db.execute(sql`INSERT INTO migration_guard VALUES (1) ON CONFLICT DO NOTHING`);
    const holder = new Client({ connectionString: ownerUrl });
    await holder.connect();
    try {
      await holder.query("BEGIN");
      await holder.query("SELECT id FROM migration_guard FOR UPDATE");
      await applyMigrations(db, { migrationsFolder: FOLDER });
      await grant(client, app);
      await holder.query("COMMIT");
    } finally {
      await holder.end();
    }
  } finally {
    await client.end();
  }
}

async function refuseNewer(client: Client): Promise<void> {
  const there = await client.query<{ exists: boolean }>(
    "SELECT to_regclass('drizzle.__drizzle_migrations') IS NOT NULL AS exists",
  );
  if (there.rows[0]?.exists !== true) return;
  const { rows } = await client.query<{ newest: string | null }>(
    "SELECT max(created_at)::text AS newest FROM drizzle.__drizzle_migrations",
  );
  const known = Math.max(...knownMigrations());
  if (Number(rows[0]?.newest ?? 0) > known) {
    throw new StartFailure(
      "This database was last used by a newer Trevin. Nothing was changed. Start that version, or restore a backup made with this one.",
      EXIT.newerDatabase,
    );
  }
}

function knownMigrations(): readonly number[] {
  const journal = JSON.parse(readFileSync(`${FOLDER}/meta/_journal.json`, "utf8")) as {
    entries: readonly { when: number }[];
  };
  return journal.entries.map((entry) => entry.when);
}

/** The application may add to the ledger and read it, never change or empty it. */
async function grant(
  client: Client,
  { role, password }: { readonly role: string; readonly password: string | null },
): Promise<void> {
  const { rowCount } = await client.query("SELECT 1 FROM pg_roles WHERE rolname = $1", [role]);
  const name = client.escapeIdentifier(role);
  if (rowCount === 0) await client.query(`CREATE ROLE ${name} NOLOGIN`);
  if (password === null) await client.query(`GRANT ${name} TO CURRENT_USER`);
  else await client.query(`ALTER ROLE ${name} LOGIN PASSWORD ${client.escapeLiteral(password)}`);
  await client.query(`GRANT USAGE ON SCHEMA public TO ${name}`);
  await client.query(`GRANT SELECT, INSERT, UPDATE, DELETE ON ${TABLES.join(", ")} TO ${name}`);
  await client.query(`REVOKE ALL ON ledger FROM ${name}`);
  await client.query(`GRANT SELECT, INSERT ON ledger TO ${name}`);
}
