/** A cell by row and column index. */
export interface Cell {
  readonly row: number;
  readonly column: number;
}

/** The active cell, and the corner that a range was begun from. */
export interface Selection {
  readonly at: Cell;
  readonly anchor: Cell;
}

export interface Range {
  readonly top: number;
  readonly bottom: number;
  readonly left: number;
  readonly right: number;
}

export interface Extent {
  readonly rows: number;
  readonly columns: number;
}

const clamp = (value: number, count: number): number => Math.min(Math.max(value, 0), Math.max(0, count - 1));
export const single = (at: Cell): Selection => ({ at, anchor: at });

export function rangeOf({ at, anchor }: Selection): Range {
  return {
    top: Math.min(at.row, anchor.row),
    bottom: Math.max(at.row, anchor.row),
    left: Math.min(at.column, anchor.column),
    right: Math.max(at.column, anchor.column),
  };
}

export const within = ({ top, bottom, left, right }: Range, { row, column }: Cell): boolean =>
  row >= top && row <= bottom && column >= left && column <= right;

/** Moves the active cell by rows and columns, never out of the table; with `extend` the range grows from its anchor. */
export function moved(
  selection: Selection,
  rows: number,
  columns: number,
  extent: Extent,
  extend = false,
): Selection {
  const at = {
    row: clamp(selection.at.row + rows, extent.rows),
    column: clamp(selection.at.column + columns, extent.columns),
  };
  return { at, anchor: extend ? selection.anchor : at };
}

/** Tab order: along the row, then the next one; null beyond either end. */
export function tabbed({ at }: Selection, by: 1 | -1, extent: Extent): Selection | null {
  const index = at.row * extent.columns + at.column + by;
  return index < 0 || index >= extent.rows * extent.columns
    ? null
    : single({ row: Math.floor(index / extent.columns), column: index % extent.columns });
}
