// Reads a workbook in a thread of its own, so that a monstrous one stops the thread and not the server.
// Plain JavaScript, since a thread starts without a loader.
import ExcelJS from "exceljs";
import { surveyArchive } from "./archive.mjs";

const MOST = { rows: 5002, columns: 201, sheets: 40, cells: 400_000, characters: 8_000_000 };

/** @param {import("exceljs").CellValue} value */
function textOf(value) {
  if (value === null || value === undefined) return "";
  if (typeof value === "number") return String(Number(value.toPrecision(12)));
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  if (typeof value !== "object") return String(value);
  if ("richText" in value) return value.richText.map((part) => part.text).join("");
  if ("hyperlink" in value) return textOf(value.text);
  if ("error" in value) return String(value.error);
  if ("formula" in value || "sharedFormula" in value) return textOf(value.result);
  return "";
}

/**
 * The cells of a sheet up to the last one with text in each row.
 * @param {import("exceljs").Worksheet} sheet
 * @param {{ cells: number, characters: number }} used
 */
function readSheet(sheet, used) {
  const rows = [];
  const merged = [];
  const height = Math.min(sheet.rowCount, MOST.rows);
  for (let r = 1; r <= height; r++) {
    const row = sheet.findRow(r);
    const cells = [];
    const width = Math.min(row?.cellCount ?? 0, MOST.columns);
    for (let c = 1; c <= width; c++) {
      const cell = row?.findCell(c);
      const follows = cell !== undefined && cell.isMerged && cell.master !== cell;
      const text = cell === undefined ? "" : textOf(follows ? cell.master.value : cell.value);
      if (text === "") continue;
      if (follows) merged.push({ row: r - 1, column: c - 1 });
      while (cells.length < c - 1) cells.push("");
      cells.push(text);
      used.characters += text.length;
      if (used.characters > MOST.characters) throw new Error("characters");
    }
    rows.push(cells);
    used.cells += cells.length;
    if (used.cells > MOST.cells) throw new Error("cells");
  }
  while (rows.at(-1)?.length === 0) rows.pop();
  return { name: sheet.name, rows, merged };
}

/**
 * The visible sheets of a workbook, or why they cannot be read.
 * @param {Uint8Array} file
 */
export default async function readWorkbook(file) {
  const bytes = Buffer.from(file.buffer, file.byteOffset, file.byteLength);
  const survey = await surveyArchive(bytes);
  if ("code" in survey) return survey;
  try {
    const workbook = new ExcelJS.Workbook();
    await workbook.xlsx.load(bytes);
    const used = { cells: 0, characters: 0 };
    const shown = workbook.worksheets.filter((sheet) => sheet.state === "visible").slice(0, MOST.sheets);
    return {
      macros: survey.macros,
      sheets: shown.map((sheet) => readSheet(sheet, used)),
      hidden: workbook.worksheets.filter((sheet) => sheet.state !== "visible").map((sheet) => sheet.name),
    };
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    if (why === "cells") return { code: "file-too-many-cells", limit: MOST.cells };
    if (why === "characters") return { code: "file-too-much-text", limit: MOST.characters };
    return { code: "file-damaged", detail: why };
  }
}
