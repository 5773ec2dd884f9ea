import { clearUntouchedDemos } from "./demos.ts";
import { createHash } from "node:crypto";
import { once } from "node:events";
import { createReadStream, createWriteStream, renameSync, rmSync } from "node:fs";
import { pipeline } from "node:stream/promises";
import { createGunzip, createGzip } from "node:zlib";
import { Client, DatabaseError } from "pg";
import { z } from "zod";
import { drizzle } from "drizzle-orm/node-postgres";
import { chainProblemWords, verifyChain } from "@trevin/core";
import { bringForward } from "../db/bringing.ts";
import { issuesOf, readEntry, upcastLayout } from "@trevin/core/contract";
import type { Queryable } from "../db/connect.ts";
import * as schema from "../db/schema.ts";
import { readLedger } from "../features/jobs/repo.ts";
import { viewJob } from "../features/jobs/service.ts";
import { openDatabase, PROJECT_ROOT } from "../start.ts";
import { asStartFailure, StartFailure } from "./failure.ts";

/** Rows of a table in an order that does not change; by job and id where none is given. */
const ORDER_BY: Partial<Record<string, string>> = {
  jobs: "id",
  ledger: "job_id, seq",
  dossier_changes: "job_id, revision",
  shelf_items: "kind, id",
};
/** The Shelf of an empty database may hold what was taught meanwhile: the backup's own comes over it. */
const OVER: Partial<Record<string, string>> = {
  shelf_items: " ON CONFLICT (kind, id) DO UPDATE SET body = excluded.body",
};
/** In the order in which rows may be put back. */
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

const rowsOf = (count: number): string => `${count} row${count === 1 ? "" : "s"}`;

async function withOwner<T>(work: (client: Client) => Promise<T>): Promise<T> {
  const closers: (() => unknown)[] = [];
  try {
    const root = process.env["TREVIN_ROOT"] ?? PROJECT_ROOT;
    const { url } = await openDatabase(root, () => {}, closers, "tool");
    const client = new Client({ connectionString: url });
    client.on("error", () => {}); // the query that was on its way says it
    await client.connect();
    try {
      return await work(client);
    } finally {
      await client.end();
    }
  } catch (error) {
    if (isStopped(error))
      throw new StartFailure(
        "The database was stopped meanwhile. Nothing was changed. Run the command again.",
        1,
      );
    throw asStartFailure(error);
  } finally {
    for (const close of closers.reverse()) await close();
  }
}

/** The database was shut down, or its connection broke: class 57P and 08 of PostgreSQL's codes. */
const isStopped = (error: unknown): boolean =>
  error instanceof Error &&
  (("code" in error && /^(57P|08|ECONN)/.test(String(error.code))) ||
    /Connection terminated/.test(error.message));

/**
 * Writes everything, as of one moment, into a compressed file that ends with a digest of all before it. Goes row by row, so
 * that the size of the database does not matter. Gives one line to print.
 */
export async function backupTo(file: string): Promise<string> {
  const draft = `${file}.part`;
  try {
    const count = await writeBackup(draft);
    renameSync(draft, file);
    return `${rowsOf(count)} written to ${file}`;
  } catch (error) {
    rmSync(draft, { force: true });
    throw error;
  }
}

const writeBackup = (draft: string): Promise<number> =>
  withOwner(async (client) => {
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

/**
 * Checks the whole file, then puts it into an empty database in one transaction and reads every job back. A job that cannot
 * be read stops it and is named, unless it is to be left out.
 */
export async function restoreFrom(file: string, leaveOutUnreadable = false): Promise<string> {
  await readBackup(file, () => {});
  return withOwner(async (client) => {
    await client.query("BEGIN");
    await clearUntouchedDemos(client, OF_JOB);
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
    await client.query("SAVEPOINT empty");
    let count = await putBack(client, file, new Set());
    const { readable, unreadable } = await readBack(client);
    if (unreadable.length > 0) {
      const names = unreadable.map(({ name, why }) => `  ${name}: ${why}`).join("\n");
      if (!leaveOutUnreadable) {
        await client.query("ROLLBACK");
        throw new StartFailure(
          `Of the ${readable + unreadable.length} jobs in ${file}, ${unreadable.length} cannot be read:\n${names}\nNothing was changed. To restore the other ${readable}: npx trevin restore --leave-out-unreadable FILE`,
          1,
        );
      }
      await client.query("ROLLBACK TO empty");
      count = await putBack(client, file, new Set(unreadable.map(({ id }) => id)));
    }
    await client.query("COMMIT");
    const left = unreadable.map(({ name }) => name).join(", ");
    return `${rowsOf(count)} restored from ${file}${left === "" ? "" : `; left out: ${left}`}`;
  });
}

/** Inserts every row of a backup but those of some jobs. */
async function putBack(client: Client, file: string, without: ReadonlySet<string>): Promise<number> {
  const columns = await columnsOf(client);
  let count = 0;
  await readBackup(file, async ({ table, row }) => {
    if (without.has(String(table === "jobs" ? row["id"] : row["job_id"]))) return;
    // Backups made before shells had more rows than one say `layout`; columns that an older backup lacks get their defaults.
    const now = table === "connectors" ? (upcastLayout(row) as Row["row"]) : row;
    const names = (columns.get(table) ?? [])
      .filter((name) => name in now)
      .map((name) => client.escapeIdentifier(name))
      .join(", ");
    try {
      await client.query(
        `INSERT INTO ${table} (${names}) SELECT ${names} FROM jsonb_populate_record(NULL::${table}, $1::jsonb)${OVER[table] ?? ""}`,
        [JSON.stringify(now)],
      );
    } catch (error) {
      if (!(error instanceof DatabaseError)) throw error;
      throw new StartFailure(
        `A row of ${table} in ${file} was refused: ${error.message}. Nothing was changed.`,
        1,
      );
    }
    count++;
  });
  await bringForward(client);
  return count;
}

interface Unreadable {
  readonly id: string;
  readonly name: string;
  readonly why: string;
}

/** Reads every job the way the server will: dossier, history and the chain of its ledger. */
async function readBack(
  client: Client,
): Promise<{ readonly readable: number; readonly unreadable: readonly Unreadable[] }> {
  const db = drizzle(client, { schema });
  const unreadable: Unreadable[] = [];
  let readable = 0;
  const { rows } = await client.query<{ id: string; name: string }>(
    "SELECT id, name FROM jobs ORDER BY name, id",
  );
  for (const { id, name } of rows) {
    const why = await whyUnreadable(db, id);
    if (why === null) readable++;
    else unreadable.push({ id, name, why });
  }
  return { readable, unreadable };
}

async function whyUnreadable(db: Queryable, id: string): Promise<string | null> {
  try {
    await viewJob(db, id);
    const chain = verifyChain(await readLedger(db, id), readEntry);
    return chain.ok ? null : chainProblemWords(chain.error);
  } catch (error) {
    if (error instanceof z.ZodError)
      return issuesOf(error)
        .slice(0, 2)
        .map(({ path, message }) => `${path}: ${message}`)
        .join("; ");
    throw error;
  }
}

async function columnsOf(client: Client): Promise<ReadonlyMap<string, readonly string[]>> {
  const { rows } = await client.query<{ table: string; columns: string[] }>(
    "SELECT table_name AS table, array_agg(column_name::text ORDER BY ordinal_position) AS columns FROM information_schema.columns WHERE table_schema = 'public' GROUP BY table_name",
  );
  return new Map(rows.map(({ table, columns }) => [table, columns]));
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

function json(line: string): unknown {
  try {
    return JSON.parse(line);
  } catch {
    return undefined;
  }
}
