import {
  componentsOf,
  partOf,
  solveAssignment,
  type AssignmentProblem,
  type Component,
} from "../numeric/index.ts";
import {
  decisionByPin,
  isFeed,
  isKept,
  pinsOfSide,
  takesAdapter,
  worse,
  type Dossier,
  type PinId,
  type PlacedPin,
  type Side,
  SIDES,
  type Sureness,
} from "../model/index.ts";
import { sideOf } from "../meaning/index.ts";
import { firstDifference, present, unionFind } from "../util/index.ts";
import { droppedOption } from "./brief.ts";
import { SURCHARGE } from "./capacity.ts";
import { deviceBetween, deviceOfMerge, type ProposedDevice } from "./devices.ts";
import { explained, reasonsOf, samePlace, type Explanation, type Reason, type Weights } from "./evidence.ts";
import { pinReader, type ReadPin } from "./readPin.ts";
import { feedPlaces } from "./feeds.ts";
import { suggestJumpers, type SuggestedJumper } from "./jumpers.ts";
import { keepOutOf } from "./keepOut.ts";
import { contestedSupplies, SURE, surenessOf } from "./sureness.ts";
import { aloneOf, type SuggestedAlone } from "./alone.ts";
import { contradictedBars } from "./contradicted.ts";
import { pairedByPosition } from "./position.ts";
import { givesItself, poweredParts } from "./ownFeed.ts";
import { contactFeed } from "./relayContacts.ts";
import { givingHalf, throughOf } from "./through.ts";
import { hasSpentTerminal } from "./spentTerminal.ts";
import { matchProblem, type MatchProblem, type Seat } from "./problem.ts";

export interface SuggestedPair {
  readonly vehicle: PinId;
  readonly incoming: PinId;
  readonly sure: Sureness;
  /**
   * The pair's own case and the lead over the best arrangement without it, in tenths of a log-odds unit. The lead counts no further
   * than it matters: to what makes a pair sure, or to the pair's own case where that is weaker.
   */
  readonly strength: number;
  readonly margin: number;
  readonly reasons: readonly Reason[];
  /** What belongs between them, where they must not meet directly. */
  readonly device: ProposedDevice | null;
}

/**
 * One wire of one side with several of the other; `split` when the vehicle has the one, `merge` when the incoming side has. `series`: a
 * wire of the vehicle is led through a part, its loom's half to the first pair's pin, the half in its plug to the second's.
 */
export interface SuggestedGroup {
  readonly kind: "split" | "merge" | "series";
  readonly pairs: readonly SuggestedPair[];
  readonly sure: Sureness;
  readonly device: ProposedDevice | null;
  /** Nothing tells which half of the wire drives it. */
  readonly findLive?: boolean;
}

export interface Crosswalk {
  readonly pairs: readonly SuggestedPair[];
  readonly groups: readonly SuggestedGroup[];
  readonly jumpers: readonly SuggestedJumper[];
  readonly alone: readonly SuggestedAlone[];
}

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

/**
 * The best pairing of all undecided pins of the two sides, as one assignment: every pair's evidence is weighed against every
 * other's and against staying alone; one wire may serve several where its class permits. Decided pins are fixed and take no
 * part, nor do keep-out circuits and options that are given up; forbidden pairs are never proposed. Deterministic: the memo
 * changes how long it takes and nothing else.
 */
