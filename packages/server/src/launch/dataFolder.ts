import { createHash } from "node:crypto";
import { closeSync, existsSync, mkdirSync, openSync, readFileSync, rmSync, writeSync } from "node:fs";
import { join, resolve } from "node:path";
import { reachable } from "./cluster.ts";
import { asStartFailure, EXIT, notWritable, StartFailure } from "./failure.ts";

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

/** Longest that a start waits for a tool which is just stopping the database, ms. */
const TOOL_MS = 70_000;

/**
 * Keeps a second start away from the same data. A server that holds it already is an error; a tool is waited for, since it
 * holds the folder only while it stops the database. Gives the function that lets go.
 */
export async function holdFolder(folder: string, as: "server" | "tool"): Promise<() => void> {
  const file = join(folder, "lock");
  for (const deadline = Date.now() + TOOL_MS; ;) {
    if (takeLock(folder, file, `${process.pid}${as === "tool" ? " tool" : ""}`))
      return () => rmSync(file, { force: true });
    const [pid, holder] = readLock(file);
    if (holder === "tool" && isAlive(pid) && Date.now() < deadline) {
      await new Promise((resolve) => setTimeout(resolve, 200));
      continue;
    }
    if (holder !== "tool" && isServer(pid))
      throw new StartFailure(
        `Trevin already runs on ${folder} (process ${pid}). Stop it first, or set TREVIN_DATA to another folder.`,
        EXIT.alreadyRunning,
      );
    rmSync(file, { force: true });
  }
}

/** Makes the lock file; false when there is one. */
function takeLock(folder: string, file: string, text: string): boolean {
  try {
    mkdirSync(folder, { recursive: true });
    const handle = openSync(file, "wx");
    writeSync(handle, text);
    closeSync(handle);
    return true;
  } catch (error) {
    if (!(error instanceof Error) || !("code" in error)) throw error;
    if (error.code === "EEXIST" && existsSync(file)) return false;
    throw error.code === "ENOSPC" ? asStartFailure(error) : notWritable(`The data folder ${folder}`, error);
  }
}

function readLock(file: string): readonly [pid: number, holder: string] {
  try {
    const [pid, holder = "server"] = readFileSync(file, "utf8").split(" ");
    return [Number(pid), holder];
  } catch {
    return [0, "nobody"]; // let go of in between
  }
}

function isAlive(pid: number): boolean {
  try {
    return pid > 0 && process.kill(pid, 0);
  } catch {
    return false;
  }
}

/** A process id may have been given to somebody else since a crash. */
function isServer(pid: number): boolean {
  if (pid === process.pid || !isAlive(pid)) return false;
  try {
    return readFileSync(`/proc/${pid}/cmdline`, "utf8").includes("start.mjs");
  } catch {
    return false;
  }
}
