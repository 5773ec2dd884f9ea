import { dsvFormat } from "d3-dsv";
import { rankSystems } from "../../colour/index.ts";
import { parseSize } from "../../sizing/index.ts";
import { fail, ok, type Result } from "../../util/index.ts";

/** More lines than a job's connector may have cavities are the wrong file. */
export const TABLE_LINE_LIMIT = 5000;
/** Columns beyond this are no pin table. */
const COLUMN_LIMIT = 200;

/** One line of a table before anybody knows what its columns are. */
export interface RawRow {
  /** 1 for the first line of the text or sheet. */
  readonly line: number;
  readonly raw: string;
  readonly cells: readonly string[];
  /** Hidden text-direction marks were taken out. */
  readonly bidi: boolean;
  /** Columns whose value was taken over from a merged cell. */
  readonly merged: readonly number[];
}

export type TableProblem =
  | { readonly code: "table-empty" }
  | { readonly code: "table-binary"; readonly line: number }
  | { readonly code: "table-too-long"; readonly lines: number; readonly limit: number }
  | { readonly code: "table-too-wide"; readonly columns: number; readonly limit: number };

/** A sheet of a spreadsheet file: cell texts row by row, and which of them come from a merged cell. */
export interface Sheet {
  readonly name: string;
  readonly rows: readonly (readonly string[])[];
  readonly merged: readonly { readonly row: number; readonly column: number }[];
}

const BIDI = /[\u200e\u200f\u202a-\u202e\u2066-\u2069]/g;
const clean = (text: string): string => text.replace(BIDI, "").normalize("NFC");

/** Lines of a pasted text: tab, semicolon, comma or bar separated, " – " lists, or words with spaces between. */
export function rowsOfText(text: string): Result<readonly RawRow[], TableProblem> {
  const control = text.search(/[\u0000-\u0008\u000e-\u001f\ufffd]/);
  if (control >= 0)
    return fail({ code: "table-binary", line: text.slice(0, control).split(/\r\n|\r|\n/).length });
  const lines = joined(text.replace(/^\ufeff/, "").split(/\r\n|\r|\n/)).flatMap(({ raw, index }) =>
    raw.trim() === "" ? [] : [{ line: index + 1, raw: clean(raw), bidi: raw.search(BIDI) >= 0 }],
  );
  const cellsOf = splitter(lines.slice(0, TABLE_LINE_LIMIT).map(({ raw }) => raw));
  return checked(
    lines.slice(0, TABLE_LINE_LIMIT + 1).map((entry) => ({
      ...entry,
      cells: cellsOf(entry.raw).map((cell) => cell.replace(/\s*\n\s*/g, " ").trim()),
      merged: [],
    })),
    lines.length,
  );
}

/** Rows of a sheet that hold anything. */
export function rowsOfSheet(sheet: Sheet): Result<readonly RawRow[], TableProblem> {
  const merged = new Map<number, number[]>();
  for (const { row, column } of sheet.merged) merged.set(row, [...(merged.get(row) ?? []), column]);
  const rows = sheet.rows.flatMap((cells, index): RawRow[] => {
    if (cells.every((cell) => cell.trim() === "")) return [];
    const raw = cells.join("\t");
    return [
      {
        line: index + 1,
        raw: clean(raw),
        cells: cells.map((cell) => clean(cell).replace(/\s+/g, " ").trim()),
        bidi: raw.search(BIDI) >= 0,
        merged: merged.get(index) ?? [],
      },
    ];
  });
  return checked(rows, rows.length);
}

/** A cell that begins with a quotation mark and does not close it on its line. */
const OPEN_QUOTE = /(?:^|[\t;,|])"(?:[^"]|"")*$/;
const MOST_JOINED = 6;
const LONGEST_CELL = 5000;
const isOpen = (raw: string): boolean => raw.length <= LONGEST_CELL && OPEN_QUOTE.test(raw);

/** Lines of a spreadsheet cell with line ends in it belong together; a quotation mark that is never closed joins nothing. */
function joined(lines: readonly string[]): readonly { readonly raw: string; readonly index: number }[] {
  const found: { raw: string; index: number }[] = [];
  for (let index = 0; index < lines.length;) {
    let raw = lines[index] ?? "";
    let next = index + 1;
    while (isOpen(raw) && next < lines.length && next - index < MOST_JOINED)
      raw += `\n${lines[next++] ?? ""}`;
    if (next > index + 1 && (isOpen(raw) || raw.length > LONGEST_CELL))
      [raw, next] = [lines[index] ?? "", index + 1];
    found.push({ raw, index });
    index = next;
  }
  return found;
}

function checked(rows: readonly RawRow[], lines: number): Result<readonly RawRow[], TableProblem> {
  if (rows.length === 0) return fail({ code: "table-empty" });
  const columns = rows.reduce((widest, row) => Math.max(widest, row.cells.length), 0);
  if (columns > COLUMN_LIMIT) return fail({ code: "table-too-wide", columns, limit: COLUMN_LIMIT });
  return lines > TABLE_LINE_LIMIT
    ? fail({ code: "table-too-long", lines, limit: TABLE_LINE_LIMIT })
    : ok(rows);
}

/** How the lines are divided: by the mark that most of them carry, else by dashes, wide gaps or single spaces. */
function splitter(lines: readonly string[]): (raw: string) => readonly string[] {
  const separator = ["\t", ";", "|", ","].find(
    (mark) => lines.filter((raw) => raw.includes(mark)).length >= lines.length * 0.7,
  );
  if (separator !== undefined) {
    const format = dsvFormat(separator);
    return (raw) => format.parseRows(raw)[0] ?? [];
  }
  return (raw) => {
    const dashed = raw.split(/\s+[–—-]\s+/);
    if (dashed.length >= 2) return dashed;
    const spaced = raw.trim().split(/\s{2,}/);
    return spaced.length >= 3 ? spaced : wordsOf(raw);
  };
}

/** "L PK 22AWG warn lamp", "Pin 7: 0.75 SW/GN Horn": cavity, then a colour and a size in either order, the rest is the function. */
function wordsOf(raw: string): readonly string[] {
  const [cavity = "", ...rest] = raw
    .trim()
    .replace(/^(?:pin|cav(?:ity)?|pos|terminal|contact)\.?\s+(?=\S+\s)/i, "")
    .split(/\s+/);
  const isColour = (word: string | undefined): boolean =>
    word !== undefined && (rankSystems([word])[0]?.read ?? 0) > 0;
  const isSize = (word: string | undefined): boolean =>
    word !== undefined && (parseSize(word).ok || /^(1[0-9]|2[0-6])$/.test(word));
  let colour = "";
  let size = "";
  for (let turn = 0; turn < 2; turn++) {
    const [next, second] = rest;
    if (size === "" && isSize(next) && rest.length > 1) size = rest.shift() ?? "";
    else if (
      colour === "" &&
      /^(lt|dk|light|dark|sky)\.?$/i.test(next ?? "") &&
      isColour(`${next} ${second}`)
    )
      colour = rest.splice(0, 2).join(" ");
    else if (colour === "" && isColour(next)) colour = rest.shift() ?? "";
  }
  return [cavity, colour, size, rest.join(" ")];
}
