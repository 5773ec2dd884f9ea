import {
  canGoIn,
  colourInWords,
  givenSignal,
  likelyClass,
  lineProblemWords,
  parseColour,
  readRows,
  readTable,
  rowsOfSheet,
  rowsOfText,
  tableFileNoteWords,
  tableProblemWords,
  type ColourSystem,
  type RawRow,
  type Result,
  type TableFile,
  type TableLine,
  type TableProblem,
} from "@trevin/core";
import { InputError } from "./failure.ts";

/** The pins that a table file was understood to hold, sheet by sheet, what is doubtful and what cannot go in. */
export function importReport(file: TableFile, declared: ColourSystem | null): unknown {
  const parts =
    file.kind === "text"
      ? [{ name: null, rows: rowsOfText(file.text) }]
      : file.sheets.map((sheet) => ({ name: sheet.name, rows: rowsOfSheet(sheet) }));
  const filled = parts.filter(({ rows }) => rows.ok || rows.error.code !== "table-empty");
  if (filled.length === 0) throw new InputError(tableProblemWords({ code: "table-empty" }));
  return {
    notes: file.notes.map(tableFileNoteWords),
    tables: filled.map(({ name, rows }) => ({ sheet: name, ...tableReport(rows, declared) })),
  };
}

function tableReport(rows: Result<readonly RawRow[], TableProblem>, declared: ColourSystem | null): object {
  if (!rows.ok) throw new InputError(tableProblemWords(rows.error));
  const table = readTable(rows.value, { system: declared });
  const said = (line: TableLine, weight: string): readonly string[] =>
    line.problems.filter((problem) => problem.weight === weight).map(lineProblemWords);
  const readings = readRows(table.lines);
  return {
    columns: table.columns,
    headerLines: table.headerLines,
    cavitiesInHeader: table.turned,
    colourSystem: table.system,
    systemSure: table.systemSure,
    systems: table.ranks,
    pins: table.lines.flatMap((line, i) => {
      const reading = readings[i];
      if (!canGoIn(line) || reading === undefined) return [];
      const { cavity, content, function: name, colour, size, circuit, condition, note } = line;
      const read = parseColour(colour, line.colourSystem ?? table.system);
      return {
        line: line.line,
        cavity,
        content,
        function: name,
        colour,
        colourWords: read.ok ? colourInWords(read.value) : null,
        size,
        signal: givenSignal(line) ?? likelyClass(reading),
        signalGiven: line.signal !== null,
        circuit,
        condition,
        note,
        doubtful: said(line, "doubt"),
        marks: said(line, "mark"),
      };
    }),
    refused: table.lines
      .filter((line) => !canGoIn(line))
      .map((line) => ({ line: line.line, raw: line.raw, why: said(line, "error") })),
  };
}
