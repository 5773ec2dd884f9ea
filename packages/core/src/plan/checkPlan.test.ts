import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { decidedDossier } from "../testing/index.ts";
import { checkPlan } from "./check/check.ts";
import { planWork } from "./plan.ts";
import { decidedDemo } from "../testing/decidedDemo.ts";

describe("checkPlan", () => {
  it("catches every step that is left out", () => {
    let tried = 0;
    fc.assert(
      fc.property(decidedDossier(5), fc.nat(), (dossier, where) => {
        const { steps } = planWork(dossier, { hazards: [] });
        // A plug whose stubs were insulated for the live test may lie in the car for ever.
        const isTested = dossier.decisions.some((one) => one.kind === "join" && one.findLive === true);
        const changing = steps.filter(
          ({ op, kind }) => op !== null && kind !== "plug" && !(isTested && kind === "set-aside"),
        );
        if (changing.length === 0) return;
        const gone = changing[where % changing.length]!;
        tried++;
        expect(checkPlan(dossier, { steps: steps.filter((step) => step !== gone) }), gone.id).not.toBeNull();
      }),
      { numRuns: 800, seed: 245 },
    );
    expect(tried).toBeGreaterThan(500);
  });

  it("names the first step that cannot be done", () => {
    const dossier = decidedDemo();
    const { steps } = planWork(dossier, { hazards: [] });
    expect(checkPlan(dossier, { steps: steps.slice(1) })).toMatchObject({
      code: "step-cannot-be-done",
      problem: { code: "battery-is-on" },
    });
    const check = steps.find((step) => step.kind === "check")!;
    expect(checkPlan(dossier, { steps: steps.filter((step) => step !== check) })).toMatchObject({
      code: "unchecked-doubt",
    });
    const twice = steps.findIndex((step) => step.kind === "insert");
    const later = [...steps.slice(0, twice), ...steps.slice(twice + 1), steps[twice]!];
    expect(checkPlan(dossier, { steps: later })).toMatchObject({ code: "two-ends-in-the-hand" });
  });
});
