import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { HarnessState } from "../state.ts";
import { applied, BARE, placeEnd, without, type ApplyResult } from "./guards.ts";
import { heldBy } from "./tap.ts";

/** Cuts a joint out again: all its ends bare, each wire shorter by what the joint held. */
export function applyPart(state: HarnessState, { ends, joint }: OperationOf<"part">): ApplyResult {
  if (state.battery === "on") return fail({ code: "battery-is-on" });
  const held = heldBy(state, ends, joint);
  if (!held.ok) return held;
  const next = placeEnd(state, Object.fromEntries(ends.map((end) => [end, BARE])));
  return applied(
    { ...next, joints: without(state.joints, [joint]) },
    { kind: "equivalent", op: { kind: "splice", ends, joint }, residue: "joint-left-in-wire" },
  );
}
