import ExcelJS from "exceljs";
import JSZip from "jszip";
import { describe, expect, it } from "vitest";
import { readTable, rowsOfSheet, type TableFile } from "@trevin/core";
import { readTableFile } from "../src/features/tables/readFile.ts";
import { useServer } from "./harness.ts";

const bytesOf = async (build: (book: ExcelJS.Workbook) => void): Promise<Buffer> => {
  const book = new ExcelJS.Workbook();
  build(book);
  return Buffer.from(await book.xlsx.writeBuffer());
};
const code = async (bytes: Buffer): Promise<string> => {
  const read = await readTableFile(bytes);
  return read.ok ? "ok" : read.error.code;
};
const read = async (bytes: Buffer): Promise<TableFile> => {
  const file = await readTableFile(bytes);
  if (!file.ok) throw new Error(file.error.code);
  return file.value;
};

describe("readTableFile", () => {
  it("reads a workbook as an office writes it: three heading lines, merged cells, formulas, dates, a hidden sheet", async () => {
    const file = await read(
      await bytesOf((book) => {
        const sheet = book.addWorksheet("C4 rear body");
        sheet.addRows([
          ["Connector C4, rear body"],
          ["Terminal", "Wire", "", "Signal"],
          ["No.", "Colour", "mm²", "Description"],
          [1, "SW", 2.5, "Ground"],
          [2, "SW/RT", { formula: "1+0.5", result: 1.5 }, "Ignition"],
          [3, { richText: [{ text: "GE" }, { text: "/BL" }] }, 0.5, "Seat heater"],
          [4, "GN", 0.5, ""],
        ]);
        sheet.mergeCells("A1:D1");
        sheet.mergeCells("B2:C2");
        sheet.mergeCells("D6:D7");
        book.addWorksheet("old", { state: "hidden" }).addRow(["x"]);
      }),
    );
    if (file.kind !== "sheets") throw new Error("sheets");
    expect(file.notes).toEqual([{ code: "hidden-sheets", names: ["old"] }]);
    expect(file.sheets.map((sheet) => sheet.name)).toEqual(["C4 rear body"]);
    const rows = rowsOfSheet(file.sheets[0]!);
    const table = readTable(rows.ok ? rows.value : []);
    expect([table.headerLines, table.columns, table.system]).toEqual([
      3,
      ["cavity", "colour", "size", "function"],
      "german",
    ]);
    expect(
      table.lines.map(({ cavity, colour, size, function: name }) => [cavity, colour, size, name]),
    ).toEqual([
      ["1", "SW", 2.5, "Ground"],
      ["2", "SW/RT", 1.5, "Ignition"],
      ["3", "GE/BL", 0.5, "Seat heater"],
      ["4", "GN", 0.5, "Seat heater"],
    ]);
    expect(table.lines.map((line) => line.problems.map((problem) => problem.code))).toEqual([
      [],
      [],
      [],
      ["merged-cell"],
    ]);
  });
  it("decodes text by its mark, as UTF-8, else as an old tool wrote it, and says so", async () => {
    expect(await read(Buffer.from("1;Türkontakt", "utf8"))).toMatchObject({
      kind: "text",
      text: "1;Türkontakt",
      notes: [],
    });
    expect(
      await read(Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from("1\tHorn", "utf16le")])),
    ).toMatchObject({ text: "1\tHorn" });
    expect(await read(Buffer.from("1;T\xfcrkontakt", "latin1"))).toMatchObject({
      text: "1;Türkontakt",
      notes: [{ code: "encoding-guessed" }],
    });
  });
  it("refuses, with a reason, what is no table", async () => {
    expect(await code(Buffer.alloc(0))).toBe("file-empty");
    expect(await code(Buffer.alloc(10_000_001, 65))).toBe("file-too-large");
    const compound = Buffer.from([0xd0, 0xcf, 0x11, 0xe0]);
    expect(await code(Buffer.concat([compound, Buffer.alloc(600)]))).toBe("file-old-spreadsheet");
    expect(
      await code(Buffer.concat([compound, Buffer.alloc(64), Buffer.from("EncryptedPackage", "utf16le")])),
    ).toBe("file-locked");
    const zip = new JSZip();
    zip.file("readme.txt", "hello");
    expect(await code(await zip.generateAsync({ type: "nodebuffer" }))).toBe("file-not-a-spreadsheet");
    const sound = await bytesOf((book) => book.addWorksheet("a").addRow([1, "BK"]));
    expect(await code(sound.subarray(0, sound.length - 200))).toBe("file-damaged");
    const broken = new JSZip();
    broken.file("xl/workbook.xml", "<workbook><sheets>");
    expect(await code(await broken.generateAsync({ type: "nodebuffer" }))).toBe("file-damaged");
  });
  it("stops a zip bomb and a million-cell sheet before they are opened", async () => {
    const bomb = new JSZip();
    bomb
      .file("xl/workbook.xml", "<workbook/>")
      .file("xl/worksheets/sheet1.xml", Buffer.alloc(80_000_000, 32));
    const packed = await bomb.generateAsync({ type: "nodebuffer", compression: "DEFLATE" });
    expect(packed.length).toBeLessThan(200_000);
    expect(await code(packed)).toBe("file-swells");
    const million = new JSZip();
    million
      .file("xl/workbook.xml", "<workbook/>")
      .file(
        "xl/worksheets/sheet1.xml",
        `<worksheet><sheetData>${'<c r="A1"><v>1</v></c>'.repeat(1_000_000)}</sheetData></worksheet>`,
      );
    expect(await code(await million.generateAsync({ type: "nodebuffer", compression: "DEFLATE" }))).toBe(
      "file-too-many-cells",
    );
  });
  it("stops a workbook that is small on disk and monstrous once opened", async () => {
    const zipped = (sheets: readonly string[], strings = ""): Promise<Buffer> => {
      const zip = new JSZip();
      const list = sheets
        .map((_, i) => `<sheet name="s${i}" sheetId="${i + 1}" r:id="rId${i + 1}"/>`)
        .join("");
      const links = sheets
        .map(
          (_, i) =>
            `<Relationship Id="rId${i + 1}" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet" Target="worksheets/sheet${i + 1}.xml"/>`,
        )
        .join("");
      const main = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";
      zip.file(
        "xl/workbook.xml",
        `<workbook xmlns="${main}" xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><sheets>${list}</sheets></workbook>`,
      );
      zip.file(
        "xl/_rels/workbook.xml.rels",
        `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">${links}<Relationship Id="rId99" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/sharedStrings" Target="sharedStrings.xml"/></Relationships>`,
      );
      zip.file("xl/sharedStrings.xml", `<sst xmlns="${main}"><si><t>${strings}</t></si></sst>`);
      sheets.forEach((rows, i) =>
        zip.file(
          `xl/worksheets/sheet${i + 1}.xml`,
          `<worksheet xmlns="${main}"><sheetData>${rows}</sheetData></worksheet>`,
        ),
      );
      return zip.generateAsync({ type: "nodebuffer", compression: "DEFLATE" });
    };
    // One long text in 64,000 cells.
    const row = (r: number): string =>
      `<row r="${r}">${[..."ABCDEFGHIJKLMNOP"].map((c) => `<c r="${c}${r}" t="s"><v>0</v></c>`).join("")}</row>`;
    const repeated = await zipped(
      [Array.from({ length: 4000 }, (_, i) => row(i + 1)).join("")],
      "x".repeat(32_000),
    );
    expect(repeated.length).toBeLessThan(400_000);
    expect(await code(repeated)).toBe("file-too-much-text");
    // More cells than are taken, whose names are followed by a line break, and by nothing at all.
    for (const cell of ["<c\nr='A1'><v>1</v></c>", "<c/>"])
      expect(await code(await zipped([`<row r="1">${cell.repeat(250_000)}</row>`]))).toBe(
        "file-too-many-cells",
      );
    // One far cell on each of 40 sheets is no table of a billion cells: only what is there is read.
    const far = await read(
      await zipped(
        Array<string>(40).fill(
          '<row r="1048576"><c r="XFD1048576"><v>1</v></c></row><row r="2"><c r="C2"><v>7</v></c></row>',
        ),
      ),
    );
    if (far.kind !== "sheets") throw new Error("sheets");
    expect(far.sheets.map(({ rows }) => rows.slice(0, 3))).toEqual(Array(40).fill([[], ["", "", "7"]]));
    expect(JSON.stringify(far).length).toBeLessThan(10_000);
  });
  it("reads a workbook with macros and does not run them", async () => {
    const zip = await JSZip.loadAsync(
      await bytesOf((book) => book.addWorksheet("a").addRow([1, "BK", "Ground"])),
    );
    zip.file("xl/vbaProject.bin", Buffer.from("macro"));
    expect(await read(await zip.generateAsync({ type: "nodebuffer" }))).toMatchObject({
      kind: "sheets",
      notes: [{ code: "macros-ignored" }],
      sheets: [{ rows: [["1", "BK", "Ground"]] }],
    });
  });
});

