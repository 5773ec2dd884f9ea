import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { applyCommand } from "../dossier/index.ts";
import { bench } from "../ledger/index.ts";
import {
  blankConnector,
  connectorId,
  decisionId,
  NO_EDITS,
  stepId,
  type Decision,
  type Dossier,
  type OwnStep,
  type PartInTheWay,
  type StepId,
} from "../model/index.ts";
import { byName, decidedDossier, demoDossier, planFault } from "../testing/index.ts";
import { checkPlan } from "./check/check.ts";
import { planDifference } from "./difference.ts";
import { chained, movedBehind, ownStepId } from "./edits.ts";
import { splitByLeg, splitIntoEvenings } from "./evenings.ts";
import { planWork } from "./plan.ts";

const dossier = demoDossier();
const at = byName(dossier);
const own = (id: string, after: StepId | null): OwnStep => ({
  id,
  after,
  text: `do ${id}`,
  place: "",
  minutes: 4,
  from: "",
  deviation: "",
});
const ids = (of: Dossier): readonly string[] => planWork(of).steps.map(({ id }) => id);

describe("own steps and order", () => {
  it("puts own steps behind their anchors, the first place of all included, and never loses one", () => {
    const anchor = planWork(dossier).steps[5]!.id;
    const edited = {
      ...dossier,
      worklist: {
        ...NO_EDITS,
        own: [
          own("first", null),
          own("after", anchor),
          own("chained", ownStepId({ id: "after" })),
          own("lost", stepId("gone/step")),
        ],
      },
    };
    const list = ids(edited);
    expect(list[0]).toBe("own/first");
    expect(list.slice(list.indexOf(anchor), list.indexOf(anchor) + 3)).toEqual([
      anchor,
      "own/after",
      "own/chained",
    ]);
    expect(list.at(-1)).toBe("own/lost");
    expect(checkPlan(edited, planWork(edited))).toBeNull();
  });

  it("keeps the order of several own steps behind one anchor, as a list of instructions has them", () => {
    const anchor = planWork(dossier).steps[5]!.id;
    const put = chained([
      own("a", null),
      own("b", null),
      own("c", anchor),
      own("d", anchor),
      own("e", anchor),
    ]);
    const list = ids({ ...dossier, worklist: { ...NO_EDITS, own: put } });
    expect(list.slice(0, 2)).toEqual(["own/a", "own/b"]);
    expect(list.slice(list.indexOf(anchor), list.indexOf(anchor) + 4)).toEqual([
      anchor,
      "own/c",
      "own/d",
      "own/e",
    ]);
  });

  it("gives every order that is asked for, with the same steps, and tells an edit of the same step once", () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(), fc.option(fc.nat())), { maxLength: 6 }), (moves) => {
        const steps = planWork(dossier).steps;
        let { worklist } = dossier;
        for (const [from, to] of moves)
          worklist = movedBehind(
            worklist,
            steps[from % steps.length]!.id,
            to === null ? null : steps[to % steps.length]!.id,
          );
        const list = ids({ ...dossier, worklist });
        expect([...list].sort()).toEqual(steps.map(({ id }) => id as string).sort());
        expect(new Set(worklist.order.map(({ step }) => step)).size).toBe(worklist.order.length);
        const last = worklist.order.at(-1);
        if (last !== undefined && last.step !== last.after)
          expect(list[list.indexOf(last.step) - 1] ?? null).toBe(last.after);
      }),
      { numRuns: 200, seed: 70 },
    );
  });

  it("lets the checker say what a change of order breaks, and blocks the bench till it is mended", () => {
    const { steps } = planWork(dossier, { hazards: [] });
    const insert = steps.find(({ kind }) => kind === "insert")!;
    const broken = { ...dossier, worklist: movedBehind(NO_EDITS, insert.id, null) };
    expect(bench(broken, []).plan.blocks[0]).toMatchObject({ code: "broken", fault: { step: insert.id } });
    expect(bench(dossier, []).plan.blocks.some(({ code }) => code === "broken")).toBe(false);
  });
});

describe("parts in the way", () => {
  const part = (id: string, hides: PartInTheWay["hides"]): PartInTheWay => ({
    id,
    name: id,
    place: "sill",
    fasteners: "",
    tool: "",
    torque: null,
    drill: false,
    hides,
  });
  it("come off in order before any plug and go back on in reverse, and stay on where they hide none of the work", () => {
    const b12 = dossier.connectors.find(({ name }) => name === "B12")!.id;
    const idle = { ...blankConnector(connectorId("idle"), "IDLE", "vehicle"), pins: [] };
    const edited = {
      ...dossier,
      connectors: [...dossier.connectors, idle],
      worklist: { ...NO_EDITS, parts: [part("trim", [b12]), part("dash", [idle.id]), part("seat", [])] },
    };
    const kinds = planWork(edited)
      .steps.filter(({ kind }) => ["remove-part", "refit-part", "disconnect", "battery-on"].includes(kind))
      .map(({ kind, text }) => `${kind} ${text}`.trim());
    expect(kinds).toEqual([
      "remove-part trim",
      "remove-part seat",
      "disconnect",
      "battery-on",
      "refit-part seat",
      "refit-part trim",
    ]);
    expect(checkPlan(edited, planWork(edited))).toBeNull();
  });
});

