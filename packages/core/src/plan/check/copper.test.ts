import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readJobValue } from "../../contract/index.ts";
import {
  applyOperation,
  cutFarEnd,
  cutPlugEnd,
  farEnd,
  initialState,
  netOf,
  type Operation,
} from "../../harness/index.ts";
import { asBuilt, planHash } from "../../ledger/index.ts";
import { findHazards } from "../../hazards/index.ts";
import { pinId, rowsOnly, supplyWordsIn, type Dossier, type SignalClass } from "../../model/index.ts";
import { stepLine, stepWords } from "../../words/index.ts";
import { planWork } from "../plan.ts";
import type { Step } from "../step.ts";
import { checkPlan } from "./check.ts";
import { copperFault } from "./copper.ts";

type Json = Record<string, unknown>;
const ref = (name: string): Json => {
  const dot = name.lastIndexOf(".");
  return { connector: name.slice(0, dot), cavity: name.slice(dot + 1) };
};
function read(connectors: readonly Json[], decisions: readonly Json[], file: Json = {}): Dossier {
  const job = readJobValue({ format: "trevin-job", version: 1, connectors, decisions, ...file });
  if (!job.ok) throw new Error(JSON.stringify(job.error));
  return job.value.dossier;
}
const pin = (cavity: string, name: string, signal: SignalClass = "unknown", more: Json = {}): Json => ({
  cavity,
  function: name,
  signal,
  colour: "RD",
  content: "occupied",
  ...more,
});
const plug = (name: string, side: string, pins: readonly Json[], more: Json = {}): Json => ({
  name,
  side,
  colourSystem: "iec",
  pins,
  ...more,
});
const stays = (...names: readonly string[]): Json => ({
  worklist: { counterparts: names.map((connector) => ({ connector, becomes: "stays" })) },
});
const leaves = (...names: readonly string[]): Json => ({
  worklist: { counterparts: names.map((connector) => ({ connector, becomes: "leaves" })) },
});
const endOf = (dossier: Dossier) =>
  planWork(dossier).steps.reduce((state, { op }) => {
    const next = op === null ? null : applyOperation(state, op);
    return next?.ok === true ? next.value.state : state;
  }, initialState(dossier));
const faultOf = (dossier: Dossier, steps: readonly Step[] = planWork(dossier).steps) =>
  checkPlan(dossier, { steps });

/** A module that listens at three plugs of the car: ignition switch, door lock, data. */
const listener = (kind: "tap" | "join", file: Json): Dossier =>
  read(
    [
      plug("IS", "vehicle", [
        pin("1", "Ignition", "ignition"),
        pin("2", "Start", "start"),
        pin("3", "Accessory"),
      ]),
      plug("DL", "vehicle", [pin("1", "Door ajar", "switched-ground"), pin("2", "CAN high", "can-h")]),
      plug("M", "incoming", [pin("A", "Ignition in"), pin("B", "Door in"), pin("C", "CAN high", "can-h")]),
    ],
    [
      ["IS.1", "M.A"],
      ["DL.1", "M.B"],
      ["DL.2", "M.C"],
    ].map(([vehicle, incoming]) =>
      kind === "tap"
        ? { kind, vehicle: ref(vehicle!), incoming: [ref(incoming!)] }
        : { kind, vehicle: ref(vehicle!), incoming: ref(incoming!), method: "splice" },
    ),
    file,
  );

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

describe("copper that is joined on one side only", () => {
  it("is not a way to short a supply, and says so", () => {
    const job = (signal: SignalClass): Dossier =>
      read(
        [plug("V", "vehicle", [pin("1", "Feed", "battery"), pin("2", "Other", signal)])],
        [{ kind: "jumper", pins: [ref("V.1"), ref("V.2")] }],
        leaves("V"),
      );
    expect(faultOf(job("ground"))).toMatchObject({ code: "short-circuit" });
    expect(faultOf(job("lamp-feed"))).toBeNull();
  });
  it("is followed through the loom: a splice behind the plug shorts as well as the plug", () => {
    const job = read(
      [plug("V", "vehicle", [pin("1", "Feed"), pin("2", "Other")])],
      [{ kind: "jumper", pins: [ref("V.1"), ref("V.2")] }],
      {
        ...leaves("V"),
        points: [
          { id: "b", name: "B+ rail", kind: "supply" },
          { id: "g", name: "G1", kind: "ground" },
        ],
        wires: [
          {
            id: "w1",
            ends: [
              { at: "pin", pin: "V.1" },
              { at: "point", point: "b" },
            ],
          },
          {
            id: "w2",
            ends: [
              { at: "pin", pin: "V.2" },
              { at: "point", point: "g" },
            ],
          },
        ],
      },
    );
    expect(faultOf(job)).toMatchObject({ code: "short-circuit" });
  });
});

