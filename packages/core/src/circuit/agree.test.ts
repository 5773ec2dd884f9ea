import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { initialState } from "../harness/index.ts";
import { checkPlan, planWork, stateAfter } from "../plan/index.ts";
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
