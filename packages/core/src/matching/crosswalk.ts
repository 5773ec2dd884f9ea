import { solveAssignment, type AssignmentProblem, type Edge } from "../numeric/index.ts";
import { decisionPins, isFeed, pinsOfSide, type Decision, type Dossier, type PinId, type Side, type Sureness } from "../model/index.ts";
import { present } from "../util/index.ts";
import { pinReader, weigh, type Evidence, type ReadPin, type Reason } from "./evidence.ts";

export interface SuggestedPair {
  readonly vehicle: PinId;
  readonly incoming: PinId;
  readonly sure: Sureness;
  /** The pair's own case and the lead over the best arrangement without it, in tenths of a log-odds unit. */
  readonly strength: number;
  readonly margin: number;
  readonly reasons: readonly Reason[];
}

/** What to do with a pin that has no partner; a feed still wants to be told from where. */
export interface SuggestedAlone {
  readonly pin: PinId;
  readonly proposal: "cap" | "leave" | "feed";
  readonly why: "no-partner" | "needs-feed" | "other-side-undecided" | "spare";
}

export interface Crosswalk {
  readonly pairs: readonly SuggestedPair[];
  readonly alone: readonly SuggestedAlone[];
}

/** The case a pair must make before "sure" or "check" stands on it (common practice, no source). */
const SURE = 45;
const CHECK = 20;

const aloneCost = (pin: ReadPin): number => (pin.signal === "none" || pin.placed.pin.content !== "occupied" ? 0 : 4);
const takesPart = (pin: ReadPin): boolean => pin.placed.pin.content === "occupied";

/**
 * The best pairing of all undecided pins of the two sides, as one assignment: every pair's evidence is weighed against
 * every other's and against staying alone. Decided pins are fixed and take no part. Deterministic.
 */
export function suggest(dossier: Dossier): Crosswalk {
  const decided = new Set(dossier.decisions.flatMap(decisionPins));
  const open = (side: Side): ReadPin[] => pinsOfSide(dossier, side).filter(({ pin }) => !decided.has(pin.id) && pin.content !== "empty").map(pinReader(dossier));
  const left = open("vehicle");
  const right = open("incoming");
  const rows = left.filter(takesPart);
  const columns = right.filter(takesPart);
  const table = rows.map((row) => columns.map((column) => weigh(row, column)));
  const problem = problemOf(rows, columns, table);
  const solution = solveAssignment(problem);
  const sameRow = classesOf(rows);
  const sameColumn = classesOf(columns);
  const pairs = solution.columnOf.flatMap((column, row): SuggestedPair[] => {
    if (column === null) return [];
    const evidence = present(table[row]?.[column], "evidence of a chosen pair");
    const [margin] = solution.marginOf(row, (r, c) => sameRow[r] === sameRow[row] && sameColumn[c] === sameColumn[column]);
    const confidence = Math.min(evidence.strength, margin);
    return [{
      vehicle: present(rows[row], "row").placed.pin.id,
      incoming: present(columns[column], "column").placed.pin.id,
      sure: confidence >= SURE ? "sure" : confidence >= CHECK ? "check" : "guess",
      strength: evidence.strength,
      margin,
      reasons: evidence.reasons,
    }];
  });
  const paired = new Set(pairs.flatMap((pair) => [pair.vehicle, pair.incoming]));
  return { pairs, alone: [...left, ...right].filter((pin) => !paired.has(pin.placed.pin.id)).map(aloneOf) };
}

/** The assignment of two sides of pins; exported for checks against an independent solver. */
export function problemOf(rows: readonly ReadPin[], columns: readonly ReadPin[], table: readonly (readonly (Evidence | null)[])[]): AssignmentProblem {
  const edges = rows.map((row, r) =>
    columns.flatMap((column, c): Edge[] => {
      const evidence = table[r]?.[c];
      // An edge dearer than two who stay alone can never be in the optimum.
      return evidence && -evidence.strength < aloneCost(row) + aloneCost(column) ? [{ column: c, cost: [-evidence.strength, -evidence.colour] }] : [];
    }),
  );
  return { columns: columns.length, edges, rowAlone: rows.map((row) => [aloneCost(row), 0]), columnAlone: columns.map((column) => [aloneCost(column), 0]) };
}

/** Pins that are electrically equal alternatives share a class: one function, signal, size and connector. */
function classesOf(pins: readonly ReadPin[]): readonly string[] {
  return pins.map(({ placed, reading, signal, text }) =>
    isFeed(signal) ? JSON.stringify([placed.connector.id, reading.term?.name ?? text, signal, placed.pin.size]) : placed.pin.id,
  );
}

function aloneOf({ placed: { pin, connector }, signal }: ReadPin): SuggestedAlone {
  if (pin.content === "unknown") return { pin: pin.id, proposal: "leave", why: "other-side-undecided" };
  if (signal === "none") return { pin: pin.id, proposal: "leave", why: "spare" };
  if (connector.side === "incoming" && isFeed(signal)) return { pin: pin.id, proposal: "feed", why: "needs-feed" };
  return { pin: pin.id, proposal: "cap", why: "no-partner" };
}

/** The decision that a suggestion stands for; `from` names where a feed is taken. */
export function decisionFromPair(pair: SuggestedPair, dossier: Dossier): Decision {
  return { kind: "join", vehicle: pair.vehicle, incoming: pair.incoming, method: dossier.head.method, sure: pair.sure, reason: "", answers: [] };
}
