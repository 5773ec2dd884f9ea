import { isFeed } from "../model/index.ts";
import {
  componentsOf,
  partOf,
  solveAssignment,
  type AssignmentProblem,
  type Component,
} from "../numeric/index.ts";
import {
  SURCHARGE,
  SURE,
  type MatchProblem,
  type ReadPin,
  type Seat,
  type Weights,
} from "../pairing/index.ts";
import { firstDifference, present, unionFind } from "../util/index.ts";

/** Solved components by what they are made of. Kept between calls, a decision re-solves its own component only. */
export type MatchMemo = Map<string, SolvedComponent>;
interface SolvedComponent {
  readonly columnOf: readonly (number | null)[];
  readonly margins: readonly number[];
}

export interface MatchOptions {
  /** Other weights than the fitted ones; for the fit itself. */
  readonly weights?: Weights | undefined;
  readonly memo?: MatchMemo | undefined;
  /** Told now and then how far of all wires it is. */
  readonly onProgress?: ((done: number, total: number) => void) | undefined;
}

export interface ChosenLink {
  readonly row: ReadPin;
  readonly column: ReadPin;
  readonly further: boolean;
  readonly strength: number;
  readonly margin: number;
}

export function linksOf(match: MatchProblem, { memo, onProgress }: MatchOptions): readonly ChosenLink[] {
  const { rows, columns, problem } = match;
  const kept: MatchMemo = new Map();
  const links: ChosenLink[] = [];
  let done = 0;
  const pins = rows.filter(({ of }) => of === null).length;
  const tell = (solved: number): void => onProgress?.(pins / 2 + (solved / rows.length) * (pins / 2), pins);
  for (const component of componentsOf(problem)) {
    const key = keyOf(match, component);
    const solved =
      memo?.get(key) ?? solveComponent(match, component, (solvedRows) => tell(done + solvedRows));
    kept.set(key, solved);
    done += component.rows.length;
    tell(done);
    solved.columnOf.forEach((local, place) => {
      if (local === null) return;
      const row = present(rows[present(component.rows[place], "row")], "row");
      const column = present(columns[present(component.columns[local], "column")], "column");
      const further = row.of !== null || column.of !== null;
      const strength =
        present(match.evidence(row.pin, column.pin), "evidence of a chosen pair").strength -
        (further ? SURCHARGE : 0);
      links.push({
        row: row.pin,
        column: column.pin,
        further,
        strength,
        margin: present(solved.margins[place], "margin"),
      });
    });
  }
  if (memo !== undefined) {
    memo.clear();
    for (const [key, solved] of kept) memo.set(key, solved);
  }
  onProgress?.(pins, pins);
  const rank = new Map(
    [...rows, ...columns].filter(({ of }) => of === null).map((seat, index) => [seat.pin, index]),
  );
  const place = (pin: ReadPin): number => rank.get(pin) ?? 0;
  return links.sort((a, b) =>
    firstDifference(place(a.row) - place(b.row), place(a.column) - place(b.column)),
  );
}

/** Everything that the solution of a component depends on. */
function keyOf({ rows, columns, problem }: MatchProblem, component: Component): string {
  const seat = ({ pin, of }: Seat, alone: number | undefined): string =>
    JSON.stringify([pin.sense, pin.look, pin.place, of === null, interchangeable(pin), alone]);
  const place = new Map(component.columns.map((column, index) => [column, index]));
  const lists = new Map<unknown, number>();
  // A forbidden pair has no edge, so which columns a row reaches is part of the key.
  const list = (row: number): string => {
    const edges = present(problem.edges[row], "row");
    const known = lists.get(edges);
    if (known !== undefined) return `=${known}`;
    lists.set(edges, lists.size);
    return edges.map(({ column }) => place.get(column)).join(",");
  };
  return [
    ...component.rows.map(
      (row) => `${seat(present(rows[row], "row"), problem.rowAlone[row]?.[0])}${list(row)}`,
    ),
    "|",
    ...component.columns.map((column) =>
      seat(present(columns[column], "column"), problem.columnAlone[column]?.[0]),
    ),
  ].join("\n");
}

