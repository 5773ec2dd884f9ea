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

/** Reads of one moment, however many statements they take. */
export const snapshot = <T>(db: Database, read: (tx: Queryable) => Promise<T>): Promise<T> =>
  db.transaction(read, { isolationLevel: "repeatable read", accessMode: "read only" });
