import { describe, expect, it } from "vitest";
import { readJobValue } from "../../contract/index.ts";
import { applyOperation, initialState, netOf } from "../../harness/index.ts";
import { findHazards } from "../../hazards/index.ts";
import { connectorId, indexPins, pinId, type Dossier } from "../../model/index.ts";
import { originWords } from "../../words/index.ts";
import { checkPlan } from "../check/check.ts";
import { adapterLoom } from "../adapter.ts";
import { planWork } from "../plan.ts";

type Leads = "loom" | "flying";
/** One pin a side, joined or otherwise decided. */
function job(
  decision: Record<string, unknown>,
  vehicle: Leads,
  incoming: Leads,
  content: "occupied" | "empty" = "occupied",
  sealed = true,
): Dossier {
  const read = readJobValue({
    format: "trevin-job",
    version: 1,
    connectors: [
      {
        name: "V",
        side: "vehicle",
        leads: vehicle,
        sealed,
        pins: [{ cavity: "1", function: "Horn", colour: "BK" }],
      },
      {
        name: "X",
        side: "incoming",
        leads: incoming,
        sealed,
        pins: [
          {
            cavity: "A",
            function: content === "empty" ? "" : "Horn",
            colour: content === "empty" ? "" : "RD",
            content,
          },
        ],
      },
    ],
    decisions: [decision],
  });
  if (!read.ok) throw new Error(JSON.stringify(read.error));
  return read.value.dossier;
}
const V = { connector: "V", cavity: "1" };
const X = { connector: "X", cavity: "A" };
const join = (method: string) => ({ kind: "join", vehicle: V, incoming: X, method });
/** The steps of the decision itself, as "kind wire". */
function steps(dossier: Dossier): readonly string[] {
  const plan = planWork(dossier);
  expect(checkPlan(dossier, plan)).toBeNull();
  return plan.steps
    .filter((step) => step.decision !== null || step.kind === "fuse")
    .map((step) => `${step.kind} ${step.wire}`);
}
const closing = (dossier: Dossier): readonly string[] =>
  planWork(dossier)
    .steps.filter((step) => step.id.startsWith("close/"))
    .map((step) => `${step.kind} ${step.at ?? step.connector ?? ""}`.trim());

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
  it("leads a wire through a part at its own plug, by the terminal or by a cut", () => {
    const looped = (method: string, into: "empty" | "occupied", sealed = false): Dossier => {
      const read = readJobValue({
        format: "trevin-job",
        version: 1,
        connectors: [
          { name: "V", side: "vehicle", sealed, pins: [{ cavity: "1", function: "Horn", colour: "BK" }] },
          {
            name: "X",
            side: "incoming",
            sealed,
            leads: "flying",
            pins: [
              {
                cavity: "A",
                function: into === "empty" ? "" : "Horn in",
                colour: into === "empty" ? "" : "RD",
                content: into,
              },
              { cavity: "B", function: "Horn out", colour: "GN" },
            ],
          },
        ],
        decisions: [{ kind: "series", vehicle: V, into: X, back: { connector: "X", cavity: "B" }, method }],
      });
      if (!read.ok) throw new Error(JSON.stringify(read.error));
      return read.value.dossier;
    };
    expect(steps(looped("move", "empty"))).toEqual([
      "release V.1",
      "insert V.1",
      "strip X.B",
      "crimp X.B",
      "insert X.B",
    ]);
    expect(steps(looped("move", "empty", true))).toEqual([
      "release V.1",
      "pierce V.1",
      "insert V.1",
      "seal X.B",
      "strip X.B",
      "crimp X.B",
      "insert X.B",
    ]);
    const origins = (of: Dossier): readonly string[] =>
      planWork(of).steps.flatMap((step) =>
        step.kind === "insert" ? [originWords(step, indexPins(of).get(step.wire!)!)] : [],
      );
    expect(origins(looped("move", "empty"))).toEqual([
      "the wire that came out of V, cavity 1",
      "the lead of X, cavity B",
    ]);
    expect(origins(job(join("adapter"), "loom", "loom"))).toEqual([
      "a new wire of the adapter",
      "a new wire of the adapter",
    ]);
    expect(steps(looped("move", "occupied")).slice(0, 3)).toEqual([
      "release X.A",
      "take-out X.A",
      "release V.1",
    ]);
    expect(steps(looped("splice", "occupied"))).toEqual([
      "cut V.1",
      "cap V.1",
      "strip V.1",
      "splice V.1",
      "uncover V.1",
      "strip V.1",
      "splice V.1",
    ]);
  });
  it("joins several in the adapter, as long as was measured between their plugs, and touches neither loom", () => {
    const read = readJobValue({
      format: "trevin-job",
      version: 1,
      connectors: [
        {
          name: "V",
          side: "vehicle",
          pins: [
            { cavity: "1", function: "Lamp", colour: "BK" },
            { cavity: "2", function: "Door", colour: "RD" },
            { cavity: "3", function: "Door", colour: "GN" },
          ],
        },
        {
          name: "X",
          side: "incoming",
          leads: "loom",
          pins: [
            { cavity: "A", function: "Lamp, left", colour: "RD" },
            { cavity: "B", function: "Lamp, right", colour: "RD" },
          ],
        },
      ],
      decisions: [
        { kind: "split", vehicle: V, incoming: [X, { connector: "X", cavity: "B" }], method: "adapter" },
        {
          kind: "jumper",
          pins: [
            { connector: "V", cavity: "2" },
            { connector: "V", cavity: "3" },
          ],
          method: "adapter",
        },
      ],
      worklist: { adapterLengths: [{ between: ["X", "V"], mm: 350 }], joint: "solder" },
    });
    if (!read.ok) throw new Error(JSON.stringify(read.error));
    const { dossier } = read.value;
    const plan = planWork(dossier);
    expect(checkPlan(dossier, plan)).toBeNull();
    expect(plan.steps.some(({ op }) => op?.kind === "cut" || op?.kind === "release")).toBe(false);
    expect(
      plan.steps
        .filter(({ op }) => op?.kind === "splice")
        .map(({ joint, op }) => [joint, op?.kind === "splice" ? [op.by, op.ends.length] : null]),
    ).toEqual([["solder", ["solder", 3]]]);
    expect(adapterLoom(dossier).wires.map(({ length, ends }) => [length, ends.map(({ at }) => at)])).toEqual([
      [350, ["shell", "joint"]],
      [350, ["joint", "shell"]],
      [350, ["joint", "shell"]],
      [null, ["shell", "shell"]],
    ]);
  });
  it("plugs two plugs together as they are: out of its own half, looked at where in doubt, and into the other", () => {
    const mate = { kind: "mate", vehicle: [V], incoming: [X], sure: "check" };
    const plan = planWork(job(mate, "loom", "loom"));
    expect(checkPlan(job(mate, "loom", "loom"), plan)).toBeNull();
    expect(plan.steps.map(({ kind }) => kind)).toEqual([
      "battery-off",
      "wait",
      "photograph",
      "disconnect",
      "check",
      "photograph",
      "connect",
      "measure",
      "battery-on",
      "try",
      "inspect",
    ]);
    const [into] = plan.steps.flatMap(({ op }) => (op?.kind === "connect" ? [op.into] : []));
    expect(into).toBe("V");
    // Done, it is not asked for again.
    expect(
      planWork(job(mate, "loom", "loom"), {
        start: {
          ...initialState(job(mate, "loom", "loom")),
          plugged: { [connectorId("V")]: connectorId("X"), [connectorId("X")]: connectorId("V") },
        },
      }).steps,
    ).toEqual([]);
  });
  it("leaves alone what is left, and says that nothing is to do", () => {
    const dossier = job({ kind: "leave", pin: V }, "loom", "flying", "empty");
    expect(planWork(dossier)).toMatchObject({ steps: [], blocks: [{ code: "nothing-to-do" }] });
  });
  it("closes the vacated cavity of a sealed connector, locks, measures, and only then lets power on", () => {
    const proof = ["measure", "battery-on", "try", "inspect"];
    expect(closing(job(join("move"), "loom", "flying"))).toEqual([
      "close-lock V",
      "plug V.1",
      "tape V",
      "close-lock X",
      "tug X",
      "connect X",
      ...proof,
    ]);
    expect(closing(job(join("move"), "loom", "flying", "occupied", false))).toEqual([
      "close-lock V",
      "tape V",
      "close-lock X",
      "tug X",
      "connect X",
      ...proof,
    ]);
    expect(closing(job(join("splice"), "loom", "flying"))).toEqual([
      "set-aside V",
      "tape V",
      "tape X",
      "connect X",
      ...proof,
    ]);
  });
  it("wants a cavity that nobody has looked into to be looked at first", () => {
    const read = readJobValue({
      format: "trevin-job",
      version: 1,
      connectors: [
        { name: "V", pins: [{ cavity: "1", function: "Horn" }] },
        { name: "X", pins: [{ cavity: "A", function: "", content: "unknown" }] },
      ],
      decisions: [join("move")],
    });
    if (!read.ok) throw new Error("unread");
    expect(planWork(read.value.dossier).blocks).toContainEqual({ code: "look-first", pin: "X.A" });
  });
});
