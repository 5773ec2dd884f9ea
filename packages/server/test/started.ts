import { spawn, type ChildProcess } from "node:child_process";
import { readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import type { JobView } from "@trevin/core/contract";
import { freePort } from "../src/launch/cluster.ts";
import { throwAwayFolder } from "./cluster.ts";

export const ROOT = fileURLToPath(new URL("../../..", import.meta.url));
const folders: string[] = [];
const children: ChildProcess[] = [];
export const postmaster = (data: string): number =>
  Number(readFileSync(join(data, "postgres/data/postmaster.pid"), "utf8").split("\n")[0]);
/** A process that has ended but was not collected yet (state Z) is not running. */
export const running = (pid: number): boolean => {
  try {
    return !/\) Z /.test(readFileSync(`/proc/${pid}/stat`, "utf8"));
  } catch {
    return false;
  }
};

export function newFolder(): string {
  const folder = throwAwayFolder();
  folders.push(folder);
  return folder;
}
export interface Started {
  readonly child: ChildProcess;
  readonly base: string;
  readonly output: () => string;
  readonly exited: Promise<number | null>;
}
/** `npm start` without the web application; resolves at the ready line or at the exit. */
export async function start(
  data: string,
  env: Record<string, string> = {},
  command: readonly [string, ...string[]] = [process.execPath, join(ROOT, "scripts/start.mjs")],
): Promise<Started> {
  const port = Number(env["TREVIN_PORT"] ?? (await freePort()));
  const child = spawn(command[0], command.slice(1), {
    cwd: ROOT,
    env: { ...process.env, TREVIN_DATA: data, TREVIN_PORT: String(port), TREVIN_WEB: "off", ...env },
  });
  children.push(child);
  let text = "";
  const exited = new Promise<number | null>((resolve) => child.once("exit", resolve));
  await new Promise<void>((resolve) => {
    const hear = (chunk: Buffer): void => {
      text += chunk.toString();
      if (text.includes("Trevin is ready")) resolve();
    };
    child.stdout?.on("data", hear);
    child.stderr?.on("data", hear);
    void exited.then(() => resolve());
  });
  return { child, base: `http://127.0.0.1:${port}/api/v1`, output: () => text, exited };
}
export async function stop(started: Started): Promise<number | null> {
  started.child.kill("SIGTERM");
  return started.exited;
}
export async function api(
  base: string,
  method: string,
  path: string,
  body?: unknown,
  headers: Record<string, string> = {},
): Promise<{ status: number; body: Record<string, unknown> }> {
  const response = await fetch(`${base}${path}`, {
    method,
    headers: { "Content-Type": "application/json", ...headers },
    body: body === undefined ? null : JSON.stringify(body),
  });
  return { status: response.status, body: (await response.json()) as Record<string, unknown> };
}
export async function demo(base: string): Promise<JobView> {
  const { jobs } = (await api(base, "GET", "/jobs")).body as { jobs: { id: string }[] };
  return (await api(base, "GET", `/jobs/${jobs[0]!.id}`)).body as unknown as JobView;
}

/** Ends whatever a test left running, and removes its folders. */
export function cleanUp(): void {
  for (const child of children) child.kill("SIGKILL");
  for (const folder of folders) {
    try {
      process.kill(postmaster(folder), "SIGKILL");
    } catch {
      /* stopped already */
    }
    rmSync(folder, { recursive: true, force: true });
  }
}
