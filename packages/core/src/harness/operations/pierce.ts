import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { HarnessState } from "../state.ts";
import { applied, placeCavity, type ApplyResult } from "./guards.ts";

/** Pierces the membrane of a cavity that was never populated; from then on it needs a wire seal or a plug. */
export function applyPierce(state: HarnessState, { cavity }: OperationOf<"pierce">): ApplyResult {
  const hole = state.cavities[cavity];
  if (hole === undefined) return fail({ code: "no-such-cavity", cavity });
  if (hole.state !== "blank") return fail({ code: "cavity-not-blank", cavity });
  return applied(placeCavity(state, cavity, { ...hole, state: "vacated" }), {
    kind: "equivalent",
    op: { kind: "plug", cavity, to: "plugged" },
    residue: "membrane-pierced",
  });
}
