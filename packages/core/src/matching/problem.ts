import type { AssignmentProblem, Cost, Edge } from "../numeric/index.ts";
import { isFeed, type PinId } from "../model/index.ts";
import { likenessIndex, type LikenessIndex } from "../shelf/index.ts";
import { invariant, present } from "../util/index.ts";
import { furtherJoints, mayShare, SURCHARGE } from "./capacity.ts";
import {
  colourLikeness,
  LEAST_LIKE,
  otherPlaces,
  samePlace,
  weigh,
  type Evidence,
  type ReadPin,
} from "./evidence.ts";

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
  if (signal === "none" || reading.term?.name === "spare") return 0;
  if (pin.condition !== "") return 2;
  return reading.term?.vital === true ? 8 : 4;
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
): MatchProblem {
  invariant(
    Math.max(rowPins.length, columnPins.length) < COLOUR,
    "a side has fewer pins than colour outranks",
  );
  const further = furtherJoints(rowPins, columnPins);
  const seats = (pins: readonly ReadPin[], counts: readonly number[]): readonly Seat[] => [
    ...pins.map((pin): Seat => ({ pin, of: null })),
    ...pins.flatMap((pin, of) => Array.from({ length: counts[of] ?? 0 }, (): Seat => ({ pin, of }))),
  ];
  const rows = seats(rowPins, further.rows);
  const columns = seats(columnPins, further.columns);
  const evidence = weighedOnce();
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
          !mayShare(row.pin, column) ||
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
function weighedOnce(): (row: ReadPin, column: ReadPin) => Evidence | null {
  const known = new Map<string, Map<string, Evidence | null>>();
  return (row, column) => {
    const own = known.get(row.sense) ?? new Map<string, Evidence | null>();
    known.set(row.sense, own);
    let found = own.get(column.sense);
    if (found === undefined) own.set(column.sense, (found = weigh(row, column)));
    return found;
  };
}

/**
 * Which columns could go with a row at all: the same term, the same kind of feed, a text that is alike where one of the two is in
 * no vocabulary, the same signal where one has no text. Ascending; everything left out has no positive case.
 */
function candidates(columns: readonly ReadPin[]): (row: ReadPin) => readonly number[] {
  const [byTerm, bySignal, silentBySignal] = [
    new Map<string, number[]>(),
    new Map<string, number[]>(),
    new Map<string, number[]>(),
  ];
  const worded: number[] = [];
  const loose: number[] = [];
  columns.forEach(({ signal, reading: { term, tokens } }, index) => {
    listed(bySignal, signal).push(index);
    if (tokens.length === 0) listed(silentBySignal, signal).push(index);
    else {
      worded.push(index);
      if (term === null) loose.push(index);
      else listed(byTerm, term.name).push(index);
    }
  });
  const text = (index: number): string => present(columns[index], "column").reading.core;
  const qualifiersOf = (index: number): readonly string[] =>
    present(columns[index], "column").reading.qualifiers;
  const likeWorded = likenessIndex(worded.map(text));
  const likeLoose = likenessIndex(loose.map(text));
  return (row) => {
    const { term, tokens, core } = row.reading;
    if (tokens.length === 0)
      return row.signal === "unknown" || row.signal === "none" ? [] : (bySignal.get(row.signal) ?? []);
    const found = new Set<number>(silentBySignal.get(row.signal) ?? []);
    const alike = (index: LikenessIndex, listed: readonly number[]): void => {
      for (const place of mostAlike(
        index,
        core,
        (at) => !otherPlaces(row.reading.qualifiers, qualifiersOf(present(listed[at], "column"))),
      ))
        found.add(present(listed[place], "column"));
    };
    if (term === null) alike(likeWorded, worded);
    else {
      for (const index of byTerm.get(term.name) ?? []) found.add(index);
      if (isFeed(row.signal)) for (const index of bySignal.get(row.signal) ?? []) found.add(index);
      alike(likeLoose, loose);
    }
    return [...found].sort((a, b) => a - b);
  };
}

/** So many texts that no vocabulary knows are worth comparing with one wire; a table of nothing else would take minutes. */
const MOST_ALIKE = 60;

/** Texts that are alike, the most alike where there are many; all of those that are as much alike as the last one. */
function mostAlike(
  index: LikenessIndex,
  text: string,
  counts: (place: number) => boolean,
): readonly number[] {
  const found: { readonly place: number; readonly score: number }[] = [];
  index(text, LEAST_LIKE, (place, score) => counts(place) && found.push({ place, score }));
  if (found.length <= MOST_ALIKE) return found.map(({ place }) => place);
  const least = present([...found].sort((a, b) => b.score - a.score)[MOST_ALIKE - 1], "text").score;
  return found.flatMap(({ place, score }) => (score >= least ? [place] : []));
}

/** The list of a key, made when it is first asked for. */
function listed(map: Map<string, number[]>, key: string): number[] {
  const list = map.get(key) ?? [];
  map.set(key, list);
  return list;
}
