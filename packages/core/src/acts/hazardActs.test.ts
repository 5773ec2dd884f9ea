import type { Dossier } from "../model/index.ts";
import { findHazards } from "../hazards/index.ts";
import { applyCommand } from "../dossier/index.ts";
import { analyse } from "../analysis/index.ts";
import { demoDossier } from "../testing/index.ts";
import { describe, expect, it } from "vitest";
import { sureOffers, takeOffers, type Edit } from "./acts.ts";
import { acceptHazards, sameAnswer, withoutAnswer } from "./hazardActs.ts";
import { circuitRows, isOpenHazard } from "./rows.ts";

const done = (dossier: Dossier, edit: Edit): Dossier => {
  const applied = applyCommand(dossier, { kind: "decide", ...edit });
  if (!applied.ok) throw new Error(JSON.stringify(applied.error));
  return applied.value;
};

describe("answers to hazards", () => {
  it("one answer covers all of one rule and cure, in the name of who gave it, and can be taken back", () => {
    const start = demoDossier();
    const dossier = done(start, takeOffers(sureOffers(circuitRows(start, analyse(start, [])))));
    const open = findHazards(dossier).filter((hazard) => isOpenHazard(hazard) && hazard.decision !== null);
    const alike = open.map((hazard) => sameAnswer(open, hazard)).sort((a, b) => b.length - a.length)[0]!;
    expect(alike.length).toBeGreaterThan(0);
    const accepted = done(dossier, acceptHazards(dossier, alike, "seen at the plug", "Kim"));
    const answers = findHazards(accepted).filter((hazard) => hazard.answered !== null);
    expect(answers.map(({ rule }) => rule)).toEqual(alike.map(({ rule }) => rule));
    expect(answers[0]?.answered).toEqual({
      rule: alike[0]!.rule,
      reason: "seen at the plug",
      facts: answers[0]?.facts,
      by: "Kim",
    });
    const decision = accepted.decisions.find(({ answers: given }) => given.length > 0)!;
    expect(
      done(accepted, withoutAnswer(decision, alike[0]!.rule)).decisions.flatMap(({ answers: given }) => given)
        .length,
    ).toBe(alike.length - 1);
  });
});
