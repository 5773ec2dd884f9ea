import { createHash } from "node:crypto";
import { once } from "node:events";
import { createReadStream, createWriteStream, renameSync } from "node:fs";
import { pipeline } from "node:stream/promises";
import { createGunzip, createGzip } from "node:zlib";
import { Client } from "pg";
import { z } from "zod";
import { readEntry, upcastLayout } from "@trevin/core/contract";
import { verifyChain, type StoredEntry } from "@trevin/core";
import { openDatabase, PROJECT_ROOT } from "../start.ts";
import { StartFailure } from "./failure.ts";

/** In the order in which rows may be put back. */
/** Rows of a table in an order that does not change; by job and id where none is given. */
const ORDER_BY: Partial<Record<string, string>> = {
  jobs: "id",
  ledger: "job_id, seq",
  dossier_changes: "job_id, revision",
  shelf_items: "kind, id",
};
const TABLES = [
  "jobs",
  "connectors",
  "pins",
  "decisions",
  "loom_wires",
  "join_points",
  "dossier_changes",
  "ledger",
  "shelf_items",
  "photos",
] as const;
const OF_JOB = TABLES.filter((table) => table !== "jobs" && table !== "shelf_items" && table !== "ledger");
const VERSION = 1;
/** Rows fetched at a time; photos make rows of a megabyte. */
const BATCH = 50;

const headSchema = z.object({
  format: z.literal("trevin-backup"),
  version: z.int(),
  tables: z.record(z.string(), z.int()),
});
const rowSchema = z.object({ table: z.enum(TABLES), row: z.record(z.string(), z.unknown()) });
type Row = z.infer<typeof rowSchema>;

async function withOwner<T>(work: (client: Client) => Promise<T>): Promise<T> {
  const closers: (() => unknown)[] = [];
  try {
    const { url } = await openDatabase(process.env["TREVIN_ROOT"] ?? PROJECT_ROOT, () => {}, closers, false);
    const client = new Client({ connectionString: url });
    await client.connect();
    try {
      return await work(client);
    } finally {
      await client.end();
    }
  } finally {
    for (const close of closers.reverse()) await close();
  }
}

/**
 * Writes everything, as of one moment, into a compressed file that ends with a digest of all before it. Goes row by row, so
 * that the size of the database does not matter. Gives one line to print.
 */
export async function backupTo(file: string): Promise<string> {
  const draft = `${file}.part`;
  const count = await withOwner(async (client) => {
    const gzip = createGzip();
    const target = createWriteStream(draft, { mode: 0o600 });
    const written = pipeline(gzip, target);
    const digest = createHash("sha256");
    const write = async (value: unknown, sealed = true): Promise<void> => {
      const line = `${JSON.stringify(value)}\n`;
      if (sealed) digest.update(line);
      if (!gzip.write(line)) await Promise.race([once(gzip, "drain"), written]);
    };
    await client.query("BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY");
    const tables: Record<string, number> = {};
    for (const table of TABLES)
      tables[table] =
        (await client.query<{ count: number }>(`SELECT count(*)::int AS count FROM ${table}`)).rows[0]
          ?.count ?? 0;
    await write({ format: "trevin-backup", version: VERSION, tables });
    for (const table of TABLES) {
      await client.query(
        `DECLARE rows NO SCROLL CURSOR FOR SELECT to_jsonb(t) AS row FROM ${table} t ORDER BY ${ORDER_BY[table] ?? "job_id, id"}`,
      );
      for (
        let rows = (await client.query<{ row: unknown }>(`FETCH ${BATCH} FROM rows`)).rows;
        rows.length > 0;
        rows = (await client.query<{ row: unknown }>(`FETCH ${BATCH} FROM rows`)).rows
      ) {
        for (const { row } of rows) await write({ table, row });
      }
      await client.query("CLOSE rows");
    }
    await client.query("COMMIT");
    await write({ sha256: digest.digest("hex") }, false);
    gzip.end();
    await written;
    return Object.values(tables).reduce((sum, one) => sum + one, 0);
  });
  renameSync(draft, file);
  return `${count} rows written to ${file}`;
}

/** Checks the whole file and every ledger in it, then puts it into an empty database in one transaction. */
export async function restoreFrom(file: string): Promise<string> {
  const ledgers: Row[] = [];
  await readBackup(file, (row) => {
    if (row.table === "ledger") ledgers.push(row);
  });
  checkLedgers(ledgers);
  return withOwner(async (client) => {
    await client.query("BEGIN");
    await clearUntouchedDemo(client);
    const { rows: existing } = await client.query<{ count: number }>(
      "SELECT count(*)::int AS count FROM jobs",
    );
    if ((existing[0]?.count ?? 0) > 0) {
      await client.query("ROLLBACK");
      throw new StartFailure(
        "The database holds jobs already. Nothing was changed. Restore into an empty data folder: TREVIN_DATA=NEW_FOLDER npx trevin restore FILE",
        1,
      );
    }
    const columns = await columnsOf(client);
    const count = await readBackup(file, async ({ table, row }) => {
      // Backups made before shells had more than rows say `layout`; columns that an older backup lacks get their defaults.
      const now = table === "connectors" ? (upcastLayout(row) as Row["row"]) : row;
      const names = (columns.get(table) ?? [])
        .filter((name) => name in now)
        .map((name) => client.escapeIdentifier(name))
        .join(", ");
      await client.query(
        `INSERT INTO ${table} (${names}) SELECT ${names} FROM jsonb_populate_record(NULL::${table}, $1::jsonb)`,
        [JSON.stringify(now)],
      );
    });
    await client.query("COMMIT");
    return `${count} rows restored from ${file}`;
  });
}

