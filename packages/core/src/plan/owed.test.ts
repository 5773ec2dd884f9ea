import { describe, expect, it } from "vitest";
import { readJobValue } from "../contract/index.ts";
import { findHazards } from "../hazards/index.ts";
import type { Dossier } from "../model/index.ts";
import { flagsOf } from "./flags.ts";
import { owedAfter } from "./owed.ts";

function job(decisions: readonly object[]): Dossier {
  const read = readJobValue({
    format: "trevin-job",
    version: 1,
    connectors: [
      {
        name: "V",
        side: "vehicle",
        pins: [
          { cavity: "1", function: "Stop lamp" },
          { cavity: "2", function: "ABS pump" },
          { cavity: "3", function: "Ground" },
          { cavity: "4", function: "Horn" },
          { cavity: "5", function: "Spare" },
        ],
      },
      {
        name: "X",
        side: "incoming",
        pins: [
          { cavity: "A", function: "Stop lamp" },
          { cavity: "B", function: "ABS pump" },
          { cavity: "C", function: "Constant supply" },
          { cavity: "D", function: "Oxygen sensor heater" },
        ],
      },
    ],
    decisions,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.error));
  return read.value.dossier;
}
const V = (cavity: string) => ({ connector: "V", cavity });
const X = (cavity: string) => ({ connector: "X", cavity });
const joins = [
  { kind: "join", vehicle: V("1"), incoming: X("A"), method: "splice" },
  { kind: "join", vehicle: V("2"), incoming: X("B"), method: "splice" },
];
const cap = { kind: "cap", pin: X("D"), open: "code" };

describe("what is owed after the job", () => {
  it("tells what the law looks at once for each subject, with every pin, and each thing that is lost by itself", () => {
    const owed = owedAfter(findHazards(job([...joins, cap])));
    const law = owed.filter(({ rule }) => rule === "law-reminder");
    expect(law.map(({ detail }) => detail.split(".")[0]).sort()).toEqual([
      "The work touches emissions",
      "The work touches the brakes",
    ]);
    expect(law.find(({ detail }) => detail.includes("brakes"))!.pins.length).toBeGreaterThanOrEqual(4);
    expect(owed.filter(({ rule }) => rule === "fault-code").map(({ pins }) => pins)).toEqual([["X.D"]]);
  });

  it("leaves out what is only suggested, and says with which reason something was accepted", () => {
    expect(owedAfter(findHazards(job([])))).toEqual([]);
    const accepted = owedAfter(
      findHazards(job([{ ...cap, answers: [{ rule: "fault-code", reason: "the owner knows" }] }])),
    );
    expect(accepted.find(({ rule }) => rule === "fault-code")!.accepted).toBe("the owner knows");
  });
});

describe("flags", () => {
  it("are for every wire that something is done to, and say where it goes; a wire that stays has none", () => {
    const flags = flagsOf(
      job([
        ...joins,
        { kind: "jumper", pins: [V("3"), V("4")] },
        { kind: "feed", pin: X("C"), feed: "battery", from: "F22, 5 A" },
        cap,
        { kind: "leave", pin: V("5") },
      ]),
    );
    expect(flags.map(({ pin, to }) => `${pin.connector.name}.${pin.pin.cavity} > ${to}`)).toEqual([
      "V.1 > X.A",
      "V.2 > X.B",
      "V.3 > V.4",
      "V.4 > V.3",
      "X.A > V.1",
      "X.B > V.2",
      "X.C > F22, 5 A",
      "X.D > ",
    ]);
  });

  it("name the cavity that a wire moves to in its own plug", () => {
    const flags = flagsOf(
      job([
        { kind: "move", pin: V("3"), to: V("4") },
        { kind: "move", pin: V("4"), to: V("3") },
      ]),
    );
    expect(flags.map(({ pin, to }) => `${pin.pin.cavity} > ${to}`)).toEqual(["3 > V.4", "4 > V.3"]);
  });
});
