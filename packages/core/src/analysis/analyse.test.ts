import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { suggest } from "../proposals/index.ts";
import { findHazards } from "../hazards/index.ts";
import { planWork } from "../plan/index.ts";
import { decidedDossier, undecidedDossier } from "../testing/index.ts";
import { demoOf } from "../testing/circuitJobs.ts";
import { analyse } from "./index.ts";

const DEMOS = ["engine-swap", "cluster-swap", "gearbox", "light-board", "levelling", "tail-lift"];
const jobs = fc.oneof(decidedDossier(), undecidedDossier(), fc.constantFrom(...DEMOS.map(demoOf)));

describe("the analysis of a job", () => {
  it("finds the hazards that are found of the same job by themselves, decided or not", () => {
    let decided = 0;
    fc.assert(
      fc.property(jobs, (dossier) => {
        const { hazards, crosswalk, bench } = analyse(dossier, []);
        expect(crosswalk).toEqual(suggest(dossier));
        expect(hazards).toEqual(findHazards(dossier, crosswalk));
        expect(bench.hazards).toEqual(findHazards(dossier));
        if (Object.values(crosswalk).every(({ length }) => length === 0)) decided++;
      }),
      { seed: 26, numRuns: 60 },
    );
    expect(decided).toBeGreaterThan(5);
  });
  it("holds the plan that is made by itself, with suggestions or without", () => {
    fc.assert(
      fc.property(jobs, (dossier) => {
        const [full, bare] = [analyse(dossier, []), analyse(dossier, [], { match: false })];
        expect(full.bench.plan.steps).toEqual(planWork(dossier).steps);
        expect(bare.bench.plan).toEqual(full.bench.plan);
        expect(bare.crosswalk.pairs).toEqual([]);
        expect(bare.matched).toBe(false);
      }),
      { seed: 27, numRuns: 40 },
    );
  });
});
