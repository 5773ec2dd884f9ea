import { describe, expect, it } from "vitest";
import { readJobValue } from "../contract/index.ts";
import { applyCommand } from "../dossier/index.ts";
import { applyOperation, cutFarEnd, cutPlugEnd, netOf } from "../harness/index.ts";
import { decisionId, HALVES, type Decision, type Dossier, type Half } from "../model/index.ts";
import { entriesOf } from "../testing/entries.ts";
import { byName, demoDossier } from "../testing/index.ts";
import { checkPlan, planWork, type Step } from "../plan/index.ts";
import { bench, planHash, testBefore } from "./bench.ts";
import type { What } from "./entry.ts";

const dossier = demoDossier();
const at = byName(dossier);
const { steps } = planWork(dossier);
const baseline: What = {
  kind: "baseline",
  head: dossier.head,
  connectors: dossier.connectors,
  begins: "plugged",
};
const done = (i: number): What => ({
  kind: "done",
  step: steps[i]!.id,
  decision: steps[i]!.decision,
  op: steps[i]!.op,
  note: "",
});
function decide(from: Dossier, put: readonly Decision[], remove: readonly Decision[] = []): Dossier {
  const next = applyCommand(from, { kind: "decide", put, remove: remove.map(decisionId) });
  if (!next.ok) throw new Error(next.error.code);
  return next.value;
}

/** Steps done up to the test, which finds that half live. */
const foundLive = (job: Dossier, steps: readonly Step[], live: Half): readonly What[] => [
  { kind: "baseline", head: job.head, connectors: job.connectors, begins: "plugged" },
  ...steps.map(({ id: step, decision, op, kind }): What => ({
    kind: "done",
    step,
    decision,
    op,
    note: "",
    ...(kind === "find-live" ? { live } : {}),
  })),
];

