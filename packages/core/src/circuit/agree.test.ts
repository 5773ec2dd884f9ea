import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readJobFile } from "../contract/index.ts";
import { initialState } from "../harness/index.ts";
import { checkPlan, planWork, stateAfter } from "../plan/index.ts";
import { demoOf, ended } from "../testing/circuitJobs.ts";
import { decidedDossier } from "../testing/index.ts";
import { proofOf } from "./index.ts";

describe("the checker's copper and the solved circuit", () => {
  it("agree on what is short: no supply that ends on a ground is called safe to power", () => {
    let shorts = 0;
    fc.assert(
      fc.property(decidedDossier(4), (dossier) => {
        const plan = planWork(dossier, { hazards: [] });
        if (checkPlan(dossier, plan)?.code !== "short-circuit") return;
        shorts++;
        const proof = proofOf(dossier, stateAfter(initialState(dossier), plan.steps));
        expect(proof.findings.map(({ kind }) => kind)).toContain("short");
        expect(proof.verdict).toBe("unsafe");
      }),
      { numRuns: 1500, seed: 5 },
    );
    expect(shorts).toBeGreaterThan(15);
  });
});

describe("what stands in the circuit", () => {
  it("leads of the vehicle itself stand in the circuit as its loom does", () => {
    for (const leads of ["loom", "flying"] as const) {
      const read = readJobFile(
        JSON.stringify({
          format: "trevin-job",
          version: 1,
          job: { name: "leads", kind: "module-integration", nominalVolts: 12, method: "splice" },
          connectors: [
            {
              name: "V",
              side: "vehicle",
              leads,
              pins: [
                { cavity: "1", function: "Permanent 12 V" },
                { cavity: "2", function: "Ground" },
              ],
            },
            {
              name: "X",
              side: "incoming",
              leads: "flying",
              module: "radio",
              pins: [{ cavity: "A", function: "Ground" }],
            },
          ],
          decisions: [
            {
              kind: "merge",
              vehicle: ["1", "2"].map((cavity) => ({ connector: "V", cavity })),
              incoming: { connector: "X", cavity: "A" },
              answers: [{ rule: "supply-onto-ground", reason: "to see what the circuit says" }],
            },
          ],
        }),
      );
      if (!read.ok) throw new Error(JSON.stringify(read.error));
      const proof = ended(read.value.dossier);
      expect([proof.findings.map(({ kind }) => kind), proof.verdict], leads).toEqual([["short"], "unsafe"]);
    }
  });
  it("what a wire is for goes with it to another cavity", () => {
    const { loads, findings } = ended(demoOf("gearbox"));
    expect(findings).toEqual([]);
    expect(loads.map(({ pin }) => pin)).toContain("GB.3");
  });
});
