import { randomBytes } from "node:crypto";
import { readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { sql } from "drizzle-orm";
import { drizzle } from "drizzle-orm/node-postgres";
import { migrate as applyMigrations } from "drizzle-orm/node-postgres/migrator";
import { Client } from "pg";
import type { Login } from "./connect.ts";
import { bringForward } from "./bringing.ts";
import { SERVER_FOLDER } from "../folder.ts";
import { APP_ROLE } from "../launch/cluster.ts";
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
 * Brings the database to this version and gives the application's login its rights: the given one, or in a database of
 * somebody else one that is made there. A second server that migrates at the same time waits. Refuses a database that a
 * newer version has migrated, and changes nothing then. Gives the login.
 */
export async function prepareDatabase(ownerUrl: string, given: Login | null): Promise<Login> {
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
      await bringForward(client);
      const login = given ?? (await loginOfDatabase(client));
      await grant(client, login);
      await holder.query("COMMIT");
      return login;
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

/**
 * The login that every server of this database shares. Its password lies in a table that only the owner may read, who could
 * set another one anyway; roles belong to the whole cluster, so each database has its own.
 */
async function loginOfDatabase(client: Client): Promise<Login> {
  await client.query("CREATE TABLE IF NOT EXISTS app_login (role text PRIMARY KEY, password text NOT NULL)");
  await client.query("REVOKE ALL ON app_login FROM PUBLIC");
  const { rows: databases } = await client.query<{ role: string }>(
    `SELECT '${APP_ROLE}_' || oid AS role FROM pg_database WHERE datname = current_database()`,
  );
  const role = databases[0]?.role ?? APP_ROLE;
  await client.query("INSERT INTO app_login VALUES ($1, $2) ON CONFLICT DO NOTHING", [
    role,
    randomBytes(24).toString("hex"),
  ]);
  const { rows } = await client.query<Login>("SELECT role, password FROM app_login WHERE role = $1", [role]);
  if (rows[0] === undefined) throw new Error("the application's login was not kept");
  return rows[0];
}

/** The application may add to the ledger and read it, never change or empty it. */
async function grant(client: Client, { role, password }: Login): Promise<void> {
  const { rowCount } = await client.query("SELECT 1 FROM pg_roles WHERE rolname = $1", [role]);
  const name = client.escapeIdentifier(role);
  if (rowCount === 0) await client.query(`CREATE ROLE ${name} NOLOGIN`);
  await client.query(`ALTER ROLE ${name} LOGIN PASSWORD ${client.escapeLiteral(password)}`);
  await client.query(`GRANT USAGE ON SCHEMA public TO ${name}`);
  await client.query(`GRANT SELECT, INSERT, UPDATE, DELETE ON ${TABLES.join(", ")} TO ${name}`);
  await client.query(`REVOKE ALL ON ledger FROM ${name}`);
  await client.query(`GRANT SELECT, INSERT ON ledger TO ${name}`);
}
