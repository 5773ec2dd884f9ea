import { dsvFormat } from "d3-dsv";

const tsv = dsvFormat("\t");

/** Cells as a spreadsheet puts them on the clipboard. */
export const toClip = (cells: readonly (readonly string[])[]): string =>
  tsv.formatRows(cells.map((row) => [...row]));

/** Cells of a clipboard text; the line end after the last row is no row. */
export const fromClip = (text: string): readonly (readonly string[])[] =>
  tsv.parseRows(text.replace(/\r\n|\r/g, "\n").replace(/\n$/, ""));

/**
 * The block that a paste writes: one cell or row or column fills a range that is a multiple of it, anything else is written
 * once from the top left corner.
 */
export function spread(
  cells: readonly (readonly string[])[],
  rows: number,
  columns: number,
): readonly (readonly string[])[] {
  const height = cells.length;
  const width = cells.reduce((widest, row) => Math.max(widest, row.length), 0);
  if (height === 0 || width === 0) return [];
  const tall = rows % height === 0 ? Math.max(rows, height) : height;
  const wide = columns % width === 0 ? Math.max(columns, width) : width;
  return Array.from({ length: tall }, (_, r) =>
    Array.from({ length: wide }, (__, c) => cells[r % height]?.[c % width] ?? ""),
  );
}

/** The next text in a count: "7" 8, "A9" A10, "1401" 1402; a text without a number stays as it is. */
export function counted(text: string, by: number): string {
  const match = /^(.*?)(\d+)(\D*)$/s.exec(text);
  if (match === null) return text;
  const [, before = "", digits = "", after = ""] = match;
  const value = String(Number(digits) + by);
  return `${before}${value.padStart(digits.startsWith("0") ? digits.length : 0, "0")}${after}`;
}
