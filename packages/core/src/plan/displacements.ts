import { leadPin, seatOf, type Decision, type PinId } from "../model/index.ts";
import { present } from "../util/index.ts";

/** A terminal that changes its cavity. */
export interface Displacement {
  readonly from: PinId;
  readonly to: PinId;
  readonly decision: Decision;
}

/**
 * Terminals that have to move together, in the order in which they are moved: `chain`: the last cavity is free, so each fills the
 * one that was emptied just before it; `cycle`: none is free, so the first one is parked and is seated last.
 */
export interface Displaced {
  readonly kind: "chain" | "cycle";
  readonly moves: readonly Displacement[];
}

/** Releases and insertions of a terminal count once for each place it is taken to: one for each displaced end, and one more for each cycle. */
export const transfersOf = (components: readonly Displaced[]): number =>
  components.reduce((sum, { kind, moves }) => sum + moves.length + (kind === "cycle" ? 1 : 0), 0);

/**
 * The chains and cycles of all terminals that move. Each cavity is left once and filled once at most, so they are paths and rings;
 * `parkable` says which wire of a ring can lie loose without being taken for another one, `rank` breaks ties.
 */
export function displaced(
  decisions: readonly Decision[],
  rank: (pin: PinId) => number,
  parkable: (pin: PinId) => boolean = () => true,
): readonly Displaced[] {
  const moves = decisions.flatMap((decision): readonly Displacement[] => {
    const to = seatOf(decision);
    return to === null ? [] : [{ from: leadPin(decision), to, decision }];
  });
  const leaving = new Map(moves.map((move) => [move.from, move]));
  const filling = new Map(moves.map((move) => [move.to, move]));
  const seen = new Set<PinId>();
  const walkBack = (last: Displacement): Displacement[] => {
    const line: Displacement[] = [];
    for (
      let move: Displacement | undefined = last;
      move !== undefined && !seen.has(move.from);
      move = filling.get(move.from)
    ) {
      seen.add(move.from);
      line.push(move);
    }
    return line;
  };
  const inOrder = [...moves].sort((a, b) => rank(a.from) - rank(b.from));
  const chains = inOrder
    .filter(({ to }) => !leaving.has(to))
    .map((last): Displaced => ({ kind: "chain", moves: walkBack(last) }));
  const cycles = inOrder
    .filter(({ from }) => !seen.has(from))
    .flatMap((first): readonly Displaced[] => {
      if (seen.has(first.from)) return [];
      const ring = walkBack(first);
      const parked = Math.max(
        0,
        ring.findIndex(({ from }) => parkable(from)),
      );
      return [{ kind: "cycle", moves: [...ring.slice(parked), ...ring.slice(0, parked)] }];
    });
  return [...chains, ...cycles].sort((a, b) => rank(leadOf(a)) - rank(leadOf(b)));
}

/** The first wire of a component in the order of the table. */
const leadOf = ({ moves }: Displaced): PinId => present(moves[0], "a component has a move").from;
