import fc from "fast-check";
import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { initialState } from "../harness/index.ts";
import { asBuilt } from "../ledger/index.ts";
import { decidedDossier, demoDossier } from "../testing/index.ts";
import { asBuiltCsv, inertCell, toCsv } from "./csv/csv.ts";

describe("CSV", () => {
  it("reads back in an independent parser (papaparse), cell by cell", () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.string({ unit: "grapheme", maxLength: 12 }), { minLength: 3, maxLength: 3 }), {
          minLength: 1,
          maxLength: 8,
        }),
        (rows) => {
          const clean = rows.map((row) => ["x", ...row.map((cell) => cell.replace(/\r\n?|\n/g, " "))]);
          expect(Papa.parse(toCsv(clean).replace(/\r?\n$/, ""), { header: false }).data).toEqual(
            clean.map((row) => row.map(inertCell)),
          );
        },
      ),
      { numRuns: 500, seed: 60 },
    );
  });
  it("makes cells that a spreadsheet would run inert, and leaves negative numbers alone", () => {
    expect(["=cmd", "+1", "@x", "-cmd", "-12", "-", "plain"].map(inertCell)).toEqual([
      "'=cmd",
      "'+1",
      "'@x",
      "'-cmd",
      "-12",
      "-",
      "plain",
    ]);
  });
  it("has one line for each cavity", () => {
    fc.assert(
      fc.property(decidedDossier(4), (dossier) => {
        const cavities = dossier.connectors.reduce((sum, connector) => sum + connector.pins.length, 0);
        expect(Papa.parse(asBuiltCsv(asBuilt(dossier, initialState(dossier))).trimEnd()).data).toHaveLength(
          cavities + 1,
        );
      }),
      { numRuns: 100, seed: 61 },
    );
  });
  it("names what each wire is joined to", () => {
    expect(asBuiltCsv(asBuilt(demoDossier(), initialState(demoDossier())))).toContain(
      'B12,7,occupied,"Level sender, left",L/W,0.5,analog,B12.7,"vehicle loom, was B12.7; LS-L.2"',
    );
  });
});
