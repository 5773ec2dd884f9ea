import { describe, expect, it } from "vitest";
import { applyOperation, initialState, netOf } from "../harness/index.ts";
import { decisionFromPair, halfOfOurs, type SuggestedPair } from "../proposals/index.ts";
import {
  asksAfterPart,
  connectorId,
  counterpartIn,
  goesAway,
  pinId,
  undecidedPins,
  type Counterpart,
  type Dossier,
} from "../model/index.ts";
import { job, join, pin, V, X, type Pin } from "../testing/twoPlugs.ts";
import { stepLine, stepWords } from "../words/index.ts";
import { checkPlan } from "./check/check.ts";
import { planWork } from "./plan.ts";

const becomes = (connector: string, answer: Counterpart): Pin => ({
  worklist: { counterparts: [{ connector, becomes: answer }] },
});
const lines = (dossier: Dossier): readonly string[] =>
  planWork(dossier).steps.map((step) => stepLine(stepWords(step, dossier)));
const endOf = (dossier: Dossier) =>
  planWork(dossier).steps.reduce((state, { op }) => {
    const next = op === null ? null : applyOperation(state, op);
    if (next?.ok === false) throw new Error(next.error.code);
    return next?.value.state ?? state;
  }, initialState(dossier));

/** A fan's plug; the fan is to be renewed, and a controller works its low speed. */
const fan = (decisions: readonly Pin[], answer: Counterpart | null) =>
  job({
    v: [pin("1", "Fan, low speed", { colour: "RD" }), pin("2", "Ground", { colour: "BK", signal: "ground" })],
    x: [pin("A", "Fan output", { colour: "BU" })],
    onX: { leads: "flying" },
    decisions,
    file: answer === null ? {} : becomes("V", answer),
  });

describe("a new part comes onto the plug of the old one", () => {
  const decided = fan(
    [{ kind: "leave", pin: V("2") }, join("1", "A", { method: "splice", half: "plug" })],
    "comes",
  );
  it("every wire of it has to be decided, and what is joined goes to the new part", () => {
    expect(undecidedPins(fan([], "comes")).map(({ pin: one }) => one.id)).toEqual(["V.1", "V.2", "X.A"]);
    expect(halfOfOurs(decided, [pinId("V.1")])).toEqual({ half: "plug" });
    expect(halfOfOurs(fan([], "leaves"), [pinId("V.1")])).toEqual({});
    const pair = {
      vehicle: pinId("V.1"),
      incoming: pinId("X.A"),
      sure: "check",
      device: null,
    } as SuggestedPair;
    expect(decisionFromPair(pair, fan([], "comes"))).toMatchObject({ method: "splice", half: "plug" });
    expect(decisionFromPair(pair, fan([], "stays"))).toMatchObject({ kind: "tap" });
  });
  it("its plug comes off the old part and goes onto the new one, once", () => {
    const plan = planWork(decided);
    expect(plan.blocks).toEqual([]);
    expect(checkPlan(decided, plan)).toBeNull();
    expect(lines(decided)).toEqual(
      expect.arrayContaining(["Unplug V, off the old part", "Plug in V, onto the new part"]),
    );
    const nets = netOf(endOf(decided));
    const part = nets.ofAnchor({ at: "part", cavity: pinId("V.1") });
    expect(part).toBe(nets.ofAnchor({ at: "part", cavity: pinId("X.A") }));
    expect(part).not.toBe(nets.ofAnchor({ at: "beyond", pin: pinId("V.1") }));
    const again = planWork(decided, {
      done: plan.steps.map(({ id: step, decision }) => ({ step, decision })),
    });
    expect(again.steps.filter(({ role }) => role === "disconnect:V")).toHaveLength(1);
  });
  it("is work of its own where no wire changes", () => {
    const only = fan(
      [V("1"), V("2")]
        .map((one) => ({ kind: "leave", pin: one }))
        .concat([{ kind: "cap", pin: X("A") }] as never),
      "comes",
    );
    expect(checkPlan(only, planWork(only))).toBeNull();
    expect(lines(only)).toContain("Plug in V, onto the new part");
  });
});

/** The body's loom and the engine's meet in an inline plug; what comes takes the engine loom's place. */
const inline = (at: string | null, answer: Counterpart, decisions: readonly Pin[] = []) =>
  job({
    v: [pin("1", "Fuel pump", { colour: "GN" }), pin("2", "Tachometer", { colour: "BU" })],
    x: [pin("A", "Fuel pump", { colour: "GY" }), pin("B", "Tachometer", { colour: "VT" })],
    onV: { id: "V", matesWith: "W" },
    onX: { leads: "flying" },
    more: [
      {
        id: "W",
        name: "W",
        side: "vehicle",
        pins: [pin("1", "Fuel pump", { colour: "GN" }), pin("2", "Tachometer", { colour: "BU" })],
      },
    ],
    decisions,
    file: at === null ? {} : becomes(at, answer),
  });
const named = (dossier: Dossier, name: string) =>
  dossier.connectors.find(({ id }) => id === connectorId(name))!;

describe("two plugs of the vehicle that meet", () => {
  it("are asked about once: that they stay together holds for both", () => {
    const open = inline(null, "stays");
    expect(["V", "W"].map((one) => asksAfterPart(open, named(open, one)))).toEqual([true, true]);
    for (const at of ["V", "W"]) {
      const said = inline(at, "stays");
      expect(["V", "W"].map((one) => counterpartIn(said, named(said, one)))).toEqual(["stays", "stays"]);
      expect(undecidedPins(said).map(({ connector }) => connector.name)).toEqual(["X", "X"]);
    }
  });
  it("part where one goes away with its loom: only the other one's wires are to be decided", () => {
    const dossier = inline("V", "leaves", [
      join("1", "A", { method: "splice" }),
      join("2", "B", { method: "splice" }),
    ]);
    expect(goesAway(dossier, named(dossier, "W"))).toBe(true);
    expect(goesAway(dossier, named(dossier, "V"))).toBe(false);
    expect(asksAfterPart(dossier, named(dossier, "W"))).toBe(false);
    const plan = planWork(dossier);
    expect(plan.blocks).toEqual([]);
    expect(checkPlan(dossier, plan)).toBeNull();
    expect(
      plan.steps
        .filter(({ kind, connector }) => /connect$/.test(kind) && connector !== "X")
        .map(({ kind, connector }) => [kind, connector]),
    ).toEqual([["disconnect", "V"]]);
    const state = endOf(dossier);
    expect([state.plugged[connectorId("V")], state.plugged[connectorId("W")]]).toEqual([null, null]);
    const nets = netOf(state);
    const beyond = (one: string) => nets.ofAnchor({ at: "beyond", pin: pinId(one) });
    expect(beyond("V.1")).toBe(nets.ofAnchor({ at: "part", cavity: pinId("X.A") }));
    expect(beyond("V.1")).not.toBe(beyond("W.1"));
    // Left plugged in, or plugged in again, it is another plan.
    const kept = { steps: plan.steps.filter(({ kind }) => kind !== "disconnect") };
    expect(checkPlan(dossier, kept)?.code).toBe("still-plugged");
  });
});