describe("names that look like keys", () => {
  it("make no difference: every word and round of a job with T10/1, X2#1, A:B and C1~ is that of plain names", () => {
    const job = (v: string, w: string, x: string, y: string): Dossier =>
      read(
        [
          plug(v, "vehicle", [pin("1", "Left"), pin("2", "Right"), pin("3", "Third")]),
          plug(w, "vehicle", [pin("1", "Fourth")]),
          plug(x, "incoming", [pin("1", "Left"), pin("2", "Right")]),
          plug(y, "incoming", [pin("1", "Third"), pin("2", "Fourth")]),
        ],
        [
          { kind: "split", vehicle: ref(`${v}.1`), incoming: [ref(`${x}.1`), ref(`${x}.2`)] },
          { kind: "join", vehicle: ref(`${v}.3`), incoming: ref(`${y}.1`), method: "adapter" },
          { kind: "cap", pin: ref(`${v}.2`) },
          { kind: "join", vehicle: ref(`${w}.1`), incoming: ref(`${y}.2`), method: "splice" },
        ],
        leaves(v, w),
      );
    const lines = (dossier: Dossier): readonly string[] =>
      planWork(dossier).steps.map((step) => stepLine(stepWords(step, dossier)));
    const plain = job("V1", "V2", "W1", "W2");
    const odd = job("T10/1", "A:B", "X2#1", "C1~");
    expect(faultOf(odd)).toBeNull();
    const names = [
      ["T10/1", "V1"],
      ["A:B", "V2"],
      ["X2#1", "W1"],
      ["C1~", "W2"],
    ] as const;
    const renamed = lines(odd).map((line) =>
      names.reduce((text, [from, to]) => text.replaceAll(from, to), line),
    );
    // The order of the places and plugs is that of their names; what is said is the same.
    expect([...renamed].sort()).toEqual([...lines(plain)].sort());
  });
  it("never share an id: a connector called like the shell that is built for another one keeps its own", () => {
    const job = read(
      [
        plug("C1", "vehicle", [pin("1", "Left"), pin("2", "Right")]),
        plug("C1~", "vehicle", [pin("1", "Left"), pin("2", "Right")]),
        plug("X", "incoming", [pin("1", "Left"), pin("2", "Right")]),
      ],
      [
        { kind: "join", vehicle: ref("C1.1"), incoming: ref("X.1"), method: "adapter" },
        { kind: "join", vehicle: ref("C1~.1"), incoming: ref("X.2"), method: "adapter" },
      ],
      leaves("C1"),
    );
    expect(faultOf(job)).toBeNull();
  });
});

const source = (name: string, supply: Json): Json => ({
  id: name,
  name,
  kind: "supply",
  supply: { feed: "battery", ...supply },
});
/** Decisions that do harm by what they are: for each, its pins and the one that has to be named. */
const HARM: Readonly<
  Record<
    string,
    (at: (n: number) => string) => { pins: readonly Json[]; x: readonly Json[]; decision: Json; file?: Json }
  >
