import { describe, expect, it } from "vitest";
import { findHazards } from "../../hazards/index.ts";
import { job, pin, X, type Pin } from "../../testing/twoPlugs.ts";
import { blockWords, pinNamer, stepLine, stepWords } from "../../words/index.ts";
import { checkPlan } from "../check/check.ts";
import { kitOf } from "../kit.ts";
import { planWork } from "../plan.ts";

/** Three pins of a pigtail on a bus behind a fuse, to which this job lays a wire. */
const run = (trunk: Pin | null, fuse: number, amps = 2, fitted = false) =>
  job({
    x: ["A", "B", "C"].map((one) => pin(one, "Lamp feed", { colour: "RD", size: 1, amps })),
    onX: { leads: "flying" },
    decisions: ["A", "B", "C"].map((one) => ({ kind: "feed", pin: X(one), feed: "battery", supply: "bus" })),
    file: {
      points: [
        {
          id: "F5",
          name: "F5",
          kind: "supply",
          place: "battery tray",
          supply: { feed: "battery", fuse: { amps: fuse, fitted } },
        },
        {
          id: "bus",
          name: "bus",
          kind: "supply",
          place: "behind the dash",
          supply: { feed: "battery", behind: "F5", trunk },
        },
      ],
    },
  });
const lines = (dossier: ReturnType<typeof run>) => {
  const plan = planWork(dossier);
  expect(checkPlan(dossier, plan)).toBeNull();
  return plan.steps.map((step) => stepLine(stepWords(step, dossier)));
};

describe("a new wire with branches", () => {
  it("is laid once, before anything is joined to it, and is on the kit with its size and length", () => {
    const dossier = run({ size: 2.5, length: 2400 }, 15);
    const all = lines(dossier);
    const laid = all.filter((line) => line.startsWith("Route a new wire, 2.5 mm²"));
    expect(laid).toEqual(["Route a new wire, 2.5 mm², from F5, 15 A, battery tray to bus"]);
    expect(all.indexOf(laid[0]!)).toBeLessThan(all.findIndex((line) => line.startsWith("Feed")));
    expect(all.filter((line) => line.startsWith("Feed"))).toHaveLength(3);
    const wire = kitOf(dossier, planWork(dossier)).find(
      ({ what }) => what === "wire to bus, behind the dash",
    );
    expect(wire).toMatchObject({ size: "2.5 mm², 2.4 m", count: 1 });
  });
  it("gets the fuse in front of it last, and none where that is in already", () => {
    const trunk = { size: 2.5, length: 2400 };
    const fused = (dossier: ReturnType<typeof run>) =>
      lines(dossier).filter((line) => line.includes("fuse F5"));
    expect(fused(run(trunk, 15))).toEqual([expect.stringContaining("Fit fuse F5, 15 A, battery tray")]);
    expect(fused(run(trunk, 15, 2, true))).toEqual([]);
    expect(kitOf(run(trunk, 15), planWork(run(trunk, 15))).map(({ what }) => what)).toContain(
      "fuse for F5, 15 A, battery tray",
    );
  });
  it("that is not laid yet takes no branch: the second opinion says so", () => {
    const dossier = run({ size: 2.5, length: 2400 }, 15);
    const { steps } = planWork(dossier);
    const fault = checkPlan(dossier, { steps: steps.filter(({ text }) => text !== "trunk") });
    expect(fault).toMatchObject({ code: "run-not-laid", supply: "bus" });
    expect(blockWords({ code: "broken", fault: fault! }, pinNamer(dossier))).toContain(
      "before its own wire is laid",
    );
  });
  it("carries the sum of its branches, and is protected by the fuse in front of it", () => {
    const rules = (dossier: ReturnType<typeof run>) =>
      findHazards(dossier).map(({ rule, title }) => `${rule}: ${title}`);
    expect(
      rules(run({ size: 2.5, length: 2400 }, 15)).filter((one) => /^(fuse|feed-without)/.test(one)),
    ).toEqual([]);
    expect(rules(run({ size: 0.5, length: 2400 }, 15))).toContain(
      "fuse-too-large: 15 A fuse on a 0.5 mm² wire",
    );
    expect(rules(run({ size: 2.5, length: 2400 }, 15, 6))).toContain("fuse-too-small: 18 A on a 15 A fuse");
    expect(rules(run(null, 15))).not.toContain("feed-without-fuse: No fuse at the source");
  });
});
