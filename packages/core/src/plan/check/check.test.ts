import { describe, expect, it } from "vitest";
import { readJobValue } from "../../contract/index.ts";
import { cutFarEnd, plugEnd } from "../../harness/index.ts";
import { pinId, type Dossier } from "../../model/index.ts";
import { planWork } from "../plan.ts";
import type { Step } from "../step.ts";
import { stepOf, type Draft } from "../templates/draft.ts";
import { checkPlan } from "./check.ts";

/** Two sealed vehicle plugs and a pigtail, with a bit of everything: a move, a splice, an exchange, a feed. */
function job(): Dossier {
  const pin = (cavity: string, colour: string) => ({ cavity, function: `Wire ${cavity}`, colour, size: 0.5 });
  const read = readJobValue({
    format: "trevin-job",
    version: 1,
    connectors: [
      {
        name: "V",
        side: "vehicle",
        place: "left sill",
        sealed: true,
        colourSystem: "iec",
        pins: [
          pin("1", "BK"),
          pin("2", "RD"),
          pin("3", "BK"),
          pin("4", "BK"),
          pin("5", "WH"),
          pin("6", "GN"),
        ],
      },
      {
        name: "X",
        side: "incoming",
        place: "left sill",
        sealed: true,
        colourSystem: "iec",
        pins: [pin("A", "YE"), pin("B", "OG"), pin("C", "BU"), pin("D", "VT")],
      },
    ],
    decisions: [
      {
        kind: "join",
        vehicle: { connector: "V", cavity: "1" },
        incoming: { connector: "X", cavity: "A" },
        method: "move",
      },
      {
        kind: "join",
        vehicle: { connector: "V", cavity: "2" },
        incoming: { connector: "X", cavity: "B" },
        method: "splice",
      },
      {
        kind: "join",
        vehicle: { connector: "V", cavity: "5" },
        incoming: { connector: "X", cavity: "D" },
        method: "splice",
        sure: "check",
      },
      { kind: "move", pin: { connector: "V", cavity: "3" }, to: { connector: "V", cavity: "4" } },
      { kind: "move", pin: { connector: "V", cavity: "4" }, to: { connector: "V", cavity: "3" } },
      { kind: "feed", pin: { connector: "X", cavity: "C" }, feed: "battery", from: "F22, 5 A" },
    ],
  });
  if (!read.ok) throw new Error(JSON.stringify(read.error));
  return read.value.dossier;
}
const dossier = job();
const { steps } = planWork(dossier);
const codeOf = (edited: readonly Step[], of: Dossier = dossier): string =>
  checkPlan(of, { steps: edited })?.code ?? "sound";
const is =
  (kind: string, text = "") =>
  (step: Step): boolean =>
    step.kind === kind && step.id.includes(text);
const without = (...tests: readonly ((step: Step) => boolean)[]): readonly Step[] =>
  steps.filter((step) => !tests.some((test) => test(step)));
/** A step taken out and put in front of another one. */
function before(moved: (step: Step) => boolean, anchor: (step: Step) => boolean): readonly Step[] {
  const one = steps.find(moved)!;
  const rest = steps.filter((step) => step !== one);
  const at = rest.findIndex(anchor);
  return [...rest.slice(0, at), one, ...rest.slice(at)];
}
const extra = (draft: Draft, decision: Step["decision"] = null): Step =>
  stepOf("extra", "extra", decision, draft);
const insertAt = (step: Step, anchor: (step: Step) => boolean): readonly Step[] => {
  const at = steps.findIndex(anchor);
  return [...steps.slice(0, at), step, ...steps.slice(at)];
};

