import { HAZARD_CASES } from "../testing/hazardCases.ts";
import { describe, expect, it } from "vitest";
import { applyCommand } from "../dossier/index.ts";
import { decisionId } from "../model/index.ts";
import { job, pair, type Case } from "../testing/twoPlugs.ts";
import { findHazards, RULES, type Hazard } from "./index.ts";

const found = (rule: string, one: Case): readonly Hazard[] =>
  findHazards(job(one)).filter((hazard) => hazard.rule === rule);

describe("every rule", () => {
  it("has a case, and an id of its own", () => {
    expect(RULES.map((rule) => rule.id).filter((id) => HAZARD_CASES[id] === undefined)).toEqual([]);
    expect(new Set(RULES.map((rule) => rule.id)).size).toBe(RULES.length);
    expect(Object.keys(HAZARD_CASES).length).toBe(RULES.length);
  });
  it.each(Object.entries(HAZARD_CASES))(
    "%s is raised where it should be, and not by its neighbour",
    (rule, { raised, quiet, severity, cured }) => {
      const [first] = found(rule, raised);
      expect(first).toMatchObject({ severity, cured: cured ?? false, answered: null });
      for (const words of [first!.title, first!.detail, first!.cure]) {
        expect(words.length).toBeGreaterThan(8);
        expect(words).not.toMatch(/undefined|null|NaN|\[object/);
      }
      expect(found(rule, quiet)).toEqual([]);
    },
  );
  it("cures what it says it cures: taking a fix leaves that hazard cured or gone, and the decision possible", () => {
    let taken = 0;
    for (const [rule, { raised }] of Object.entries(HAZARD_CASES)) {
      const dossier = job(raised);
      for (const hazard of found(rule, raised))
        for (const fix of hazard.fixes) {
          const next = applyCommand(dossier, { kind: "decide", ...fix });
          if (!next.ok) throw new Error(`${rule}: ${JSON.stringify(next.error)}`);
          expect(
            findHazards(next.value).filter(
              (one) => one.rule === rule && !one.cured && one.pins[0] === hazard.pins[0],
            ),
            `${rule}: ${fix.words}`,
          ).toEqual([]);
          taken++;
        }
    }
    expect(taken).toBeGreaterThanOrEqual(10);
  });
});

describe("answers and fixes", () => {
  it("a stop stays one until it is answered with a reason, and then says whose", () => {
    const dossier = job(HAZARD_CASES["supply-onto-ground"]!.raised);
    const [decision] = dossier.decisions;
    const answered = {
      ...dossier,
      decisions: [
        { ...decision!, answers: [{ rule: "supply-onto-ground", reason: "the table was wrong", by: "A" }] },
      ],
    };
    expect(findHazards(answered).find((hazard) => hazard.rule === "supply-onto-ground")).toMatchObject({
      decision: decisionId(decision!),
      answered: { reason: "the table was wrong", by: "A" },
    });
  });
  it("12 V on a 5 V neutral switch input: the divider keeps the input below 5 V even at 16 V", () => {
    const [hazard] = found("level-too-high", HAZARD_CASES["level-too-high"]!.raised);
    const [fix] = hazard!.fixes;
    expect(fix!.words).toBe("Put in a divider, 22 kΩ over 10 kΩ");
  });
  it("switches to ground that are merged get their diodes with the band towards the switch", () => {
    const [hazard] = found("two-sources", HAZARD_CASES["two-sources"]!.raised);
    expect(hazard!.fixes[0]!.put[0]).toMatchObject({
      kind: "merge",
      device: { kind: "diodes", band: "vehicle" },
    });
  });
  it("a sender and a gauge whose ohms are written down are worked out, and two of one scale say nothing", () => {
    const fuel = (sender: string, gauge: string) =>
      found("sender-scale", pair({ function: "Fuel level sender", note: sender }, { function: gauge }));
    expect(
      fuel("10 to 180 ohm", "Fuel gauge, 240-33 ohm").map(({ title, detail }) => [title, detail]),
    ).toEqual([
      [
        "Reads wrong",
        "X.A is made for 240 to 33 Ω and gets 10 to 180 Ω: at 10 Ω it shows 100 %, half way 70 %, at 180 Ω 29 %.",
      ],
    ]);
    expect(fuel("10 to 180 ohm", "Fuel gauge 10-180 ohm")).toEqual([]);
    expect(fuel("", "Fuel gauge 10-180 ohm").map(({ title }) => title)).toEqual(["May read wrong"]);
  });
});