describe("POST /tables", () => {
  const { base, send } = useServer();
  const post = async (
    body: Buffer,
  ): Promise<{ readonly status: number; readonly body: Record<string, unknown> }> => {
    const response = await fetch(`${base()}/api/v1/tables`, { method: "POST", body: new Uint8Array(body) });
    return { status: response.status, body: (await response.json()) as Record<string, unknown> };
  };
  it("reads one workbook at a time while everybody else is answered, and asks for patience when many wait", async () => {
    const many = await bytesOf((book) => {
      const sheet = book.addWorksheet("a");
      for (let r = 0; r < 1000; r++) sheet.addRow(Array.from({ length: 30 }, (_, c) => r * c));
    });
    const order: string[] = [];
    const reads = Array.from({ length: 12 }, () =>
      post(many).then(({ status }) => (order.push(String(status)), status)),
    );
    await post(Buffer.from("1;GN;Horn")).then(({ status }) => order.push(`text ${status}`));
    const statuses = await Promise.all(reads);
    expect(statuses.filter((status) => status === 200).length).toBeGreaterThanOrEqual(9);
    expect(statuses.every((status) => status === 200 || status === 503)).toBe(true);
    expect(statuses).toContain(503);
    expect(order.filter((one) => one === "200").length).toBe(
      order.slice(order.indexOf("text 200")).filter((one) => one === "200").length,
    );
  });
  it("answers with the sheets, or says in words why not, and stores nothing", async () => {
    const jobs = async (): Promise<string> => JSON.stringify((await send("GET", "/jobs")).body);
    const before = await jobs();
    expect(await post(await bytesOf((book) => book.addWorksheet("a").addRow([1, "BK"])))).toMatchObject({
      status: 200,
      body: { kind: "sheets", sheets: [{ name: "a", rows: [["1", "BK"]] }] },
    });
    expect(await post(Buffer.from([0xd0, 0xcf, 0x11, 0xe0, 1, 2]))).toMatchObject({
      status: 422,
      body: { code: "file-old-spreadsheet", detail: expect.stringContaining("Save it as XLSX or CSV") },
    });
    expect(await post(Buffer.alloc(10_000_001, 65))).toMatchObject({ status: 413 });
    expect(await jobs()).toBe(before);
  });
});
