import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import { wireOfEnd, type HarnessState } from "../state.ts";
import { applied, isOnTheTable, placeCavity, placeEnd, type ApplyResult } from "./guards.ts";

/** Takes a terminal out of its cavity: battery off, lock open. The cavity is then vacated, the end loose with its terminal. */
export function applyRelease(state: HarnessState, { end, cavity }: OperationOf<"release">): ApplyResult {
  const from = state.ends[end];
  const hole = state.cavities[cavity];
  if (from === undefined) return fail({ code: "no-such-end", end });
  if (hole === undefined) return fail({ code: "no-such-cavity", cavity });
  if (state.battery === "on" && !isOnTheTable(state, hole)) return fail({ code: "battery-is-on" });
  if (from.at !== "cavity" || from.cavity !== cavity) return fail({ code: "end-not-in-cavity", end, cavity });
  if (state.locks[hole.connector] !== "open") return fail({ code: "lock-closed", connector: hole.connector });
  const wire = wireOfEnd(state, end);
  if (wire === undefined || state.wires[wire]?.aboard !== true) return fail({ code: "wire-out", end });
  const moved = placeEnd(state, { [end]: { at: "loose", terminal: true, covered: false } });
  return applied(placeCavity(moved, cavity, { ...hole, state: "vacated" }), {
    kind: "exact",
    op: { kind: "insert", end, cavity },
  });
}
