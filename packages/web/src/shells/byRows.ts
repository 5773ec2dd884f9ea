import { rowsOnly, type FaceView, type Numbering, type Shell } from "@trevin/core";

/** How the cavities of a housing are numbered that is given by its rows. */
export interface RowsNumbering {
  /** The side that the numbers are printed for. */
  readonly view: FaceView;
  readonly scheme: "rows" | "serpentine" | "columns";
  /** Where cavity 1 is. */
  readonly from: "left" | "right";
  readonly first: "top" | "bottom";
}

const MOST_ROWS = 12;
const MOST_PLACES = 60;

/** "6 + 8", from the mark down; "1.6" is a row of 6 that begins one place further right. Null for anything else. */
export function readRows(
  text: string,
): readonly { readonly places: number; readonly offset: number }[] | null {
  const parts = text
    .split(/[+,;\s]+/)
    .filter((part) => part !== "")
    .map((part) => /^(?:(\d+)\.)?(\d+)$/.exec(part));
  const rows = parts.map((part) => ({ places: Number(part?.[2]), offset: Number(part?.[1] ?? 0) }));
  const isGood =
    parts.length > 0 &&
    parts.length <= MOST_ROWS &&
    parts.every((part) => part !== null) &&
    rows.every(({ places, offset }) => places >= 1 && places <= MOST_PLACES && offset <= MOST_PLACES);
  return isGood ? rows : null;
}

/** A housing of these rows whose cavities are numbered from 1. */
export function numberedRows(
  rows: readonly { readonly places: number; readonly offset: number }[],
  { view, scheme, from, first }: RowsNumbering,
): Shell {
  const shell = rowsOnly(rows, view);
  const numbering: Numbering = { scheme, from, first, labels: { kind: "numbers", start: 1 } };
  return shell.pattern.kind === "rows" ? { ...shell, pattern: { ...shell.pattern, numbering } } : shell;
}
