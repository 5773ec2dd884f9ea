import { dsvFormat } from "d3-dsv";
import { parseColour, rankSystems, type ColourSystem } from "../../colour/index.ts";
import { SIGNAL_CLASSES, type CavityContent, type SignalClass } from "../../model/index.ts";
import { readFunction } from "../../shelf/index.ts";
import { parseSize } from "../../sizing/index.ts";
import { fail, ok, type Result } from "../../util/index.ts";

/** More lines than the largest connector has cavities are two tables in one, or the wrong file. */
export const TABLE_LINE_LIMIT = 600;

export const FIELDS = ["cavity", "function", "colour", "size", "signal", "note"] as const;
export type Field = (typeof FIELDS)[number];

/** What keeps a line out (`error`) or wants a look (`doubt`). */
export type LineProblem =
  | { readonly code: "cavity-missing"; readonly weight: "error" }
  | { readonly code: "cavity-repeated"; readonly weight: "error"; readonly cavity: string; readonly firstLine: number }
  | { readonly code: "cavity-too-long"; readonly weight: "error"; readonly cavity: string }
  | { readonly code: "colour-unread"; readonly weight: "doubt"; readonly text: string }
  | { readonly code: "size-unread"; readonly weight: "doubt"; readonly text: string }
  | { readonly code: "signal-unread"; readonly weight: "doubt"; readonly text: string }
  | { readonly code: "formula-kept-as-text"; readonly weight: "doubt"; readonly text: string }
  | { readonly code: "direction-marks-removed"; readonly weight: "doubt" }
  | { readonly code: "too-many-columns"; readonly weight: "doubt"; readonly extra: string };

export interface TableLine {
  /** 1 for the first line of the pasted text. */
  readonly line: number;
  readonly raw: string;
  readonly cavity: string;
  readonly function: string;
  readonly colour: string;
  readonly size: number | null;
  readonly signal: SignalClass;
  readonly note: string;
  readonly content: CavityContent;
  readonly problems: readonly LineProblem[];
}

export interface ReadTable {
  readonly lines: readonly TableLine[];
  readonly columns: readonly (Field | null)[];
  readonly hasHeader: boolean;
  readonly system: ColourSystem;
}

export type TableProblem =
  | { readonly code: "table-empty" }
  | { readonly code: "table-binary"; readonly line: number }
  | { readonly code: "table-too-long"; readonly lines: number; readonly limit: number };

