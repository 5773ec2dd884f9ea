import { describe, expect, it } from "vitest";
import {
  applyOperation,
  cutFarEnd,
  cutPlugEnd,
  initialState,
  netOf,
  type Operation,
} from "../../harness/index.ts";
import { findHazards } from "../../hazards/index.ts";
import { pinId } from "../../model/index.ts";
import { planWork } from "../plan.ts";
import { copperFault } from "./copper.ts";
import { ref, read, pin, plug, stays, leaves, endOf, faultOf, listener } from "../../testing/copperJobs.ts";

describe("a module that listens", () => {
  it("leaves every wire of the car whole, and hangs on it", () => {
    const dossier = listener("tap", stays("IS", "DL"));
    const plan = planWork(dossier);
    expect(plan.blocks).toEqual([]);
    expect(faultOf(dossier)).toBeNull();
    expect(plan.steps.some(({ kind }) => kind === "cut" || kind === "disconnect")).toBe(false);
    const nets = netOf(endOf(dossier));
    for (const [vehicle, incoming] of [
      ["IS.1", "M.A"],
      ["DL.1", "M.B"],
      ["DL.2", "M.C"],
    ] as const) {
      const net = nets.ofAnchor({ at: "beyond", pin: pinId(vehicle) });
      expect(net).toBe(nets.ofAnchor({ at: "part", cavity: pinId(vehicle) }));
      expect(net).toBe(nets.ofAnchor({ at: "part", cavity: pinId(incoming) }));
    }
  });
  it("is asked about before anything is cut off, and stopped where the part stays", () => {
    expect(planWork(listener("join", {})).blocks).toEqual([
      expect.objectContaining({ code: "undecided" }),
      expect.objectContaining({ code: "undecided" }),
      { code: "counterpart", connector: "DL" },
      { code: "counterpart", connector: "IS" },
    ]);
    const cut = planWork(listener("join", stays("IS", "DL"))).blocks;
    expect(cut.map((block) => (block.code === "stop" ? block.hazard.rule : block.code))).toEqual([
      "part-cut-off",
      "part-cut-off",
      "part-cut-off",
    ]);
    const gone = planWork(listener("join", leaves("IS", "DL"))).blocks.map(({ code }) => code);
    expect(gone).toEqual(["undecided", "undecided"]);
  });
  it("is cured by a tap that keeps what was decided of the incoming wire", () => {
    const dossier = read(
      [
        plug("V", "vehicle", [pin("1", "Ignition")]),
        plug("E", "incoming", [pin("1", "Ignition")], { leads: "loom" }),
      ],
      [
        {
          kind: "join",
          vehicle: ref("V.1"),
          incoming: ref("E.1"),
          method: "splice",
          theirHalf: "loom",
          joint: "solder",
        },
      ],
      stays("V"),
    );
    const [hazard] = findHazards(dossier).filter(({ rule }) => rule === "part-cut-off");
    expect(hazard?.fixes[0]?.put).toMatchObject([
      { kind: "tap", vehicle: "V.1", incoming: ["E.1"], theirHalf: "loom", joint: "solder" },
    ]);
  });
  it("is found out where a wire that was only to be tapped is cut through, whatever the steps were", () => {
    const dossier = listener("tap", stays("IS", "DL"));
    const start = initialState(dossier);
    const own = pinId("IS.1");
    const cut = planWork(dossier).steps.flatMap(({ op }): readonly Operation[] => {
      if (op?.kind !== "tap" || op.pin !== own) return op === null ? [] : [op];
      return [
        { kind: "cut", pin: own },
        { kind: "cap", end: cutPlugEnd(own), to: "covered" },
        { kind: "splice", ends: [cutFarEnd(own), ...op.ends], joint: "j" },
      ];
    });
    const end = cut.reduce((state, op) => {
      const next = applyOperation(state, op);
      if (!next.ok) throw new Error(next.error.code);
      return next.value.state;
    }, start);
    expect(copperFault(dossier, start, end)).toEqual({
      code: "cut-off",
      anchors: [
        { at: "beyond", pin: "IS.1" },
        { at: "part", cavity: "IS.1" },
      ],
    });
  });
});
