import { rankSystems } from "../../colour/index.ts";
import { SIGNAL_CLASSES, type SignalClass } from "../../model/index.ts";
import { readFunction } from "../../meaning/index.ts";
import { parseSize } from "../../sizing/index.ts";
import type { RawRow } from "./rows.ts";

export const FIELDS = [
  "cavity",
  "function",
  "colour",
  "size",
  "signal",
  "circuit",
  "condition",
  "note",
] as const;
export type Field = (typeof FIELDS)[number];

/** What each column is, and how many lines at the top are headings. */
export interface TableShape {
  readonly columns: readonly (Field | null)[];
  readonly headerLines: number;
  /** The cavities stand side by side in the table, one column each. */
  readonly turned: boolean;
}

const HEADERS: Readonly<Record<Field, RegExp>> = {
  cavity:
    /^((cav(ity)?|pin|terminal|contact|pos(ition)?|way)( ?(no|nr|number|nº|id))?\.?|no\.?|nr\.?|#|klemme|kammer|steckplatz)$/i,
  function:
    /^(function|description|circuit (name|description|function)|name|use|purpose|signal (name|description)|funktion|benennung|assignment|belegung)$/i,
  colour: /^(wire )?(colou?r|col|clr|code|farbe)( code)?\.?$|^wire$|^farbe \w+$/i,
  size: /^(wire )?(size|mm2|mm²|gauge|awg|csa|area|cross.?section|querschnitt|sq ?mm|ga)( ?[([]?(mm2|mm²|awg)[)\]]?)?\.?$/i,
  signal: /^(signal( class| type)?|class|type)$/i,
  circuit: /^(circuit|ckt|cct)( ?(no|nr|number|id|#))?\.?$|^(wire|line) ?(no|nr|number|id|#)\.?$|^leitung$/i,
  condition: /^(condition|option|equipment|only with|variant|valid|applies|ausstattung)s?$/i,
  note: /^(notes?|remarks?|comments?|bemerkung)$/i,
};

/** So many lines are looked at to tell what each column is. */
const GUESS_LINES = 200;
const MOST_HEADERS = 8;

const fieldOfHeader = (cell: string): Field | null =>
  FIELDS.find((field) => HEADERS[field].test(cell.trim().replace(/\s+/g, " "))) ?? null;
const headersIn = (cells: readonly string[]): number =>
  cells.filter((cell) => fieldOfHeader(cell) !== null).length;

/** The table with rows and columns exchanged; a line of the result is a column of the original. */
export function turned(rows: readonly RawRow[]): readonly RawRow[] {
  const width = rows.reduce((widest, row) => Math.max(widest, row.cells.length), 0);
  return Array.from({ length: width }, (_, column) => {
    const cells = rows.map((row) => row.cells[column] ?? "");
    return {
      line: column + 1,
      raw: cells.join("\t"),
      cells,
      bidi: rows.some((row) => row.bidi),
      merged: rows.flatMap((row, index) => (row.merged.includes(column) ? [index] : [])),
    };
  }).filter((row) => row.cells.some((cell) => cell !== ""));
}

/** Cavities in the header: the names of the fields stand below each other instead of side by side. */
export function looksTurned(rows: readonly RawRow[]): boolean {
  if (rows.length > FIELDS.length + 3) return false;
  const down = headersIn(rows.map((row) => row.cells[0] ?? ""));
  return down >= 2 && rows.slice(0, MOST_HEADERS).every((row) => headersIn(row.cells) < down);
}

/** Headings at the top: up to the last of the first lines in which at least two columns are named. */
export function guessHeaderLines(rows: readonly RawRow[]): number {
  const named = rows.slice(0, MOST_HEADERS).map((row) => headersIn(row.cells));
  const last = named.findLastIndex((count) => count >= 2);
  return last < 0 ? 0 : last + 1;
}

/** Fields by their headings, the lowest that names a column first; by what is in the columns where there are no headings. */
export function guessColumns(rows: readonly RawRow[], headerLines: number): readonly (Field | null)[] {
  const body = rows.slice(headerLines);
  const width = rows.reduce((widest, row) => Math.max(widest, row.cells.length), 0);
  const taken = new Set<Field>();
  const named = Array.from({ length: width }, (_, column): Field | null => {
    for (let line = headerLines - 1; line >= 0; line--) {
      const field = fieldOfHeader(rows[line]?.cells[column] ?? "");
      if (field === null) continue;
      if (taken.has(field)) return null;
      taken.add(field);
      return field;
    }
    return null;
  });
  return taken.size > 0 ? checkedByContent(named, body) : columnsByContent(body, width);
}

const cellsOf = (rows: readonly RawRow[], column: number): readonly string[] =>
  rows.slice(0, GUESS_LINES).flatMap((row) => {
    const cell = (row.cells[column] ?? "").trim();
    return cell === "" ? [] : [cell];
  });
const shareOf = (cells: readonly string[], fits: (cell: string) => boolean): number =>
  cells.length === 0 ? 0 : cells.filter(fits).length / cells.length;

const isSize = (cell: string): boolean => parseSize(cell).ok || /^(1\d|2[0-6])$/.test(cell);
const isColour = (cell: string): boolean => (rankSystems([cell])[0]?.read ?? 0) > 0;
const isWords = (cell: string): boolean => /\p{L}{2}/u.test(cell);
/** "1401", "L12", "30-2": short, with a digit, and no words. */
const isCircuitNumber = (cell: string): boolean => /^(?=.*\d)[\p{L}\d./-]{1,10}$/u.test(cell);

/** What a column must hold to be what its heading says; what any text can be needs nothing. */
const HOLDS: Readonly<Partial<Record<Field, (cell: string) => boolean>>> = {
  colour: isColour,
  size: isSize,
  circuit: isCircuitNumber,
  signal: (cell) => signalNamed(cell) !== null,
};
const ENOUGH = 0.5;

/**
 * Content beats heading: a column that does not hold what it is headed is taken for what it holds, where the table has no such
 * column yet. "CIRCUIT" over functions is a column of functions.
 */
function checkedByContent(
  named: readonly (Field | null)[],
  body: readonly RawRow[],
): readonly (Field | null)[] {
  const columns = named.map((field, column) => {
    const holds = field === null ? undefined : HOLDS[field];
    const cells = cellsOf(body, column);
    if (holds === undefined || cells.length === 0 || shareOf(cells, holds) >= ENOUGH) return field;
    // Codes that nobody can read are still codes: the heading gives way only to something that the table lacks.
    const isFunctions = !named.includes("function") && shareOf(cells, isWords) >= ENOUGH;
    const isAnother = FIELDS.some(
      (other) => !named.includes(other) && shareOf(cells, HOLDS[other] ?? (() => false)) >= ENOUGH,
    );
    return isFunctions || isAnother ? null : field;
  });
  const claim = (field: Field, fits: (cell: string) => boolean): void => {
    if (columns.includes(field)) return;
    const shares = columns.map((given, column) =>
      given === null ? shareOf(cellsOf(body, column), fits) : 0,
    );
    const best = Math.max(0, ...shares);
    if (best >= ENOUGH) columns[shares.indexOf(best)] = field;
  };
  // Only what was headed otherwise, and function and colour, which no table is without: other columns go into the note.
  if (columns.some((field, column) => field !== named[column])) {
    claim("colour", isColour);
    claim("size", isSize);
    claim("circuit", isCircuitNumber);
  }
  claim("function", (cell) => isWords(cell) && !isColour(cell));
  claim("colour", (cell) => isColour(cell) && cell.length <= 12);
  return columns;
}

/** The first column is the cavity; the others go to the field whose kind of content fills them best. */
function columnsByContent(all: readonly RawRow[], width: number): readonly (Field | null)[] {
  const rows = all;
  const columns: (Field | null)[] = Array.from({ length: width }, (_, index) =>
    index === 0 ? "cavity" : null,
  );
  const share = (column: number, fits: (cell: string) => boolean): number =>
    shareOf(cellsOf(rows, column), fits);
  const claim = (field: Field, fits: (cell: string) => boolean): void => {
    const scores = columns.map((given, column) => (given === null ? share(column, fits) : 0));
    const best = Math.max(...scores);
    if (best >= 0.5) columns[scores.indexOf(best)] = field;
  };
  claim("size", isSize);
  claim("colour", isColour);
  // "ground" is a function as well as a signal class: a lone column of words is the function.
  const worded = columns.filter(
    (given, column) => given === null && share(column, (cell) => /\p{L}/u.test(cell)) > 0.5,
  ).length;
  if (worded >= 2) claim("signal", (cell) => signalNamed(cell) !== null);
  claim("function", (cell) => readsAsFunction(cell));
  if (!columns.includes("function")) claim("function", (cell) => /\p{L}{2}/u.test(cell));
  claim("note", (cell) => cell !== "");
  return columns;
}

/** Whether a cell reads as what a wire is for: most of its words are known, and they name a thing or what the wire carries. */
function readsAsFunction(cell: string): boolean {
  const { thing, signal, understood } = readFunction(cell);
  return understood >= 0.5 && (thing !== null || signal !== "unknown");
}

export function signalNamed(text: string): SignalClass | null {
  const wanted = text
    .trim()
    .toLowerCase()
    .replace(/[\s_]+/g, "-");
  return SIGNAL_CLASSES.find((signal) => signal === wanted) ?? null;
}
