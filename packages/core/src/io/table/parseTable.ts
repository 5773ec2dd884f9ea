import {
  COLOUR_SYSTEMS,
  habitOf,
  rankSystems,
  readColour,
  type CodeHabit,
  type ColourSystem,
  type OtherReading,
  type RankedSystem,
} from "../../colour/index.ts";
import type { CavityContent, OwnWord, SignalClass } from "../../model/index.ts";
import { readFunction } from "../../meaning/index.ts";
import { parseSize } from "../../sizing/index.ts";
import { ok, type Result } from "../../util/index.ts";
import { rowsOfText, type RawRow, type TableProblem } from "./rows.ts";
import {
  guessColumns,
  guessHeaderLines,
  looksTurned,
  signalNamed,
  turned,
  type Field,
  type TableShape,
} from "./shape.ts";

/** What keeps a line out (`error`), wants a look (`doubt`), or is worth knowing (`mark`). */
export type LineProblem =
  | { readonly code: "cavity-missing"; readonly weight: "error" }
  | {
      readonly code: "cavity-repeated";
      readonly weight: "error";
      readonly cavity: string;
      readonly firstLine: number;
    }
  | { readonly code: "cavity-too-long"; readonly weight: "error"; readonly cavity: string }
  | {
      readonly code: "colour-unread";
      readonly weight: "doubt";
      readonly text: string;
      readonly stripes: boolean;
    }
  | {
      readonly code: "colour-other-system";
      readonly weight: "doubt";
      readonly text: string;
      readonly system: ColourSystem;
    }
  | {
      readonly code: "colour-divided";
      readonly weight: "doubt";
      readonly text: string;
      readonly other: OtherReading;
    }
  | {
      readonly code: "colour-elsewhere";
      readonly weight: "doubt" | "mark";
      readonly text: string;
      readonly other: OtherReading;
    }
  | { readonly code: "size-unread"; readonly weight: "doubt"; readonly text: string }
  | { readonly code: "size-as-awg"; readonly weight: "doubt"; readonly text: string; readonly mm2: number }
  | { readonly code: "signal-unread"; readonly weight: "doubt"; readonly text: string }
  | {
      readonly code: "function-likened";
      readonly weight: "mark";
      readonly text: string;
      readonly term: string;
    }
  | { readonly code: "formula-kept-as-text"; readonly weight: "doubt"; readonly text: string }
  | { readonly code: "direction-marks-removed"; readonly weight: "doubt" }
  | { readonly code: "merged-cell"; readonly weight: "doubt"; readonly fields: readonly Field[] }
  | { readonly code: "too-many-columns"; readonly weight: "doubt"; readonly extra: string };

export interface TableLine {
  /** 1 for the first line of the pasted text; the column, in a turned table. */
  readonly line: number;
  readonly raw: string;
  readonly cavity: string;
  readonly function: string;
  readonly colour: string;
  /** System of this one colour when it is not the table's. */
  readonly colourSystem: ColourSystem | null;
  readonly size: number | null;
  /** As a column gives it; null for what the words tell. */
  readonly signal: SignalClass | null;
  readonly circuit: string;
  readonly condition: string;
  readonly note: string;
  readonly content: CavityContent;
  /** Whether the table has a word for the cavity being empty, and not only blank cells. */
  readonly saidEmpty: boolean;
  readonly problems: readonly LineProblem[];
}

export interface ReadTable extends TableShape {
  readonly lines: readonly TableLine[];
  readonly system: ColourSystem;
  /** The systems by how well they read the column of colours, best first. */
  readonly ranks: readonly RankedSystem[];
  /** Whether the system was declared, or is as good as certain from the column alone. */
  readonly systemSure: boolean;
  /** First lines as they stand, so that columns can be told by eye. */
  readonly sample: readonly (readonly string[])[];
}

/** What the user settled about a table; what is left out is guessed. */
export interface TableChoice {
  readonly system?: ColourSystem | null;
  /** Taken where the column alone does not tell: the system of the connector that the table goes into. */
  readonly prefer?: ColourSystem | null;
  readonly columns?: readonly (Field | null)[];
  readonly headerLines?: number;
  readonly turned?: boolean;
  readonly words?: readonly OwnWord[];
}

