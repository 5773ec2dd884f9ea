import { chromium } from "playwright-core";
import { browserLaunch } from "../scripts/browser.mjs";
import { linearSumAssignment } from "linear-sum-assignment";
import {
  blankConnector,
  blankPin,
  colourForColour,
  connectorId,
  decisionFromPair,
  emptyDossier,
  fileOf,
  findHazards,
  matchProblem,
  pinId,
  pinReader,
  pinsOfSide,
  suggest,
  type Connector,
  type Dossier,
  type MatchMemo,
  type SignalClass,
} from "../packages/core/src/index.ts";
import { solveAssignment, type AssignmentProblem } from "../packages/core/src/numeric/index.ts";
import { engineSwap } from "../packages/core/src/testing/engineSwap.ts";
import { median, percentile, round, say, timed } from "./tools.ts";

const FUNCTIONS = [
  "Ground",
  "Ignition supply",
  "Constant supply",
  "CAN high",
  "CAN low",
  "Level sender",
  "Road speed",
  "Door ajar",
  "Horn",
  "Wiper",
  "Fuel level",
  "Coolant temperature",
  "Oil pressure",
  "Turn lamp",
  "Side lamp",
  "Injector",
  "Fan relay",
  "Stop lamp switch",
];
const SIGNALS: readonly SignalClass[] = [
  "ground",
  "ignition",
  "battery",
  "can-h",
  "can-l",
  "analog",
  "pwm",
  "switched-ground",
  "lamp-feed",
  "resistive-sensor",
];

/** A dossier of n pins a side with repeated functions, so that the assignment has real competition. */
function synthetic(n: number): Dossier {
  let seed = 12345;
  const next = (limit: number): number => (seed = (seed * 1103515245 + 12345) % 2147483648) % limit;
  const side = (name: string, which: "vehicle" | "incoming"): Connector => ({
    ...blankConnector(connectorId(name), name, which),
    pins: Array.from({ length: n }, (_, i) => ({
      ...blankPin(pinId(`${name}.${i + 1}`), String(i + 1), i),
      content: "occupied" as const,
      function: `${FUNCTIONS[next(FUNCTIONS.length)]} ${1 + next(Math.max(2, n / 20))}`,
      colour: ["BK", "RD", "BU/WH", "GN", "YE/RD"][next(5)] ?? "BK",
      size: [0.35, 0.5, 0.75, 1.5][next(4)] ?? 0.5,
      signal: SIGNALS[next(SIGNALS.length)] ?? "unknown",
    })),
  });
  return {
    ...emptyDossier({
      name: "bench",
      kind: "engine-swap",
      vehicle: "",
      incoming: "",
      nominalVolts: 12,
      method: "move",
    }),
    connectors: [side("V", "vehicle"), side("X", "incoming")],
  };
}

/**
 * The same costs as a square matrix for the general package: what a pair saves against both staying alone, or nothing. `alone` is
 * what it costs when nobody pairs.
 */
function squared({ edges, columns, rowAlone, columnAlone }: AssignmentProblem): {
  readonly matrix: readonly (readonly number[])[];
  readonly alone: number;
} {
  const flat = (cost: readonly [number, number] | undefined): number =>
    (cost?.[0] ?? 0) * 1e5 + (cost?.[1] ?? 0);
  const size = Math.max(edges.length, columns);
  const matrix = Array.from({ length: size }, (_, r) => {
    const line = new Array<number>(size).fill(0);
    for (const { column, cost } of edges[r] ?? [])
      line[column] = Math.min(0, flat(cost) - flat(rowAlone[r]) - flat(columnAlone[column]));
    return line;
  });
  return { matrix, alone: [...rowAlone, ...columnAlone].reduce((sum, cost) => sum + flat(cost), 0) };
}

interface Times {
  readonly whole: number;
  readonly ours: number;
}

