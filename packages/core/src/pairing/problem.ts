import type { AssignmentProblem, Cost, Edge } from "../numeric/index.ts";
import { type PinId } from "../model/index.ts";
import { invariant, present } from "../util/index.ts";
import { keysOf, wantedBy } from "./keys.ts";
import { furtherJoints, mayShare, SURCHARGE } from "./capacity.ts";
import { colourLikeness, samePlace, weigh, type Evidence, type Weights } from "./evidence.ts";
import { type ReadPin } from "./readPin.ts";

/** A row or column of the assignment: a pin, or a further joint of one. */
export interface Seat {
  readonly pin: ReadPin;
  /** Index of the pin that this is a further joint of, or null for the pin itself. */
  readonly of: number | null;
}

export interface MatchProblem {
  readonly rows: readonly Seat[];
  readonly columns: readonly Seat[];
  readonly problem: AssignmentProblem;
  readonly evidence: (row: ReadPin, column: ReadPin) => Evidence | null;
}

/** Ranks position below colour within the second tier; no side has so many pins. */
const COLOUR = 10_000;

/** What it costs to leave a pin alone, by its class (common practice, no source): spare nothing, what the part dies without most. */
export function aloneCost({ placed: { pin }, signal, reading }: ReadPin): number {
  if (signal === "none" || reading.thing?.name === "spare") return 0;
  if (pin.condition !== "") return 2;
  return reading.thing?.vital === true ? 8 : 4;
}

/**
 * The assignment of two sides of pins. Only pairs with a positive case have an edge, so everything else stays alone; pins of
 * equal sense, look and place share one list of edges. Pairs in `forbidden`, by row, have none. Exported for checks against independent solvers.
 */
export function matchProblem(
  rowPins: readonly ReadPin[],
  columnPins: readonly ReadPin[],
  forbidden: ReadonlyMap<PinId, ReadonlySet<PinId>> = new Map(),
  onRow?: (row: number) => unknown,
  weights?: Weights,
): MatchProblem {
  invariant(
    Math.max(rowPins.length, columnPins.length) < COLOUR,
    "a side has fewer pins than colour outranks",
  );
  const evidence = weighedOnce(weights);
  const further = furtherJoints(
    rowPins,
    columnPins,
    (row, column) => (evidence(row, column)?.strength ?? 0) > 0,
  );
  const seats = (pins: readonly ReadPin[], counts: readonly number[]): readonly Seat[] => [
    ...pins.map((pin): Seat => ({ pin, of: null })),
    ...pins.flatMap((pin, of) => Array.from({ length: counts[of] ?? 0 }, (): Seat => ({ pin, of }))),
  ];
  const rows = seats(rowPins, further.rows);
  const columns = seats(columnPins, further.columns);
  const near = candidates(columnPins);
  const seatsOf = columnPins.map((_, index): number[] => [index]);
  columns.forEach(({ of }, index) => of !== null && seatsOf[of]?.push(index));
  const lists = new Map<string, readonly Edge[]>();
  const edges = rows.map((row, place) => {
    onRow?.(place);
    const never = forbidden.get(row.pin.placed.pin.id);
    const key = JSON.stringify([
      row.pin.sense,
      row.pin.look,
      row.pin.place,
      row.of !== null,
      never === undefined ? "" : row.pin.placed.pin.id,
    ]);
    const known = lists.get(key);
    if (known !== undefined) return known;
    const list = near(row.pin).flatMap((index): readonly Edge[] => {
      const column = present(columnPins[index], "column");
      const found = never?.has(column.placed.pin.id) === true ? null : evidence(row.pin, column);
      if (found === null || found.strength <= 0) return [];
      const second =
        (colourLikeness(row.pin, column) === "same" ? COLOUR : 0) + (samePlace(row.pin, column) ? 1 : 0);
      return (seatsOf[index] ?? []).flatMap((seat): readonly Edge[] => {
        const shares = row.of !== null || columns[seat]?.of !== null;
        if (!shares) return [{ column: seat, cost: [-found.strength, -second] }];
        // A further joint meets a pin itself, never another further joint, and has to be worth its surcharge.
        if (
          (row.of !== null && columns[seat]?.of !== null) ||
          !(row.of === null ? mayShare(column, row.pin) : mayShare(row.pin, column)) ||
          found.strength <= SURCHARGE
        )
          return [];
        return [{ column: seat, cost: [SURCHARGE - found.strength, -second] }];
      });
    });
    lists.set(key, list);
    return list;
  });
  const prices = (all: readonly Seat[]): readonly Cost[] =>
    all.map(({ pin, of }) => [of === null ? aloneCost(pin) : 0, 0]);
  return {
    rows,
    columns,
    evidence,
    problem: { columns: columns.length, edges, rowAlone: prices(rows), columnAlone: prices(columns) },
  };
}

/** Evidence of each two senses, computed once. */
function weighedOnce(weights?: Weights): (row: ReadPin, column: ReadPin) => Evidence | null {
  const known = new Map<string, Map<string, Evidence | null>>();
  return (row, column) => {
    const own = known.get(row.sense) ?? new Map<string, Evidence | null>();
    known.set(row.sense, own);
    let found = own.get(column.sense);
    if (found === undefined) own.set(column.sense, (found = weigh(row, column, weights)));
    return found;
  };
}

/**
 * Which columns could go with a row at all: the same thing or a related one, the same class where one of the two names no thing or both
 * are feeds, the same word where the lexicon does not know it. Ascending; everything left out has no positive case.
 */
function candidates(columns: readonly ReadPin[]): (row: ReadPin) => readonly number[] {
  const byKey = new Map<string, number[]>();
  columns.forEach((column, index) => {
    for (const key of keysOf(column)) {
      const list = byKey.get(key) ?? [];
      list.push(index);
      byKey.set(key, list);
    }
  });
  return (row) => {
    const found = new Set<number>();
    for (const key of wantedBy(row)) for (const index of byKey.get(key) ?? []) found.add(index);
    return [...found].sort((a, b) => a - b);
  };
}
