import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { EndPlace, HarnessState } from "../state.ts";
import { applied, put, without, type ApplyResult } from "./guards.ts";

/** Fits the fuse of a supply that was brought in, or pulls it. */
export function applyFuse(state: HarnessState, { supply, to }: OperationOf<"fuse">): ApplyResult {
  if (
    to === "in" &&
    !Object.values<EndPlace>(state.ends).some((place) => place.at === "supply" && place.supply === supply)
  )
    return fail({ code: "supply-not-there", supply });
  if ((state.fuses[supply] === "in") === (to === "in")) return fail({ code: "fuse-already", supply, to });
  return applied(
    { ...state, fuses: to === "in" ? put(state.fuses, { [supply]: "in" }) : without(state.fuses, [supply]) },
    { kind: "exact", op: { kind: "fuse", supply, to: to === "in" ? "out" : "in" } },
  );
}
