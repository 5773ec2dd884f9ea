import { createHash } from "node:crypto";
import { readFileSync, renameSync, writeFileSync } from "node:fs";
import { gunzipSync, gzipSync } from "node:zlib";
import { Client } from "pg";
import { z } from "zod";
import { readEntry } from "@trevin/core/contract";
import { verifyChain, type StoredEntry } from "@trevin/core";
import { openDatabase, PROJECT_ROOT } from "../start.ts";
import { StartFailure } from "./failure.ts";

/** In the order in which rows may be put back. */
const TABLES = ["jobs", "connectors", "pins", "decisions", "dossier_changes", "ledger"] as const;
const VERSION = 1;
const LIMIT = 2_000_000_000;

const headSchema = z.object({ format: z.literal("trevin-backup"), version: z.int(), tables: z.record(z.string(), z.int()) });
const rowSchema = z.object({ table: z.enum(TABLES), row: z.record(z.string(), z.unknown()) });

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

/** Writes everything, as of one moment, into a compressed file that ends with a digest of all before it. Gives one line to print. */
export async function backupTo(file: string): Promise<string> {
  const lines = await withOwner(async (client) => {
    await client.query("BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY");
    const rows: string[] = [];
    const tables: Record<string, number> = {};
    for (const table of TABLES) {
      const result = await client.query<{ row: unknown }>(`SELECT to_jsonb(t) AS row FROM ${table} t ORDER BY 1`);
      tables[table] = result.rows.length;
      rows.push(...result.rows.map(({ row }) => JSON.stringify({ table, row })));
    }
    await client.query("COMMIT");
    return [JSON.stringify({ format: "trevin-backup", version: VERSION, tables }), ...rows];
  });
  const body = `${lines.join("\n")}\n`;
  const draft = `${file}.part`;
  writeFileSync(draft, gzipSync(`${body}${JSON.stringify({ sha256: digest(body) })}\n`), { mode: 0o600 });
  renameSync(draft, file);
  return `${lines.length - 1} rows written to ${file}`;
}

const digest = (text: string): string => createHash("sha256").update(text).digest("hex");

/** Checks the whole file and every ledger in it, then puts it into an empty database in one transaction. */
export async function restoreFrom(file: string): Promise<string> {
  const rows = readBackup(file);
  checkLedgers(rows);
  return withOwner(async (client) => {
    await client.query("BEGIN");
    await clearUntouchedDemo(client);
    const { rows: existing } = await client.query<{ count: number }>("SELECT count(*)::int AS count FROM jobs");
    if ((existing[0]?.count ?? 0) > 0) {
      await client.query("ROLLBACK");
      throw new StartFailure("The database holds jobs already. Nothing was changed. Restore into an empty data folder: TREVIN_DATA=NEW_FOLDER npx trevin restore FILE", 1);
    }
    for (const { table, row } of rows) await client.query(`INSERT INTO ${table} SELECT * FROM jsonb_populate_record(NULL::${table}, $1::jsonb)`, [JSON.stringify(row)]);
    await client.query("COMMIT");
    return `${rows.length} rows restored from ${file}`;
  });
}

/** A first start puts the demo job in; alone and never touched it does not stand in the way. */
async function clearUntouchedDemo(client: Client): Promise<void> {
  const { rows } = await client.query<{ id: string }>("SELECT id FROM jobs WHERE (SELECT count(*) FROM jobs) = 1 AND revision = 1 AND ledger_length = 0");
  for (const { id } of rows) for (const table of ["decisions", "pins", "connectors"]) await client.query(`DELETE FROM ${table} WHERE job_id = $1`, [id]);
  for (const { id } of rows) await client.query("DELETE FROM jobs WHERE id = $1", [id]);
}

function readBackup(file: string): readonly z.infer<typeof rowSchema>[] {
  const bad = (why: string): StartFailure => new StartFailure(`${file} is not a sound backup: ${why}. Nothing was changed.`, 1);
  let text;
  try {
    text = gunzipSync(readFileSync(file), { maxOutputLength: LIMIT }).toString("utf8");
  } catch (error) {
    throw bad(error instanceof Error ? error.message : String(error));
  }
  const lines = text.trimEnd().split("\n");
  const last = lines.pop() ?? "";
  const body = `${lines.join("\n")}\n`;
  const seal = z.object({ sha256: z.string() }).safeParse(json(last));
  if (!seal.success) throw bad("its end is missing");
  if (seal.data.sha256 !== digest(body)) throw bad("its digest differs, so it was changed or damaged");
  const head = headSchema.safeParse(json(lines[0] ?? ""));
  if (!head.success) throw bad("its first line is not a backup's");
  if (head.data.version > VERSION) throw bad(`it has version ${head.data.version}; this Trevin knows up to ${VERSION}`);
  return lines.slice(1).map((line, index) => {
    const row = rowSchema.safeParse(json(line));
    if (!row.success) throw bad(`line ${index + 2} is not a row`);
    return row.data;
  });
}

function checkLedgers(rows: readonly z.infer<typeof rowSchema>[]): void {
  const byJob = new Map<string, (StoredEntry & { readonly seq: number })[]>();
  const entry = z.object({ job_id: z.string(), seq: z.int(), bytes: z.string(), hash: z.string() });
  for (const { table, row } of rows) {
    if (table !== "ledger") continue;
    const { job_id: job, ...stored } = entry.parse(row);
    byJob.set(job, [...(byJob.get(job) ?? []), stored]);
  }
  for (const [job, entries] of byJob) {
    const chain = verifyChain(entries.sort((a, b) => a.seq - b.seq), readEntry);
    if (!chain.ok) throw new StartFailure(`The ledger of job ${job} in the backup is damaged at entry ${chain.error.seq}. Nothing was changed.`, 1);
  }
}

function json(line: string): unknown {
  try {
    return JSON.parse(line);
  } catch {
    return undefined;
  }
}
