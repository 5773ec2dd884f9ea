import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readJobValue } from "../contract/index.ts";
import { decisionId, METHODS, type Dossier } from "../model/index.ts";
import { decidedDemo } from "../testing/decidedDemo.ts";
import { decidedDossier, planFault } from "../testing/index.ts";
import { stepWords } from "../words/index.ts";
import { kitKey, kitOf } from "./kit.ts";
import { allBy, compareMethods, costOf, waysOfWire } from "./methods.ts";
import { planWork } from "./plan.ts";

/** Decided as a technician would: the speed signal through a converter. */
const decidedByHand = () =>
  decidedDemo({ method: "splice", device: { kind: "converter", what: "a pulse converter" } });

describe("kitOf", () => {
  it("leaves no step without what it needs, counts pieces by steps, and is the same in whatever order the rows come", () => {
    let [steps, joints] = [0, 0];
    fc.assert(
      fc.property(decidedDossier(6), (dossier) => {
        const plan = planWork(dossier);
        const kit = kitOf(dossier, plan);
        const served = new Set(kit.flatMap((item) => item.steps));
        // What the hand does alone needs nothing; a terminal that goes from plug to plug brings everything with it.
        const byHand = [
          "insert",
          "wait",
          "disconnect",
          "connect",
          "take-up",
          "uncover",
          "set-aside",
          "tug",
          "try",
          "program",
          "inspect",
          "note-odometer",
        ];
        for (const step of plan.steps)
          expect(served.has(step.id), step.kind).toBe(!byHand.includes(step.kind));
        const pieces = (what: RegExp): number =>
          kit.filter((item) => what.test(item.what)).reduce((sum, item) => sum + item.count, 0);
        expect(pieces(/^(butt splice|solder sleeve|electrical solder)/)).toBe(
          plan.steps.filter(
            ({ kind, joint }) =>
              kind === "splice" || (["tap", "fit-device"].includes(kind) && joint === "solder"),
          ).length,
        );
        expect(pieces(/^cavity plug/)).toBe(plan.steps.filter(({ kind }) => kind === "plug").length);
        expect(pieces(/^connection to/)).toBe(
          plan.steps.filter(({ kind, text }) => kind === "feed" && text !== "ground").length,
        );
        expect(new Set(kit.map(kitKey)).size).toBe(kit.length);
        // Ticks of jobs from before a change of words still count.
        expect(kit.map(kitKey).filter((key) => /butt splice|mates with|cut to its route/.test(key))).toEqual(
          [],
        );
        for (const item of kit)
          expect(item.kind === "tool" ? item.count : item.steps.length).toBe(item.count);
        const turned = {
          ...dossier,
          connectors: [...dossier.connectors].reverse(),
          decisions: [...dossier.decisions].reverse(),
        };
        expect(kitOf(turned, planWork(turned))).toEqual(kit);
        steps += plan.steps.length;
        joints += pieces(/^(butt splice|solder sleeve|electrical solder)/);
      }),
      { numRuns: 160, seed: 50 },
    );
    expect(steps).toBeGreaterThan(1600);
    expect(joints).toBeGreaterThan(30);
  });

  it("counts each wire of a jumper once: two of 1.25 mm² make a joint of 2.5 mm², both ends of it, three make three", () => {
    const jumped = (count: number): Dossier => {
      const pins = Array.from({ length: count }, (_, n) => ({
        cavity: String(n + 1),
        function: `Loop ${n}`,
        colour: "BK",
        size: 1.25,
      }));
      const read = readJobValue({
        format: "trevin-job",
        version: 1,
        connectors: [{ name: "V", pins, leads: "loom" }],
        decisions: [{ kind: "jumper", pins: pins.map(({ cavity }) => ({ connector: "V", cavity })) }],
      });
      if (!read.ok) throw new Error(JSON.stringify(read.error));
      return read.value.dossier;
    };
    for (const [count, words, size] of [
      [2, "both ends", "2.5 mm² together"],
      [3, "all 3 ends", "3.75 mm² together"],
    ] as const) {
      const dossier = jumped(count);
      const plan = planWork(dossier);
      const strip = plan.steps.filter(({ kind, others }) => kind === "strip" && others.length === count - 2);
      expect(strip.map((step) => stepWords(step, dossier).object)).toEqual([words]);
      expect(kitOf(dossier, plan).map(({ what, size: of }) => `${what} ${of}`)).toContain(
        `butt splice ${size}`,
      );
    }
  });
  it("lists the demo's parts, sized by what meets in each joint", () => {
    const dossier = decidedByHand();
    const kit = kitOf(dossier, planWork(dossier)).map(
      ({ kind, what, size, count, spare }) =>
        `${kind} ${count}+${spare} ${what}${size === "" ? "" : `, ${size}`}`,
    );
    // B12.1 2 mm² onto AL-P.C 1.5; B12.2 1.25 onto AL-P.A 1.5; the converter between 0.5 and 0.35.
    expect(kit).toEqual(
      expect.arrayContaining([
        "part 1+1 butt splice, 3.5 mm² together",
        "part 1+1 butt splice, 2.75 mm² together",
        "part 1+0 a pulse converter",
        "part 1+0 connection to F22, 5 A",
        "part 1+0 wire for the feed, red, white stripe, 0.75 mm², cut to its route",
      ]),
    );
    expect(kit.filter((line) => line.startsWith("tool")).every((line) => line.startsWith("tool 1+0"))).toBe(
      true,
    );
  });
});

