import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { HarnessState } from "../state.ts";
import { applied, BARE, looseEnd, placeEnd, type ApplyResult } from "./guards.ts";

/** Crimps a new terminal onto a bare end, or cuts it off again. */
export function applyCrimp(state: HarnessState, { end, to }: OperationOf<"crimp">): ApplyResult {
  const loose = looseEnd(state, end);
  if (!loose.ok) return loose;
  if (loose.value.terminal === (to === "fitted"))
    return fail({ code: to === "fitted" ? "end-carries-terminal" : "end-without-terminal", end });
  return applied(placeEnd(state, { [end]: to === "fitted" ? { ...BARE, terminal: true } : BARE }), {
    kind: "equivalent",
    op: { kind: "crimp", end, to: to === "fitted" ? "cut-off" : "fitted" },
    residue: "wire-shortened",
  });
}