> = {
  "a supply onto ground": (at) => ({
    pins: [pin("1", at(0), "battery")],
    x: [pin("1", at(1), "ground")],
    decision: { kind: "join", vehicle: ref("V.1"), incoming: ref("X.1"), method: "splice" },
  }),
  "12 V onto a 5 V input": (at) => ({
    pins: [pin("1", at(0), "switched-supply", { level: 12, direction: "source" })],
    x: [pin("1", at(1), "analog", { level: 5, direction: "load" })],
    decision: { kind: "join", vehicle: ref("V.1"), incoming: ref("X.1"), method: "splice" },
  }),
  "a part that stays, cut off": (at) => ({
    pins: [pin("1", at(0), "unknown")],
    x: [pin("1", at(1), "unknown")],
    decision: { kind: "join", vehicle: ref("V.1"), incoming: ref("X.1"), method: "splice" },
    file: stays("V"),
  }),
  "a start interlock capped": (at) => ({
    pins: [pin("1", "Start inhibit", "switched-ground")],
    x: [pin("1", at(1), "unknown")],
    decision: { kind: "cap", pin: ref("V.1") },
  }),
  "a fuse above the wire": (at) => ({
    pins: [pin("1", at(0))],
    x: [pin("1", at(1), "battery", { size: 0.5 })],
    decision: { kind: "feed", pin: ref("X.1"), feed: "battery", from: "F3 30 amp" },
  }),
  "a wire thinner than the fuse in front of its run": (at) => ({
    pins: [pin("1", at(0))],
    x: [pin("1", at(1), "battery", { size: 2.5 })],
    decision: { kind: "feed", pin: ref("X.1"), feed: "battery", supply: "bus" },
    file: {
      points: [
        source("F3", { fuse: { amps: 30 } }),
        source("bus", { behind: "F3", trunk: { size: 0.75, length: 800 } }),
      ],
    },
  }),
  "more on a fuse than it carries": (at) => ({
    pins: [pin("1", at(0))],
    x: [pin("1", at(1), "battery", { size: 4, amps: 12 })],
    decision: { kind: "feed", pin: ref("X.1"), feed: "battery", supply: "F3" },
    file: { points: [source("F3", { fuse: { amps: 10, fitted: true } })] },
  }),
  "a ground pin on a supply": (at) => ({
    pins: [pin("1", at(0))],
    x: [pin("1", at(1), "ground")],
    decision: { kind: "feed", pin: ref("X.1"), feed: "ground", supply: "F3" },
    file: { points: [source("F3", { fuse: { amps: 10 } })] },
  }),
  "an interlock grounded past its switch": (at) => ({
    pins: [pin("1", at(0))],
    x: [pin("1", "Start inhibit", "switched-ground")],
    decision: { kind: "feed", pin: ref("X.1"), feed: "ground", from: "stud behind the clutch switch" },
  }),
  "a wire of a part that stays, pulled out": (at) => ({
    pins: [pin("1", at(0), "unknown")],
    x: [pin("1", at(1), "unknown")],
    decision: {
      ...{ kind: "join", vehicle: ref("V.1"), incoming: ref("X.1"), method: "splice" },
      half: "pulled",
    },
    file: stays("V"),
  }),
  "a relay without supply": (at) => ({
    pins: [pin("1", at(0))],
    x: [pin("1", at(1))],
    decision: {
      kind: "tap",
      vehicle: ref("V.1"),
      incoming: [ref("X.1")],
      device: { kind: "relay", coil: "vehicle" },
    },
    file: stays("V"),
  }),
};

describe("harm that is decided", () => {
  it.each(Object.keys(HARM))("is never silent: %s", (what) => {
    let met = 0;
    const words = fc.constantFrom("Lead", "odd lead", "B7", "unread", "Zapfen");
    fc.assert(
      fc.property(fc.array(words, { minLength: 2, maxLength: 2 }), fc.nat(3), (names, others) => {
        const { pins, x, decision, file = leaves("V") } = HARM[what]!((n) => names[n]!);
        const more = Array.from({ length: others }, (_, i) => pin(`${i + 10}`, "Horn"));
        const dossier = read(
          [plug("V", "vehicle", [...pins, ...more]), plug("X", "incoming", [...x, ...more])],
          [decision],
          file,
        );
        const named = new Set<string>(
          findHazards(dossier).flatMap((hazard) =>
            hazard.severity === "stop" && !hazard.cured && hazard.decision !== null ? hazard.pins : [],
          ),
        );
        expect([...named].some((id) => id === "V.1" || id === "X.1")).toBe(true);
        met++;
      }),
      { numRuns: 40, seed: 17 },
    );
    expect(met).toBe(40);
  });
});
