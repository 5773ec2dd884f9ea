import { spawnSync } from "node:child_process";
import { existsSync, readdirSync } from "node:fs";
import { join } from "node:path";
import { EXIT, StartFailure } from "./failure.ts";

const DEBIAN_ROOT = "/usr/lib/postgresql";
export const isRoot = (): boolean => process.getuid?.() === 0;

function installed(): readonly { readonly major: number; readonly bin: string }[] {
  if (!existsSync(DEBIAN_ROOT)) return [];
  return readdirSync(DEBIAN_ROOT)
    .map((entry) => ({ major: Number(entry), bin: join(DEBIAN_ROOT, entry, "bin") }))
    .filter(
      ({ major, bin }) =>
        Number.isFinite(major) && existsSync(join(bin, "initdb")) && existsSync(join(bin, "pg_ctl")),
    )
    .sort((a, b) => b.major - a.major);
}

/**
 * Folder of PostgreSQL's server programs: the major version of an existing cluster, else the newest. Installs the
 * distribution's package when it is missing and this process may.
 */
export function postgresBinaries(clusterMajor: number | null, say: (line: string) => void): string {
  const fits = () => installed().find(({ major }) => clusterMajor === null || major === clusterMajor)?.bin;
  const wanted = clusterMajor === null ? "postgresql" : `postgresql-${clusterMajor}`;
  const found = fits();
  if (found !== undefined) return found;
  const command = `apt-get update && apt-get install -y ${wanted}`;
  if (isRoot() && existsSync("/usr/bin/apt-get")) {
    say(
      `PostgreSQL's server is missing; installing ${wanted} from the distribution's packages (about a minute)`,
    );
    const options = ["-o", "DPkg::Lock::Timeout=600"];
    const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
    spawnSync("apt-get", [...options, "update"], { env, stdio: "ignore" });
    spawnSync("apt-get", [...options, "install", "-y", wanted], { env, stdio: "ignore" });
    const now = fits();
    if (now !== undefined) return now;
  }
  throw new StartFailure(
    `PostgreSQL's server is not installed. Run this, then start again:\n  ${isRoot() ? "" : "sudo sh -c '"}${command}${isRoot() ? "" : "'"}`,
    EXIT.missingPackage,
  );
}
