import { describe, expect, it } from "vitest";
import { applyOperation, initialState, netOf } from "../../harness/index.ts";
import { joinPointId, pinId } from "../../model/index.ts";
import { asBuilt } from "../../ledger/index.ts";
import { job, pin, V, X, type Pin } from "../../testing/twoPlugs.ts";
import { decisionWords, pinNamer, stepLine, stepWords } from "../../words/index.ts";
import { checkPlan } from "../check/check.ts";
import { kitOf } from "../kit.ts";
import { stateAfter } from "../afterSteps.ts";
import { planWork } from "../plan.ts";

/** A sealed plug with an empty cavity, whose part leaves; a pigtail of two leads; a fuse and a ground point. */
const made = (decisions: readonly Pin[], flying = true) =>
  job({
    v: [
      pin("1", "Fan, low", { colour: "RD" }),
      pin("2", "", { content: "empty" }),
      pin("3", "Horn", { colour: "BK" }),
    ],
    x: [pin("A", "Fan, low", { colour: "BU" }), pin("B", "Memory", { colour: "GN" })],
    onV: { id: "V", sealed: true },
    onX: { leads: flying ? "flying" : "loom" },
    decisions,
    file: {
      points: [
        { id: "G2", name: "G2", kind: "ground", place: "left sill" },
        { id: "F6", name: "F6", kind: "supply", supply: { feed: "ignition", fuse: { amps: 5 } } },
      ],
      worklist: { counterparts: [{ connector: "V", becomes: "leaves" }] },
    },
  });
const rest = (...pins: readonly Pin[]): readonly Pin[] => pins.map((one) => ({ kind: "cap", pin: one }));
const lines = (decisions: readonly Pin[], first: number, flying = true): readonly string[] => {
  const dossier = made([...decisions], flying);
  const plan = planWork(dossier);
  expect(plan.blocks.filter(({ code }) => code !== "stop")).toEqual([]);
  expect(checkPlan(dossier, plan)).toBeNull();
  const own = plan.steps.filter(({ decision }) => decision !== null);
  // Nothing that is done can be left out unnoticed.
  for (const left of own.filter(({ op }) => op !== null))
    expect(checkPlan(dossier, { steps: plan.steps.filter((step) => step !== left) })?.code).toBeDefined();
  return own.slice(0, first).map((step) => stepLine(stepWords(step, dossier)));
};

describe("a cavity is filled", () => {
  it("by the free end of a lead: new terminal, through the membrane", () => {
    expect(
      lines([{ kind: "populate", lead: X("A"), cavity: V("2") }, ...rest(X("B"), V("1"), V("3"))], 9),
    ).toEqual(
      expect.arrayContaining([
        "Slide on wire seal, onto blue, for V, cavity 2",
        "Crimp blue, new terminal for V, cavity 2",
        "Pierce the membrane, of V, cavity 2",
        "Insert blue, into V, cavity 2",
      ]),
    );
  });
  it("in place of a wire that is capped first", () => {
    const all = lines(
      [{ kind: "populate", lead: X("A"), cavity: V("1") }, ...rest(X("B"), V("1"), V("3"))],
      20,
    );
    expect(all.indexOf("Release red, out of V, cavity 1")).toBeLessThan(
      all.indexOf("Insert blue, into V, cavity 1"),
    );
    expect(all).not.toContain("Pierce the membrane, of V, cavity 1");
  });
  it("by a terminal of an incoming loom, as it is", () => {
    expect(
      lines([{ kind: "move", pin: X("A"), to: V("2") }, ...rest(X("B"), V("1"), V("3"))], 20, false),
    ).toEqual(expect.arrayContaining(["Release blue, out of X, cavity A", "Insert blue, into V, cavity 2"]));
  });
  it("by a new wire from a ground point: seated first, its ring at the other end", () => {
    const all = lines(
      [{ kind: "feed", pin: V("2"), feed: "ground", supply: "G2" }, ...rest(X("A"), X("B"), V("1"), V("3"))],
      30,
    );
    const order = [
      "Route a new wire, from G2, left sill to V, cavity 2, before it is cut to length",
      "Insert the new wire, into V, cavity 2",
      "Fit ring onto the new wire, of V, cavity 2, for G2, left sill",
      "Ground the new wire, of V, cavity 2, at G2, left sill",
    ].map((line) => all.indexOf(line));
    expect(order).toEqual([...order].sort((a, b) => a - b));
    expect(order[0]).toBeGreaterThanOrEqual(0);
  });
});

