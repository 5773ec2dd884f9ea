import { allPins, decisionByPin, type Dossier, type PinId } from "../model/index.ts";
import { decisionFromPair } from "../proposals/index.ts";
import { analyse } from "../analysis/index.ts";
import { byName, decidedDossier, demoDossier, undecidedDossier } from "../testing/index.ts";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  isAt,
  isOpenHazard,
  isShown,
  lineWords,
  pinsOfRow,
  circuitRows,
  wantsAttention,
  worstOf,
  type CircuitRow,
} from "./rows.ts";

const pinsOf = (row: CircuitRow): readonly PinId[] => pinsOfRow(row).map(({ pin }) => pin.id);

describe("circuitRows", () => {
  it("shows every pin that wants a decision or has one, once", () => {
    fc.assert(
      fc.property(fc.oneof(decidedDossier(5), undecidedDossier(6)), (dossier) => {
        const rows = circuitRows(dossier, analyse(dossier, []));
        // A wire that something hangs on besides has a row for that, too.
        const settling = decisionByPin(dossier);
        const shown = rows.flatMap((row) =>
          pinsOf(row).filter((pin) => row.decision?.kind !== "tap" || settling.get(pin) === row.decision),
        );
        expect(new Set(shown).size).toBe(shown.length);
        const joinedTo = new Set(
          dossier.decisions.flatMap((decision) => {
            if (decision.kind === "join") return [decision.incoming];
            if (decision.kind === "feed") return [decision.pin];
            return decision.kind === "series" ? [decision.into] : [];
          }),
        );
        const wanted = allPins(dossier)
          .filter(({ pin }) => pin.content !== "empty" || joinedTo.has(pin.id))
          .map(({ pin }) => pin.id);
        expect([...shown].sort()).toEqual([...wanted].sort());
        expect(new Set(rows.map((row) => row.key)).size).toBe(rows.length);
      }),
      { numRuns: 200, seed: 81 },
    );
  });
  it("keeps its row, and its key, when a suggestion is taken as it stands", () => {
    let taken = 0;
    fc.assert(
      fc.property(undecidedDossier(5), fc.nat(), (dossier, which) => {
        const before = circuitRows(dossier, analyse(dossier, [])).filter((row) => row.offer !== null);
        const row = before[which % Math.max(1, before.length)];
        if (row === undefined || row.offer === null) return;
        taken++;
        const after = { ...dossier, decisions: [row.offer] };
        expect(circuitRows(after, analyse(after, [])).find(({ key }) => key === row.key)?.decision).toEqual(
          row.offer,
        );
      }),
      { numRuns: 100, seed: 82 },
    );
    expect(taken).toBeGreaterThan(80);
  });
  it("puts the vehicle's pins in the order of its plugs, then what is left of the incoming side", () => {
    const dossier = demoDossier();
    const rows = circuitRows(dossier, analyse(dossier, []));
    expect(rows.map((row) => row.vehicle[0]?.pin.cavity ?? `-${row.incoming[0]?.pin.cavity}`)).toEqual([
      "1",
      "2",
      "3",
      "4",
      "5",
      "7",
      "8",
      "9",
      "10",
      "11",
      "12",
      "13",
      "14",
      "-B",
      "-P",
      "-R",
    ]);
  });
  it("says on the line what happens, and that the trap is not to be followed", () => {
    const dossier = demoDossier();
    const at = byName(dossier);
    const words = (pin: string): string => {
      const row = circuitRows(dossier, analyse(dossier, [])).find((one) => pinsOf(one).includes(at(pin)));
      return row === undefined ? "" : lineWords(row).above;
    };
    expect(["B12.1", "B12.7", "B12.13", "B12.4", "B12.3", "AL-P.B", "AL-P.P"].map(words)).toEqual([
      "splice, not by colour",
      "move",
      "move, not by colour",
      "suggested",
      "no partner",
      "no feed chosen",
      "stays as it is",
    ]);
  });
  it("finds rows by what they still want and by where they are", () => {
    const dossier = demoDossier();
    const rows = circuitRows(dossier, analyse(dossier, []));
    expect(rows.filter((row) => isShown(row, "undecided")).length).toBe(8);
    expect(rows.filter((row) => isShown(row, "hazards")).map((row) => worstOf(row)?.severity)).toContain(
      "stop",
    );
    expect(
      rows.filter((row) =>
        isAt(row, `connector ${dossier.connectors.find(({ name }) => name === "B12")?.id}`),
      ).length,
    ).toBe(13);
    for (const row of rows)
      expect(wantsAttention(row)).toBe(
        isShown(row, "undecided") || isShown(row, "doubtful") || worstOf(row)?.severity === "stop",
      );
  });
  it("no longer asks of a hazard once it was accepted", () => {
    const start: Dossier = { ...demoDossier(), decisions: [] };
    const [pair] = analyse(start, []).crosswalk.pairs;
    const decision = decisionFromPair(pair!, start);
    const rules = (dossier: Dossier) =>
      circuitRows(dossier, analyse(dossier, []))
        .find((row) => row.decision !== null)!
        .hazards.filter(isOpenHazard)
        .map(({ rule }) => rule);
    const open = rules({ ...start, decisions: [decision] });
    expect(open).toContain("same-colour-other-function");
    expect(
      rules({
        ...start,
        decisions: [{ ...decision, answers: open.map((rule) => ({ rule, reason: "seen", by: "Kim" })) }],
      }),
    ).toEqual([]);
  });
});
