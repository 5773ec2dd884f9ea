import type { PinId } from "../model/index.ts";
import type { MatchProblem } from "../pairing/index.ts";
import { present } from "../util/index.ts";
import type { SuggestedAlone } from "./alone.ts";

/** For each pin that stays alone, its dearest partner and who has that one. */
export function nearestOf(
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
