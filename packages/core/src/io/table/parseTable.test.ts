import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { lineProblemWords, tableProblemWords } from "../../words/index.ts";
import { parseTable, readTable, type ReadTable } from "./parseTable.ts";
import { rowsOfSheet, rowsOfText, TABLE_LINE_LIMIT, type Sheet } from "./rows.ts";

const table = (text: string, system: Parameters<typeof parseTable>[1] = null): ReadTable => {
  const read = parseTable(text, system);
  if (!read.ok) throw new Error(read.error.code);
  return read.value;
};
const codes = (read: ReadTable): readonly string[] =>
  read.lines.flatMap((line) =>
    line.problems
      .filter((problem) => problem.weight !== "mark")
      .map((problem) => `${line.line} ${problem.code}`),
  );

describe("parseTable", () => {
  it("reads a spreadsheet's cells with a header in any order", () => {
    const read = table(
      "Function\tPin\tColour\tmm2\nGround\t1\tSW\t2.5\nIgnition\t2\tSW/RT\t1.5\nempty\t3\t\t",
    );
    expect(read.system).toBe("german");
    expect(
      read.lines.map(({ line, cavity, function: name, colour, size, signal, content }) => [
        line,
        cavity,
        name,
        colour,
        size,
        signal,
        content,
      ]),
    ).toEqual([
      [2, "1", "Ground", "SW", 2.5, null, "occupied"],
      [3, "2", "Ignition", "SW/RT", 1.5, null, "occupied"],
      [4, "3", "", "", null, null, "empty"],
    ]);
    expect(codes(read)).toEqual([]);
  });
  it("reads the pin list of a diagram and tells columns by what is in them", () => {
    const read = table("14 – ORN/BLK – wake-up\n15 – BLK – ground\n16 – PNK – ignition feed");
    expect(read.system).toBe("north-american");
    expect(read.lines.map((line) => [line.cavity, line.colour, line.function])).toEqual([
      ["14", "ORN/BLK", "wake-up"],
      ["15", "BLK", "ground"],
      ["16", "PNK", "ignition feed"],
    ]);
  });
  it("reads plain words: cavity, colour, size, the rest is the function", () => {
    const read = table("K BK .35 CAN L\nL PK 22AWG warn lamp", "iec");
    expect(read.lines.map((line) => [line.cavity, line.colour, line.size, line.function])).toEqual([
      ["K", "BK", 0.35, "CAN L"],
      ["L", "PK", 0.33, "warn lamp"],
    ]);
    expect(table("pin\tfunction\tsignal\n1\tHorn\tlin\n2\tHorn\t").lines.map(({ signal }) => signal)).toEqual(
      ["lin", null],
    );
  });
  it("reads semicolons and quoted commas", () => {
    expect(table('1;"Level sender, left";L/W;0,5\n2;Horn;B;0,5').lines[0]).toMatchObject({
      cavity: "1",
      function: "Level sender, left",
      colour: "L/W",
      size: 0.5,
    });
  });
  it("keeps every bad line with its number and reason, and loses none", () => {
    const read = table(
      "cavity\tfunction\tcolour\tsize\n1\tGround\tBK\t2\n\tHorn\tRD\t1\n1\tFan\tXQ\tthick\n3\t=cmd|' /C calc'!A0\tRD\t1\nwindshield-wiper\tWiper\tRD\t1",
      "iec",
    );
    expect(read.lines).toHaveLength(5);
    expect(codes(read)).toEqual([
      "3 cavity-missing",
      "4 cavity-repeated",
      "4 colour-unread",
      "4 size-unread",
      "5 formula-kept-as-text",
      "6 cavity-too-long",
    ]);
    expect(read.lines[3]!.function).toContain("=cmd");
    expect(
      read.lines.flatMap((line) => line.problems.map(lineProblemWords)).every((words) => words.length > 5),
    ).toBe(true);
  });
  it("strips hidden direction marks and keeps right-to-left words", () => {
    const read = table("1\t\u202eGround\u202c\tBK\n2\tאדמה\tBK", "iec");
    expect(read.lines[0]).toMatchObject({
      function: "Ground",
      problems: [{ code: "direction-marks-removed" }],
    });
    expect(read.lines[1]!.function).toBe("אדמה");
  });
  it("takes as many lines as the limit and refuses more, nothing, too many columns, and binary, saying where", () => {
    expect(
      table(Array.from({ length: TABLE_LINE_LIMIT }, (_, i) => `${i + 1}\tHorn\tBK`).join("\n"), "iec").lines,
    ).toHaveLength(TABLE_LINE_LIMIT);
    const words = (text: string): string => {
      const read = parseTable(text, null);
      return read.ok ? "" : tableProblemWords(read.error);
    };
    expect(words(Array.from({ length: 5001 }, (_, i) => `${i}\tx`).join("\n"))).toBe(
      `5001 lines exceed the limit of ${TABLE_LINE_LIMIT} per connector. Paste one connector at a time.`,
    );
    expect(words("  \n ")).toContain("contains no table");
    expect(words("x\t".repeat(300))).toContain("301 columns exceed the limit of 200");
    expect(words("1\tGround\nPK\u0003\u0004\u0000\u0000")).toContain("Line 2");
  });
  it("never throws and loses no line of any text", () => {
    const filled = (text: string): number =>
      text
        .replace(/^\ufeff/, "")
        .split(/\r\n|\r|\n/)
        .filter((line) => line.trim() !== "").length;
    let joined = 0;
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ unit: "grapheme", maxLength: 300 }),
          fc.string({ unit: fc.constantFrom("a", '"', "\t", "\n", ",", "1"), maxLength: 60 }),
        ),
        (text) => {
          const rows = rowsOfText(text);
          const read = parseTable(text, null);
          expect(read.ok).toBe(rows.ok);
          if (!rows.ok || !read.ok) return;
          expect(rows.value.reduce((sum, row) => sum + filled(row.raw), 0)).toBe(filled(text));
          if (!read.value.turned)
            expect(read.value.lines.length + read.value.headerLines).toBe(rows.value.length);
          if (rows.value.length < filled(text)) joined++;
        },
      ),
      { numRuns: 4000, seed: 50 },
    );
    expect(joined).toBeGreaterThan(40);
  });
  it("keeps a spreadsheet's cell with line ends in one piece, and is not led astray by a lone quotation mark", () => {
    const read = table('1\t"Horn\nrelay, ""left"""\tBK\n2\tFan\tRD');
    expect(
      read.lines.map(({ line, cavity, function: name, colour }) => [line, cavity, name, colour]),
    ).toEqual([
      [1, "1", 'Horn relay, "left"', "BK"],
      [3, "2", "Fan", "RD"],
    ]);
    expect(table('1\t"Horn\tBK\n2\tFan\tRD\n3\tWiper\tGN').lines).toHaveLength(3);
  });
  it("answers at once on a paragraph where a colour or a function should be", () => {
    const prose = "black and red ".repeat(2000);
    const [line] = table(`cavity\tcolour\tfunction\n1\t${prose}\t${prose}`, "iec").lines;
    expect(line!.problems.map((problem) => problem.code)).toContain("colour-unread");
  });
  it("reads the usual ways to write a pin list", () => {
    const shape = (text: string) =>
      table(text).lines.map(({ cavity, colour, size, function: name }) => [cavity, colour, size, name]);
    expect(shape("Pin 14 – ORN/BLK – wake-up\nPin 15 – BLK – ground")).toEqual([
      ["14", "ORN/BLK", null, "wake-up"],
      ["15", "BLK", null, "ground"],
    ]);
    expect(shape("7: 0.75 SW/GN horn\n8: 1,5 RT/WS battery")).toEqual([
      ["7", "SW/GN", 0.75, "horn"],
      ["8", "RT/WS", 1.5, "battery"],
    ]);
    expect(shape("A1) DK BLU/WHT 18AWG vehicle speed\nA2) TAN 18AWG fuel level")).toEqual([
      ["A1", "DK BLU/WHT", 0.82, "vehicle speed"],
      ["A2", "TAN", 0.82, "fuel level"],
    ]);
    expect(shape("cavity;colour;function\n1;0.75 SW/GN;horn\n2;2.5 BR;ground")).toEqual([
      ["1", "SW/GN", 0.75, "horn"],
      ["2", "BR", 2.5, "ground"],
    ]);
  });
  it("finds the headings under a title, takes the lower of two, and knows circuit numbers and options", () => {
    const read = table(
      "Connector C4, rear body\t\t\t\t\nTerminal\tWire\tWire\tSignal\t\nNo.\tColour\tmm²\tDescription\tOption\n1\tSW\t2.5\tGround\t\n2\tSW/RT\t1.5\tSeat heater\tonly with heated seats",
    );
    expect([read.headerLines, read.columns]).toEqual([
      3,
      ["cavity", "colour", "size", "function", "condition"],
    ]);
    expect(read.lines.map(({ line, cavity, condition }) => [line, cavity, condition])).toEqual([
      [4, "1", ""],
      [5, "2", "only with heated seats"],
    ]);
    expect(table("pin\tckt\tcolor\tname\n1\t1401\tBLK\tground").lines[0]).toMatchObject({
      circuit: "1401",
      colour: "BLK",
      function: "ground",
    });
  });
  it("believes the content and not the heading: circuits that are functions, codes that are numbers", () => {
    const columns = (text: string) => table(text).columns;
    expect(
      columns(
        "PIN\tCIRCUIT\tCOLOR\n1\tLeft turn lamp\tBK/WH\n2\tHorn relay coil\tRD\n3\tFuel level sender\tGN",
      ),
    ).toEqual(["cavity", "function", "colour"]);
    expect(columns("Pin\tCode\tFunction\n1\t1401\tGround\n2\t1402\tHorn\n3\t38\tFan")).toEqual([
      "cavity",
      "circuit",
      "function",
    ]);
    // A heading that nobody knows, over what is plainly a column of functions.
    expect(columns("Pin\tColour\tWhat it does\n1\tBK\tGround\n2\tRD\tHorn")).toEqual([
      "cavity",
      "colour",
      "function",
    ]);
    // Codes that nobody can read stay codes.
    expect(columns("Pin\tColour\tFunction\n1\tXQ\tGround\n2\tQX\tHorn")).toEqual([
      "cavity",
      "colour",
      "function",
    ]);
    expect(columns("pin\tckt\tcolor\tname\n1\t1401\tBLK\tground\n2\tL12\tRED\thorn")[1]).toBe("circuit");
  });
  it("turns a table with the cavities in the header", () => {
    const read = table(
      "Pin\t1\t2\t3\nColour\tBK\tRD/WH\tGN\nFunction\tGround\tIgnition\tHorn\nmm²\t2.5\t1.5\t0.5",
    );
    expect(read.turned).toBe(true);
    expect(
      read.lines.map(({ cavity, colour, function: name, size }) => [cavity, colour, name, size]),
    ).toEqual([
      ["1", "BK", "Ground", 2.5],
      ["2", "RD/WH", "Ignition", 1.5],
      ["3", "GN", "Horn", 0.5],
    ]);
  });
  it("takes merged cells over and says so", () => {
    const sheet: Sheet = {
      name: "S",
      rows: [
        ["Pin", "Colour", "Function"],
        ["1", "BK", "Ground"],
        ["2", "BN", "Ground"],
      ],
      merged: [{ row: 2, column: 2 }],
    };
    const rows = rowsOfSheet(sheet);
    const read = readTable(rows.ok ? rows.value : []);
    expect(read.lines[1]!.problems).toEqual([{ code: "merged-cell", weight: "doubt", fields: ["function"] }]);
    expect(read.lines[1]!.problems.map(lineProblemWords)).toEqual(["function copied from a merged cell"]);
  });
  it("marks a mixed column, codes that divide and codes that other systems read otherwise; nothing is guessed silently", () => {
    const mixed = table("1\tSW/WS\tGround\n2\tRT/GE\tIgnition\n3\tLI\tLamp\n4\tPPL\tHorn\n5\tXQ\tFan");
    expect([mixed.system, mixed.systemSure]).toEqual(["german", true]);
    expect(codes(mixed)).toEqual(["4 colour-other-system", "5 colour-unread"]);
    expect(mixed.lines[3]).toMatchObject({ colour: "PPL", colourSystem: "north-american" });
    const run = table("1\tBR\tpark brake\n2\tLW\tkneel\n3\tGY\thorn", "japanese");
    expect(run.lines.map((line) => line.problems.map(lineProblemWords))).toEqual([
      ["“BR” could also be black, red stripe"],
      [],
      ["“GY” could also be green, yellow stripe"],
    ]);
    const unsure = table("1\tBR\tground\n2\tGR\thorn\n3\tOR\tfan");
    expect(unsure.systemSure).toBe(false);
    expect(table("1\tP\thorn", "japanese").lines[0]!.problems.map(lineProblemWords)).toEqual([
      "“P” would be violet in North-American abbreviations",
    ]);
  });
  it("takes the connector's system where the column alone does not tell, and only there", () => {
    const system = (codes: readonly string[]): string => {
      const rows = rowsOfSheet({
        name: "S",
        rows: codes.map((code, i) => [String(i + 1), code, "horn"]),
        merged: [],
      });
      const read = readTable(rows.ok ? rows.value : [], { prefer: "japanese" });
      return `${read.system} ${read.systemSure}`;
    };
    expect([system(["BR", "GR", "OR"]), system(["SW/WS", "RT", "BL"]), system(["B", "L"])]).toEqual([
      "japanese true",
      "german true",
      "japanese true",
    ]);
  });
  it("obeys what the user corrects: columns, headings, direction, system", () => {
    const rows = rowsOfSheet({
      name: "S",
      rows: [
        ["note", "7"],
        ["BK", "8"],
        ["RD", "9"],
      ],
      merged: [],
    });
    const read = readTable(rows.ok ? rows.value : [], {
      columns: ["colour", "cavity"],
      headerLines: 1,
      turned: false,
      system: "iec",
    });
    expect(read.lines.map(({ cavity, colour }) => [cavity, colour])).toEqual([
      ["8", "BK"],
      ["9", "RD"],
    ]);
  });
});
