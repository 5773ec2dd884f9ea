import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { allPins, apartBy, FEATURES, featuresOf, pinReader, type Feature, type Weights } from "@trevin/core";
import {
  namesOf,
  outcomeOf,
  pairsOf,
  swapJobs,
  tableJob,
  type Outcome,
  type RawJob,
  type TableJob,
} from "@trevin/core/testing";
import { fitWeights, type Sample } from "./logistic.ts";
import { ownPhrases, unread, without } from "./struckPhrases.ts";

/**
 * Fits the weights of the comparison on tables of true joins: `npm run calibrate [-- FILE…]`. Each job is scored by weights that were fitted
 * without it and its fold (one job in sixteen); the weights that are written down are fitted on all. Writes `pairing/weights.ts` and the table in docs/match.md.
 */
const ROOT = join(import.meta.dirname, "..");
const FOLDS = 16;
const READING = join(ROOT, "packages/core/src/testing/reading");
const TABLES = ["tables.json", "tables-2.json"].map((name) => join(READING, name));
/** Swaps that the fit never sees: all but a few of their pins have a partner, so weights fitted on them would join too much. */
const SWAPS = join(READING, "swaps.txt");
const WEIGHTS_FILE = join(ROOT, "packages/core/src/pairing/weights.ts");
const PAGE = join(ROOT, "docs/match.md");
const [FROM, TO] = ["<!-- calibration: written by npm run calibrate -->", "<!-- end of calibration -->"];

/** Every pair of pins of a job that nothing keeps apart, with its features and whether it is a true join. */
function samplesOf(job: TableJob): readonly Sample[] {
  const read = pinReader(job.dossier);
  const names = namesOf(job.dossier);
  const pins = allPins(job.dossier)
    .filter(({ pin }) => pin.content === "occupied")
    .map(read)
    .filter(({ signal }) => signal !== "none");
  const truth = pairsOf(job);
  const of = (side: string) => pins.filter(({ placed }) => placed.connector.side === side);
  return of("vehicle").flatMap((row) =>
    of("incoming").flatMap((column): readonly Sample[] => {
      if (apartBy(row, column) !== null) return [];
      const values = featuresOf(row, column);
      const key = `${names.get(row.placed.pin.id) ?? ""} ${names.get(column.placed.pin.id) ?? ""}`;
      return [{ x: FEATURES.map((name) => values[name] ?? 0), y: truth.has(key) ? 1 : 0 }];
    }),
  );
}

const percent = (part: number, whole: number): string =>
  whole === 0 ? "–" : `${((100 * part) / whole).toFixed(1)} %`;

function summaryOf(outcomes: readonly Outcome[]): string {
  const sum = (of: (outcome: Outcome) => number): number => outcomes.reduce((all, one) => all + of(one), 0);
  const chosen = outcomes.flatMap((one) => one.chosen);
  const [joins, right] = [sum((one) => one.joins), sum((one) => one.right)];
  const wrong = chosen.filter(({ isRight }) => !isRight);
  const sure = chosen.filter((one) => one.sure === "sure");
  return `${right} of ${joins} joins right (${percent(right, joins)}), ${wrong.length} wrong pairs, ${wrong.filter(({ isHarmful }) => isHarmful).length} of them harmful; ${sure.length} said to be sure, of them ${sure.filter(({ isRight }) => !isRight).length} wrong; ${sum((one) => one.aloneRight)} of ${sum((one) => one.alone)} pins rightly left alone.`;
}

function pageOf(outcomes: readonly Outcome[]): string {
  const chosen = outcomes.flatMap((one) => one.chosen);
  const lines = [
    `${outcomes.length} jobs, each read with weights fitted without it: ${summaryOf(outcomes)}`,
    "",
    "| said | right | of | share |",
    "| --- | --- | --- | --- |",
    ...["sure", "check", "guess"].map((sure) => {
      const own = chosen.filter((one) => one.sure === sure);
      const good = own.filter(({ isRight }) => isRight).length;
      return `| ${sure} | ${good} | ${own.length} | ${percent(good, own.length)} |`;
    }),
    "",
    "| case, log-odds | right | of | share |",
    "| --- | --- | --- | --- |",
    ...Array.from({ length: 10 }, (_, step) => {
      const own = chosen.filter((one) => Math.max(0, Math.min(9, Math.floor(one.case / 5))) === step);
      const good = own.filter(({ isRight }) => isRight).length;
      return `| ${(step / 2).toFixed(1)} to ${step === 9 ? "…" : ((step + 1) / 2).toFixed(1)} | ${good} | ${own.length} | ${percent(good, own.length)} |`;
    }),
  ];
  return lines.join("\n");
}

const weightsFile = (weights: Weights): string => `import type { Feature } from "./features.ts";

/** Weights of the comparison, in natural log-odds; written by \`npm run calibrate\` (docs/match.md). */
export const WEIGHTS: Readonly<Record<Feature, number>> = {
${FEATURES.map((name: Feature) => `  ${/^[a-z]+$/.test(name) ? name : `"${name}"`}: ${weights[name]},`).join("\n")}
};
`;

const files = process.argv.slice(2).filter((argument) => !argument.startsWith("-"));
const raw = (files.length > 0 ? files : TABLES).flatMap(
  (file) => JSON.parse(readFileSync(file, "utf8")) as RawJob[],
);
const jobs = raw.map(tableJob);
const own = ownPhrases(raw);
/** Each job as the lexicon reads it, and as it would read it without the phrases that it has from that job alone: the next table is more like the second. */
const samples = raw.map((job, index) => [
  ...samplesOf(tableJob(job)),
  ...without(own[index] ?? new Set(), () => samplesOf(tableJob(unread(job)))),
]);
if (process.argv.includes("--all")) {
  // Only the weights, without the hour glass of leaving each job out.
  writeFileSync(WEIGHTS_FILE, weightsFile(fitWeights(samples.flat())));
} else {
  const weights = Array.from({ length: FOLDS }, (_, fold) =>
    fitWeights(samples.filter((_one, index) => index % FOLDS !== fold).flat()),
  );
  const outcomes = jobs.map((job, index) => outcomeOf(job, weights[index % FOLDS]));
  const struck = raw.map((job, index) =>
    without(own[index] ?? new Set(), () => outcomeOf(tableJob(unread(job)), weights[index % FOLDS])),
  );
  const phrases = own.reduce((sum, one) => sum + one.size, 0);
  const all = fitWeights(samples.flat());
  const swaps = swapJobs(readFileSync(SWAPS, "utf8")).map((job) => outcomeOf(tableJob(job), all));
  const report = `${pageOf(outcomes)}\n\nThe same with every phrase of the lexicon struck that fires in that job only (${phrases} of them; word forms stay): ${summaryOf(struck)}\n\n${swaps.length} swaps of another hand that the fit has not seen, though the lexicon has learned from them: ${summaryOf(swaps)}`;
  console.log(report);
  writeFileSync(WEIGHTS_FILE, weightsFile(all));
  const page = readFileSync(PAGE, "utf8");
  const [start, end] = [page.indexOf(FROM), page.indexOf(TO)];
  if (start >= 0 && end > start)
    writeFileSync(PAGE, `${page.slice(0, start + FROM.length)}\n\n${report}\n\n${page.slice(end)}`);
}
