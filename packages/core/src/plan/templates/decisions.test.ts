import { describe, expect, it } from "vitest";
import { readJobValue } from "../../contract/index.ts";
import { applyOperation, initialState, netOf } from "../../harness/index.ts";
import { findHazards } from "../../hazards/index.ts";
import { pinId, type Dossier } from "../../model/index.ts";
import { checkPlan } from "../check/check.ts";
import { adapterLoom } from "../adapter.ts";
import { planWork } from "../plan.ts";
import { type Leads, job, V, X, join, steps } from "../../testing/oneDecision.ts";

describe("what each decision becomes", () => {
  it.each([
    [
      "a move into a pigtail's cavity: its lead comes out of the harness first",
      join("move"),
      "loom",
      "flying",
      ["release X.A", "take-out X.A", "release V.1", "insert V.1"],
    ],
    [
      "a move into a loom's cavity: the wire that was there is capped and tucked",
      join("move"),
      "loom",
      "loom",
      ["release X.A", "cap X.A", "release V.1", "insert V.1"],
    ],
    [
      "a splice onto a pigtail: the stub stays in its plug, which is taken away whole",
      join("splice"),
      "loom",
      "flying",
      ["cut V.1", "strip V.1", "splice V.1"],
    ],
    [
      "a splice of two looms: theirs is cut and made safe first",
      join("splice"),
      "loom",
      "loom",
      ["cut X.A", "cap X.A", "cut V.1", "strip V.1", "splice V.1"],
    ],
    [
      "a splice of two pigtails cuts nothing",
      join("splice"),
      "flying",
      "flying",
      ["strip V.1", "splice V.1"],
    ],
    ["cap and tuck of a loom's wire", { kind: "cap", pin: V }, "loom", "flying", ["release V.1", "cap V.1"]],
    [
      "out of the loom: to where it leaves its branch, the rest insulated",
      { kind: "remove", pin: V },
      "loom",
      "flying",
      ["release V.1", "cut V.1", "cap V.1", "take-out V.1"],
    ],
    [
      "a pigtail's lead out of its shell",
      { kind: "remove", pin: X },
      "loom",
      "flying",
      ["release X.A", "take-out X.A"],
    ],
    ["cap of a pigtail's free end", { kind: "cap", pin: X }, "loom", "flying", ["cap X.A"]],
    [
      "a feed onto a pigtail's free end",
      { kind: "feed", pin: X, feed: "battery", from: "F22" },
      "loom",
      "flying",
      ["route X.A", "strip X.A", "feed X.A", "fuse X.A"],
    ],
    [
      "a ground gets its ring before it goes to its point, and no fuse",
      { kind: "feed", pin: X, feed: "ground", from: "G103, left sill" },
      "loom",
      "flying",
      ["route X.A", "strip X.A", "ring X.A", "feed X.A"],
    ],
    [
      "a feed into a loom's wire: cut, the rest insulated, then fed",
      { kind: "feed", pin: X, feed: "battery", from: "F22" },
      "loom",
      "loom",
      ["route X.A", "cut X.A", "cap X.A", "strip X.A", "feed X.A", "fuse X.A"],
    ],
  ] as const)("%s", (_what, decision, vehicle, incoming, expected) => {
    expect(steps(job(decision, vehicle, incoming))).toEqual(expected);
  });

  it("fills an empty cavity without taking anything out", () => {
    expect(steps(job(join("move"), "loom", "flying", "empty"))).toEqual(["release V.1", "insert V.1"]);
    expect(steps(job(join("move"), "loom", "flying", "empty", false))).toEqual(["release V.1", "insert V.1"]);
  });
  it("checks what is not sure before anything else", () => {
    expect(steps(job({ ...join("move"), sure: "guess" }, "loom", "flying", "empty"))).toEqual([
      "check V.1",
      "release V.1",
      "insert V.1",
    ]);
  });
  it("finds the live half with the power on between cut and joint, both halves insulated", () => {
    const plan = planWork(job({ ...join("splice"), findLive: true }, "loom", "flying"));
    const kinds = plan.steps.map(({ kind }) => kind);
    const from = kinds.indexOf("cut");
    expect(kinds.slice(from, from + 6)).toEqual([
      "cut",
      "cap",
      "cap",
      "battery-on",
      "find-live",
      "battery-off",
    ]);
    const join1 = kinds.indexOf("uncover");
    expect(kinds.slice(join1, join1 + 3)).toEqual(["uncover", "strip", "splice"]);
    expect(checkPlan(job({ ...join("splice"), findLive: true }, "loom", "flying"), plan)).toBeNull();
  });
  it("hangs a tap on the half in the loom of a wire that is parted as well, further from the plug than the cut", () => {
    const read = readJobValue({
      format: "trevin-job",
      version: 1,
      connectors: [
        { name: "V", side: "vehicle", pins: [{ cavity: "1", function: "Ignition feed", colour: "BK" }] },
        {
          name: "X",
          side: "incoming",
          leads: "flying",
          pins: ["A", "B", "C"].map((cavity) => ({ cavity, function: `Ignition ${cavity}`, colour: "RD" })),
        },
      ],
      decisions: [
        { kind: "tap", vehicle: V, incoming: [{ connector: "X", cavity: "C" }] },
        {
          kind: "series",
          vehicle: V,
          into: X,
          back: { connector: "X", cavity: "B" },
          method: "splice",
        },
      ],
      worklist: { counterparts: [{ connector: "V", becomes: "stays" }] },
    });
    if (!read.ok) throw new Error(JSON.stringify(read.error));
    const { dossier } = read.value;
    const plan = planWork(dossier);
    expect(checkPlan(dossier, plan)).toBeNull();
    const at = (kind: string): number => plan.steps.findIndex((step) => step.kind === kind);
    expect(at("tap")).toBeGreaterThan(at("cut"));
    expect(plan.steps[at("tap")]!.length!).toBeGreaterThan(plan.steps[at("cut")]!.length!);
    // On the wrong side of the cut it would hang on the part's half.
    const swapped = plan.steps.map((step) => (step.kind === "tap" ? { ...step, length: 50 } : step));
    expect(checkPlan(dossier, { steps: swapped })?.code).toBe("tap-before-cut");
    const end = plan.steps.reduce((state, { op }) => {
      const next = op === null ? null : applyOperation(state, op);
      return next?.ok === true ? next.value.state : state;
    }, initialState(dossier));
    const nets = netOf(end);
    const [own, into, back, branch] = ["V.1", "X.A", "X.B", "X.C"].map((id) => nets.ofCavity(pinId(id)));
    expect(branch).toBe(into);
    expect(own).toBe(back);
    expect(own).not.toBe(into);
  });
  it("makes an adapter on the table, and touches neither loom", () => {
    const dossier = job(join("adapter"), "loom", "loom");
    expect(steps(dossier)).toEqual([
      "build-wire V.1",
      "seal V.1",
      "strip V.1",
      "crimp V.1",
      "insert V.1",
      "seal V.1",
      "strip V.1",
      "crimp V.1",
      "insert V.1",
    ]);
    // The pigtail's own lead is what the hand holds.
    expect(steps(job(join("adapter"), "loom", "flying", "occupied", false))).toEqual([
      "strip X.A",
      "crimp X.A",
      "insert X.A",
    ]);
    const { shells, wires } = adapterLoom(dossier);
    expect([
      shells.map(({ name }) => name),
      wires.map(({ colour, ends }) => [colour, ends.map(({ at }) => at)]),
    ]).toEqual([["V", "X"], [["black", ["shell", "shell"]]]]);
    const wet = (of: Dossier): boolean => findHazards(of).some(({ rule }) => rule === "wet-joint");
    expect([wet(dossier), wet(job(join("splice"), "loom", "loom"))]).toEqual([false, true]);
    expect(planWork(dossier).steps.some(({ op }) => op?.kind === "cut" || op?.kind === "release")).toBe(
      false,
    );
  });
  it("asks how long each new wire of an adapter is, beside a part too, and of none that is a pigtail's own", () => {
    const runs = (decision: Record<string, unknown>, incoming: Leads) =>
      adapterLoom(job(decision, "loom", incoming)).runs.map(({ between: [a, b], mm }) => [
        a.name,
        b.name,
        mm,
      ]);
    const resistor = { device: { kind: "resistor", ohms: 680, how: "in series" } };
    expect(runs(join("adapter"), "loom")).toEqual([["V", "X", null]]);
    expect(runs(join("adapter"), "flying")).toEqual([]);
    expect(runs({ ...join("adapter"), ...resistor }, "flying")).toEqual([["V", "X", null]]);
    expect(runs({ ...join("adapter"), ...resistor }, "loom")).toEqual([["V", "X", null]]);
  });
});
