import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { allPins } from "../model/index.ts";
import one from "../testing/reading/tables.json" with { type: "json" };
import two from "../testing/reading/tables-2.json" with { type: "json" };
import { namesOf, outcomeOf, swapJobs, tableJob, type RawJob } from "../testing/readingTables.ts";
import { pinReader } from "../pairing/index.ts";

/** 32 jobs with 632 joins, invented and typed by two hands that had not seen the program, each with what an experienced fitter would make of it. */
const JOBS = [...(one as unknown as RawJob[]), ...(two as unknown as RawJob[])].map(tableJob);

/** 332 swaps of many trades, invented and written by a third hand before the lexicon knew their words. */
const SWAPS = swapJobs(readFileSync(new URL("../testing/reading/swaps.txt", import.meta.url), "utf8")).map(
  tableJob,
);

describe("swaps of many trades", () => {
  it("are paired in five joins of six, and nothing wrong is called sure", () => {
    const outcomes = SWAPS.map((job) => outcomeOf(job));
    const joins = outcomes.reduce((sum, outcome) => sum + outcome.joins, 0);
    const right = outcomes.reduce((sum, outcome) => sum + outcome.right, 0);
    expect(joins).toBeGreaterThan(5000);
    expect(right / joins).toBeGreaterThan(0.87);
    const chosen = outcomes.flatMap((outcome) => outcome.chosen);
    expect(chosen.filter(({ isRight }) => !isRight).length / chosen.length).toBeLessThan(0.045);
    const sure = chosen.filter((pair) => pair.sure === "sure");
    expect(sure.length).toBeGreaterThan(1700);
    expect(sure.filter(({ isRight }) => !isRight)).toEqual([]);
  });
});

describe("tables typed by others", () => {
  it("are paired in nineteen joins of twenty, nothing wrong is called sure, and nothing harmful is proposed", () => {
    const outcomes = JOBS.map((job) => outcomeOf(job));
    const sum = (of: (outcome: (typeof outcomes)[number]) => number): number =>
      outcomes.reduce((total, outcome) => total + of(outcome), 0);
    expect(sum(({ joins }) => joins)).toBe(632);
    expect(sum(({ right }) => right)).toBeGreaterThanOrEqual(605);
    const chosen = outcomes.flatMap((outcome) => outcome.chosen);
    expect(chosen.filter(({ isRight }) => !isRight).length).toBeLessThanOrEqual(25);
    expect(chosen.filter(({ isHarmful }) => isHarmful)).toEqual([]);
    const sure = chosen.filter((pair) => pair.sure === "sure");
    expect(sure.length).toBeGreaterThan(100);
    expect(sure.filter(({ isRight }) => !isRight)).toEqual([]);
    const checked = chosen.filter((pair) => pair.sure === "check");
    expect(checked.filter(({ isRight }) => isRight).length / checked.length).toBeGreaterThan(0.9);
  });
  it("are read with the right class for six pins of seven", () => {
    let [right, all] = [0, 0];
    for (const job of JOBS) {
      const read = pinReader(job.dossier);
      const names = namesOf(job.dossier);
      for (const placed of allPins(job.dossier)) {
        const truth = job.meaning.get(names.get(placed.pin.id) ?? "");
        if (truth === undefined || placed.pin.function === "") continue;
        all++;
        if (read(placed).signal === truth.signal) right++;
      }
    }
    expect(all).toBeGreaterThan(1400);
    expect(right / all).toBeGreaterThan(0.86);
  });
});
