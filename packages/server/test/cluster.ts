import { mkdtempSync, chmodSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
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

/** One throw-away PostgreSQL for all API tests. */
export default async function setup(project: TestProject): Promise<() => void> {
  const folder = throwAwayFolder();
  const cluster = await startCluster(folder, { throwAway: true });
  await prepareDatabase(cluster.ownerUrl, { role: APP_ROLE, password: passwordOf(cluster.appUrl) });
  project.provide("ownerUrl", cluster.ownerUrl);
  project.provide("appUrl", cluster.appUrl);
  return () => {
    cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
