import { allPins, type PinId } from "@trevin/core";
import { byName, decidedDossier, demoDossier } from "@trevin/core/testing";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { analyse } from "../../workers/analysis.ts";
import { lineWords, walkRows, type WalkRow } from "./rows.ts";

const pinsOf = (row: WalkRow): readonly PinId[] => [row.vehicle, row.incoming].flatMap((placed) => placed?.pin.id ?? []);

describe("walkRows", () => {
  it("shows every pin that wants a decision or has one, once", () => {
    fc.assert(fc.property(decidedDossier(5), (dossier) => {
      const rows = walkRows(dossier, analyse(dossier, []));
      const shown = rows.flatMap(pinsOf);
      expect(new Set(shown).size).toBe(shown.length);
      const joinedTo = new Set(dossier.decisions.flatMap((decision) => (decision.kind === "join" ? [decision.incoming] : [])));
      const wanted = allPins(dossier).filter(({ pin }) => pin.content !== "empty" || joinedTo.has(pin.id)).map(({ pin }) => pin.id);
      expect([...shown].sort()).toEqual([...wanted].sort());
      expect(new Set(rows.map((row) => row.key)).size).toBe(rows.length);
    }), { numRuns: 150, seed: 81 });
  });
  it("puts the vehicle's pins in the order of its plugs, then what is left of the incoming side", () => {
    const dossier = demoDossier();
    const rows = walkRows(dossier, analyse(dossier, []));
    expect(rows.map((row) => row.vehicle?.pin.cavity ?? `-${row.incoming?.pin.cavity}`)).toEqual(["1", "2", "3", "4", "5", "7", "8", "9", "10", "11", "12", "13", "14", "-B", "-P", "-R"]);
  });
  it("says on the line what happens, and that the trap is not to be followed", () => {
    const dossier = demoDossier();
    const at = byName(dossier);
    const words = (pin: string): string => {
      const row = walkRows(dossier, analyse(dossier, [])).find((one) => pinsOf(one).includes(at(pin)));
      return row === undefined ? "" : lineWords(row);
    };
    expect(["B12.1", "B12.7", "B12.13", "B12.4", "B12.3", "AL-P.B", "AL-P.P"].map(words)).toEqual(["splice, not by colour", "move", "move, not by colour", "suggested", "no partner", "no feed chosen", "stays as it is"]);
  });
});
