import { describe, expect, it } from "vitest";
import { readSupply } from "../io/index.ts";
import { byName, demoDossier } from "../testing/index.ts";
import { job, pair, pin, V, X, type Pin } from "../testing/twoPlugs.ts";
import { suggest } from "../proposals/index.ts";
import { findHazards } from "./index.ts";

describe("traps", () => {
  it("a restraint circuit is kept out also where its label names a lamp beside it", () => {
    const kept = (text: string): boolean =>
      findHazards(job(pair({ function: text }, { function: "spare" }))).some(
        ({ rule }) => rule === "keep-out",
      );
    for (const text of [
      "Airbag squib high, shared with warning lamp",
      "Lamp and Gurtstraffer links",
      "crash sensor",
    ])
      expect([text, kept(text)]).toEqual([text, true]);
    for (const text of ["Airbag warning lamp", "SRS lamp", "Horn"])
      expect([text, kept(text)]).toEqual([text, false]);
  });
  it("only a clutch or neutral switch in the ground keeps the start interlock, not any place with a switch in its name", () => {
    const stops = (from: string): boolean =>
      findHazards(
        job({
          x: [pin("A", "Start inhibit")],
          decisions: [{ kind: "feed", pin: X("A"), feed: "ground", from }],
        }),
      ).some(({ rule }) => rule === "start-interlock");
    expect(["ground stud behind the headlamp switch", "ground", "switch panel earth"].map(stops)).toEqual([
      true,
      true,
      true,
    ]);
    // What only reads as if it went through a switch is no proof: the supply itself says so.
    expect(["ground through a clutch switch", "earth via neutral switch"].map(stops)).toEqual([false, true]);
  });
  it("a fuse is read however its rating is written", () => {
    expect(
      ["F22, 5 A", "F3 30 amp", "7,5A", "10-amp fuse", "30 Amps", "battery post", "F3"].map(
        (text) => readSupply(text, "battery").supply.fuse,
      ),
    ).toEqual([
      ...[5, 30, 7.5, 10, 30].map((amps) => ({ amps, fitted: false })),
      null,
      { amps: null, fitted: false },
    ]);
    const too = job({
      x: [pin("A", "Memory supply", { size: 0.5 })],
      decisions: [{ kind: "feed", pin: X("A"), feed: "battery", from: "F3 30 amp" }],
    });
    expect(findHazards(too).map(({ rule }) => rule)).toContain("fuse-too-large");
  });
  it("a bar between what reads as a supply and a ground stops the work, and nothing is proposed for either", () => {
    const dossier = job({
      v: [pin("1", "Constant supply"), pin("2", "Ground")],
      x: [pin("A", "Battery supply"), pin("B", "Ground")],
      onX: {
        leads: "flying",
        shell: {
          name: "bar",
          pattern: { kind: "rows", rows: [{ places: 2 }], numbering: { scheme: "listed" } },
          view: "wire",
          joined: [["A", "B"]],
        },
      },
    });
    const { pairs, groups, alone } = suggest(dossier);
    expect([pairs, groups]).toEqual([[], []]);
    expect(alone.flatMap(({ pin: id, proposal }) => (id.startsWith("X") ? [proposal] : []))).toEqual([
      "identify",
      "identify",
    ]);
    expect(findHazards(dossier, suggest(dossier))).toContainEqual(
      expect.objectContaining({ rule: "joined-cavities", severity: "stop" }),
    );
  });
  it("a battery moved to the rear is told with the length of cable that no fuse protects", () => {
    const dossier = job({
      x: [pin("A", "Memory supply")],
      decisions: [{ kind: "feed", pin: X("A"), feed: "battery", supply: "front" }],
      file: {
        points: [
          { id: "rear", name: "battery post", kind: "supply", supply: { feed: "battery" } },
          {
            id: "front",
            name: "front post",
            kind: "supply",
            supply: { feed: "battery", behind: "rear", trunk: { size: 50, length: 4200 } },
          },
        ],
      },
    });
    expect(findHazards(dossier).find(({ rule }) => rule === "feed-without-fuse")?.detail).toContain(
      "4.2 m of cable run without a fuse",
    );
  });
  it("black is ground here and CAN low there, told once, with the wires of both circuits", () => {
    const dossier = demoDossier();
    const at = byName(dossier);
    const traps = findHazards(dossier, suggest(dossier)).filter(
      (hazard) => hazard.rule === "same-colour-other-function" && hazard.title.startsWith("Black"),
    );
    expect(traps.map((hazard) => hazard.pins)).toEqual([
      [at("B12.1"), at("AL-P.C"), at("AL-P.K"), at("B12.13")],
    ]);
  });
  it("a 24 V job sizes its divider for 32 V", () => {
    const [hazard] = findHazards(
      job({
        ...pair(
          { function: "Kneel", signal: "switched-supply", level: 24 },
          { function: "Kneel", signal: "switched-supply", level: 5 },
        ),
        file: { job: { nominalVolts: 24 } },
      }),
    ).filter(({ rule }) => rule === "level-too-high");
    expect(hazard!.fixes[0]!.words).toBe("Put in a divider, 56 kΩ over 10 kΩ");
  });
  it("a wire that another one replaces leaves neither its part without one nor its cavity open", () => {
    const rules = (decisions: readonly Pin[]) =>
      findHazards(
        job({
          v: [pin("1", "Fan, low")],
          x: [pin("A", "Fan, low")],
          onV: { id: "V", sealed: true },
          onX: { leads: "flying" },
          decisions,
          file: { worklist: { counterparts: [{ connector: "V", becomes: "stays" }] } },
        }),
      ).map(({ rule }) => rule);
    const cap = { kind: "cap", pin: V("1") };
    const both = ["part-cut-off", "vacated-cavity"];
    expect(rules([cap])).toEqual(expect.arrayContaining(both));
    const replaced = rules([cap, { kind: "populate", lead: X("A"), cavity: V("1") }]);
    expect(both.filter((rule) => replaced.includes(rule))).toEqual([]);
    // A terminal that is pulled for a joint leaves its cavity open.
    expect(
      rules([{ kind: "join", vehicle: V("1"), incoming: X("A"), method: "splice", half: "pulled" }]),
    ).toEqual(expect.arrayContaining(both));
  });
  it("finds hazards of 500 wires of one colour without naming each with each", () => {
    const many = (side: string) =>
      Array.from({ length: 500 }, (_, i) =>
        pin(String(i + 1), i % 2 === 0 ? "Ground" : `CAN ${side} low`, { colour: "BK" }),
      );
    const dossier = job({ v: many("a"), x: many("b") });
    const hazards = findHazards(dossier, suggest(dossier));
    // Each with each would be 125,000; each wire has something said of it all the same.
    expect(hazards.length).toBeLessThan(3000);
    expect(new Set(hazards.flatMap(({ pins }) => pins)).size).toBeGreaterThan(900);
  });
});
