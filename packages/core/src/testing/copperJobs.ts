import { readJobValue } from "../contract/index.ts";
import { applyOperation, initialState } from "../harness/index.ts";
import type { Dossier, SignalClass } from "../model/index.ts";
import { planWork } from "../plan/plan.ts";
import type { Step } from "../plan/step.ts";
import { checkPlan } from "../plan/check/check.ts";

export type Json = Record<string, unknown>;
export const ref = (name: string): Json => {
  const dot = name.lastIndexOf(".");
  return { connector: name.slice(0, dot), cavity: name.slice(dot + 1) };
};
export function read(connectors: readonly Json[], decisions: readonly Json[], file: Json = {}): Dossier {
  const job = readJobValue({ format: "trevin-job", version: 1, connectors, decisions, ...file });
  if (!job.ok) throw new Error(JSON.stringify(job.error));
  return job.value.dossier;
}
export const pin = (
  cavity: string,
  name: string,
  signal: SignalClass | null = null,
  more: Json = {},
): Json => ({
  cavity,
  function: name,
  signal,
  colour: "RD",
  content: "occupied",
  ...more,
});
export const plug = (name: string, side: string, pins: readonly Json[], more: Json = {}): Json => ({
  name,
  side,
  colourSystem: "iec",
  pins,
  ...more,
});
export const stays = (...names: readonly string[]): Json => ({
  worklist: { counterparts: names.map((connector) => ({ connector, becomes: "stays" })) },
});
export const leaves = (...names: readonly string[]): Json => ({
  worklist: { counterparts: names.map((connector) => ({ connector, becomes: "leaves" })) },
});
export const endOf = (dossier: Dossier) =>
  planWork(dossier).steps.reduce((state, { op }) => {
    const next = op === null ? null : applyOperation(state, op);
    return next?.ok === true ? next.value.state : state;
  }, initialState(dossier));
export const faultOf = (dossier: Dossier, steps: readonly Step[] = planWork(dossier).steps) =>
  checkPlan(dossier, { steps });

/** A module that listens at three plugs of the car: ignition switch, door lock, data. */
export const listener = (kind: "tap" | "join", file: Json): Dossier =>
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
/** Decisions that do harm by what they are: for each, its pins and the one that has to be named. */
export const HARM: Readonly<
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

const source = (name: string, supply: Json): Json => ({
  id: name,
  name,
  kind: "supply",
  supply: { feed: "battery", ...supply },
});
