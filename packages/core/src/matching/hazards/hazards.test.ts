import { describe, expect, it } from "vitest";
import { readJobValue } from "../../contract/index.ts";
import { demoDossier, byName } from "../../testing/index.ts";
import { decisionId, type Dossier } from "../../model/index.ts";
import { suggest } from "../crosswalk.ts";
import { findHazards } from "./index.ts";

function joined(vehicle: readonly [string, string, string?, number?], incoming: readonly [string, string, string?, number?]): Dossier {
  const pin = ([name, signal, colour, size]: readonly [string, string, string?, number?]) => ({ cavity: "1", function: name, signal, colour: colour ?? "", ...(size === undefined ? {} : { size }) });
  const read = readJobValue({
    format: "trevin-job", version: 1, connectors: [{ name: "V", colourSystem: "iec", pins: [pin(vehicle)] }, { name: "X", colourSystem: "iec", pins: [pin(incoming)] }],
    decisions: [{ kind: "join", vehicle: { connector: "V", cavity: "1" }, incoming: { connector: "X", cavity: "1" } }],
  });
  if (!read.ok) throw new Error(JSON.stringify(read.error));
  return read.value.dossier;
}
const rules = (dossier: Dossier): readonly string[] => findHazards(dossier, []).map((hazard) => `${hazard.severity} ${hazard.rule}`);

describe("hazards", () => {
  it("same-colour-other-function: black is ground here and CAN low there, told from both ends", () => {
    const dossier = demoDossier();
    const at = byName(dossier);
    const traps = findHazards(dossier, suggest(dossier).pairs).filter((hazard) => hazard.rule === "same-colour-other-function" && hazard.title.startsWith("Black"));
    expect(traps.map((hazard) => hazard.pins)).toEqual([[at("B12.1"), at("AL-P.C"), at("AL-P.K")], [at("AL-P.K"), at("B12.13"), at("B12.1")]]);
  });
  it("damaging-join: a supply onto ground is a stop, and stays one until it is answered with a reason", () => {
    const dossier = joined(["Constant supply", "battery"], ["Ground", "ground"]);
    expect(rules(dossier)).toContain("stop damaging-join");
    const [decision] = dossier.decisions;
    const answered = { ...dossier, decisions: [{ ...decision!, answers: [{ rule: "damaging-join", reason: "the table was wrong" }] }] };
    expect(findHazards(answered, [])[0]).toMatchObject({ rule: "damaging-join", decision: decisionId(decision!), answered: "the table was wrong" });
  });
  it("damaging-join: what wants a device is a caution", () => {
    expect(rules(joined(["Switch", "switched-supply"], ["Input", "analog"]))).toContain("caution damaging-join");
  });
  it("missing-feed: the memory supply that no wire of the vehicle gives", () => {
    const dossier = demoDossier();
    const missing = findHazards(dossier, suggest(dossier).pairs).filter((hazard) => hazard.rule === "missing-feed");
    expect(missing.map((hazard) => hazard.pins[0])).toEqual([byName(dossier)("AL-P.B")]);
    expect(missing[0]!.severity).toBe("stop");
  });
  it("twin-colour: two wires of one colour in one connector", () => {
    const read = readJobValue({ format: "trevin-job", version: 1, connectors: [{ name: "V", colourSystem: "iec", pins: [{ cavity: "1", function: "Horn", colour: "BK" }, { cavity: "2", function: "Ground", colour: "BK" }, { cavity: "3", function: "Fan", colour: "RD" }] }] });
    if (!read.ok) throw new Error("unread");
    expect(findHazards(read.value.dossier, []).filter((hazard) => hazard.rule === "twin-colour").map((hazard) => hazard.pins)).toEqual([["V.1", "V.2"]]);
  });
  it("size-step: twice the size or more", () => {
    expect(rules(joined(["Ground", "ground", "BK", 2], ["Ground", "ground", "BN", 0.5]))).toContain("note size-step");
    expect(rules(joined(["Ground", "ground", "BK", 2], ["Ground", "ground", "BN", 1.5]))).not.toContain("note size-step");
  });
  it("keep-out: a restraint circuit is a stop; brakes and the like get a reminder of the law", () => {
    expect(rules(joined(["Airbag squib high", "unknown"], ["spare", "unknown"]))).toContain("stop keep-out");
    expect(rules(joined(["Stop lamp switch", "switched-supply"], ["Brake input", "switched-supply"]))).toContain("note law-reminder");
    expect(rules(joined(["Park brake", "switched-ground"], ["Park brake", "switched-ground"]))).toEqual([]);
  });
});
