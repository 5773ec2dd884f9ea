import { describe, expect, it } from "vitest";
import { farEnd } from "../../harness/index.ts";
import { asBuilt, planHash } from "../../ledger/index.ts";
import { pinId, rowsOnly, supplyWordsIn, type Dossier } from "../../model/index.ts";
import { stepLine, stepWords } from "../../words/index.ts";
import { planWork } from "../plan.ts";
import type { Step } from "../step.ts";
import { type Json, ref, read, pin, plug, leaves, endOf, faultOf } from "../../testing/copperJobs.ts";

describe("a part between", () => {
  const divided = (device: Json): Dossier =>
    read(
      [
        plug("V", "vehicle", [pin("1", "Reverse", "switched-supply")]),
        plug("X", "incoming", [pin("A", "Reverse in", "analog")]),
      ],
      [{ kind: "join", vehicle: ref("V.1"), incoming: ref("X.A"), method: "splice", device }],
      leaves("V"),
    );
  const ground = [{ terminal: "ground", to: { kind: "feed", feed: "ground", from: "G201" } }];
  const sound = divided({ kind: "divider", upper: 22_000, lower: 10_000, legs: ground });

  it("is part of the plan: left out, or with other values, it is another plan", () => {
    expect(planWork(sound).blocks).toEqual([]);
    expect(faultOf(sound)).toBeNull();
    const plan = planWork(sound);
    const plain = plan.steps.map((step): Step =>
      step.op?.kind === "fit"
        ? {
            ...step,
            kind: "splice",
            op: { kind: "splice", ends: step.op.terminals.flatMap(({ ends }) => ends), joint: "j" },
          }
        : step,
    );
    expect(faultOf(sound, plain)?.code).toBe("decision-not-carried-out");
    const other = divided({ kind: "divider", upper: 10, lower: 10, legs: ground });
    expect(planHash(planWork(other))).not.toBe(planHash(plan));
    const row = asBuilt(sound, endOf(sound)).find(({ connector }) => connector === "X");
    expect(row?.joinedTo).toEqual([
      "through a divider, 22 kΩ over 10 kΩ to V.1",
      "through a divider, 22 kΩ over 10 kΩ to G201",
    ]);
  });
  it("stops the work while a terminal of it goes nowhere, and its legs are fed and fused", () => {
    const stops = planWork(divided({ kind: "divider", upper: 22_000, lower: 10_000 })).blocks;
    expect(stops).toMatchObject([{ code: "stop", hazard: { rule: "device-legs" } }]);
    const relay = divided({
      kind: "relay",
      coil: "vehicle",
      legs: [
        { terminal: "30", to: { kind: "feed", feed: "battery", from: "F22, 20 A" } },
        { terminal: "85", to: { kind: "feed", feed: "ground", from: "G201" } },
      ],
    });
    const plan = planWork(relay);
    expect(faultOf(relay)).toBeNull();
    expect(plan.steps.map((step) => stepLine(stepWords(step, relay)))).toEqual(
      expect.arrayContaining([
        "Route a new wire, from F22, 20 A to terminal 30 of the relay, before it is cut to length",
        "Ground terminal 85 of the relay, at G201",
      ]),
    );
    expect(plan.steps.at(-1)).toBeDefined();
    expect(
      plan.steps
        .filter(({ op }) => op?.kind === "fuse")
        .map(({ supply }) => supplyWordsIn(relay.points, supply)),
    ).toEqual(["F22, 20 A"]);
    const unfused = plan.steps.filter(({ op }) => op?.kind !== "fuse");
    expect(faultOf(relay, unfused)?.code).toBe("fuse-left-out");
  });
});

describe("a pigtail with free ends", () => {
  const pigtail = read(
    [
      plug("V", "vehicle", [pin("1", "Supply", "battery"), pin("2", "Ground", "ground")]),
      plug("X", "incoming", [pin("1", "Lead"), pin("2", "Lead")]),
    ],
    [{ kind: "mate", vehicle: [ref("V.1"), ref("V.2")], incoming: [ref("X.1"), ref("X.2")] }],
    leaves("V"),
  );
  it("has its live ends insulated before it is plugged to a live plug, and no power without", () => {
    const plan = planWork(pigtail);
    expect(faultOf(pigtail)).toBeNull();
    const capped = plan.steps.flatMap(({ op }) => (op?.kind === "cap" ? [op.end] : []));
    expect(capped).toEqual([farEnd(pinId("X.1"))]);
    const bare = plan.steps.filter(({ op }) => op?.kind !== "cap");
    expect(faultOf(pigtail, bare)).toMatchObject({
      code: "step-cannot-be-done",
      problem: { code: "live-bare-end", end: farEnd(pinId("X.1")) },
    });
  });
});

describe("a plug that is recorded in part", () => {
  it("is plugged in again though every wire that is recorded leaves it", () => {
    const shell = (places: number): Json => ({
      shell: {
        ...rowsOnly([{ places, offset: 0 }], "wire"),
        pattern: {
          kind: "rows",
          rows: [{ places, offset: 0, size: null }],
          numbering: {
            scheme: "rows",
            from: "left",
            first: "top",
            labels: { kind: "numbers", start: 1 },
          },
        },
      },
    });
    const job = (places: number): Dossier =>
      read(
        [plug("V", "vehicle", [pin("1", "Horn"), pin("2", "Lamp")], shell(places))],
        [
          { kind: "cap", pin: ref("V.1") },
          { kind: "cap", pin: ref("V.2") },
        ],
      );
    const whole = planWork(job(2)).steps;
    expect(whole.some(({ kind }) => kind === "connect")).toBe(false);
    const part = job(40);
    const { steps } = planWork(part);
    expect(steps.some(({ kind }) => kind === "connect")).toBe(true);
    expect(faultOf(part)).toBeNull();
    expect(
      faultOf(
        part,
        steps.filter(({ kind }) => kind !== "connect"),
      ),
    ).toMatchObject({
      code: "left-open",
      what: "unplugged",
    });
  });
});
