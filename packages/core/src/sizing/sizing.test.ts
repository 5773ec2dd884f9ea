import { describe, expect, it } from "vitest";
import awg from "../testing/reference/awg.json" with { type: "json" };
import { awgToMm2 } from "./awg.ts";
import { parseSize } from "./size.ts";

describe("conductor sizes", () => {
  it("agrees with the table of ASTM B258 areas", () => {
    // Within half a percent of each area, however thin the wire; the table's diameters are rounded to 0.001 mm and finer.
    for (const row of awg.rows) {
      const table = (Math.PI / 4) * row.d_mm ** 2;
      expect(Math.abs(awgToMm2(row.n) / table - 1), `AWG ${row.n}`).toBeLessThan(0.005);
    }
    expect(awg.rows.length).toBeGreaterThan(20);
  });
  it.each([
    ["0.5", 0.5],
    [".35", 0.35],
    ["0,75 mm²", 0.75],
    ["18 AWG", 0.82],
    ["#20", 0.52],
    ["awg 22", 0.33],
    ["2.5mm2", 2.5],
  ])("reads %s", (text, mm2) => {
    expect(parseSize(text)).toEqual({ ok: true, value: mm2 });
  });
  it.each(["18", "thick", "", "-1", "0.001", "500", "1.2.3"])("refuses %s", (text) => {
    expect(parseSize(text).ok).toBe(false);
  });
});