describe("bench", () => {
  it("begins at the first step, and after a crash stands exactly where the ledger says", () => {
    expect(bench(dossier, []).current?.id).toBe(steps[0]!.id);
    expect(bench(dossier, entriesOf([baseline, done(0), done(1), done(2)])).current?.id).toBe(steps[3]!.id);
  });
  it("goes on with a ledger from before plugs and membranes counted: nothing is unplugged that never was plugged in", () => {
    const old: What = { kind: "baseline", head: dossier.head, connectors: dossier.connectors };
    const view = bench(dossier, entriesOf([old, done(0)]));
    expect(view.plan.steps.some(({ kind }) => kind === "disconnect" || kind === "pierce")).toBe(false);
    expect(Object.values(view.state.plugged).every((one) => one === null)).toBe(true);
    expect(checkPlan(view.dossier, view.plan, view.start)).toBeNull();
  });
  it("steps over an act that was left out, and comes back to one that was taken back", () => {
    const skipped: What = { kind: "skipped", step: steps[1]!.id, decision: null, reason: "no camera" };
    const view = bench(dossier, entriesOf([baseline, done(0), skipped, done(2)]));
    expect([view.progress.get(steps[1]!.id), view.current?.id]).toEqual(["skipped", steps[3]!.id]);
    expect(
      bench(dossier, entriesOf([baseline, done(0), done(1), { kind: "retracted", seq: 2, reason: "" }]))
        .current?.id,
    ).toBe(steps[1]!.id);
  });
  it("keeps its ticks when other decisions change: a step is its decision and its role", () => {
    const ledger = entriesOf([baseline, ...steps.slice(0, 8).map((_, i) => done(i))]);
    const before = bench(dossier, ledger);
    const later = decide(dossier, [
      { kind: "cap", pin: at("B12.3"), sure: "sure", reason: "", answers: [] },
      {
        kind: "join",
        vehicle: at("B12.4"),
        incoming: at("AL-P.M"),
        method: "move",
        sure: "sure",
        reason: "",
        answers: [],
      },
    ]);
    const after = bench(later, ledger);
    expect(after.plan.steps.length).toBeGreaterThan(before.plan.steps.length);
    expect([...after.progress]).toEqual([...before.progress]);
    expect(after.planHash).not.toBe(before.planHash);
    expect(
      after.current && later.decisions.some((decision) => decisionId(decision) === after.current?.decision),
    ).toBe(true);
  });
  it("names equal plans equally and different ones differently", () => {
    expect(planHash(planWork(dossier))).toBe(planHash({ steps }));
    expect(planHash({ steps: steps.slice(1) })).not.toBe(planHash({ steps }));
    const cap: Decision = { kind: "cap", pin: at("B12.3"), sure: "sure", reason: "", answers: [] };
    const there = decide(dossier, [cap]);
    expect(planHash(planWork(decide(there, [], [cap])))).toBe(planHash({ steps }));
  });
  it("locks a decision by an operation, not by a look", () => {
    const checked = decide(dossier, [
      {
        kind: "join",
        vehicle: at("B12.5"),
        incoming: at("AL-P.H"),
        method: "move",
        sure: "guess",
        reason: "",
        answers: [],
      },
    ]);
    const plan = planWork(checked).steps;
    const look = plan.find((step) => step.kind === "check")!;
    const ledger = entriesOf([
      baseline,
      { kind: "done", step: look.id, decision: look.decision, op: null, note: "" },
    ]);
    expect(bench(checked, ledger).fold?.carriedOut.size).toBe(0);
    const first = steps.findIndex(({ decision, op }) => decision !== null && op !== null);
    const cut = entriesOf([baseline, ...steps.slice(0, first + 1).map((_, i) => done(i))]);
    expect([...bench(dossier, cut).fold!.carriedOut]).toEqual([steps[first]!.decision]);
  });
  it("joins the half that was found live, and waits for that test", () => {
    const read = readJobValue({
      format: "trevin-job",
      version: 1,
      connectors: [
        {
          name: "V",
          side: "vehicle",
          pins: [{ cavity: "1", function: "Ignition feed", signal: "ignition", colour: "BK" }],
        },
        {
          name: "X",
          side: "incoming",
          leads: "flying",
          pins: [{ cavity: "A", function: "Ignition", signal: "ignition", colour: "RD" }],
        },
      ],
      decisions: [
        {
          kind: "join",
          vehicle: { connector: "V", cavity: "1" },
          incoming: { connector: "X", cavity: "A" },
          method: "splice",
          findLive: true,
        },
      ],
      worklist: { counterparts: [{ connector: "V", becomes: "leaves" }] },
    });
    if (!read.ok) throw new Error(JSON.stringify(read.error));
    const job = read.value.dossier;
    const plan = planWork(job).steps;
    const test = plan.findIndex(({ kind }) => kind === "find-live");
    const worked = (live: Half): readonly What[] => foundLive(job, plan.slice(0, test + 1), live);
    const before = bench(job, entriesOf(worked("plug").slice(0, -1)));
    const uncover = before.plan.steps.find(({ kind }) => kind === "uncover")!;
    expect(testBefore(before, uncover)?.id).toBe(plan[test]!.id);
    for (const half of HALVES) {
      const view = bench(job, entriesOf(worked(half)));
      expect(testBefore(view, uncover)).toBeNull();
      expect(view.misfits).toEqual([]);
      expect(checkPlan(view.dossier, view.plan, view.start)).toBeNull();
      expect([...view.progress.values()]).toEqual(Array.from({ length: test + 1 }, () => "done"));
      const joint = view.plan.steps.find(({ kind }) => kind === "splice")?.op;
      const pin = job.connectors[0]!.pins[0]!.id;
      expect(joint).toMatchObject({
        ends: expect.arrayContaining([half === "plug" ? cutPlugEnd(pin) : cutFarEnd(pin)]),
      });
      const rest = view.plan.steps.slice(test + 1).flatMap(({ op }) => op ?? []);
      const end = rest.reduce((state, op) => {
        const next = applyOperation(state, op);
        if (!next.ok) throw new Error(next.error.code);
        return next.value.state;
      }, view.state);
      expect(end.ends[half === "plug" ? cutFarEnd(pin) : cutPlugEnd(pin)]).toMatchObject({ covered: true });
    }
  });
  it("leads the half that was found live into the part, and the other one back from it", () => {
    const pin = (cavity: string, text: string) => ({ cavity, function: text, colour: "BK" });
    const read = readJobValue({
      format: "trevin-job",
      version: 1,
      connectors: [
        { name: "V", side: "vehicle", pins: [pin("1", "Start")] },
        { name: "X", side: "incoming", leads: "flying", pins: [pin("A", "Start in"), pin("B", "Start out")] },
      ],
      decisions: [
        {
          kind: "series",
          vehicle: { connector: "V", cavity: "1" },
          into: { connector: "X", cavity: "A" },
          back: { connector: "X", cavity: "B" },
          method: "splice",
          findLive: true,
        },
      ],
      worklist: { counterparts: [{ connector: "V", becomes: "stays" }] },
    });
    if (!read.ok) throw new Error(JSON.stringify(read.error));
    const job = read.value.dossier;
    const plan = planWork(job).steps;
    expect(planWork(job).blocks).toEqual([]);
    const test = plan.findIndex(({ kind }) => kind === "find-live");
    for (const half of HALVES) {
      const view = bench(job, entriesOf(foundLive(job, plan.slice(0, test + 1), half)));
      expect([view.misfits, checkPlan(view.dossier, view.plan, view.start)]).toEqual([[], null]);
      const nets = netOf(
        view.plan.steps.slice(test + 1).reduce((state, { op }) => {
          const next = op === null ? null : applyOperation(state, op);
          if (next?.ok === false) throw new Error(next.error.code);
          return next?.value.state ?? state;
        }, view.state),
      );
      const [own] = job.connectors[0]!.pins;
      const [into, back] = job.connectors[1]!.pins;
      const loom = nets.ofAnchor({ at: "beyond", pin: own!.id });
      const part = nets.ofAnchor({ at: "part", cavity: own!.id });
      const lead = (one: typeof into) => nets.ofAnchor({ at: "part", cavity: one!.id });
      expect([lead(into) === loom, lead(into) === part]).toEqual([half === "loom", half === "plug"]);
      expect([lead(back) === part, lead(back) === loom]).toEqual([half === "loom", half === "plug"]);
      expect(loom).not.toBe(part);
    }
  });
});
