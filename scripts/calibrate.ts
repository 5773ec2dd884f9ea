import { allPins, apartBy, FEATURES, featuresOf, pinReader, suggest, type Feature } from "@trevin/core";
import { namesOf, readTables, type TableJob } from "./readingTables.ts";

type Weights = Record<Feature, number>;
interface Sample { readonly x: Float64Array; readonly y: number }
const SIGN: Partial<Record<Feature, 1 | -1>> = {
  "thing-same": 1, "thing-same-feed": 1, "thing-shared": 1, "thing-aside": 1, "thing-other": -1,
  "thing-other-feed": -1, "thing-other-reference": -1,
  "class-same": 1, "class-poor": -1, "class-device": -1, "class-damage": -1, "feed-same": 1, "ground-same": 1, "reference-same": 1, "bus-same": 1,
  "direction-meets": 1, "direction-clashes": -1, "which-agrees": 1, "which-open": -1, "pole-agrees": 1, "pole-open": -1,
  "kind-agrees": 1, "kind-clashes": -1, "words-shared": 1, "volts-differ": -1, "not-understood": -1,
};
const PRIOR: Partial<Record<Feature, number>> = {
  base: -3, "thing-same": 4, "thing-shared": 2.5, "thing-same-feed": 2, "thing-other": -3, "class-same": 2, "class-poor": -2, "class-device": -1, "class-damage": -4, "which-agrees": 1.5, "which-open": -0.7,
  "direction-meets": 0.7, "direction-clashes": -1.2, "pole-agrees": 1, "words-shared": 1, "not-understood": -0.5, "volts-differ": -1, "feed-same": 2, "ground-same": 2, "reference-same": 1, "bus-same": 3, "thing-other-feed": -1,"thing-other-reference": -2, "kind-agrees": 0.5, "kind-clashes": -0.7,
};