export function suggest(dossier: Dossier, options: MatchOptions = {}): Crosswalk {
  const read = pinReader(dossier);
  const decided = decisionByPin(dossier);
  const forbidden = new Map<PinId, Set<PinId>>();
  for (const decision of dossier.decisions)
    if (decision.kind === "forbid")
      forbidden.set(decision.vehicle, (forbidden.get(decision.vehicle) ?? new Set()).add(decision.incoming));
  const open = (side: Side): readonly ReadPin[] =>
    pinsOfSide(dossier, side)
      .filter(({ pin }) => !decided.has(pin.id) && pin.content !== "empty")
      .map(read);
  const left = open("vehicle");
  const right = open("incoming");
  // A table of one side only is read, not worked on.
  const isOneSided =
    dossier.head.kind !== "module-bypass" &&
    SIDES.some((side) => pinsOfSide(dossier, side).every(({ pin }) => pin.content === "empty"));
  const placed = pairedByPosition(dossier, left, right).map((pair) => ({ ...pair, ...BY_POSITION }));
  const bypass = suggestJumpers(
    dossier,
    left.filter(({ placed }) => !isKept(dossier, placed.connector)),
  );
  const settled = new Set([
    ...bypass.flatMap(({ pins }) => pins),
    ...placed.flatMap(({ vehicle, incoming }) => [vehicle, incoming]),
  ]);
  const contradicted = new Set(
    dossier.connectors.flatMap((one) => contradictedBars(one, (pin) => read(pin).signal).flat()),
  );
  const takesPart = (pin: ReadPin): boolean =>
    !contradicted.has(pin.placed.pin.id) &&
    pin.placed.pin.content === "occupied" &&
    pin.signal !== "none" &&
    keepOutOf(pin.placed) === null &&
    droppedOption(dossier, pin.placed) === null &&
    !settled.has(pin.placed.pin.id);
  const rows = left.filter(takesPart);
  // Weighing the pairs is the first half of the work, choosing among them the second.
  const match = matchProblem(
    rows,
    right.filter(takesPart),
    forbidden,
    (row) => row % 64 === 63 && options.onProgress?.(row / 2, rows.length),
    options.weights,
  );
  const links = starsOnly(linksOf(match, options));
  const contested = new Set([...contestedSupplies(left), ...contestedSupplies(right)]);
  const taken = new Set(links.map(({ column }) => column));
  const free = match.columns.flatMap(({ pin, of }) => (of === null && !taken.has(pin) ? [pin] : []));
  const pairs: SuggestedPair[] = [...placed];
  const groups: SuggestedGroup[] = [];
  for (const group of groupsOf(links)) {
    const made = group.map((link) => pairOf(link, match, dossier.head.nominalVolts, contested));
    const [only] = made;
    const led = seriesOf(group, made, match, dossier.head.nominalVolts, contested, free);
    if (led !== null) groups.push(led);
    else if (made.length === 1 && only !== undefined) pairs.push(only);
    else groups.push(grouped(group, made));
  }
  joinBothSides(pairs, groups, match, dossier.head.nominalVolts, contested);
  const met = [...pairs, ...groups.flatMap((group) => group.pairs)];
  const partner = new Map(
    met.flatMap(
      ({ vehicle, incoming }) =>
        [
          [vehicle, incoming],
          [incoming, vehicle],
        ] as const,
    ),
  );
  const nearest = nearestOf(match, partner);
  const places = feedPlaces(dossier);
  const adapted = takesAdapter(dossier.decisions);
  const powered = poweredParts(pinsOfSide(dossier, "incoming").map(read));
  const alone = [...left, ...right]
    .filter(
      ({ placed: { pin, connector } }) =>
        !partner.has(pin.id) &&
        !settled.has(pin.id) &&
        (!isKept(dossier, connector) || hasSpentTerminal(pin)),
    )
    .map((pin) =>
      aloneOf(pin, {
        dossier,
        places,
        nearest: nearest.get(pin.placed.pin.id) ?? null,
        adapted,
        contactFeed: contactFeed(pin, links),
        isContradicted: contradicted.has(pin.placed.pin.id),
        isOneSided,
        isGiven: givesItself(pin, powered),
      }),
    );
  return { pairs, groups, jumpers: bypass, alone };
}

/** What stands in the same place of the same plug is one wire. */
const BY_POSITION = {
  sure: "sure",
  strength: SURE,
  margin: SURE,
  reasons: [{ kind: "position", weight: SURE }],
  device: null,
} as const;

interface ChosenLink {
  readonly row: ReadPin;
  readonly column: ReadPin;
  readonly further: boolean;
  readonly strength: number;
  readonly margin: number;
}

