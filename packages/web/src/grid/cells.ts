import {
  EMPTY_WORDS,
  parseSize,
  SIGNAL_CLASSES,
  signalOf,
  sizeProblemWords,
  valueOf,
  vouched,
  type ColourSystem,
  type Fact,
  type OwnWord,
  type Pin,
  type PlacedPin,
  type SignalClass,
  type SourceId,
} from "@trevin/core";

/** Columns that can be typed into. */
export const COLUMNS = [
  "cavity",
  "colour",
  "function",
  "signal",
  "size",
  "circuit",
  "condition",
  "note",
] as const;
export type Column = (typeof COLUMNS)[number];

export const COLUMN_TITLES: Readonly<Record<Column, string>> = {
  cavity: "cavity",
  colour: "code",
  function: "function",
  signal: "signal",
  size: "mm²",
  circuit: "circuit",
  condition: "only when",
  note: "note",
};
/** How a cell is called by a screen reader: "Function of 7". */
export const CELL_NAMES: Readonly<Record<Column, string>> = {
  cavity: "Label",
  colour: "Colour code",
  function: "Function",
  signal: "Signal class",
  size: "Size in mm²",
  circuit: "Circuit number",
  condition: "Condition",
  note: "Note",
};
const FACT_COLUMNS: readonly Column[] = ["cavity", "function", "colour", "size", "signal"];
const isFact = (column: Column): column is Fact & Column => FACT_COLUMNS.includes(column);
const LONGEST: Readonly<Record<Column, number>> = {
  cavity: 12,
  function: 200,
  colour: 60,
  signal: 40,
  size: 20,
  circuit: 40,
  condition: 120,
  note: 1000,
};

export const textOf = (pin: Pin, column: Column): string =>
  isFact(column) ? valueOf(pin, column) : pin[column];

/** The class of a wire as a cell shows it: given or read; empty where there is none. */
export function signalShown(placed: PlacedPin, words: readonly OwnWord[]): string {
  const signal = signalOf(placed, words);
  return placed.pin.signal === null && (signal === "unknown" || signal === "none") ? "" : signal;
}

export interface TypingContext {
  /** What is typed comes from this source; null when nobody said. */
  readonly source: SourceId | null;
  /** The system that the source writes colours in, where it is declared and not the connector's; null otherwise. */
  readonly sourceSystem: ColourSystem | null;
  readonly taken: (cavity: string) => boolean;
}

/** A field's text applied to a pin, or why it cannot be. */
export function applied(pin: Pin, column: Column, raw: string, context: TypingContext): Pin | string {
  const text = raw.trim().replace(/\s+/g, " ");
  if (text.length > LONGEST[column]) return `at most ${LONGEST[column]} characters`;
  const next = changed(pin, column, text, context);
  if (typeof next === "string" || context.source === null || !isFact(column)) return next;
  return vouched(next, [column], context.source);
}

function changed(
  pin: Pin,
  column: Column,
  text: string,
  { taken, sourceSystem }: TypingContext,
): Pin | string {
  switch (column) {
    case "cavity":
      if (text === "") return "a cavity needs a label";
      return text !== pin.cavity && taken(text)
        ? `cavity ${text} is in the table already`
        : { ...pin, cavity: text };
    case "function": {
      if (EMPTY_WORDS.test(text))
        return { ...pin, content: "empty", function: "", colour: "", signal: null, size: null };
      return {
        ...pin,
        function: text,
        content: text === "" ? pin.content : "occupied",
        signal: pin.signal === "none" ? null : pin.signal,
      };
    }
    case "signal": {
      if (text === "") return { ...pin, signal: null };
      const wanted = text.toLowerCase().replace(/\s+/g, "-");
      const known =
        SIGNAL_CLASSES.find((signal) => signal === wanted) ??
        SIGNAL_CLASSES.find((signal) => signal.startsWith(wanted));
      return known === undefined
        ? `“${text}” is no signal class; choose one of the list`
        : { ...pin, signal: known };
    }
    case "size": {
      if (text === "") return { ...pin, size: null };
      const size = parseSize(text);
      return size.ok ? { ...pin, size: size.value } : sizeProblemWords(size.error);
    }
    case "colour":
      return {
        ...pin,
        colour: text,
        colourSystem: text === "" ? null : sourceSystem,
        content: text === "" ? pin.content : "occupied",
      };
    case "circuit":
    case "condition":
    case "note":
      return { ...pin, [column]: text };
  }
}

/** Signal classes that begin with the text, then those that hold it. */
export function signalsLike(text: string): readonly SignalClass[] {
  const wanted = text.toLowerCase().replace(/\s+/g, "-");
  return [
    ...SIGNAL_CLASSES.filter((signal) => signal.startsWith(wanted)),
    ...SIGNAL_CLASSES.filter((signal) => !signal.startsWith(wanted) && signal.includes(wanted)),
  ];
}