export function samplesOf(job: TableJob, vetoed?: string[]): readonly Sample[] {
  const read = pinReader(job.dossier);
  const names = namesOf(job.dossier);
  const pins = allPins(job.dossier).filter(({ pin }) => pin.content === "occupied").map(read);
  const [rows, columns] = [pins.filter((p) => p.placed.connector.side === "vehicle"), pins.filter((p) => p.placed.connector.side === "incoming")];
  const truth = new Set(job.joins.flatMap(({ vehicle, incoming }) => vehicle.flatMap((v) => incoming.map((i) => `${v} ${i}`))));
  return rows.flatMap((row) => columns.flatMap((column): readonly Sample[] => {
    const key = `${names.get(row.placed.pin.id)} ${names.get(column.placed.pin.id)}`;
    const y = truth.has(key) ? 1 : 0;
    const apart = apartBy(row, column);
    if (apart !== null) { if (y === 1) vetoed?.push(`${job.id} ${key}: ${JSON.stringify(apart)} ${row.reading.text} = ${column.reading.text}`); return []; }
    const values = featuresOf(row, column);
    return [{ x: Float64Array.from(FEATURES, (name) => values[name] ?? 0), y }];
  }));
}
export function fit(samples: readonly Sample[], ridge = Number(process.env["RIDGE"] ?? 1)): Weights {
  const d = FEATURES.length; const prior = FEATURES.map((f) => PRIOR[f] ?? 0); const w = Float64Array.from(prior);
  const m = new Float64Array(d), v = new Float64Array(d);
  for (let step = 1; step <= 700; step++) {
    const g = new Float64Array(d);
    for (const { x, y } of samples) { let z = 0; for (let j = 0; j < d; j++) z += w[j]! * x[j]!; const e = 1 / (1 + Math.exp(-z)) - y; for (let j = 0; j < d; j++) g[j] = g[j]! + e * x[j]!; }
    for (let j = 0; j < d; j++) { g[j] = g[j]! + ridge * (FEATURES[j] === "direction-clashes" || FEATURES[j] === "pole-agrees" ? 12 : 1) * (w[j]! - prior[j]!) ; m[j] = 0.9 * m[j]! + 0.1 * g[j]!; v[j] = 0.999 * v[j]! + 0.001 * g[j]! ** 2;
      w[j] = w[j]! - 0.05 * (m[j]! / (1 - 0.9 ** step)) / (Math.sqrt(v[j]! / (1 - 0.999 ** step)) + 1e-8);
      const s = SIGN[FEATURES[j]!]; if (s !== undefined && Math.sign(w[j]!) === -s) w[j] = 0; }
  }
  w[0] = w[0]! + Number(process.env["SHIFT"] ?? 1.5);
  return Object.fromEntries(FEATURES.map((f, j) => [f, Math.round(w[j]! * 100) / 100])) as Weights;
}
export interface Score { joins: number; right: number; rightSure: number; wrong: number; wrongSure: number; harm: number; harmSure: number; aloneRight: number; alone: number; bySure: Record<string, [number, number]>; misses: string[] }
export function score(job: TableJob, weights: Weights): Score {
  const names = namesOf(job.dossier); const name = (id: string) => names.get(id)!;
  const walk = suggest(job.dossier, { weights });
  const texts = new Map(allPins(job.dossier).map((p) => [names.get(p.pin.id)!, p.pin.function]));
  const made = [...walk.pairs, ...walk.groups.flatMap((g) => g.pairs.map((p) => ({ ...p, sure: g.sure })))];
  const truth = new Set(job.joins.flatMap(({ vehicle, incoming }) => vehicle.flatMap((v) => incoming.map((i) => `${v} ${i}`))));
  const s: Score = { joins: job.joins.length, right: 0, rightSure: 0, wrong: 0, wrongSure: 0, harm: 0, harmSure: 0, aloneRight: 0, alone: job.alone.length, bySure: {}, misses: [] };
  const got = new Set<string>(), sure = new Set<string>();
  for (const p of made) { const key = `${name(p.vehicle)} ${name(p.incoming)}`; got.add(key); const ok = truth.has(key); if (p.sure === "sure" && ok) sure.add(key);
    const b = (s.bySure[p.sure] ??= [0, 0]); b[1]++; if (ok) b[0]++;
    if (!ok) { s.wrong++; if (p.sure === "sure") s.wrongSure++; const h = job.damage.has(key); if (h) { s.harm++; if (p.sure === "sure") s.harmSure++; }
      s.misses.push(`${job.id} WRONG${h ? " HARM" : ""} ${p.sure} ${p.strength}/${p.margin}: ${name(p.vehicle)} "${texts.get(name(p.vehicle))}" = ${name(p.incoming)} "${texts.get(name(p.incoming))}"`); } }
  for (const { vehicle, incoming } of job.joins) { const meets = (k: Set<string>) => vehicle.every((v) => incoming.some((i) => k.has(`${v} ${i}`))) && incoming.every((i) => vehicle.some((v) => k.has(`${v} ${i}`)));
    if (meets(got)) { s.right++; if (meets(sure)) s.rightSure++; } else s.misses.push(`${job.id} missed: ${vehicle.map((v) => `${v} "${texts.get(v)}"`).join(" + ")} = ${incoming.map((i) => `${i} "${texts.get(i)}"`).join(" + ")}`); }
  const used = new Set([...got].flatMap((k) => k.split(" "))); s.aloneRight = job.alone.filter((p) => !used.has(p)).length;
  return s;
}
const files = process.argv.slice(2).filter((a) => !a.startsWith("-"));
const jobs = readTables(files);
const vetoed: string[] = [];
const samples = jobs.map((job) => samplesOf(job, vetoed));
const lojo = !process.argv.includes("--all") && process.env["TRAIN"] === undefined;
const total: Score = { joins: 0, right: 0, rightSure: 0, wrong: 0, wrongSure: 0, harm: 0, harmSure: 0, aloneRight: 0, alone: 0, bySure: {}, misses: [] };
const train = process.env["TRAIN"];
const whole = train === undefined ? fit(samples.flat()) : fit(readTables([train]).flatMap((job) => samplesOf(job)));
jobs.forEach((job, i) => { const w = lojo ? fit(samples.filter((_, j) => j !== i).flat()) : whole; const s = score(job, w);
  if (process.argv.includes("-j")) console.log(`${job.id}: ${s.right}/${s.joins} sure ${s.rightSure} wrong ${s.wrong} (sure ${s.wrongSure}) harm ${s.harm} (${s.harmSure})`);
  for (const k of ["joins", "right", "rightSure", "wrong", "wrongSure", "harm", "harmSure", "aloneRight", "alone"] as const) total[k] += s[k];
  for (const [k, [a, b]] of Object.entries(s.bySure)) { const t = (total.bySure[k] ??= [0, 0]); t[0] += a; t[1] += b; } total.misses.push(...s.misses); });
if (process.argv.includes("-v")) console.log(total.misses.join("\n"));
if (process.argv.includes("-w")) console.log(whole);
console.log("vetoed true pairs:\n" + vetoed.join("\n"));
console.log({ ...total, misses: undefined });
