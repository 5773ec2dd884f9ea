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
import { linearSumAssignment } from "linear-sum-assignment";
import { connectorId, decisionFromPair, applyCommand, pinId, planHash, planWork, problemOf, pinReader, suggest, weigh, allPins, blankConnector, blankPin, emptyDossier, type Connector, type Dossier, type SignalClass } from "../packages/core/src/index.ts";
import { solveAssignment } from "../packages/core/src/numeric/index.ts";
import { freePort } from "../packages/server/src/launch/cluster.ts";
import { faces, openFaces } from "./faces.ts";
import { pinTable } from "./grid.ts";
import { reading } from "./reading.ts";
import { median, percentile, round, say } from "./tools.ts";

const ROOT = fileURLToPath(new URL("..", import.meta.url));
const FUNCTIONS = ["Ground", "Ignition supply", "Constant supply", "CAN high", "CAN low", "Level sender", "Road speed", "Door ajar", "Horn", "Wiper", "Fuel level", "Coolant temperature", "Oil pressure", "Turn lamp", "Side lamp", "Injector", "Fan relay", "Stop lamp switch"];
const SIGNALS: readonly SignalClass[] = ["ground", "ignition", "battery", "can-h", "can-l", "analog", "pwm", "switched-ground", "lamp-feed", "resistive-sensor"];
/** A dossier of n pins a side with repeated functions, so that the assignment has real competition. */
function synthetic(n: number): Dossier {
  let seed = 12345;
  const next = (limit: number): number => (seed = (seed * 1103515245 + 12345) % 2147483648) % limit;
  const side = (name: string, which: "vehicle" | "incoming"): Connector => ({
    ...blankConnector(connectorId(name), name, which),
    pins: Array.from({ length: n }, (_, i) => ({
      ...blankPin(pinId(`${name}.${i + 1}`), String(i + 1), i), content: "occupied" as const, function: `${FUNCTIONS[next(FUNCTIONS.length)]} ${1 + next(Math.max(2, n / 20))}`,
      colour: ["BK", "RD", "BU/WH", "GN", "YE/RD"][next(5)] ?? "BK", size: [0.35, 0.5, 0.75, 1.5][next(4)] ?? 0.5, signal: SIGNALS[next(SIGNALS.length)] ?? "unknown",
    })),
  });
  return { ...emptyDossier({ name: "bench", kind: "engine-swap", vehicle: "", incoming: "", nominalVolts: 12, method: "move" }), connectors: [side("V", "vehicle"), side("X", "incoming")] };
}

function crosswalk(n: number): void {
  const dossier = synthetic(n);
  const pins = allPins(dossier).map(pinReader(dossier));
  const rows = pins.filter((pin) => pin.placed.connector.side === "vehicle");
  const columns = pins.filter((pin) => pin.placed.connector.side === "incoming");
  const table = rows.map((row) => columns.map((column) => weigh(row, column)));
  const problem = problemOf(rows, columns, table);
  // The same costs as a square matrix for the general package: forbidden and staying alone by their price in a padded matrix.
  const size = rows.length + columns.length;
  const matrix = Array.from({ length: size }, (_, r) => new Float64Array(size).map((_, c) => {
    const edge = r < rows.length && c < columns.length ? problem.edges[r]?.find(({ column }) => column === c) : undefined;
    if (r < rows.length && c < columns.length) return edge === undefined ? 1e6 : edge.cost[0] * 1000 + edge.cost[1];
    if (r < rows.length) return (problem.rowAlone[r]?.[0] ?? 0) * 1000;
    return c < columns.length ? (problem.columnAlone[c]?.[0] ?? 0) * 1000 : 0;
  }));
  const runs = n <= 200 ? 5 : 3;
  const ours = median(runs, () => solveAssignment(problem));
  const theirs = median(runs, () => linearSumAssignment(matrix.map((row) => Array.from(row)), { maximaze: false }));
  const solved = solveAssignment(problem);
  const margins = median(1, () => solved.columnOf.forEach((column, row) => column !== null && solved.marginOf(row)));
  const whole = median(runs, () => suggest(dossier));
  const { rowAssignments } = linearSumAssignment(matrix.map((row) => Array.from(row)), { maximaze: false });
  const sum = Array.from(rowAssignments).reduce((total, column, row) => total + (matrix[row]?.[column] ?? 0), 0);
  say(`crosswalk ${n} × ${n}: whole ${round(whole)} ms; assignment ${round(ours)} ms, linear-sum-assignment on the same costs ${round(theirs)} ms, ratio ${round(ours / theirs)}; all margins ${round(margins)} ms; same optimum: ${sum === solved.total[0] * 1000 + solved.total[1] ? "yes" : "NO"}`);
}