const HEADERS: Readonly<Record<Field, RegExp>> = {
  cavity: /^(cav(ity)?|pin( ?(no|nr|number))?\.?|terminal|contact|pos(ition)?|no\.?|#)$/i,
  function: /^(function|circuit|description|name|use|purpose|funktion)$/i,
  colour: /^(colou?r|col\.?|wire( colou?r)?|code|farbe)$/i,
  size: /^(size|mm2|mm²|gauge|awg|csa|size mm2|cross.?section)$/i,
  signal: /^(signal|class|type|signal class)$/i,
  note: /^(notes?|remarks?|comment)$/i,
};

/** Words that a table writes for a cavity without a wire. */
export const EMPTY_WORDS = /^(empty|blank|unused|not used|n\/?c|n\.c\.|spare|vacant|-+|–|—)$/i;
const BIDI = /[\u200e\u200f\u202a-\u202e\u2066-\u2069]/g;
const MAX_CAVITY = 12;
/** So many lines are looked at to tell what each column is. */
const GUESS_LINES = 200;

interface Raw {
  readonly line: number;
  readonly raw: string;
  readonly cells: readonly string[];
  readonly bidi: boolean;
}

/**
 * Reads a pasted pin table: tab, semicolon, comma or bar separated, " – " lists, or plain words. Columns are told by
 * their header or by their content. Nothing is thrown away: a line that cannot go in is kept with its reasons.
 * Colours are read in `system`, or in the one that reads most of them when null.
 */
export function parseTable(text: string, system: ColourSystem | null): Result<ReadTable, TableProblem> {
  const control = text.search(/[\u0000-\u0008\u000e-\u001f\ufffd]/);
  if (control >= 0) return fail({ code: "table-binary", line: text.slice(0, control).split(/\r\n|\r|\n/).length });
  const lines = text.replace(/^\ufeff/, "").split(/\r\n|\r|\n/);
  const filled = lines.filter((line) => line.trim() !== "").length;
  if (filled === 0) return fail({ code: "table-empty" });
  if (filled > TABLE_LINE_LIMIT) return fail({ code: "table-too-long", lines: filled, limit: TABLE_LINE_LIMIT });
  const raws = split(lines);
  const first = raws[0]?.cells.map(fieldOfHeader) ?? [];
  const hasHeader = first.filter((field) => field !== null).length >= 2;
  const body = hasHeader ? raws.slice(1) : raws;
  const columns = hasHeader ? first : guessColumns(body);
  const at = (raw: Raw, field: Field): string => (columns.includes(field) ? (raw.cells[columns.indexOf(field)] ?? "").trim() : "");
  const chosen = system ?? rankSystems([...new Set(body.map((raw) => at(raw, "colour")))])[0]?.system ?? "iec";
  const seen = new Map<string, number>();
  return ok({ lines: body.map((raw) => readLine(raw, columns, (field) => at(raw, field), chosen, seen)), columns, hasHeader, system: chosen });
}

function split(lines: readonly string[]): readonly Raw[] {
  const filled = lines.flatMap((raw, index) => (raw.trim() === "" ? [] : [{ line: index + 1, raw: raw.replace(BIDI, "").normalize("NFC"), bidi: raw.search(BIDI) >= 0 }]));
  const separator = ["\t", ";", "|", ","].find((mark) => filled.filter(({ raw }) => raw.includes(mark)).length >= filled.length * 0.7);
  const cellsOf = (raw: string): readonly string[] => {
    if (separator !== undefined) return (dsvFormat(separator).parseRows(raw)[0] ?? []).map((cell) => cell.trim());
    const dashed = raw.split(/\s+[–—-]\s+/);
    if (dashed.length >= 2) return dashed.map((cell) => cell.trim());
    const spaced = raw.trim().split(/\s{2,}/);
    return spaced.length >= 3 ? spaced : wordsOf(raw);
  };
  return filled.map((entry) => ({ ...entry, cells: cellsOf(entry.raw) }));
}

/** "L PK 22AWG warn lamp": cavity, then a colour and a size where there are any, the rest is the function. */
function wordsOf(raw: string): readonly string[] {
  const [cavity = "", ...rest] = raw.trim().split(/\s+/);
  const isColour = (word: string | undefined): boolean => word !== undefined && rankSystems([word])[0]?.read === 1;
  const isSize = (word: string | undefined): boolean => word !== undefined && parseSize(word).ok;
  const colour = isColour(rest[0]) ? (rest.shift() ?? "") : "";
  const size = isSize(rest[0]) ? (rest.shift() ?? "") : "";
  return [cavity, colour, size, rest.join(" ")];
}

const fieldOfHeader = (cell: string): Field | null => FIELDS.find((field) => HEADERS[field].test(cell.trim())) ?? null;

/** The first column is the cavity; the others go to the field whose kind of content fills them best. */
function guessColumns(all: readonly Raw[]): readonly (Field | null)[] {
  const raws = all.slice(0, GUESS_LINES);
  const width = all.reduce((widest, raw) => Math.max(widest, raw.cells.length), 0);
  const columns: (Field | null)[] = Array.from({ length: width }, (_, index) => (index === 0 ? "cavity" : null));
  const share = (column: number, fits: (cell: string) => boolean): number => {
    const cells = raws.map((raw) => (raw.cells[column] ?? "").trim()).filter((cell) => cell !== "");
    return cells.length === 0 ? 0 : cells.filter(fits).length / cells.length;
  };
  const claim = (field: Field, fits: (cell: string) => boolean): void => {
    const scores = columns.map((taken, column) => (taken === null ? share(column, fits) : 0));
    const best = Math.max(...scores);
    if (best >= 0.5) columns[scores.indexOf(best)] = field;
  };
  claim("size", (cell) => parseSize(cell).ok);
  claim("colour", (cell) => rankSystems([cell])[0]?.read === 1);
  // "ground" is a function as well as a signal class: a lone column of words is the function.
  const worded = columns.filter((taken, column) => taken === null && share(column, (cell) => /\p{L}/u.test(cell)) > 0.5).length;
  if (worded >= 2) claim("signal", (cell) => signalOf(cell) !== null);
  claim("function", (cell) => readFunction(cell).term !== null);
  if (!columns.includes("function")) claim("function", (cell) => /\p{L}{2}/u.test(cell));
  claim("note", (cell) => cell !== "");
  return columns;
}

function signalOf(text: string): SignalClass | null {
  const clean = text.trim().toLowerCase().replace(/[\s_]+/g, "-");
  return SIGNAL_CLASSES.find((signal) => signal === clean) ?? null;
}

function readLine(raw: Raw, columns: readonly (Field | null)[], cell: (field: Field) => string, system: ColourSystem, seen: Map<string, number>): TableLine {
  const problems: LineProblem[] = [];
  const cavity = cell("cavity");
  const earlier = seen.get(cavity);
  if (cavity === "") problems.push({ code: "cavity-missing", weight: "error" });
  else if (cavity.length > MAX_CAVITY) problems.push({ code: "cavity-too-long", weight: "error", cavity });
  else if (earlier !== undefined) problems.push({ code: "cavity-repeated", weight: "error", cavity, firstLine: earlier });
  else seen.set(cavity, raw.line);
  const text = cell("function");
  const empty = EMPTY_WORDS.test(text) || (text === "" && cell("colour") === "" && cell("signal") === "");
  const colour = EMPTY_WORDS.test(cell("colour")) ? "" : cell("colour");
  if (colour !== "" && !parseColour(colour, system).ok) problems.push({ code: "colour-unread", weight: "doubt", text: colour });
  const size = cell("size") === "" ? null : parseSize(cell("size"));
  if (size?.ok === false && !EMPTY_WORDS.test(cell("size"))) problems.push({ code: "size-unread", weight: "doubt", text: cell("size") });
  const signal = cell("signal") === "" ? null : signalOf(cell("signal"));
  if (cell("signal") !== "" && signal === null) problems.push({ code: "signal-unread", weight: "doubt", text: cell("signal") });
  const formula = raw.cells.find((value) => /^[=@]|^[+-]\D*\(/.test(value.trim()));
  if (formula !== undefined) problems.push({ code: "formula-kept-as-text", weight: "doubt", text: formula });
  if (raw.bidi) problems.push({ code: "direction-marks-removed", weight: "doubt" });
  const extra = raw.cells.filter((value, index) => columns[index] === null || columns[index] === undefined ? value.trim() !== "" : false);
  if (extra.length > 0) problems.push({ code: "too-many-columns", weight: "doubt", extra: extra.join(" | ") });
  const guessed = readFunction(text).term?.signal;
  return {
    line: raw.line, raw: raw.raw, cavity, colour,
    function: empty ? "" : text,
    size: size?.ok === true ? size.value : null,
    signal: signal ?? (empty ? "none" : (guessed ?? "unknown")),
    note: [cell("note"), ...(signal === null && cell("signal") !== "" ? [`signal: ${cell("signal")}`] : []), ...extra].filter((part) => part !== "").join("; "),
    content: empty && colour === "" ? "empty" : "occupied",
    problems,
  };
}
