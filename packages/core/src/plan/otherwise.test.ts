import { describe, expect, it } from "vitest";
import { indexPins, pinName, decisionId, namedPins, type Dossier } from "../model/index.ts";
import { whatIfSwapped, swappable } from "../circuit/index.ts";
import { CAR, demoOf, ended, join, jobOf, MODULE, pin, POWERED } from "../testing/circuitJobs.ts";
import { provedOtherwise } from "./otherwise.ts";

const at = (dossier: Dossier, name: string) => {
  const found = [...indexPins(dossier).values()].find((placed) => pinName(placed) === name);
  if (found === undefined) throw new Error(name);
  return found.pin.id;
};
const decisionAt = (dossier: Dossier, name: string) => {
  const own = dossier.decisions.find((one) => namedPins(one).includes(at(dossier, name)));
  if (own === undefined) throw new Error(name);
  return decisionId(own);
};

describe("a job decided otherwise", () => {
  const job = jobOf(CAR, MODULE, [...POWERED, join("V.4", "X.D")]);
  it("without the ground leaves its parts without a way back", () => {
    const { verdict, findings, changes } = provedOtherwise(job, {
      kind: "without",
      decision: decisionAt(job, "X.C"),
    });
    expect(verdict).toBe("fails");
    expect(findings.map((one) => one.kind === "dark" && one.why)).toContain("no-return");
    expect(changes.map(({ before, after }) => [before, after])).toContainEqual(["full", "off"]);
  });
  it("without a decision that is not there is the same job", () => {
    const other = jobOf(CAR, MODULE, [join("V.5", "X.D")]);
    const outcome = provedOtherwise(job, { kind: "without", decision: decisionAt(other, "X.D") });
    expect([outcome.findings, outcome.changes, outcome.extra]).toEqual([[], [], 0]);
  });
  it("by colour is sound where the colours are", () => {
    const coloured = (pins: readonly object[], colours: readonly string[]): readonly object[] =>
      pins.map((one, i) => ({ ...one, colour: colours[i] ?? "" }));
    const alike = jobOf(
      coloured(CAR.slice(0, 4), ["RD", "OG", "BK", "GN"]),
      coloured(MODULE, ["RD", "OG", "BK", "GN"]),
      [...POWERED, join("V.4", "X.D")],
    );
    expect(provedOtherwise(alike, { kind: "by-colour" })).toMatchObject({ verdict: "works", changes: [] });
    const crossed = jobOf(
      coloured(CAR.slice(0, 4), ["RD", "OG", "BK", "GN"]),
      coloured(MODULE, ["BK", "OG", "RD", "GN"]),
      [...POWERED, join("V.4", "X.D")],
    );
    const outcome = provedOtherwise(crossed, { kind: "by-colour" });
    expect(outcome.verdict).not.toBe("works");
    expect(outcome.changes.length).toBeGreaterThan(0);
  });
  it("by colour is worse than planned in the demo of the tail lift", () => {
    const outcome = provedOtherwise(demoOf("tail-lift"), { kind: "by-colour" });
    expect(outcome.findings.length).toBeGreaterThan(0);
  });
});

describe("two wires in each other's cavity", () => {
  const job = jobOf(
    CAR,
    [...MODULE, pin("E", "Right turn lamp", { direction: "load" })],
    [...POWERED, join("V.4", "X.D"), join("V.5", "X.E")],
  );
  const proof = ended(job);
  const [left, right] = [at(job, "X.D"), at(job, "X.E")];
  it("left and right: each lamp is worked by the other's output", () => {
    expect(swappable(proof.network, left)).toContain(right);
    const { changes, crossed } = whatIfSwapped(proof, 12, left, right);
    expect(changes).toEqual([]);
    expect(crossed.map(({ row, before, after }) => [row.pin, before, after])).toEqual([
      [left, [at(job, "V.4")], [at(job, "V.5")]],
      [right, [at(job, "V.5")], [at(job, "V.4")]],
    ]);
  });
  it("the constant and the key's: the module loses its memory with the key", () => {
    const { changes } = whatIfSwapped(proof, 12, at(job, "X.A"), at(job, "X.B"));
    expect(changes.map(({ row, after }) => [row.pin, after])).toContainEqual([at(job, "X.A"), "off"]);
  });
  it("swapped twice is as it was, and a wire with itself changes nothing", () => {
    expect(whatIfSwapped(proof, 12, left, left)).toMatchObject({ changes: [], crossed: [] });
  });
});