function planning(n: number): void {
  const start = synthetic(n);
  const decisions = suggest(start).pairs.map((pair) => decisionFromPair(pair, start));
  const decided = applyCommand(start, { kind: "decide", put: decisions, remove: [] });
  if (!decided.ok) throw new Error(decided.error.code);
  const { dossier } = decided.value;
  say(`plan of ${decisions.length} joins: ${planWork(dossier).steps.length} steps in ${round(median(3, () => planWork(dossier)))} ms`);
}

interface Running {
  readonly base: string;
  readonly readyMs: number;
  readonly stop: () => Promise<void>;
  readonly memory: () => string;
}
async function start(data: string): Promise<Running> {
  const port = await freePort();
  const began = performance.now();
  const child = spawn(process.execPath, [join(ROOT, "scripts/start.mjs")], { env: { ...process.env, TREVIN_DATA: data, TREVIN_PORT: String(port) }, stdio: ["ignore", "pipe", "inherit"] });
  const readyMs = await new Promise<number>((resolve, reject) => {
    child.stdout.on("data", (chunk: Buffer) => chunk.toString().includes("is ready") && resolve(performance.now() - began));
    child.once("exit", (code) => reject(new Error(`start ended with ${code}`)));
  });
  child.removeAllListeners("exit");
  const stop = (): Promise<void> => new Promise((resolve) => child.once("exit", () => resolve()).kill("SIGTERM"));
  const memory = (): string => /VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${child.pid}/status`, "utf8"))?.[1] ?? "0";
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
    say(`start: first ${round(first.readyMs)} ms (database made, demo loaded), second ${round(second.readyMs)} ms`);
    const { jobs } = (await (await fetch(`${second.base}/jobs`)).json()) as { jobs: { id: string }[] };
    const job = jobs[0]?.id ?? "";
    const load = async (path: string) => autocannon({ url: `${second.base}${path}`, connections: 4, duration: 4 });
    const health = await load("/health");
    const read = await load(`/jobs/${job}`);
    const singles: number[] = [];
    for (let i = 0; i < 400; i++) {
      const began = performance.now();
      await (await fetch(`${second.base}/jobs/${job}`)).text();
      singles.push(performance.now() - began);
    }
    say(`reading a job, one at a time: p50 ${round(percentile(singles, 0.5))} ms, p95 ${round(percentile(singles, 0.95))} ms; with 4 connections ${round(read.requests.average)} a second, health route as reference ${round(health.requests.average)} a second, ratio ${round(health.requests.average / read.requests.average)}`);

    const view = (await (await fetch(`${second.base}/jobs/${job}`)).json()) as { dossier: Dossier; revision: number };
    const open = suggest(view.dossier);
    const put = [...open.pairs.map((pair) => decisionFromPair(pair, view.dossier)), ...open.alone.map(({ pin }) => ({ kind: "cap", pin, sure: "sure", reason: "", answers: [] }))];
    await fetch(`${second.base}/jobs/${job}/decisions`, { method: "PATCH", headers: { "Content-Type": "application/json", "If-Match": `"${view.revision}"` }, body: JSON.stringify({ put }) });
    const { dossier } = (await (await fetch(`${second.base}/jobs/${job}`)).json()) as { dossier: Dossier };
    const plan = planWork(dossier);
    const times: number[] = [];
    for (const [i, step] of plan.steps.entries()) {
      const body = { kind: "done", step: step.id, plan: planHash(plan), note: "", event: `bench-event-${i}`, person: "bench", device: "bench", deviceAt: new Date().toISOString(), lastSeen: -1 };
      const began = performance.now();
      const answer = await fetch(`${second.base}/jobs/${job}/ledger`, { method: "POST", headers: { "Content-Type": "application/json" }, body: JSON.stringify(body) });
      times.push(performance.now() - began);
      if (answer.status !== 201) throw new Error(await answer.text());
    }
    say(`recording a step (committed, synchronous): p50 ${round(percentile(times, 0.5))} ms, p95 ${round(percentile(times, 0.95))} ms over ${times.length} steps`);
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
for (const n of [50, 100, 200, 400]) crosswalk(n);
for (const n of [50, 200]) planning(n);
await serverSide();
