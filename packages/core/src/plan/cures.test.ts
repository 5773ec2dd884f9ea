import { describe, expect, it } from "vitest";
import { findingKey, type CircuitFinding } from "../circuit/index.ts";
import { applyCommand } from "../dossier/index.ts";
import type { Dossier } from "../model/index.ts";
import { CAR, demoOf, ended, join, jobOf, MODULE, pin, POWERED } from "../testing/circuitJobs.ts";
import { decisionWords, pinNamer } from "../words/index.ts";
import { curesOf } from "./cures.ts";

const said = (dossier: Dossier, finding: CircuitFinding): readonly string[] =>
  curesOf(dossier, finding).map((cure) => decisionWords(cure, pinNamer(dossier)));
const find = (dossier: Dossier, kind: CircuitFinding["kind"]): CircuitFinding => {
  const found = ended(dossier).findings.find((one) => one.kind === kind);
  if (found === undefined) throw new Error(kind);
  return found;
};
/** Whatever is offered was solved: made, the finding is gone and nothing else has come. */
const holds = (dossier: Dossier, finding: CircuitFinding): void => {
  for (const put of curesOf(dossier, finding)) {
    const made = applyCommand(dossier, { kind: "decide", put: [put], remove: [] });
    if (!made.ok) throw new Error(made.error.code);
    const after = ended(made.value).findings;
    expect(after.map(findingKey).includes(findingKey(finding))).toBe(false);
  }
};

describe("a cure of what the circuit shows", () => {
  it("turns a diode that blocks", () => {
    const blocked = jobOf(CAR, MODULE, [
      ...POWERED,
      join("V.4", "X.D", { device: { kind: "diodes", band: "vehicle" } }),
    ]);
    const finding = find(blocked, "dark");
    expect(said(blocked, finding)).toEqual([
      "V.4 to X.D: spliced, through a diode in each wire, cathode (band) towards the incoming part",
    ]);
    holds(blocked, finding);
  });
  it("parts two outputs that feed each other by diodes, with the band that works and not the other", () => {
    const merged = jobOf(CAR, MODULE, [
      ...POWERED,
      { kind: "merge", vehicle: ["V.4", "V.5"], incoming: "X.D" },
    ]);
    const finding = find(merged, "output-back-fed");
    const offered = curesOf(merged, finding);
    expect(
      offered.map((one) => ("device" in one && one.device?.kind === "diodes" ? one.device.band : null)),
    ).toEqual(["incoming"]);
    holds(merged, finding);
  });
  it("brings a level down by a divider that is grounded at a ground point of the job, and offers none without one", () => {
    const level = (points: readonly object[]) =>
      jobOf(
        [...CAR, pin("6", "Lift request switch", { signal: "switched-supply", direction: "source" })],
        [...MODULE, pin("E", "Lift request", { signal: "analog", level: 5, direction: "load" })],
        [...POWERED, join("V.6", "X.E")],
        { points },
      );
    const grounded = level([{ id: "G4", name: "G4", kind: "ground" }]);
    const finding = find(grounded, "level");
    expect(said(grounded, finding)).toHaveLength(1);
    expect(said(grounded, finding)[0]).toMatch(/through a divider, 22 kΩ over 10 kΩ/);
    holds(grounded, finding);
    expect(curesOf(level([]), find(level([]), "level"))).toEqual([]);
  });
  it("is never made up: whatever is offered for a finding of a demonstration cures it", () => {
    let findings = 0;
    for (const name of ["light-board", "gearbox", "tail-lift", "platform-truck"])
      for (const finding of ended(demoOf(name)).findings) {
        findings++;
        holds(demoOf(name), finding);
      }
    expect(findings).toBeGreaterThan(0);
  });
});