function matched(name: string, dossier: Dossier): Times {
  const read = pinReader(dossier);
  const side = (which: "vehicle" | "incoming") =>
    pinsOfSide(dossier, which)
      .filter(({ pin }) => pin.content === "occupied")
      .map(read);
  // Without further joints, so that the package is asked nothing but a plain matrix.
  const { rows, columns, problem: full } = matchProblem(side("vehicle"), side("incoming"));
  const plain = {
    rows: rows.filter(({ of }) => of === null).length,
    columns: columns.filter(({ of }) => of === null).length,
  };
  const problem: AssignmentProblem = {
    columns: plain.columns,
    rowAlone: full.rowAlone.slice(0, plain.rows),
    columnAlone: full.columnAlone.slice(0, plain.columns),
    edges: full.edges
      .slice(0, plain.rows)
      .map((edges) => edges.filter(({ column }) => column < plain.columns)),
  };
  const { matrix, alone } = squared(problem);
  const runs = matrix.length <= 500 ? 3 : 1;
  const ours = median(3, () => solveAssignment(problem));
  let sum = 0;
  const theirs = median(runs, () => {
    const { rowAssignments } = linearSumAssignment(
      matrix.map((row) => [...row]),
      { maximaze: false },
    );
    sum = Array.from(rowAssignments).reduce(
      (total, column, row) => total + (matrix[row]?.[column] ?? 0),
      alone,
    );
  });
  const { total } = solveAssignment(problem);
  const walk = suggest(dossier);
  const whole = median(3, () => suggest(dossier));
  // One pair decided: with what is remembered only its own component is solved again.
  const memo: MatchMemo = new Map();
  suggest(dossier, { memo });
  const [pair] = walk.pairs;
  const after =
    pair === undefined
      ? dossier
      : { ...dossier, decisions: [...dossier.decisions, decisionFromPair(pair, dossier)] };
  const again = median(1, () => suggest(after, { memo }));
  const hazards = median(3, () => findHazards(dossier, walk));
  const verdict = median(3, () => colourForColour(dossier));
  say(
    `crosswalk ${name}: whole ${round(whole)} ms, after one decision ${round(again)} ms (ratio ${round(again / whole)}); assignment ${round(ours)} ms (with further joints, ${rows.length} × ${columns.length}: ${round(median(3, () => solveAssignment(full)))}), linear-sum-assignment on the same costs ${round(theirs)} ms, ratio ${(ours / theirs).toFixed(4)}; hazards ${round(hazards)} ms, colour for colour ${round(verdict)} ms; same optimum: ${sum === total[0] * 1e5 + total[1] ? "yes" : "NO"}`,
  );
  return { whole, ours };
}

export function crosswalk(): void {
  const small = matched("200 × 200", synthetic(200));
  const large = matched("1,000 × 1,000", synthetic(1000));
  const power = (a: number, b: number): string => (Math.log(b / a) / Math.log(5)).toFixed(1);
  say(
    `growth from 200 to 1,000 pins a side: whole to the power of ${power(small.whole, large.whole)}, assignment ${power(small.ours, large.ours)}`,
  );
  matched("engine swap of 150 + 120 pins, 11 plugs", engineSwap().dossier);
}

/** The view in a real browser: an engine swap of 270 pins beside a job of 40, from the key to the row that says "decided". */
export async function crosswalkView(base: string): Promise<void> {
  const browser = await chromium.launch(browserLaunch());
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.addInitScript(() => localStorage.setItem("trevin.person", "bench"));
    const measure = async (
      dossier: Dossier,
    ): Promise<{ readonly open: number; readonly answer: number; readonly next: number }> => {
      const made = await page.request.post(`${base}/imports`, { data: fileOf({ dossier, ledger: [] }) });
      const { id } = (await made.json()) as { id: string };
      const open = await timed(async () => {
        await page.goto(`${base.replace("/api/v1", "")}/jobs/${id}/crosswalk`);
        await page.getByRole("option").first().waitFor();
      });
      const rows = page.getByRole("option", { name: /suggested/ });
      const answers: number[] = [];
      const moves: number[] = [];
      for (let i = 0; i < 5; i++) {
        const row = rows.first();
        const key = await row.getAttribute("id");
        await row.click();
        const decided = page.locator(`[id="${key}"]`).getByText(/^(decided|CAUTION|STOP)$/);
        answers.push(
          await timed(async () => {
            await page.keyboard.press("Enter");
            await page.locator(`[id="${key}"] .row:not(.open)`).waitFor();
          }),
        );
        await decided.first().waitFor();
        const before = await page
          .getByRole("listbox", { name: "Circuits" })
          .getAttribute("aria-activedescendant");
        moves.push(
          await timed(async () => {
            await page.keyboard.press("ArrowDown");
            await page.waitForFunction(
              (last) =>
                document.querySelector("[role=listbox]")?.getAttribute("aria-activedescendant") !== last,
              before,
            );
          }),
        );
      }
      return { open, answer: percentile(answers, 0.5), next: percentile(moves, 0.5) };
    };
    const small = await measure(synthetic(20));
    const large = await measure(engineSwap().dossier);
    const line = (what: string, key: keyof typeof small): string =>
      `${what} ${round(large[key])} ms (40 pins: ${round(small[key])}, ratio ${round(large[key] / small[key])})`;
    say(
      `crosswalk view of 270 pins: ${[line("open", "open"), line("a decision shown", "answer"), line("next row in hand", "next")].join("; ")}`,
    );
  } finally {
    await browser.close();
  }
}
