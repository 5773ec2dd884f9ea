/**
 * Speed and memory, printed and never asserted: times depend on the machine, so each is shown beside a reference from the
 * same run.
 */
import { spawn } from "node:child_process";
import { chmodSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import { performance } from "node:perf_hooks";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import autocannon from "autocannon";
import {
  decisionFromAlone,
  decisionFromGroup,
  decisionFromPair,
  blankPoint,
  joinPointId,
  leftOpen,
  planHash,
  planWork,
  suggest,
  type Decision,
  type Dossier,
} from "../packages/core/src/index.ts";
import { freePort } from "../packages/server/src/launch/cluster.ts";
import { circuits } from "./circuit.ts";
import { copper } from "./copper.ts";
import { crosswalk, crosswalkView } from "./crosswalk.ts";
import { planning } from "./plan.ts";
import { largeJobs } from "./largeJobs.ts";
import { faces, openFaces } from "./faces.ts";
import { pinTable } from "./grid.ts";
import { reading } from "./parsing.ts";
import { percentile, round, say } from "./tools.ts";

const ROOT = fileURLToPath(new URL("..", import.meta.url));
interface Running {
  readonly base: string;
  readonly readyMs: number;
  readonly stop: () => Promise<void>;
  readonly memory: () => string;
}
async function start(data: string): Promise<Running> {
  const port = await freePort();
  const began = performance.now();
  const child = spawn(process.execPath, [join(ROOT, "scripts/start.mjs")], {
    env: { ...process.env, TREVIN_DATA: data, TREVIN_PORT: String(port) },
    stdio: ["ignore", "pipe", "inherit"],
  });
  const readyMs = await new Promise<number>((resolve, reject) => {
    child.stdout.on(
      "data",
      (chunk: Buffer) => chunk.toString().includes("is ready") && resolve(performance.now() - began),
    );
    child.once("exit", (code) => reject(new Error(`start ended with ${code}`)));
  });
  child.removeAllListeners("exit");
  const stop = (): Promise<void> =>
    new Promise((resolve) => child.once("exit", () => resolve()).kill("SIGTERM"));
  const memory = (): string =>
    /VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${child.pid}/status`, "utf8"))?.[1] ?? "0";
  return { base: `http://127.0.0.1:${port}/api/v1`, readyMs, stop, memory };
}

async function serverSide(): Promise<void> {
  const data = mkdtempSync("/var/tmp/trevin-bench-");
  chmodSync(data, 0o755);
  let running: Running | null = null;
  try {
    const first = await start(data);
    await first.stop();
    const second = await start(data);
    running = second;
    say(
      `start: first ${round(first.readyMs)} ms (database made, demo loaded), second ${round(second.readyMs)} ms`,
    );
    const { jobs } = (await (await fetch(`${second.base}/jobs`)).json()) as { jobs: { id: string }[] };
    const job = jobs[0]?.id ?? "";
    const load = async (path: string) =>
      autocannon({ url: `${second.base}${path}`, connections: 4, duration: 4 });
    const health = await load("/health");
    const read = await load(`/jobs/${job}`);
    const singles: number[] = [];
    for (let i = 0; i < 400; i++) {
      const began = performance.now();
      await (await fetch(`${second.base}/jobs/${job}`)).text();
      singles.push(performance.now() - began);
    }
    say(
      `reading a job, one at a time: p50 ${round(percentile(singles, 0.5))} ms, p95 ${round(percentile(singles, 0.95))} ms; with 4 connections ${round(read.requests.average)} a second, health route as reference ${round(health.requests.average)} a second, ratio ${round(health.requests.average / read.requests.average)}`,
    );

    const view = (await (await fetch(`${second.base}/jobs/${job}`)).json()) as {
      dossier: Dossier;
      revision: number;
    };
    const open = suggest(view.dossier);
    const put = [
      ...open.pairs.map((pair) => decisionFromPair(pair, view.dossier)),
      ...open.groups.map((group) => decisionFromGroup(group, view.dossier)),
      ...open.alone.flatMap(
        (alone) => decisionFromAlone(alone, view.dossier) ?? leftOpen("leave", alone.pin, null),
      ),
    ].map((decision): Decision =>
      decision.kind === "feed" ? { ...decision, supply: joinPointId("F22") } : decision,
    );
    await fetch(`${second.base}/jobs/${job}/decisions`, {
      method: "PATCH",
      headers: { "Content-Type": "application/json", "If-Match": `"${view.revision}"` },
      body: JSON.stringify({ put, points: [blankPoint(joinPointId("F22"), "F22", "supply")] }),
    });
    const { dossier } = (await (await fetch(`${second.base}/jobs/${job}`)).json()) as { dossier: Dossier };
    const plan = planWork(dossier);
    const times: number[] = [];
    for (const [i, step] of plan.steps.entries()) {
      const body = {
        kind: "done",
        step: step.id,
        plan: planHash(plan),
        note: "",
        event: `bench-event-${i}`,
        person: "bench",
        device: "bench",
        deviceAt: new Date().toISOString(),
        lastSeen: -1,
      };
      const began = performance.now();
      const answer = await fetch(`${second.base}/jobs/${job}/ledger`, {
        method: "POST",
        headers: { "Content-Type": "application/json" },
        body: JSON.stringify(body),
      });
      times.push(performance.now() - began);
      if (answer.status !== 201) throw new Error(await answer.text());
    }
    say(
      `recording a step (committed, synchronous): p50 ${round(percentile(times, 0.5))} ms, p95 ${round(percentile(times, 0.95))} ms over ${times.length} steps`,
    );
    await largeJobs(second.base, job);
    await crosswalkView(second.base);
    await openFaces(second.base);
    for (const rows of [1000, 5000]) await pinTable(second.base, rows);
    say(`server memory after that: ${round(Number(second.memory()) / 1024)} MB`);
  } finally {
    await running?.stop();
    rmSync(data, { recursive: true, force: true });
  }
}

say(`Node ${process.version}, ${new Date().toISOString().slice(0, 10)}`);
reading();
faces();
crosswalk();
planning();
copper();
circuits();
await serverSide();