async function columnsOf(client: Client): Promise<ReadonlyMap<string, readonly string[]>> {
  const { rows } = await client.query<{ table: string; columns: string[] }>(
    "SELECT table_name AS table, array_agg(column_name::text ORDER BY ordinal_position) AS columns FROM information_schema.columns WHERE table_schema = 'public' GROUP BY table_name",
  );
  return new Map(rows.map(({ table, columns }) => [table, columns]));
}

/** A first start puts the demo job in; alone and never touched it does not stand in the way. */
async function clearUntouchedDemo(client: Client): Promise<void> {
  const { rows } = await client.query<{ id: string }>(
    "SELECT id FROM jobs WHERE (SELECT count(*) FROM jobs) = 1 AND revision = 1 AND ledger_length = 0",
  );
  for (const { id } of rows)
    for (const table of [...OF_JOB].reverse())
      await client.query(`DELETE FROM ${table} WHERE job_id = $1`, [id]);
  for (const { id } of rows) await client.query("DELETE FROM jobs WHERE id = $1", [id]);
}

/** Goes through a backup line by line and gives each row to `take`; refuses one that is cut off or was changed, at its end at the latest. */
async function readBackup(file: string, take: (row: Row) => unknown): Promise<number> {
  const bad = (why: string): StartFailure =>
    new StartFailure(`${file} is not a sound backup: ${why}. Nothing was changed.`, 1);
  const digest = createHash("sha256");
  const unzipped = createReadStream(file)
    .on("error", (error) => unzipped.destroy(error))
    .pipe(createGunzip())
    .setEncoding("utf8");
  let number = 0;
  let last = "";
  try {
    for await (const line of linesOf(unzipped)) {
      // The last line is the seal of those before it, so each waits for the next.
      if (number > 0) {
        digest.update(`${last}\n`);
        await takeLine(last, number, take, bad);
      }
      last = line;
      number++;
    }
  } catch (error) {
    if (error instanceof StartFailure || !(error instanceof Error) || "severity" in error) throw error;
    throw bad(error.message);
  }
  const seal = z.object({ sha256: z.string() }).safeParse(json(last));
  if (!seal.success) throw bad("its end is missing");
  if (seal.data.sha256 !== digest.digest("hex"))
    throw bad("its digest differs, so it was changed or damaged");
  return number - 2;
}

async function* linesOf(text: AsyncIterable<unknown>): AsyncGenerator<string> {
  let rest = "";
  for await (const chunk of text) {
    const parts = (rest + String(chunk)).split("\n");
    rest = parts.pop() ?? "";
    yield* parts;
  }
  if (rest !== "") yield rest;
}

async function takeLine(
  line: string,
  number: number,
  take: (row: Row) => unknown,
  bad: (why: string) => StartFailure,
): Promise<void> {
  if (number === 1) {
    const head = headSchema.safeParse(json(line));
    if (!head.success) throw bad("its first line is not a backup's");
    if (head.data.version > VERSION)
      throw bad(`it has version ${head.data.version}; this Trevin knows up to ${VERSION}`);
    return;
  }
  const row = rowSchema.safeParse(json(line));
  if (!row.success) throw bad(`line ${number} is not a row`);
  await take(row.data);
}

function checkLedgers(rows: readonly Row[]): void {
  const byJob = new Map<string, (StoredEntry & { readonly seq: number })[]>();
  const entry = z.object({ job_id: z.string(), seq: z.int(), bytes: z.string(), hash: z.string() });
  for (const { row } of rows) {
    const { job_id: job, ...stored } = entry.parse(row);
    byJob.set(job, [...(byJob.get(job) ?? []), stored]);
  }
  for (const [job, entries] of byJob) {
    const chain = verifyChain(
      entries.sort((a, b) => a.seq - b.seq),
      readEntry,
    );
    if (!chain.ok)
      throw new StartFailure(
        `The ledger of job ${job} in the backup is damaged at entry ${chain.error.seq}. Nothing was changed.`,
        1,
      );
  }
}

function json(line: string): unknown {
  try {
    return JSON.parse(line);
  } catch {
    return undefined;
  }
}