/** Words that a table writes for a cavity without a wire. */
export const EMPTY_WORDS = /^(empty|blank|unused|not used|n\/?c|n\.c\.|spare|vacant|frei|leer|-+|–|—)$/i;
const MAX_CAVITY = 12;
const CERTAIN = 0.95;

/**
 * Reads a pasted pin table. Columns are told by their headings or by their content, colours in `system` or in the one that
 * fits the whole column best. Nothing is thrown away: a line that cannot go in is kept with its reasons.
 */
export function parseTable(text: string, system: ColourSystem | null): Result<ReadTable, TableProblem> {
  const rows = rowsOfText(text);
  return rows.ok ? ok(readTable(rows.value, { system })) : rows;
}

/** The same for rows of any origin, with what the user has corrected. */
export function readTable(all: readonly RawRow[], choice: TableChoice = {}): ReadTable {
  const turn = choice.turned ?? looksTurned(all);
  const rows = turn ? turned(all) : all;
  const headerLines = Math.min(choice.headerLines ?? guessHeaderLines(rows), rows.length);
  const columns = choice.columns ?? guessColumns(rows, headerLines);
  const body = rows.slice(headerLines);
  const at = (row: RawRow, field: Field): string =>
    columns.includes(field) ? (row.cells[columns.indexOf(field)] ?? "") : "";
  const codes = body.map((row) => at(row, "colour")).filter((code) => code !== "" && !EMPTY_WORDS.test(code));
  const ranks = rankSystems(codes);
  const [best] = ranks;
  const told = (best?.probability ?? 0) >= CERTAIN;
  const preferred = told
    ? undefined
    : ranks.find((rank) => rank.system === choice.prefer && rank.read >= (best?.read ?? 0));
  const system = choice.system ?? preferred?.system ?? best?.system ?? "iec";
  const systemSure =
    told ||
    codes.length === 0 ||
    preferred !== undefined ||
    (choice.system !== undefined && choice.system !== null);
  const reader: Reader = {
    columns,
    system,
    systemSure,
    habit: habitOf(codes, system),
    words: choice.words ?? [],
    seen: new Map(),
  };
  return {
    lines: body.map((row) => readLine(row, reader)),
    columns,
    headerLines,
    turned: turn,
    system,
    ranks,
    systemSure,
    sample: rows.slice(0, 6).map((row) => row.cells),
  };
}

interface Reader {
  readonly columns: readonly (Field | null)[];
  readonly system: ColourSystem;
  readonly systemSure: boolean;
  readonly habit: CodeHabit;
  readonly words: readonly OwnWord[];
  readonly seen: Map<string, number>;
}