describe("checkPlan, one mistake at a time", () => {
  it("finds nothing wrong with the plan itself", () => {
    expect(codeOf(steps)).toBe("sound");
    expect(steps.map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(["park", "label", "splice", "feed", "fuse", "insert", "check"]),
    );
  });

  it.each([
    ["the battery stays on", without(is("battery-off")), "step-cannot-be-done"],
    ["a step stands twice", [...steps, steps.at(-1)!], "step-repeated"],
    ["a plug is pulled before its picture is taken", without(is("photograph", "V")), "not-photographed"],
    ["a doubtful wire is cut before it was looked at", without(is("check")), "unchecked-doubt"],
    [
      "a second wire is taken out with one in the hand",
      before(is("release", "move:V.4"), is("insert", "join:V.1")),
      "two-ends-in-the-hand",
    ],
    ["a twin is parked without a tag", without(is("label")), "twins-loose"],
    [
      "the other half of a cut is left bare",
      before(is("close-lock", "V"), is("cap", "join:V.5:X.D/cap-stub-vehicle")),
      "halves-bare",
    ],
    [
      "a stub that is live is never insulated",
      without(is("cap", "join:V.5:X.D/cap-stub-vehicle")),
      "step-cannot-be-done",
    ],
    [
      "two circuits lie bare together",
      before(is("splice", "join:V.2"), is("tape", "V")),
      "bare-ends-can-touch",
    ],
    [
      "two neighbours are cut at the same place",
      steps.map((step) => (is("cut", "cut-vehicle")(step) ? { ...step, length: 100 } : step)),
      "joints-side-by-side",
    ],
    ["ends are joined that nobody stripped", without(is("strip", "join:V.2")), "not-stripped"],
    ["a plug goes in before its wires are tugged", without(is("tug", "X")), "not-tugged"],
    ["power comes on before anything is measured", without(is("measure")), "not-measured"],
    [
      "the fuse goes in with the battery off",
      before(is("fuse"), is("battery-on", "close")),
      "fuse-before-power",
    ],
    ["the fuse is forgotten", without(is("fuse")), "fuse-left-out"],
    [
      "a decision is not carried out",
      without((step) => step.id.startsWith("feed:"), is("fuse")),
      "step-cannot-be-done",
    ],
    ["a vacated cavity of a sealed plug stays open", without(is("plug", "V.1")), "cavity-left-open"],
    ["a lock stays open", without(is("close-lock", "V"), is("connect", "V")), "left-open"],
    ["a plug stays apart", without(is("connect", "X")), "left-open"],
    ["the battery stays off", without(is("battery-on"), is("fuse")), "fuse-left-out"],
  ])("%s", (_what, edited, code) => {
    expect(codeOf(edited)).toBe(code);
  });

  it("knows a step that no decision asks for, and a wire that moved for no reason", () => {
    const stray = extra({
      kind: "release",
      role: "stray",
      op: { kind: "release", end: plugEnd(pinId("V.6")), cavity: pinId("V.6") },
      connector: steps.find(is("disconnect", "V"))!.connector,
    });
    expect(codeOf(insertAt(stray, is("close-lock", "V")))).toBe("unexplained-step");
    const owner = steps.find(is("insert", "join:V.1"))!.decision;
    const out = { ...stray, decision: owner };
    const capped = {
      ...extra(
        {
          kind: "cap",
          role: "stray-cap",
          op: { kind: "cap", end: plugEnd(pinId("V.6")), to: "covered" },
          connector: stray.connector,
        },
        owner,
      ),
    };
    const at = steps.findIndex(is("close-lock", "V"));
    expect(codeOf([...steps.slice(0, at), out, capped, ...steps.slice(at)])).toBe(
      "wire-moved-without-decision",
    );
  });

  it("wants a seal before a new terminal, and the power off while a terminal lies loose", () => {
    const open = {
      ...dossier,
      connectors: dossier.connectors.map((connector) =>
        connector.name === "V" ? { ...connector, sealed: false } : connector,
      ),
    };
    const plan = planWork(open).steps;
    expect([
      codeOf(plan, open),
      codeOf(
        plan.filter((step) => step.kind !== "seal"),
        open,
      ),
    ]).toEqual(["sound", "seal-missing"]);
    const at = steps.findIndex(is("take-up"));
    const on = extra({ kind: "battery-on", role: "on", op: { kind: "battery", to: "on" } });
    expect(codeOf([...steps.slice(0, at), on, ...steps.slice(at)])).toBe("power-with-end-loose");
  });

  it("ends an evening only where nothing is open, and stays out of plugs that are to stay shut", () => {
    const evening = (id: Step["id"]): Dossier => ({
      ...dossier,
      worklist: { ...dossier.worklist, evenings: [id] },
    });
    expect(codeOf(steps, evening(steps.find(is("park"))!.id))).toBe("evening-ends-open");
    expect(codeOf(steps, evening(steps.find(is("insert", "join:V.1"))!.id))).toBe("sound");
    const shut = {
      ...dossier,
      connectors: dossier.connectors.map((connector) =>
        connector.name === "V" ? { ...connector, keepOut: "restraint system" } : connector,
      ),
    };
    expect(codeOf(steps, shut)).toBe("keep-out-opened");
  });

  it("wants a plug apart before anything is cut behind it", () => {
    const spliced = {
      ...dossier,
      decisions: dossier.decisions.filter(
        (decision) => decision.kind === "join" && decision.method === "splice",
      ),
    };
    expect(
      codeOf(
        planWork(spliced).steps.filter((step) => !is("disconnect", "V")(step)),
        spliced,
      ),
    ).toBe("still-plugged");
  });

  it("names the ends that it speaks of", () => {
    expect(
      checkPlan(dossier, {
        steps: before(is("close-lock", "V"), is("cap", "join:V.5:X.D/cap-stub-vehicle")),
      }),
    ).toMatchObject({ code: "halves-bare", pin: "V.5" });
    expect(checkPlan(dossier, { steps: before(is("splice", "join:V.2"), is("tape", "V")) })).toMatchObject({
      ends: expect.arrayContaining([cutFarEnd(pinId("V.2"))]),
    });
  });
});