function solveComponent(
  { rows, columns, problem, evidence }: MatchProblem,
  component: Component,
  onProgress: (rows: number) => void,
): SolvedComponent {
  const part: AssignmentProblem = partOf(problem, component);
  const solution = solveAssignment(part);
  const rowSeats = component.rows.map((row) => present(rows[row], "row"));
  const columnSeats = component.columns.map((column) => present(columns[column], "column"));
  const [rowClass, columnClass] = [classesOf(rowSeats), classesOf(columnSeats)];
  // Pins of one sense are weighed alike, so a margin holds for every pair of the same two senses.
  const known = new Map<string, number>();
  const margins = solution.columnOf.map((column, row) => {
    if (column === null) return 0;
    if (row % 64 === 63) onProgress(row);
    const a = present(rowSeats[row], "row");
    const b = present(columnSeats[column], "column");
    const key = JSON.stringify([
      a.pin.sense,
      a.of === null,
      part.rowAlone[row]?.[0],
      b.pin.sense,
      b.of === null,
      part.columnAlone[column]?.[0],
      isFeed(a.pin.signal) && isFeed(b.pin.signal) ? [rowClass[row], columnClass[column]] : "",
    ]);
    let margin = known.get(key);
    if (margin === undefined) {
      // A margin counts no further than to "sure", or to the pair's own case where that is weaker.
      const strength =
        present(evidence(a.pin, b.pin), "evidence of a chosen pair").strength -
        (a.of !== null || b.of !== null ? SURCHARGE : 0);
      [margin] = solution.marginOf(
        row,
        (r, c) => rowClass[r] === rowClass[row] && columnClass[c] === columnClass[column],
        Math.min(strength, SURE),
      );
      known.set(key, margin);
    }
    return margin;
  });
  return { columnOf: solution.columnOf, margins };
}

/**
 * Pins that are electrically equal alternatives share a class: one feed, function, size and connector; grounds of a side wherever
 * they are, since the body joins them; a pin and its further joints.
 */
function interchangeable({ placed, reading, signal }: ReadPin): string {
  if (!isFeed(signal)) return placed.pin.id;
  return JSON.stringify([
    signal === "ground" ? "" : placed.connector.id,
    reading.thing?.name ?? reading.text,
    signal,
    placed.pin.size,
  ]);
}

/** The class of each seat as a number, so that comparing them is cheap. */
function classesOf(seats: readonly Seat[]): readonly number[] {
  const numbers = new Map<string, number>();
  return seats.map(({ pin }) => {
    const name = interchangeable(pin);
    const number = numbers.get(name) ?? numbers.size;
    numbers.set(name, number);
    return number;
  });
}

/** Drops the weakest further joints where wires of both sides would hang together in one knot; a rare meeting of two habits. */
export function starsOnly(links: readonly ChosenLink[]): readonly ChosenLink[] {
  const kept = [...links];
  for (;;) {
    const knot = groupsOf(kept).find(
      (group) =>
        new Set(group.map((link) => link.row)).size > 1 && new Set(group.map((link) => link.column)).size > 1,
    );
    if (knot === undefined) return kept;
    const weakest = knot.filter((link) => link.further).reduce((a, b) => (b.strength < a.strength ? b : a));
    kept.splice(kept.indexOf(weakest), 1);
  }
}

/** Links that share a pin, in the order of their first. */
export function groupsOf(links: readonly ChosenLink[]): readonly (readonly ChosenLink[])[] {
  const joined = unionFind();
  for (const { row, column } of links) joined.join(row.placed.pin.id, column.placed.pin.id);
  const groups = new Map<string, ChosenLink[]>();
  for (const link of links) {
    const root = joined.find(link.row.placed.pin.id);
    groups.set(root, [...(groups.get(root) ?? []), link]);
  }
  return [...groups.values()];
}