describe("compareMethods", () => {
  it("plans each way soundly; moving cuts nothing that a part between does not cut, splicing moves no terminal", () => {
    let differ = 0;
    fc.assert(
      fc.property(
        decidedDossier(5).filter((dossier) =>
          planWork(allBy(dossier, "splice")).blocks.every(({ code }) => code !== "cavity-kept"),
        ),
        (dossier) => {
          for (const method of METHODS)
            expect(planFault(allBy(dossier, method), planWork(allBy(dossier, method)))).toBeNull();
          const [decided, move, splice, adapter] = compareMethods(dossier);
          // What fills an empty cavity moves in any case, and so does what moves within its own side.
          const isEmpty = (pin: string): boolean =>
            dossier.connectors.some(({ pins }) =>
              pins.some(({ id, content }) => id === pin && content === "empty"),
            );
          // A wire that is led through a part by its empty cavity moves there, and the lead that comes back takes its place.
          const seated = dossier.decisions.map((decision) => {
            if (decision.kind === "series") return isEmpty(decision.into) ? 2 : 0;
            if (decision.kind === "feed") return isEmpty(decision.pin) ? 1 : 0;
            if (decision.kind === "join") return isEmpty(decision.incoming) ? 1 : 0;
            return ["move", "populate", "re-end"].includes(decision.kind) ? 1 : 0;
          });
          expect(splice!.cost.moved).toBe(seated.reduce<number>((sum, one) => sum + one, 0));
          expect(move!.cost.joints).toBeLessThanOrEqual(splice!.cost.joints);
          expect(splice!.cost.joints).toBeGreaterThanOrEqual(decided!.cost.joints);
          expect(adapter!.cost.cuts).toBeLessThanOrEqual(splice!.cost.cuts);
          if (move!.cost.joints < splice!.cost.joints) differ++;
          for (const { cost } of [decided!, move!, splice!, adapter!]) {
            expect(cost.minutes[0]).toBeLessThanOrEqual(cost.minutes[1]);
            if (cost.cuts > 0) expect(cost.reversible).toBe("with joints left");
            if (cost.cuts + cost.joints === 0) expect(cost.reversible).toBe("exact");
          }
        },
      ),
      { numRuns: 80, seed: 52 },
    );
    expect(differ).toBeGreaterThan(12);
  });

  it("counts for one wire alone what that wire takes, each way, and offers no choice where there is none", () => {
    const dossier = decidedByHand();
    const level = dossier.decisions.find(
      (decision) => decision.kind === "join" && decision.method === "move",
    )!;
    const ways = new Map(waysOfWire(dossier, level).map(({ method, cost }) => [method, cost]));
    expect(
      ["move", "splice", "adapter"].map((method) => {
        const { cuts, joints, moved, reversible } = ways.get(method as "move")!;
        return [cuts, joints, moved, reversible];
      }),
    ).toEqual([
      [0, 0, 1, "exact"],
      [1, 1, 0, "with joints left"],
      [0, 0, 0, "exact"],
    ]);
    expect(
      waysOfWire(
        dossier,
        dossier.decisions.find(({ kind }) => kind === "feed")!,
      ),
    ).toEqual([]);
  });

  it("adds up over the decisions of a job to what its plan does", () => {
    const dossier = decidedByHand();
    const plan = planWork(dossier);
    const own = dossier.decisions.map((decision) => {
      const steps = plan.steps.filter((step) => step.decision === decisionId(decision));
      return costOf(dossier, { steps, range: [0, 0] });
    });
    const whole = costOf(dossier, plan);
    expect(own.reduce((sum, cost) => sum + cost.cuts, 0)).toBe(whole.cuts);
    expect(own.reduce((sum, cost) => sum + cost.joints, 0)).toBe(whole.joints);
  });
});