function readLine(row: RawRow, reader: Reader): TableLine {
  const { columns, seen } = reader;
  const cell = (field: Field): string =>
    columns.includes(field) ? (row.cells[columns.indexOf(field)] ?? "").trim() : "";
  const problems: LineProblem[] = [];
  const cavity = cell("cavity")
    .replace(/^(?:pin|cavity|pos)\.?\s+/i, "")
    .replace(/[:).]+$/, "");
  const earlier = seen.get(cavity);
  if (cavity === "") problems.push({ code: "cavity-missing", weight: "error" });
  else if (cavity.length > MAX_CAVITY) problems.push({ code: "cavity-too-long", weight: "error", cavity });
  else if (earlier !== undefined)
    problems.push({ code: "cavity-repeated", weight: "error", cavity, firstLine: earlier });
  else seen.set(cavity, row.line);
  const text = cell("function");
  const empty = EMPTY_WORDS.test(text) || (text === "" && cell("colour") === "" && cell("signal") === "");
  const { colour, colourSystem, sizeText } = colourOf(cell("colour"), reader, problems);
  const size = sizeOf(cell("size") === "" ? (sizeText ?? "") : cell("size"), problems);
  const signal = cell("signal") === "" ? null : signalNamed(cell("signal"));
  if (cell("signal") !== "" && signal === null)
    problems.push({ code: "signal-unread", weight: "doubt", text: cell("signal") });
  const reading = readFunction(text, reader.words);
  if (!empty && text !== "" && reading.thing !== null && (reading.fuzzy || reading.understood < 0.7))
    problems.push({ code: "function-likened", weight: "mark", text, term: reading.thing.name });
  const formula = row.cells.find((value) => /^[=@]|^[+-]\D*\(/.test(value.trim()));
  if (formula !== undefined) problems.push({ code: "formula-kept-as-text", weight: "doubt", text: formula });
  if (row.bidi) problems.push({ code: "direction-marks-removed", weight: "doubt" });
  const mergedFields = row.merged.flatMap((column) => columns[column] ?? []);
  if (mergedFields.length > 0) problems.push({ code: "merged-cell", weight: "doubt", fields: mergedFields });
  const extra = row.cells.filter((value, index) => (columns[index] ?? null) === null && value.trim() !== "");
  if (extra.length > 0)
    problems.push({ code: "too-many-columns", weight: "doubt", extra: extra.join(" | ") });
  return {
    line: row.line,
    raw: row.raw,
    cavity,
    colour,
    colourSystem,
    size,
    function: empty ? "" : text,
    signal,
    circuit: cell("circuit"),
    condition: cell("condition"),
    note: [
      cell("note"),
      ...(signal === null && cell("signal") !== "" ? [`signal: ${cell("signal")}`] : []),
      ...extra,
    ]
      .filter((part) => part !== "")
      .join("; "),
    content: empty && colour === "" ? "empty" : "occupied",
    saidEmpty: EMPTY_WORDS.test(text),
    problems,
  };
}

/** The colour without the size that stood with it; a code that only another system knows is read there, and said so. */
function colourOf(
  cell: string,
  reader: Reader,
  problems: LineProblem[],
): { readonly colour: string; readonly colourSystem: ColourSystem | null; readonly sizeText: string | null } {
  if (cell === "" || EMPTY_WORDS.test(cell)) return { colour: "", colourSystem: null, sizeText: null };
  const read = readColour(cell, reader.system, reader.habit);
  const bare = (sizeText: string | null): string =>
    sizeText === null ? cell : cell.replace(sizeText, "").replace(/^[\s,;]+|[\s,;]+$/g, "");
  if (read.ok) {
    const { others, sizeText } = read.value;
    for (const other of others) {
      if (other.systems.includes(reader.system))
        problems.push({ code: "colour-divided", weight: "doubt", text: cell, other });
      else
        problems.push({
          code: "colour-elsewhere",
          weight: reader.systemSure ? "mark" : "doubt",
          text: cell,
          other,
        });
    }
    return { colour: bare(sizeText), colourSystem: null, sizeText };
  }
  const knownIn =
    read.error.code === "colour-unknown"
      ? COLOUR_SYSTEMS.filter((system) => readColour(cell, system, { separated: true }).ok)
      : [];
  const [only] = knownIn;
  if (only !== undefined && knownIn.length === 1) {
    problems.push({ code: "colour-other-system", weight: "doubt", text: cell, system: only });
    const there = readColour(cell, only);
    const sizeText = there.ok ? there.value.sizeText : null;
    return { colour: bare(sizeText), colourSystem: only, sizeText };
  }
  problems.push({
    code: "colour-unread",
    weight: "doubt",
    text: cell,
    stripes: read.error.code === "colour-too-many-stripes",
  });
  return { colour: cell, colourSystem: null, sizeText: null };
}

/** A bare whole number of wire gauge is common on North-American lists: it is read as AWG, and said so. */
function sizeOf(cell: string, problems: LineProblem[]): number | null {
  if (cell === "" || EMPTY_WORDS.test(cell)) return null;
  const size = parseSize(cell);
  if (size.ok) return size.value;
  const gauge = /^\d{1,2}$/.test(cell) ? parseSize(`${cell} AWG`) : null;
  if (gauge?.ok) {
    problems.push({ code: "size-as-awg", weight: "doubt", text: cell, mm2: gauge.value });
    return gauge.value;
  }
  problems.push({ code: "size-unread", weight: "doubt", text: cell });
  return null;
}
