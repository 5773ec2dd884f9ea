import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { applyOperation, initialState } from "../harness/index.ts";
import { pinId, stepId } from "../model/index.ts";
import { planWork } from "../plan/index.ts";
import { byName, decidedDossier, demoDossier } from "../testing/index.ts";
import { job, pin } from "../testing/twoPlugs.ts";
import { bench } from "./bench.ts";
import { factsBetween, type What } from "./entry.ts";
import { foldLedger, obstaclesToRetract, retractChain } from "./fold.ts";
import { written, baseline, worked } from "../testing/ledgers.ts";

describe("a record of before new shells came open", () => {
  it("still folds: what was pierced had a membrane", () => {
    const dossier = job({
      v: [pin("1", "Horn")],
      x: [pin("A", "", { content: "empty" }), pin("B", "", { content: "empty" })],
      onX: { sealed: true, leads: "flying" },
    });
    const cavity = pinId("X.A");
    expect(initialState(dossier).cavities[cavity]?.state).toBe("vacated");
    const pierced: What = {
      kind: "done",
      step: stepId("s"),
      decision: null,
      op: { kind: "pierce", cavity },
      note: "",
    };
    const { fold, misfits } = foldLedger(written([baseline(dossier), pierced]).entries);
    expect(misfits).toEqual([]);
    expect(["A", "B"].map((one) => fold.start.cavities[pinId(`X.${one}`)]?.state)).toEqual([
      "blank",
      "vacated",
    ]);
    expect(fold.state.cavities[cavity]?.state).toBe("vacated");
  });
});

describe("factsBetween", () => {
  it("turns what was believed into what was found, but for place and content, and says nothing where nothing differs", () => {
    let differing = 0;
    fc.assert(
      fc.property(decidedDossier(4), (dossier) => {
        const [believed, found] = dossier.connectors.flatMap((connector) => connector.pins);
        if (believed === undefined || found === undefined) return;
        const facts = factsBetween(believed, found);
        const { id, cavity, order, content } = believed;
        expect({ ...believed, ...facts }).toEqual({ ...found, id, cavity, order, content });
        expect(factsBetween(believed, believed)).toEqual({});
        if (Object.keys(facts).length > 0) differing++;
      }),
      { numRuns: 200, seed: 24 },
    );
    expect(differing).toBeGreaterThan(100);
  });
});

describe("foldLedger", () => {
  it("gives what applying the operations one after another gives (state is a fold)", () => {
    fc.assert(
      fc.property(decidedDossier(4), fc.nat(80), (dossier, count) => {
        const { entries } = written(worked(dossier, count));
        let state = initialState(dossier);
        for (const { what } of entries) {
          if (what.kind !== "done" || what.op === null) continue;
          const next = applyOperation(state, what.op);
          if (next.ok) state = next.value.state;
        }
        const { fold, misfits } = foldLedger(entries, new Set(), dossier);
        expect(misfits).toEqual([]);
        expect(fold.state).toEqual(state);
      }),
      { numRuns: 300, seed: 40 },
    );
  });

  it("without its last entry is the state before it, exactly (retract)", () => {
    let retracted = 0;
    fc.assert(
      fc.property(decidedDossier(4), fc.nat(60), (dossier, count) => {
        const whats = worked(dossier, count);
        if (whats.length < 2) return;
        const { entries } = written([
          ...whats,
          { kind: "retracted", seq: whats.length - 1, reason: "mistake" },
        ]);
        expect(foldLedger(entries).fold.state).toEqual(
          foldLedger(written(whats.slice(0, -1)).entries).fold.state,
        );
        retracted++;
      }),
      { numRuns: 300, seed: 41 },
    );
    expect(retracted).toBeGreaterThan(200);
  });

  it("taken back step by step from the end passes through every state before, to the baseline", () => {
    const dossier = { ...demoDossier() };
    const whats = worked(dossier, 200);
    const states = whats.map((_, i) => foldLedger(written(whats.slice(0, i + 1)).entries).fold.state);
    const all: What[] = [...whats];
    for (let seq = whats.length - 1; seq >= 1; seq--) {
      expect(obstaclesToRetract(written(all).entries, seq)).toEqual([]);
      all.push({ kind: "retracted", seq, reason: "back" });
      expect(foldLedger(written(all).entries).fold.state).toEqual(states[seq - 1]);
    }
    expect(whats.length).toBeGreaterThan(20);
  });

  it("retracts an entry with everything that stands on it, the last first, and none of them is refused", () => {
    let further = 0;
    fc.assert(
      fc.property(decidedDossier(4), fc.nat(60), fc.nat(40), (dossier, count, at) => {
        const all: What[] = [...worked(dossier, count)];
        const seq = 1 + (at % Math.max(1, all.length - 1));
        if (all[seq]?.kind !== "done") return;
        const chain = retractChain(written(all).entries, seq);
        expect(chain.at(-1)).toBe(seq);
        for (const one of chain) {
          expect(obstaclesToRetract(written(all).entries, one)).toEqual([]);
          all.push({ kind: "retracted", seq: one, reason: "together" });
        }
        expect(foldLedger(written(all).entries).misfits).toEqual([]);
        further += chain.length - 1;
      }),
      { numRuns: 150, seed: 43 },
    );
    expect(further).toBeGreaterThan(50);
  });

  it("names the later entries that stand on one that is to be retracted", () => {
    const { entries } = written(worked(demoDossier(), 30));
    const release = entries.findIndex(({ what }) => what.kind === "done" && what.op?.kind === "release");
    expect(obstaclesToRetract(entries, release).map((misfit) => misfit.seq)).toContain(release + 1);
  });

  it("takes a found colour as knowledge throughout, and leaves the harness alone", () => {
    const dossier = demoDossier();
    const pin = byName(dossier)("B12.8");
    const { entries } = written([
      ...worked(dossier, 9),
      { kind: "found", pin, facts: { colour: "L" }, note: "seen" },
    ]);
    const before = foldLedger(entries.slice(0, -1)).fold;
    const after = foldLedger(entries).fold;
    expect(after.state).toEqual(before.state);
    expect(
      after.connectors.flatMap((connector) => connector.pins).find((one) => one.id === pin)!.colour,
    ).toBe("L");
    expect(bench(dossier, entries).plan.steps.length).toBe(planWork(dossier).steps.length);
  });
});
