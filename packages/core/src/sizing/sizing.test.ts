import { describe, expect, it } from "vitest";
import awg from "../testing/reference/awg.json" with { type: "json" };
import { awgToMm2 } from "./awg.ts";
import { parseSize } from "./size.ts";

describe("conductor sizes", () => {
  it("agrees with the table of ASTM B258 areas", () => {
    for (const row of awg.rows) expect(awgToMm2(row.n)).toBeCloseTo((Math.PI / 4) * row.d_mm ** 2, 2);
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