describe("evenings", () => {
  it("end after whole circuits, none longer than asked unless one circuit is, and nothing is open overnight", () => {
    let ends = 0;
    fc.assert(
      fc.property(decidedDossier(5), fc.integer({ min: 5, max: 60 }), (job, minutes) => {
        const plan = planWork(job);
        const evenings = splitIntoEvenings(plan, minutes);
        ends += evenings.length;
        const last = new Set(plan.groups.map(({ steps }) => steps.at(-1)));
        for (const end of evenings) expect(last.has(end)).toBe(true);
        let spent = 0;
        let circuits = 0;
        for (const group of plan.groups) {
          spent += group.minutes;
          circuits++;
          if (circuits > 1) expect(spent).toBeLessThanOrEqual(minutes);
          if (evenings.includes(group.steps.at(-1)!)) [spent, circuits] = [0, 0];
        }
        expect(planFault({ ...job, worklist: { ...job.worklist, evenings } }, plan)).toBeNull();
      }),
      { numRuns: 200, seed: 71 },
    );
    expect(ends).toBeGreaterThan(300);
  });
});

describe("evenings by leg", () => {
  it("end with the last circuit of a leg, once for each change of leg, with nothing in the hand", () => {
    let ends = 0;
    fc.assert(
      fc.property(decidedDossier(5), (job) => {
        const legged = {
          ...job,
          connectors: job.connectors.map((connector, i) => ({
            ...connector,
            branch: i === 1 ? "engine, left bank" : "",
          })),
        };
        const plan = planWork(legged);
        const evenings = splitByLeg(plan, legged);
        const connectors = new Map(legged.connectors.map((connector) => [connector.id, connector]));
        const legs = plan.groups
          .filter(({ stage }) => stage === "wire")
          .map(({ steps: [first], place, steps }) => ({
            last: steps.at(-1)!,
            leg:
              connectors.get(plan.steps.find(({ id }) => id === first)?.connector as never)?.branch || place,
          }));
        expect(evenings).toEqual(
          legs.flatMap(({ leg, last }, i) => (i + 1 < legs.length && legs[i + 1]!.leg !== leg ? [last] : [])),
        );
        expect(planFault({ ...legged, worklist: { ...legged.worklist, evenings } }, plan)).toBeNull();
        ends += evenings.length;
      }),
      { numRuns: 200, seed: 72 },
    );
    expect(ends).toBeGreaterThan(50);
  });
});

describe("a change of the plan", () => {
  it("is told by what is new, gone, moved or done otherwise", () => {
    const before = planWork(dossier);
    const put: Decision = { kind: "cap", pin: at("B12.3"), sure: "sure", reason: "", answers: [] };
    const next = applyCommand(dossier, { kind: "decide", put: [put], remove: [] });
    if (!next.ok) throw new Error(next.error.code);
    const after = planWork(next.value);
    const difference = planDifference(before, after);
    expect(difference.gone).toEqual([]);
    expect(
      difference.added.filter(({ decision }) => decision === decisionId(put)).map(({ kind }) => kind),
    ).toEqual(["release", "cap"]);
    expect(planDifference(after, before).gone).toEqual(difference.added);
    expect(difference.minutes).toBe(after.minutes - before.minutes);
    const moved = planDifference(before, {
      ...before,
      steps: [before.steps[3]!, ...before.steps.filter((_, i) => i !== 3)],
    });
    expect([moved.moved, moved.added, moved.gone]).toEqual([[before.steps[3]!.id], [], []]);
    expect(planDifference(before, before)).toMatchObject({
      added: [],
      gone: [],
      moved: [],
      changed: [],
      minutes: 0,
    });
  });
});

describe("rounds", () => {
  it("plans what is decided after the power came back as a new round, with a battery step of its own", () => {
    const steps = planWork(dossier).steps;
    const put: Decision = { kind: "cap", pin: at("B12.3"), sure: "sure", reason: "", answers: [] };
    const next = applyCommand(dossier, { kind: "decide", put: [put], remove: [] });
    if (!next.ok) throw new Error(next.error.code);
    const later = planWork(next.value, {
      done: steps.map(({ id, decision }) => ({ step: id, decision })),
    });
    expect(later.steps.slice(0, steps.length).map(({ id }) => id)).toEqual(steps.map(({ id }) => id));
    const second = later.steps.slice(steps.length);
    expect(second.map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(["battery-off", "release", "cap", "battery-on"]),
    );
    expect(second[0]!.id).toBe("open~2/battery");
    // The plug came off a part that was taken away: it is not pulled once more, nor plugged in.
    expect(second.some(({ kind }) => kind === "disconnect" || kind === "connect")).toBe(false);
    expect(checkPlan(next.value, later)).toBeNull();
    expect(new Set(later.steps.map(({ id }) => id)).size).toBe(later.steps.length);
  });
});
