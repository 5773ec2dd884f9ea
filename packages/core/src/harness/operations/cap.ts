import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { HarnessState } from "../state.ts";
import { applied, placeEnd, type ApplyResult } from "./guards.ts";

/** Caps or insulates a loose end, or opens it again. */
export function applyCap(state: HarnessState, { end, to }: OperationOf<"cap">): ApplyResult {
  if (state.battery === "on") return fail({ code: "battery-is-on" });
  const place = state.ends[end];
  if (place === undefined) return fail({ code: "no-such-end", end });
  if (place.at !== "loose") return fail({ code: "end-not-loose", end });
  if (place.covered === (to === "covered"))
    return fail({ code: to === "covered" ? "end-already-covered" : "end-not-covered", end });
  return applied(placeEnd(state, { [end]: { ...place, covered: to === "covered" } }), {
    kind: "exact",
    op: { kind: "cap", end, to: to === "covered" ? "open" : "covered" },
  });
}
