import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { HarnessState } from "../state.ts";
import { applied, isOnTheTable, looseEnd, placeCavity, placeEnd, type ApplyResult } from "./guards.ts";

/** Seats a terminal in a free cavity: battery off unless the shell is on the work table, lock open, the cavity empty or vacated, its membrane pierced. */
export function applyInsert(state: HarnessState, { end, cavity }: OperationOf<"insert">): ApplyResult {
  const loose = looseEnd(state, end);
  const hole = state.cavities[cavity];
  if (!loose.ok) return loose;
  if (hole === undefined) return fail({ code: "no-such-cavity", cavity });
  if (state.battery === "on" && !isOnTheTable(state, hole)) return fail({ code: "battery-is-on" });
  if (!loose.value.terminal) return fail({ code: "end-without-terminal", end });
  if (state.locks[hole.connector] !== "open") return fail({ code: "lock-closed", connector: hole.connector });
  if (hole.state === "blank") return fail({ code: "membrane-closed", cavity });
  if (hole.state !== "empty" && hole.state !== "vacated") return fail({ code: "cavity-not-free", cavity });
  const op = { kind: "release", end, cavity } as const;
  return applied(
    placeCavity(placeEnd(state, { [end]: { at: "cavity", cavity } }), cavity, { ...hole, state: "occupied" }),
    hole.state === "vacated"
      ? { kind: "exact", op }
      : { kind: "equivalent", op, residue: "membrane-pierced" },
  );
}
