import { createHash } from "node:crypto";
import { closeSync, mkdirSync, openSync, readFileSync, rmSync, writeSync } from "node:fs";
import { join, resolve } from "node:path";
import { reachable } from "./cluster.ts";
import { EXIT, StartFailure } from "./failure.ts";

/**
 * Where the data lives: TREVIN_DATA, else `.trevin` in the project, else (when the database's user cannot get there)
 * a folder below /var/lib/trevin that belongs to this project.
 */
export function dataFolder(projectRoot: string, say: (line: string) => void): string {
  const asked = process.env["TREVIN_DATA"];
  if (asked !== undefined && asked !== "") return resolve(asked);
  const usual = join(projectRoot, ".trevin");
  if (reachable(usual)) return usual;
  const other = join("/var/lib/trevin", createHash("sha256").update(projectRoot).digest("hex").slice(0, 12));
  say(`the database's user cannot reach ${usual}; the data is kept in ${other}`);
  return other;
}

/** Keeps a second start away from the same data. Gives the function that lets go. */
export function holdFolder(folder: string): () => void {
  try {
    mkdirSync(folder, { recursive: true });
  } catch (error) {
    throw new StartFailure(
      `The data folder ${folder} cannot be made: ${error instanceof Error ? error.message : String(error)}`,
      EXIT.damagedData,
    );
  }
  const file = join(folder, "lock");
  for (let attempt = 0; attempt < 2; attempt++) {
    try {
      const handle = openSync(file, "wx");
      writeSync(handle, String(process.pid));
      closeSync(handle);
      return () => rmSync(file, { force: true });
    } catch {
      const pid = Number(readFileSync(file, "utf8"));
      if (isTrevin(pid))
        throw new StartFailure(
          `Trevin already runs on ${folder} (process ${pid}). Stop it first, or set TREVIN_DATA to another folder.`,
          EXIT.alreadyRunning,
        );
      rmSync(file, { force: true });
    }
  }
  throw new StartFailure(`The data folder ${folder} is locked by another start.`, EXIT.alreadyRunning);
}

/** A process id may have been given to somebody else since a crash. */
function isTrevin(pid: number): boolean {
  if (!(pid > 0) || pid === process.pid) return false;
  try {
    process.kill(pid, 0);
    return readFileSync(`/proc/${pid}/cmdline`, "utf8").includes("start.mjs");
  } catch {
    return false;
  }
}