it("as built, a new wire says that it is one and what it leads to", () => {
  const dossier = made([
    { kind: "feed", pin: V("2"), feed: "ground", supply: "G2" },
    ...rest(X("A"), X("B"), V("1"), V("3")),
  ]);
  const end = planWork(dossier).steps.reduce((state, { op }) => {
    const next = op === null ? null : applyOperation(state, op);
    return next?.ok === true ? next.value.state : state;
  }, initialState(dossier));
  const row = asBuilt(dossier, end).find(({ connector, cavity }) => connector === "V" && cavity === "2");
  expect(row).toMatchObject({ wire: { function: "new wire" }, joinedTo: ["G2"] });
});

describe("a wire is parted otherwise than by a cut", () => {
  it("its terminal is pulled and cut off, and its cavity takes another lead", () => {
    const all = lines(
      [
        { kind: "join", vehicle: V("1"), incoming: X("A"), method: "splice", half: "pulled" },
        { kind: "populate", lead: X("B"), cavity: V("1") },
        ...rest(V("3")),
      ],
      20,
    );
    const at = (line: string): number => all.indexOf(line);
    expect(at("Release red, out of V, cavity 1")).toBeLessThan(
      at("Cut off the old terminal, from red, towards V, cavity 1"),
    );
    expect(at("Splice red and blue, one joint, crimped: V.1, X.A")).toBeLessThan(
      at("Insert green, into V, cavity 1"),
    );
    expect(all.filter((line) => line.startsWith("Cut red"))).toEqual([]);
  });
  it("the halves in the plug are bridged, those in the loom insulated", () => {
    const all = lines([{ kind: "jumper", pins: [V("1"), V("3")], half: "plug" }, ...rest(X("A"), X("B"))], 8);
    expect(all).toContain("Cap red, the loom-side half, of V, cavity 1");
    expect(all).toContain(
      "Splice red and black, one joint, crimped: V.1 (connector half), V.3 (connector half)",
    );
  });
});

describe("an empty cavity is opened as it is closed", () => {
  const shell = (blank: string) => ({
    name: "two",
    pattern: { kind: "rows", rows: [{ places: 2 }], numbering: { scheme: "listed" } },
    view: "wire",
    blank,
  });
  const moved = (blank: string | null, isNew: boolean): readonly string[] => {
    const dossier = job({
      v: [pin("1", "Horn"), pin("2", "Lamp")],
      x: [pin("A", "", { content: "empty" }), isNew ? pin("B", "", { content: "empty" }) : pin("B", "Lamp")],
      onX: { sealed: true, leads: "flying", ...(blank === null ? {} : { shell: shell(blank) }) },
      decisions: [
        { kind: "join", vehicle: V("1"), incoming: X("A"), method: "move" },
        { kind: "leave", pin: V("2") },
        ...(isNew ? [] : [{ kind: "cap", pin: X("B") }]),
      ],
      file: { worklist: { counterparts: [{ connector: "V", becomes: "leaves" }] } },
    });
    const plan = planWork(dossier);
    expect(checkPlan(dossier, plan)).toBeNull();
    return plan.steps.flatMap((step) =>
      /pierce|plug/.test(step.kind) ? [stepLine(stepWords(step, dossier))] : [],
    );
  };
  it("a plug is pulled, a membrane pierced, and where nobody says which it is a membrane", () => {
    expect(moved("plug", false)).toEqual(["Pull the cavity plug, out of X, cavity A"]);
    for (const blank of ["membrane", null])
      expect(moved(blank, false)).toEqual(["Pierce the membrane, of X, cavity A"]);
  });
  it("a new shell comes open: only what stays empty in it gets a plug", () => {
    for (const blank of ["plug", null])
      expect(moved(blank, true)).toEqual(["Plug the open cavity, of X, cavity B"]);
    expect(moved("membrane", true)).toEqual(["Pierce the membrane, of X, cavity A"]);
  });
});

