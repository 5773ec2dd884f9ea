import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { lineProblemWords, tableProblemWords } from "../../words/index.ts";
import { parseTable, TABLE_LINE_LIMIT, type ReadTable } from "./parseTable.ts";

const table = (text: string, system: Parameters<typeof parseTable>[1] = null): ReadTable => {
  const read = parseTable(text, system);
  if (!read.ok) throw new Error(read.error.code);
  return read.value;
};
const codes = (read: ReadTable): readonly string[] => read.lines.flatMap((line) => line.problems.map((problem) => `${line.line} ${problem.code}`));

describe("parseTable", () => {
  it("reads a spreadsheet's cells with a header in any order", () => {
    const read = table("Function\tPin\tColour\tmm2\nGround\t1\tSW\t2.5\nIgnition\t2\tSW/RT\t1.5\nempty\t3\t\t");
    expect(read.system).toBe("german");
    expect(read.lines.map(({ line, cavity, function: name, colour, size, signal, content }) => [line, cavity, name, colour, size, signal, content])).toEqual([
      [2, "1", "Ground", "SW", 2.5, "ground", "occupied"], [3, "2", "Ignition", "SW/RT", 1.5, "ignition", "occupied"], [4, "3", "", "", null, "none", "empty"],
    ]);
    expect(codes(read)).toEqual([]);
  });
  it("reads the pin list of a diagram and tells columns by what is in them", () => {
    const read = table("14 – ORN/BLK – wake-up\n15 – BLK – ground\n16 – PNK – ignition feed");
    expect(read.system).toBe("north-american");
    expect(read.lines.map((line) => [line.cavity, line.colour, line.function])).toEqual([["14", "ORN/BLK", "wake-up"], ["15", "BLK", "ground"], ["16", "PNK", "ignition feed"]]);
  });
  it("reads plain words: cavity, colour, size, the rest is the function", () => {
    const read = table("K BK .35 CAN L\nL PK 22AWG warn lamp", "iec");
    expect(read.lines.map((line) => [line.cavity, line.colour, line.size, line.function, line.signal])).toEqual([["K", "BK", 0.35, "CAN L", "can-l"], ["L", "PK", 0.33, "warn lamp", "switched-ground"]]);
  });
  it("reads semicolons and quoted commas", () => {
    expect(table('1;"Level sender, left";L/W;0,5\n2;Horn;B;0,5').lines[0]).toMatchObject({ cavity: "1", function: "Level sender, left", colour: "L/W", size: 0.5 });
  });
  it("keeps every bad line with its number and reason, and loses none", () => {
    const read = table("cavity\tfunction\tcolour\tsize\n1\tGround\tBK\t2\n\tHorn\tRD\t1\n1\tFan\tXQ\tthick\n3\t=cmd|' /C calc'!A0\tRD\t1\nwindshield-wiper\tWiper\tRD\t1", "iec");
    expect(read.lines).toHaveLength(5);
    expect(codes(read)).toEqual(["3 cavity-missing", "4 cavity-repeated", "4 colour-unread", "4 size-unread", "5 formula-kept-as-text", "6 cavity-too-long"]);
    expect(read.lines[3]!.function).toContain("=cmd");
    expect(read.lines.flatMap((line) => line.problems.map(lineProblemWords)).every((words) => words.length > 5)).toBe(true);
  });
  it("strips hidden direction marks and keeps right-to-left words", () => {
    const read = table("1\t\u202eGround\u202c\tBK\n2\tאדמה\tBK", "iec");
    expect(read.lines[0]).toMatchObject({ function: "Ground", problems: [{ code: "direction-marks-removed" }] });
    expect(read.lines[1]!.function).toBe("אדמה");
  });
  it("takes as many lines as the limit and refuses more (5,000, say), nothing, and binary, saying where", () => {
    expect(table(Array.from({ length: TABLE_LINE_LIMIT }, (_, i) => `${i + 1}\tHorn\tBK`).join("\n"), "iec").lines).toHaveLength(TABLE_LINE_LIMIT);
    const words = (text: string): string => { const read = parseTable(text, null); return read.ok ? "" : tableProblemWords(read.error); };
    expect(words(Array.from({ length: 5000 }, (_, i) => `${i}\tx`).join("\n"))).toBe(`5000 lines are more than the ${TABLE_LINE_LIMIT} that one connector takes. Paste one connector at a time.`);
    expect(words("  \n ")).toContain("nothing to read");
    expect(words("1\tGround\nPK\u0003\u0004\u0000\u0000")).toContain("Line 2");
  });
  it("never throws and keeps one line for each line of any text", () => {
    fc.assert(fc.property(fc.string({ unit: "grapheme", maxLength: 300 }), (text) => {
      const read = parseTable(text, null);
      if (read.ok) expect(read.value.lines.length + (read.value.hasHeader ? 1 : 0)).toBe(text.replace(/^\ufeff/, "").split(/\r\n|\r|\n/).filter((line) => line.trim() !== "").length);
    }), { numRuns: 1000, seed: 50 });
  });
});
