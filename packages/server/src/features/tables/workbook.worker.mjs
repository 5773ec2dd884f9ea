// Reads a workbook in a thread of its own, so that a monstrous one stops the thread and not the server.
// Plain JavaScript, since a thread starts without a loader.
import { parentPort, workerData } from "node:worker_threads";
import ExcelJS from "exceljs";

const MOST_ROWS = 5002;
const MOST_COLUMNS = 201;
const MOST_SHEETS = 40;

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

/** @param {import("exceljs").Worksheet} sheet */
function readSheet(sheet) {
  const rows = [];
  const merged = [];
  const height = Math.min(sheet.rowCount, MOST_ROWS);
  const width = Math.min(sheet.columnCount, MOST_COLUMNS);
  for (let r = 1; r <= height; r++) {
    const row = sheet.findRow(r);
    const cells = [];
    for (let c = 1; c <= width; c++) {
      const cell = row?.findCell(c);
      const follows = cell !== undefined && cell.isMerged && cell.master !== cell;
      const text = cell === undefined ? "" : textOf(follows ? cell.master.value : cell.value);
      if (follows && text !== "") merged.push({ row: r - 1, column: c - 1 });
      cells.push(text);
    }
    rows.push(cells);
  }
  return { name: sheet.name, rows, merged };
}

const workbook = new ExcelJS.Workbook();
await workbook.xlsx.load(workerData);
const shown = workbook.worksheets.filter((sheet) => sheet.state === "visible").slice(0, MOST_SHEETS);
parentPort.postMessage({
  sheets: shown.map(readSheet),
  hidden: workbook.worksheets.filter((sheet) => sheet.state !== "visible").map((sheet) => sheet.name),
});
