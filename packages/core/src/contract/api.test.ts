import { describe, expect, it } from "vitest";
import { initialState } from "../harness/index.ts";
import { planHash, planWork } from "../index.ts";
import { demoDossier } from "../testing/index.ts";
import {
  benchCommandSchema,
  changePinsSchema,
  connectorHeadSchema,
  entrySchema,
  issuesOf,
  jobHeadSchema,
  operationSchema,
  pinSchema,
} from "./index.ts";

const dossier = demoDossier();
const plan = planWork(dossier);
const device = {
  event: "event-0001",
  person: "Ines",
  device: "bench",
  deviceAt: "2026-01-02T03:04:05.000Z",
  lastSeen: -1,
};
const issues = (
  schema: { safeParse: (value: unknown) => { success: boolean; error?: unknown } },
  value: unknown,
): string[] => {
  const read = schema.safeParse(value) as ReturnType<typeof pinSchema.safeParse>;
  return read.success ? [] : issuesOf(read.error).map((issue) => issue.path);
};

describe("contract", () => {
  it("takes every operation of every step that the planner makes", () => {
    const kinds = new Set<string>();
    for (const { op } of plan.steps) {
      if (op === null) continue;
      expect(operationSchema.parse(op)).toEqual(op);
      kinds.add(op.kind);
    }
    expect(kinds.size).toBeGreaterThanOrEqual(7);
  });
  it("takes what Bench sends and names what is wrong with the rest", () => {
    const done = { kind: "done", ...device, step: plan.steps[0]?.id, plan: planHash(plan) };
    expect(benchCommandSchema.parse(done)).toMatchObject({ note: "" });
    expect(issues(benchCommandSchema, { ...done, plan: "short" })).toEqual(["plan"]);
    expect(issues(benchCommandSchema, { ...done, event: "x", deviceAt: "yesterday" })).toEqual([
      "event",
      "deviceAt",
    ]);
    expect(issues(benchCommandSchema, { ...done, kind: "skipped" })).toEqual(["reason"]);
    expect(issues(benchCommandSchema, { kind: "note", ...device, step: null, text: "  " })).toEqual(["text"]);
    expect(
      issues(benchCommandSchema, { kind: "retracted", ...device, seq: 0, reason: "the baseline stays" }),
    ).toEqual(["seq"]);
  });
  it("bounds what a pin, a connector and a job may hold", () => {
    const pin = dossier.connectors[0]!.pins[0]!;
    expect(pinSchema.parse(pin)).toEqual(pin);
    expect(
      issues(pinSchema, {
        ...pin,
        cavity: " ",
        size: 500,
        signal: "magic",
        colour: "x".repeat(61),
        note: "a\u0000b",
      }).sort(),
    ).toEqual(["cavity", "colour", "note", "signal", "size"]);
    expect(issues(changePinsSchema, { put: [pin, { ...pin, content: "full" }] })).toEqual(["put[1].content"]);
    const { pins: _pins, ...head } = dossier.connectors[0]!;
    expect(
      issues(connectorHeadSchema, { ...head, shell: { pattern: { kind: "rows", rows: [] }, view: "side" } }),
    ).toEqual(["shell.pattern.rows", "shell.view"]);
    for (const nominalVolts of [6, 12, 24, 36, 48])
      expect(issues(jobHeadSchema, { ...dossier.head, nominalVolts })).toEqual([]);
    expect(issues(jobHeadSchema, { ...dossier.head, nominalVolts: 400 })).toEqual(["nominalVolts"]);
  });
  it("keeps a ledger entry to its version and its hashes", () => {
    const entry = {
      v: 1,
      seq: 0,
      event: "e",
      at: device.deviceAt,
      deviceAt: device.deviceAt,
      person: "",
      device: "",
      plan: null,
      what: { kind: "baseline", head: dossier.head, connectors: dossier.connectors },
      prev: "0".repeat(64),
    };
    expect(entrySchema.safeParse(entry).success).toBe(true);
    expect(issues(entrySchema, { ...entry, v: 2, prev: "0" })).toEqual(["v", "prev"]);
    expect(Object.keys(initialState(dossier).cavities)).toHaveLength(30);
  });
});
