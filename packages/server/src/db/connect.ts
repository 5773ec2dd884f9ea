import { drizzle, type NodePgDatabase } from "drizzle-orm/node-postgres";
import { Pool } from "pg";
import * as schema from "./schema.ts";

export type Database = NodePgDatabase<typeof schema>;
/** A transaction, or the database itself. */
export type Queryable = Pick<Database, "select" | "insert" | "update" | "delete" | "execute">;

export interface Connection {
  readonly db: Database;
  readonly close: () => Promise<void>;
}

/** A pool of connections on which a commit is on disk before it is answered; an idle connection that breaks is reported, not thrown. */
export function connect(
  url: string,
  options: { readonly role?: string | undefined; readonly onError?: (error: Error) => void } = {},
): Connection {
  const pool = new Pool({
    connectionString: url,
    max: 10,
    connectionTimeoutMillis: 5000,
    options: `-c synchronous_commit=on${options.role === undefined ? "" : ` -c role=${options.role}`}`,
  });
  pool.on("error", options.onError ?? (() => {}));
  return { db: drizzle(pool, { schema }), close: () => pool.end() };
}
