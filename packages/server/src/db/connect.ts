import { sql } from "drizzle-orm";
import { drizzle, type NodePgDatabase } from "drizzle-orm/node-postgres";
import { Pool, type ClientConfig } from "pg";
import { parseIntoClientConfig } from "pg-connection-string";
import * as schema from "./schema.ts";

export type Database = NodePgDatabase<typeof schema>;
/** A transaction, or the database itself. */
export type Queryable = Pick<Database, "select" | "insert" | "update" | "delete" | "execute">;

export interface Login {
  readonly role: string;
  readonly password: string;
}

/** The same database with another login. */
export const withLogin = (url: string, { role, password }: Login): ClientConfig => ({
  ...parseIntoClientConfig(url),
  user: role,
  password,
});

export interface Connection {
  readonly db: Database;
  readonly close: () => Promise<void>;
}

/**
 * A pool of connections on which a commit is on disk before it is answered. A connection that breaks, idle or in the middle
 * of a transaction, is told to `onLost`; whoever was using it gets the error from its own query.
 */
export function connect(to: string | ClientConfig, onLost: (error: Error) => void = () => {}): Connection {
  const pool = new Pool({
    ...(typeof to === "string" ? parseIntoClientConfig(to) : to),
    max: 10,
    connectionTimeoutMillis: 5000,
    options: "-c synchronous_commit=on",
  });
  pool.on("connect", (client) => client.on("error", onLost));
  // The pool repeats what an idle connection has said already.
  pool.on("error", () => {});
  return { db: drizzle(pool, { schema }), close: () => pool.end() };
}

/** What PostgreSQL says when two transactions got in each other's way and one has to begin again (its manual, appendix A, class 40). */
const BEGIN_AGAIN = new Set(["40001", "40P01"]);
const MOST_ATTEMPTS = 4;
const codeOf = (error: unknown): unknown => {
  if (typeof error !== "object" || error === null) return undefined;
  if ("code" in error) return error.code;
  return "cause" in error ? codeOf(error.cause) : undefined;
};

/** Writes that are stored together or not at all. A serialization failure or a deadlock stores nothing, and the work is begun again. */
export async function inTransaction<T>(
  db: Pick<Database, "transaction">,
  work: (tx: Queryable) => Promise<T>,
): Promise<T> {
  for (let attempt = 1; ; attempt++) {
    try {
      return await db.transaction(work);
    } catch (error) {
      if (attempt === MOST_ATTEMPTS || !BEGIN_AGAIN.has(String(codeOf(error)))) throw error;
    }
  }
}

/** The database's clock, which all servers of one database share. */
export async function databaseTime(db: Queryable): Promise<Date> {
  const { rows } = await db.execute<{ at: string }>(sql`SELECT clock_timestamp()::text AS at`);
  return new Date(rows[0]?.at ?? Number.NaN);
}

/** Reads of one moment, however many statements they take. */
export const snapshot = <T>(db: Database, read: (tx: Queryable) => Promise<T>): Promise<T> =>
  db.transaction(read, { isolationLevel: "repeatable read", accessMode: "read only" });
