import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { CommandProblem, Command } from "../dossier/index.ts";
import { applyOperation, initialState, type OperationProblem } from "../harness/index.ts";
import type { Entry, What } from "../ledger/index.ts";
import { faceOf, locate } from "../face/index.ts";
import { indexPins, pinId, sourceId, type FaceView } from "../model/index.ts";
import { checkPlan, planWork, type Fault } from "../plan/index.ts";
import { apartBy, pinReader, weigh, type Reason } from "../pairing/index.ts";
import { readMeaning, THINGS } from "../meaning/index.ts";
import { byName, decidedDossier, demoDossier, undecidedDossier } from "../testing/index.ts";
import {
  blockWords,
  commandProblemWords,
  commandWords,
  entryNarrator,
  factsWords,
  faultWords,
  locatorWords,
  meaningWords,
  operationProblemWords,
  pinNamer,
  reasonWords,
  stepLine,
  whereLine,
  stepWords,
  termWords,
} from "./index.ts";

/** A sentence a person can read: nothing that only a program would write. */
const readable = (text: string): void => {
  expect(text.trim().length).toBeGreaterThan(1);
  expect(text).not.toMatch(/undefined|null|NaN|\[object|#(plug|far|cut)|\s{2}/);
};
const demo = demoDossier();
const at = byName(demo);
const name = pinNamer(demo);

describe("words", () => {
  it("say every step of any plan in full", () => {
    let steps = 0;
    fc.assert(
      fc.property(decidedDossier(5), (dossier) => {
        for (const step of planWork(dossier, { hazards: [] }).steps) {
          const words = stepWords(step, dossier);
          const { verb, object, before } = words;
          [verb, object, ...before].forEach(readable);
          // A plug is unplugged where it is: its place is said where it is known.
          if (step.kind !== "connect" && step.kind !== "disconnect") readable(whereLine(words));
          readable(stepLine(words));
          expect(stepLine(words)).not.toMatch(/, *$/);
          expect(before.length).toBeGreaterThan(0);
          steps++;
        }
        for (const block of planWork(dossier).blocks) readable(blockWords(block, pinNamer(dossier)));
      }),
      { numRuns: 150, seed: 90 },
    );
    expect(steps).toBeGreaterThan(1000);
  });

  it("say of any two pins why they go together or not", () => {
    const kinds = new Set<Reason["kind"]>();
    fc.assert(
      fc.property(undecidedDossier(4), (dossier) => {
        const pins = [...indexPins(dossier).values()].map(pinReader(dossier));
        for (const a of pins.slice(0, 4))
          for (const b of pins.slice(-4))
            for (const reason of weigh(a, b)?.reasons ?? [apartBy(a, b)!]) {
              readable(reasonWords(reason));
              kinds.add(reason.kind);
            }
      }),
      { numRuns: 200, seed: 91 },
    );
    expect(kinds.size).toBeGreaterThanOrEqual(8);
  });

  it("name pins as they are printed in every reason why an operation cannot be done", () => {
    const pin = at("B12.7");
    const end = `${pin}#plug` as Parameters<typeof operationProblemWords>[0] extends { end: infer E }
      ? E
      : never;
    const problems: readonly OperationProblem[] = [
      { code: "no-such-end", end },
      { code: "no-such-cavity", cavity: pin },
      { code: "no-such-wire", pin },
      { code: "battery-is-on" },
      { code: "battery-already", to: "off" },
      { code: "lock-already", connector: demo.connectors[0]!.id, to: "open" },
      { code: "lock-closed", connector: demo.connectors[0]!.id },
      { code: "end-not-in-cavity", end, cavity: pin },
      { code: "cavity-not-free", cavity: pin },
      { code: "end-not-loose", end },
      { code: "end-covered", end },
      { code: "end-already-covered", end },
      { code: "end-not-covered", end },
      { code: "wire-out", end },
      { code: "end-without-terminal", end },
      { code: "end-carries-terminal", end },
      { code: "already-cut", pin },
      { code: "joined-to-itself", end },
      { code: "joint-in-use", joint: "j" },
      { code: "not-joined-there", end },
      { code: "cavity-not-vacated", cavity: pin },
      { code: "live-bare-end", end },
    ];
    for (const problem of problems) {
      const words = operationProblemWords(problem, name);
      readable(words);
      if ("end" in problem || "cavity" in problem || "pin" in problem) expect(words).toContain("B12.7");
    }
  });

  it("explain refused edits and the edits that were made", () => {
    const pin = at("B12.7");
    const problems: readonly CommandProblem[] = [
      { code: "no-such-connector", connector: demo.connectors[0]!.id },
      { code: "no-such-pin", pin },
      { code: "name-taken", name: "B12" },
      { code: "name-missing" },
      { code: "cavity-missing", pin },
      { code: "cavity-taken", connector: "B12", cavity: "7" },
      { code: "pin-of-other-connector", pin },
      { code: "pin-is-empty", pin },
    ];
    problems.map((problem) => commandProblemWords(problem, name)).forEach(readable);
    const connector = demo.connectors.find((one) => one.name === "B12")!;
    const change = (put: number, remove: number): Command => ({
      kind: "change-pins",
      connector: connector.id,
      put: connector.pins.slice(0, put),
      remove: connector.pins.slice(0, remove).map((one) => one.id),
    });
    expect(
      [
        change(1, 0),
        change(3, 0),
        change(2, 1),
        { kind: "decide", put: demo.decisions.slice(0, 2), remove: [] } as const,
      ].map((command) => commandWords(command, () => "B12")),
    ).toEqual([
      "B12: cavity 1 changed",
      "B12: 3 pins changed",
      "B12: 2 pins changed, 1 pin removed",
      "2 decisions made",
    ]);
  });

  it("name the fault that the checker found", () => {
    const { steps } = planWork(demo);
    const faults = steps
      .map((gone) => checkPlan(demo, { steps: steps.filter((step) => step !== gone) }))
      .filter((fault): fault is Fault => fault !== null);
    expect(new Set(faults.map((fault) => fault.code)).size).toBeGreaterThanOrEqual(4);
    faults
      .map((fault) => faultWords(fault, name))
      .forEach((words) => expect(words.length).toBeGreaterThan(10));
  });

  it("tell every kind of ledger entry in a line", () => {
    const step = planWork(demo).steps.find((one) => one.kind === "release")!;
    const whats: readonly What[] = [
      { kind: "baseline", head: demo.head, connectors: demo.connectors },
      { kind: "plan-adopted", steps: 12 },
      { kind: "plan-adopted", steps: 12, decided: demo.decisions, undone: [] },
      {
        kind: "plan-adopted",
        steps: 11,
        decided: demo.decisions.slice(0, 1),
        undone: demo.decisions.slice(1, 2),
      },
      { kind: "done", step: step.id, decision: step.decision, op: step.op, note: "stiff" },
      { kind: "skipped", step: step.id, decision: null, reason: "no camera" },
      { kind: "note", step: null, text: "lock is brittle" },
      { kind: "found", pin: at("B12.8"), facts: { colour: "L", size: 0.75 }, note: "" },
      { kind: "found", pin: at("B12.8"), facts: {}, place: { found: "9", believed: "8" }, note: "looked" },
      { kind: "retracted", seq: 4, reason: "went back" },
    ];
    const tell = entryNarrator(demo);
    expect(whats.map((what) => tell({ what } as Pick<Entry, "what">))).toEqual([
      "Work started; 2 connectors with 30 cavities recorded as the baseline",
      "Plan of 12 steps adopted",
      "Plan of 12 steps adopted. 8 decisions on record",
      "Plan of 11 steps adopted. Decided: B12.1 to AL-P.C: spliced. Taken back: B12.2 to AL-P.A: spliced",
      "Release turquoise, out of AL-P, cavity D. Note: stiff",
      "Skipped: Release turquoise, out of AL-P, cavity D. Reason: no camera",
      "lock is brittle",
      "Found at B12.8: colour L, 0.75 mm²",
      "Found “Level sender, right”, SB, in cavity 9 of B12, not in 8. looked",
      "Entry 4 retracted: went back",
    ]);
  });

  it("lead to one cavity only, in either view (locator)", () => {
    for (const connector of demo.connectors) {
      for (const view of ["wire", "mating"] satisfies FaceView[]) {
        const face = faceOf(connector)!;
        const words = connector.pins.map((pin) =>
          locatorWords(locate(face, pin.id, { view, grip: "up" })!.locator, { view, grip: "up" }, face.shell),
        );
        expect(new Set(words).size).toBe(connector.pins.length);
      }
    }
    const line = (at: number, lines: number, place: number, places: number) =>
      ({ kind: "line", sense: "row", line: at, lines, place, places }) as const;
    expect(locatorWords(line(2, 3, 4, 12), { view: "wire", grip: "up" }, { mark: "lock" })).toBe(
      "wire side, lock up: row 2 of 3, 4th from the left",
    );
    expect(locatorWords(line(1, 2, 8, 8), { view: "mating", grip: "left" }, { mark: "dovetail" })).toBe(
      "mating face, dovetail to the left: top row, right end",
    );
    expect(
      locatorWords(
        { kind: "ring", ring: 1, rings: 2, place: 2, places: 8, clock: 3 },
        { view: "mating", grip: "up" },
        { mark: "key" },
      ),
    ).toBe("mating face, key up: outer ring, at 3 o'clock, 2nd of 8 clockwise from the key");
  });

  it("never leave a person with an id where a name is known", () => {
    const start = initialState(demo);
    const refused = applyOperation(start, {
      kind: "release",
      end: `${at("B12.7")}#plug` as never,
      cavity: at("B12.7"),
    });
    expect(refused.ok ? "" : operationProblemWords(refused.error, name)).toBe(
      "The battery is connected. Disconnect it before you touch a wire.",
    );
    expect(name(pinId("gone"))).toBe("gone");
  });
});

describe("facts and terms", () => {
  it("say what was found, whatever kind of fact it is", () => {
    const { sources } = demoDossier();
    expect(factsWords({ colour: "L", size: 0.75, signal: "lin" }, { sources })).toBe(
      "signal lin, colour L, 0.75 mm²",
    );
    expect(
      factsWords(
        { size: null, function: "", condition: "only with alarm", colourSystem: "german" },
        { sources },
      ),
    ).toBe(
      "function not known, size not known, only when: only with alarm, colour read as German abbreviations",
    );
    expect(
      factsWords(
        {
          identified: true,
          sources: { colour: sourceId("read-off"), size: sourceId("d41") },
          doubts: {},
          claims: [],
        },
        { sources },
      ),
    ).toBe(
      "identified, colour from read off the part, size from Diagram, no doubt left, no source says otherwise",
    );
    expect(
      factsWords(
        {
          doubts: { colour: "faint scan" },
          claims: [{ fact: "colour", value: "Y/B", source: sourceId("owner"), when: "up to model year 2" }],
        },
        { sources },
      ),
    ).toBe("colour in doubt (faint scan), colour Y/B by another source up to model year 2");
  });
  it("say how a label was read, and leave out what nobody knows", () => {
    const words = (text: string): string => meaningWords(readMeaning(text));
    expect(words("LO FAN OUT")).toBe("radiator fan or blower motor? · low · switched ground?, gives");
    expect(words("Earth, LH rear")).toBe("ground · left rear");
    expect(words("HO2S B1S2 SIG")).toBe("oxygen sensor · bank 1 sensor 2 · analog signal");
    expect(words("Not used")).toBe("spare");
    expect(words("zzyx quorb")).toBe("");
  });
  it("say of every term what it usually is and what happens without it", () => {
    for (const term of THINGS) expect(termWords(term)).toMatch(/^Usually [^,]+, .+\. Left open, .+\.$/);
    expect(termWords(THINGS.find((term) => term.name === "fuel pump")!)).toBe(
      "Usually switched supply, driven by the module. Left open, the engine does not start.",
    );
  });
});
