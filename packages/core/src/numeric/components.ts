import { present } from "../util/index.ts";
import type { AssignmentProblem, Edge } from "./assignment.ts";

/** Rows and columns that edges hold together; each can be solved apart from all others. */
export interface Component {
  readonly rows: readonly number[];
  readonly columns: readonly number[];
}

/**
 * Connected components of the edges, in the order of their lowest row; rows and columns without any edge are left out, since
 * they can only stay alone. Rows may share one list of edges, which is then walked once.
 */
export function componentsOf({
  columns,
  edges,
}: Pick<AssignmentProblem, "columns" | "edges">): readonly Component[] {
  const parent = Int32Array.from({ length: columns }, (_, column) => column);
  const find = (column: number): number => {
    let root = column;
    for (let up = parent[root] ?? root; up !== root; up = parent[root] ?? root) {
      parent[root] = parent[up] ?? up;
      root = up;
    }
    return root;
  };
  for (const list of new Set(edges)) {
    const [first] = list;
    for (const { column } of list) {
      const [low, high] = [find(present(first, "edge").column), find(column)];
      if (low !== high) parent[Math.max(low, high)] = Math.min(low, high);
    }
  }
  const groups = new Map<number, { rows: number[]; columns: number[] }>();
  edges.forEach((list, row) => {
    const [first] = list;
    if (first === undefined) return;
    const root = find(first.column);
    const group = groups.get(root) ?? { rows: [], columns: [] };
    groups.set(root, group);
    group.rows.push(row);
  });
  for (let column = 0; column < columns; column++) groups.get(find(column))?.columns.push(column);
  return [...groups.values()];
}

/** The part of a problem within one component, rows and columns numbered anew in the same order. */
export function partOf(problem: AssignmentProblem, { rows, columns }: Component): AssignmentProblem {
  const place = new Map(columns.map((column, index) => [column, index]));
  const lists = new Map<readonly Edge[], readonly Edge[]>();
  const edges = rows.map((row) => {
    const list = present(problem.edges[row], "row");
    const known =
      lists.get(list) ??
      list.map(({ column, cost }) => ({ column: present(place.get(column), "column"), cost }));
    lists.set(list, known);
    return known;
  });
  return {
    columns: columns.length,
    edges,
    rowAlone: rows.map((row) => present(problem.rowAlone[row], "price")),
    columnAlone: columns.map((column) => present(problem.columnAlone[column], "price")),
  };
}
