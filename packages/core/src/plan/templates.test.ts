import { describe, expect, it } from "vitest";
import { readJobValue } from "../contract/index.ts";
import type { Dossier } from "../model/index.ts";
import { checkPlan } from "./check/check.ts";
import { planWork } from "./plan.ts";

type Leads = "loom" | "flying";
/** One pin a side, joined or otherwise decided. */
function job(decision: Record<string, unknown>, vehicle: Leads, incoming: Leads, content: "occupied" | "empty" = "occupied", sealed = true): Dossier {
  const read = readJobValue({
    format: "trevin-job", version: 1,
    connectors: [
      { name: "V", side: "vehicle", leads: vehicle, sealed, pins: [{ cavity: "1", function: "Horn", colour: "BK" }] },
      { name: "X", side: "incoming", leads: incoming, sealed, pins: [{ cavity: "A", function: content === "empty" ? "" : "Horn", colour: content === "empty" ? "" : "RD", content }] },
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
  return plan.steps.filter((step) => step.decision !== null).map((step) => `${step.kind} ${step.wire}`);
}
const closing = (dossier: Dossier): readonly string[] => planWork(dossier).steps.filter((step) => step.group === "close").map((step) => `${step.kind}${step.at === null ? "" : ` ${step.at}`}`);

describe("what each decision becomes", () => {
  it.each([
    ["a move into a pigtail's cavity: its lead comes out of the harness first", join("move"), "loom", "flying", ["release X.A", "take-out X.A", "release V.1", "insert V.1"]],
    ["a move into a loom's cavity: the wire that was there is capped and tucked", join("move"), "loom", "loom", ["release X.A", "cap X.A", "release V.1", "insert V.1"]],
    ["a splice onto a pigtail: the stub is insulated before the joint is made", join("splice"), "loom", "flying", ["cut V.1", "cap V.1", "splice V.1"]],
    ["a splice of two looms: theirs is cut and made safe first", join("splice"), "loom", "loom", ["cut X.A", "cap X.A", "cut V.1", "cap V.1", "splice V.1"]],
    ["a splice of two pigtails cuts nothing", join("splice"), "flying", "flying", ["splice V.1"]],
    ["cap and tuck of a loom's wire", { kind: "cap", pin: V }, "loom", "flying", ["release V.1", "cap V.1"]],
    ["cap of a pigtail's free end", { kind: "cap", pin: X }, "loom", "flying", ["cap X.A"]],
    ["a feed onto a pigtail's free end", { kind: "feed", pin: X, feed: "battery", from: "F22" }, "loom", "flying", ["feed X.A"]],
    ["a feed into a loom's wire: cut, the rest insulated, then fed", { kind: "feed", pin: X, feed: "battery", from: "F22" }, "loom", "loom", ["cut X.A", "cap X.A", "feed X.A"]],
  ] as const)("%s", (_what, decision, vehicle, incoming, expected) => {
    expect(steps(job(decision, vehicle, incoming))).toEqual(expected);
  });

  it("fills an empty cavity without taking anything out", () => {
    expect(steps(job(join("move"), "loom", "flying", "empty"))).toEqual(["release V.1", "insert V.1"]);
  });
  it("checks what is not sure before anything else", () => {
    expect(steps(job({ ...join("move"), sure: "guess" }, "loom", "flying", "empty"))).toEqual(["check V.1", "release V.1", "insert V.1"]);
  });
  it("leaves alone what is left, and says that nothing is to do", () => {
    const dossier = job({ kind: "leave", pin: V }, "loom", "flying", "empty");
    expect(planWork(dossier)).toMatchObject({ steps: [], blocks: [{ code: "nothing-to-do" }] });
  });
  it("closes the vacated cavity of a sealed connector, locks, measures, and only then lets power on", () => {
    expect(closing(job(join("move"), "loom", "flying"))).toEqual(["plug V.1", "close-lock", "close-lock", "measure", "battery-on"]);
    expect(closing(job(join("move"), "loom", "flying", "occupied", false))).toEqual(["close-lock", "close-lock", "measure", "battery-on"]);
    expect(closing(job(join("splice"), "loom", "flying"))).toEqual(["measure", "battery-on"]);
  });
  it("wants a cavity that nobody has looked into to be looked at first", () => {
    const read = readJobValue({ format: "trevin-job", version: 1, connectors: [{ name: "V", pins: [{ cavity: "1", function: "Horn" }] }, { name: "X", pins: [{ cavity: "A", function: "", content: "unknown" }] }], decisions: [join("move")] });
    if (!read.ok) throw new Error("unread");
    expect(planWork(read.value.dossier).blocks).toContainEqual({ code: "look-first", pin: "X.A" });
  });
});
