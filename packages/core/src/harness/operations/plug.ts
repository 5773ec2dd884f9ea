import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { HarnessState } from "../state.ts";
import { applied, placeCavity, type ApplyResult } from "./guards.ts";

/** Closes a vacated cavity with a cavity plug, or pulls the plug again. */
export function applyPlug(state: HarnessState, { cavity, to }: OperationOf<"plug">): ApplyResult {
  const hole = state.cavities[cavity];
  if (hole === undefined) return fail({ code: "no-such-cavity", cavity });
  if (hole.state !== (to === "plugged" ? "vacated" : "plugged"))
    return fail({ code: "cavity-not-vacated", cavity });
  return applied(placeCavity(state, cavity, { ...hole, state: to === "plugged" ? "plugged" : "vacated" }), {
    kind: "exact",
    op: { kind: "plug", cavity, to: to === "plugged" ? "open" : "plugged" },
  });
}
