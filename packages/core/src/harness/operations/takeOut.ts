import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { HarnessState } from "../state.ts";
import { applied, put, type ApplyResult } from "./guards.ts";

/** Takes a wire whose both ends are loose out of the harness, or brings it back. Nothing leaves in any other way. */
export function applyTakeOut(state: HarnessState, { wire: id, to }: OperationOf<"take-out">): ApplyResult {
  const wire = state.wires[id];
  if (wire === undefined) return fail({ code: "wire-still-held", wire: id });
  if (wire.aboard === (to === "back")) return fail({ code: "wire-already", wire: id, to });
  if (wire.ends.some((end) => state.ends[end]?.at !== "loose"))
    return fail({ code: "wire-still-held", wire: id });
  return applied(
    { ...state, wires: put(state.wires, { [id]: { ...wire, aboard: to === "back" } }) },
    { kind: "exact", op: { kind: "take-out", wire: id, to: to === "out" ? "back" : "out" } },
  );
}