describe("a feed goes to the half that takes it", () => {
  const fed = (theirHalf?: string) => {
    const dossier = made(
      [
        {
          kind: "feed",
          pin: X("A"),
          feed: "battery",
          supply: "F6",
          ...(theirHalf === undefined ? {} : { theirHalf }),
        },
        ...rest(X("B"), V("1"), V("3")),
      ],
      false,
    );
    const plan = planWork(dossier);
    expect(checkPlan(dossier, plan)).toBeNull();
    const nets = netOf(stateAfter(initialState(dossier), plan.steps));
    const supply = nets.ofAnchor({ at: "point", point: joinPointId("F6") });
    return {
      loom: supply === nets.ofAnchor({ at: "beyond", pin: pinId("X.A") }),
      plug: supply?.cavities.has(pinId("X.A")) === true,
      plan,
      dossier,
    };
  };
  it("the plug's for a part at its plug, the loom's for an engine that comes with its loom", () => {
    expect(fed()).toMatchObject({ loom: false, plug: true });
    expect(fed("loom")).toMatchObject({ loom: true, plug: false });
    // A plan for one half is no plan for the other.
    expect(checkPlan(fed("loom").dossier, fed().plan)?.code).toBeDefined();
  });
});

describe("a wire gets a new end where it is", () => {
  it("a terminal of the plug, its seal first, back into the same cavity", () => {
    expect(lines([{ kind: "re-end", pin: V("1") }, ...rest(X("A"), X("B"), V("3"))], 6)).toEqual([
      "Release red, out of V, cavity 1",
      "Cut off the old terminal, from red, towards V, cavity 1",
      "Slide on wire seal, onto red, for V, cavity 1",
      "Strip red, about 5 mm, for V, cavity 1",
      "Crimp red, new terminal for V, cavity 1",
      "Insert red, into V, cavity 1",
    ]);
  });
  it("or a ring for another stud; the part goes on working, and copper is as it was", () => {
    const decision: Pin = { kind: "re-end", pin: V("3"), stud: 8 };
    const dossier = made([decision, ...rest(X("A"), X("B"), V("1"))]);
    const words = planWork(dossier).steps.flatMap((step) =>
      step.wire === "V.3" ? [stepWords(step, dossier).act] : [],
    );
    expect(words).toEqual(
      expect.arrayContaining(["Lift the ring off the stud", "Put the new ring on the stud"]),
    );
    expect(dossier.decisions.map((one) => decisionWords(one, pinNamer(dossier)))).toContain(
      "V.3: new ring for M8",
    );
    expect(kitOf(dossier, planWork(dossier)).map(({ what }) => what)).toContain("ring terminal M8");
    expect(() => made([{ kind: "re-end", pin: V("2") }])).toThrow("pin-is-empty");
    expect(() => made([{ kind: "re-end", pin: V("1"), stud: 7 }])).toThrow();
  });
});

describe("what cannot be filled is refused with its reason", () => {
  const refused = (decision: Pin, flying = true): string => {
    try {
      made([decision], flying);
      return "taken";
    } catch (error) {
      return String(error);
    }
  };
  it("a loom's wire has no free end, a lead does not go into its own plug, and one cavity takes one terminal", () => {
    expect(refused({ kind: "populate", lead: X("A"), cavity: V("2") }, false)).toContain("not-a-free-lead");
    expect(refused({ kind: "populate", lead: X("A"), cavity: X("B") })).toContain("not-a-free-lead");
    expect(refused({ kind: "move", pin: V("1"), to: X("A") })).toContain("move-across-sides");
    expect(() =>
      made([
        { kind: "populate", lead: X("A"), cavity: V("2") },
        { kind: "feed", pin: V("2"), feed: "ground", supply: "G2" },
      ]),
    ).toThrow("cavity-claimed");
  });
  it("a wire that stays keeps its cavity: the work waits", () => {
    const dossier = made([
      { kind: "populate", lead: X("A"), cavity: V("1") },
      { kind: "leave", pin: V("1") },
    ]);
    expect(planWork(dossier).blocks.map(({ code }) => code)).toContain("cavity-kept");
    expect(dossier.decisions.map((one) => decisionWords(one, pinNamer(dossier)))[0]).toBe(
      "X.A into V.1: new terminal, into that cavity",
    );
  });
});