function linksOf(match: MatchProblem, { memo, onProgress }: MatchOptions): readonly ChosenLink[] {
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
function starsOnly(links: readonly ChosenLink[]): readonly ChosenLink[] {
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
function groupsOf(links: readonly ChosenLink[]): readonly (readonly ChosenLink[])[] {
  const joined = unionFind();
  for (const { row, column } of links) joined.join(row.placed.pin.id, column.placed.pin.id);
  const groups = new Map<string, ChosenLink[]>();
  for (const link of links) {
    const root = joined.find(link.row.placed.pin.id);
    groups.set(root, [...(groups.get(root) ?? []), link]);
  }
  return [...groups.values()];
}

function pairOf(
  { row, column, further, strength, margin }: ChosenLink,
  match: MatchProblem,
  nominalVolts: number,
  contested: ReadonlySet<ReadPin>,
): SuggestedPair {
  const reasons = reasonsOf(present(match.evidence(row, column), "evidence of a chosen pair"), row, column);
  return {
    vehicle: row.placed.pin.id,
    incoming: column.placed.pin.id,
    sure: surenessOf(Math.min(strength, margin), row, column, contested),
    strength,
    margin,
    reasons: further ? [...reasons, { kind: "shared-wire", weight: -SURCHARGE } as const] : reasons,
    device: deviceBetween(row, column, nominalVolts),
  };
}

/**
 * One lamp for both turn signals ("TURN L and R") takes the wire of each side: where one of them is paired with it and the other is left
 * over, both go onto it. Asked for, never sure: a beep test tells whether the two are one lamp.
 */
function joinBothSides(
  pairs: SuggestedPair[],
  groups: SuggestedGroup[],
  match: MatchProblem,
  nominalVolts: number,
  contested: ReadonlySet<ReadPin>,
): void {
  const taken = new Set([...pairs, ...groups.flatMap((group) => group.pairs)].map(({ vehicle }) => vehicle));
  const rows = match.rows.flatMap(({ pin, of }) => (of === null ? [pin] : []));
  for (const { pin: column, of } of match.columns) {
    if (
      of !== null ||
      column.reading.thing?.family !== "turn" ||
      column.reading.which.get("side")?.size !== 2
    )
      continue;
    const at = pairs.findIndex(({ incoming }) => incoming === column.placed.pin.id);
    const own = pairs[at];
    const row = rows.find(({ placed }) => placed.pin.id === own?.vehicle);
    const other = rows.find(
      (one) =>
        !taken.has(one.placed.pin.id) &&
        one.reading.thing?.family === "turn" &&
        row !== undefined &&
        sideOf(one.reading) !== null &&
        sideOf(one.reading) !== sideOf(row.reading),
    );
    if (
      own === undefined ||
      row === undefined ||
      other === undefined ||
      match.evidence(other, column) === null
    )
      continue;
    const link = { row: other, column, further: true, strength: own.strength, margin: own.margin };
    pairs.splice(at, 1);
    groups.push({
      kind: "merge",
      pairs: [own, pairOf(link, match, nominalVolts, contested)],
      sure: "guess",
      device: deviceOfMerge(column, [row, other]),
    });
  }
}

/**
 * A wire of the vehicle that meets both ends of one part, or one end of it while nobody wants the other, is led through the part.
 * Null where it is not so. Never surer than "check": which half drives is measured before anything is cut.
 */
function seriesOf(
  links: readonly ChosenLink[],
  made: readonly SuggestedPair[],
  match: MatchProblem,
  nominalVolts: number,
  contested: ReadonlySet<ReadPin>,
  free: readonly ReadPin[],
): SuggestedGroup | null {
  const [first, second] = links;
  const [own] = made;
  if (first === undefined || own === undefined || links.length > 2 || own.device !== null) return null;
  const { row, column } = first;
  const others = second === undefined ? free : [second.column];
  if (second !== undefined && second.row !== row) return null;
  for (const other of others) {
    const through = throughOf(column, other);
    const evidence = through === null ? null : match.evidence(row, other);
    if (through === null || evidence === null) continue;
    const strength = Math.min(first.strength, evidence.strength);
    const link = { row, column: other, further: false, strength, margin: first.margin };
    const pair =
      second === undefined ? pairOf(link, match, nominalVolts, contested) : present(made[1], "pair");
    const giving = givingHalf(row);
    const [entry, exit] = through.entry === column ? [own, pair] : [pair, own];
    return {
      kind: "series",
      pairs: giving === "plug" ? [exit, entry] : [entry, exit],
      sure: giving === null ? "guess" : (worse(worse(own.sure, pair.sure), "check") ?? "check"),
      device: null,
      ...(giving === null ? { findLive: true } : {}),
    };
  }
  return null;
}

function grouped(links: readonly ChosenLink[], pairs: readonly SuggestedPair[]): SuggestedGroup {
  const kind = new Set(links.map((link) => link.row)).size > 1 ? "merge" : "split";
  const [first] = links;
  const device =
    pairs.find((pair) => pair.device !== null)?.device ??
    (kind === "merge" && first !== undefined
      ? deviceOfMerge(
          first.column,
          links.map(({ row }) => row),
        )
      : null);
  return {
    kind,
    pairs,
    sure: pairs.map(({ sure }) => sure).reduce<Sureness | null>(worse, null) ?? "guess",
    device,
  };
}

/** For each pin that stays alone, its dearest partner and who has that one. */
function nearestOf(
  { rows, columns, problem }: MatchProblem,
  partner: ReadonlyMap<PinId, PinId>,
): ReadonlyMap<PinId, NonNullable<SuggestedAlone["nearest"]>> {
  const nearest = new Map<
    PinId,
    { readonly pin: PinId; readonly takenBy: PinId | null; readonly cost: number }
  >();
  const offer = (own: PinId, other: PinId, cost: number): void => {
    if (partner.has(own) || (nearest.get(own)?.cost ?? Infinity) <= cost) return;
    nearest.set(own, { pin: other, takenBy: partner.get(other) ?? null, cost });
  };
  rows.forEach((row, r) => {
    if (row.of !== null) return;
    for (const { column, cost } of problem.edges[r] ?? []) {
      const seat = present(columns[column], "column");
      if (seat.of !== null) continue;
      offer(row.pin.placed.pin.id, seat.pin.placed.pin.id, cost[0]);
      offer(seat.pin.placed.pin.id, row.pin.placed.pin.id, cost[0]);
    }
  });
  return nearest;
}

/** A pin of the other side with the case for it, best first; what "fix to…" offers. */
export interface Candidate extends Explanation {
  readonly pin: PlacedPin;
  readonly device: ProposedDevice | null;
}

/**
 * Every pin of the other side, by the case for a join with this one; of equal cases first those of its own signal class, then
 * those in its own place. Then those that are kept apart, and empty cavities last.
 */
export function candidatesFor(dossier: Dossier, placed: PlacedPin): readonly Candidate[] {
  const read = pinReader(dossier);
  const own = read(placed);
  const isVehicle = placed.connector.side === "vehicle";
  const { nominalVolts } = dossier.head;
  const all = pinsOfSide(dossier, isVehicle ? "incoming" : "vehicle")
    .filter(({ pin }) => pin.content !== "empty" || isVehicle)
    .map((other) => {
      const theirs = read(other);
      const [vehicle, incoming] = isVehicle ? [own, theirs] : [theirs, own];
      const candidate: Candidate = {
        pin: other,
        ...explained(own, theirs),
        device: deviceBetween(vehicle, incoming, nominalVolts),
      };
      const rank = [
        other.pin.content === "empty" ? 1 : 0,
        candidate.strength === null ? 1 : 0,
        -(candidate.strength ?? 0),
        theirs.signal === own.signal ? 0 : 1,
        // A new pigtail or housing takes the old one's place cavity by cavity.
        samePlace(theirs, own) ? 0 : 1,
      ];
      return { candidate, rank };
    });
  return all
    .sort((a, b) => firstDifference(...a.rank.map((value, i) => value - (b.rank[i] ?? 0))))
    .map(({ candidate }) => candidate);
}
