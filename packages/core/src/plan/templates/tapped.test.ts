import { describe, expect, it } from "vitest";
import { applyOperation, initialState, netOf } from "../../harness/index.ts";
import { findHazards } from "../../hazards/index.ts";
import { pinId, type InsertedDevice } from "../../model/index.ts";
import { job, pin, V, X, type Pin } from "../../testing/twoPlugs.ts";
import { pinNamer, decisionWords, stepLine, stepWords } from "../../words/index.ts";
import { checkPlan } from "../check/check.ts";
import { planWork } from "../plan.ts";

/** Two door switches of a plug whose part stays, and the one door input of an alarm. */
const alarm = (half: "whole" | undefined, device: InsertedDevice | null, more: readonly Pin[] = []) =>
  job({
    v: [pin("1", "Door switch, left", { colour: "BN" }), pin("2", "Door switch, right", { colour: "GY" })],
    x: [pin("A", "Door input", { colour: "GN" })],
    onV: { id: "V" },
    onX: { leads: "flying" },
    decisions: [
      {
        kind: "merge",
        vehicle: [V("1"), V("2")],
        incoming: X("A"),
        ...(half === undefined ? {} : { half }),
        ...(device === null ? {} : { device }),
      },
      ...more,
    ],
    file: { worklist: { counterparts: [{ connector: "V", becomes: "stays" }] } },
  });
const DIODES: InsertedDevice = { kind: "diodes", band: "vehicle" };
const endOf = (dossier: ReturnType<typeof alarm>) =>
  planWork(dossier).steps.reduce((state, { op }) => {
    const next = op === null ? null : applyOperation(state, op);
    return next?.ok === true ? next.value.state : state;
  }, initialState(dossier));

describe("several wires that stay whole and meet", () => {
  it("each gets a lead from its tap to its own diode; nothing is cut, and no step can be left out", () => {
    const dossier = alarm("whole", DIODES);
    const plan = planWork(dossier);
    expect(plan.blocks).toEqual([]);
    expect(checkPlan(dossier, plan)).toBeNull();
    expect(plan.steps.some(({ kind }) => kind === "cut" || kind === "disconnect")).toBe(false);
    const own = plan.steps.filter(({ decision }) => decision !== null);
    for (const left of own.filter(({ op }) => op !== null))
      expect(checkPlan(dossier, { steps: plan.steps.filter((step) => step !== left) })?.code).toBeDefined();
    const nets = netOf(endOf(dossier));
    const [one, two, input] = [
      nets.ofAnchor({ at: "beyond", pin: pinId("V.1") }),
      nets.ofAnchor({ at: "beyond", pin: pinId("V.2") }),
      nets.ofAnchor({ at: "part", cavity: pinId("X.A") }),
    ];
    // The switches go on working their own lamps, and neither works the other's.
    expect(one).toBe(nets.ofAnchor({ at: "part", cavity: pinId("V.1") }));
    expect(two).toBe(nets.ofAnchor({ at: "part", cavity: pinId("V.2") }));
    expect(new Set([one, two, input]).size).toBe(3);
    expect(own.map((step) => stepLine(stepWords(step, dossier)))).toEqual([
      "Cut a short lead, from the tap to the part between, at V, cavity 1",
      "Strip brown, open for 15 mm, not cut, behind V, cavity 1",
      "Tap brown, 100 mm behind V, cavity 1: the short lead onto it, splice band",
      "Cut a short lead, from the tap to the part between, at V, cavity 2",
      "Strip grey, open for 15 mm, not cut, behind V, cavity 2",
      "Tap grey, 130 mm behind V, cavity 2: the short lead onto it, splice band",
      "Strip all 3 ends, to the depth of the barrel, sleeve on first: V.1, X.A, V.2",
      "Fit a diode in each wire, cathode (band) towards the vehicle, between V.1, V.2 and X.A",
    ]);
  });
  it("makes one piece of copper of them without diodes", () => {
    const nets = netOf(endOf(alarm("whole", null)));
    expect(nets.ofAnchor({ at: "beyond", pin: pinId("V.1") })).toBe(
      nets.ofAnchor({ at: "part", cavity: pinId("V.2") }),
    );
  });
  it("leaves their wires free for what else is decided of them", () => {
    const dossier = alarm("whole", DIODES, [{ kind: "leave", pin: V("1") }]);
    expect(dossier.decisions.map(({ kind }) => kind).sort()).toEqual(["leave", "merge"]);
    expect(checkPlan(dossier, planWork(dossier))).toBeNull();
  });
  it("is what a merge that cuts them off is cured by, and is said", () => {
    const dossier = alarm(undefined, DIODES);
    const [hazard] = findHazards(dossier).filter(({ rule }) => rule === "part-cut-off");
    expect(hazard?.severity).toBe("stop");
    expect(hazard?.fixes).toEqual([
      { words: "Tap it instead", put: alarm("whole", DIODES).decisions, remove: [] },
    ]);
    const cured = alarm("whole", DIODES);
    expect(findHazards(cured).filter(({ rule }) => rule === "part-cut-off")).toEqual([]);
    expect(decisionWords(cured.decisions[0]!, pinNamer(cured))).toBe(
      "V.1 and V.2 to X.A: 2 tapped and joined to one, each stays whole, through a diode in each wire, cathode (band) towards the vehicle",
    );
  });
});

describe("where a wire is cut or tapped", () => {
  const lengths = (decisions: readonly Pin[]) => {
    const dossier = job({
      v: ["1", "2", "3"].map((cavity) => pin(cavity, `Lamp ${cavity}`, { colour: "BN" })),
      x: ["A", "B", "C"].map((cavity) => pin(cavity, `Lamp ${cavity}`, { colour: "GN" })),
      onX: { leads: "flying" },
      decisions,
      file: { worklist: { counterparts: [{ connector: "V", becomes: "stays" }] } },
    });
    const plan = planWork(dossier);
    expect(checkPlan(dossier, plan)).toBeNull();
    return plan.steps.flatMap(({ kind, wire, length }) =>
      kind === "cut" || kind === "tap" ? [[wire, length]] : [],
    );
  };
  const tap = (v: string, x: string, more: Pin = {}): Pin => ({
    kind: "tap",
    vehicle: V(v),
    incoming: [X(x)],
    ...more,
  });
  it("is as far behind its plug as a person says, and the others keep their spaces", () => {
    expect(lengths([tap("1", "A"), tap("2", "B", { cutAt: 450 }), tap("3", "C")])).toEqual([
      ["V.1", 100],
      ["V.2", 450],
      ["V.3", 160],
    ]);
  });
  it("never lies beside the joint before it, though both are to be at one place", () => {
    expect(lengths([tap("1", "A", { cutAt: 200 }), tap("2", "B", { cutAt: 200 })])).toEqual([
      ["V.1", 200],
      ["V.2", 230],
    ]);
  });
  it("is said with the decision", () => {
    const dossier = job({
      v: [pin("1", "Horn")],
      x: [pin("A", "Horn")],
      onX: { leads: "flying" },
      decisions: [tap("1", "A", { cutAt: 300 })],
    });
    expect(decisionWords(dossier.decisions[0]!, pinNamer(dossier))).toBe(
      "V.1 to X.A: tapped, the wire stays whole, 300 mm behind the plug",
    );
  });
});
