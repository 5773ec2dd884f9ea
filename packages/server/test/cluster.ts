import { mkdtempSync, chmodSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Client } from "pg";
import type { TestProject } from "vitest/node";
import { prepareDatabase } from "../src/db/migrate.ts";
import { APP_ROLE, passwordOf, reachable, startCluster } from "../src/launch/cluster.ts";

declare module "vitest" {
  interface ProvidedContext {
    ownerUrl: string;
    appUrl: string;
  }
}

/** A folder that the database's user can reach, for clusters that are thrown away. */
export function throwAwayFolder(): string {
  const root = reachable(tmpdir()) ? tmpdir() : "/var/tmp";
  const folder = mkdtempSync(join(root, "trevin-test-"));
  chmodSync(folder, 0o755);
  return folder;
}

/** The same connection to another database of the cluster. */
export const databaseUrl = (url: string, name: string): string => url.replace(/\/[^/]*$/, `/${name}`);

/** Migrated once; each test file works on a copy of its own. */
export const TEMPLATE = "trevin_template";

export async function runAsOwner(ownerUrl: string, statement: string): Promise<void> {
  const client = new Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    await client.query(statement);
  } finally {
    await client.end();
  }
}

/** One throw-away PostgreSQL for all API tests. */
export default async function setup(project: TestProject): Promise<() => void> {
  const folder = throwAwayFolder();
  const cluster = await startCluster(folder, { throwAway: true });
  await runAsOwner(cluster.ownerUrl, `CREATE DATABASE ${TEMPLATE}`);
  const app = { role: APP_ROLE, password: passwordOf(cluster.appUrl) };
  await prepareDatabase(databaseUrl(cluster.ownerUrl, TEMPLATE), app);
  project.provide("ownerUrl", cluster.ownerUrl);
  project.provide("appUrl", cluster.appUrl);
  return () => {
    cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
