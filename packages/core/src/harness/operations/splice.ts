import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { HarnessState } from "../state.ts";
import { applied, bareEnds, placeEnd, put, type ApplyResult } from "./guards.ts";

/** Joins bare ends in a new joint: crimp, solder or solder sleeve. */
export function applySplice(state: HarnessState, { ends, joint }: OperationOf<"splice">): ApplyResult {
  if (state.battery === "on") return fail({ code: "battery-is-on" });
  if (ends.length < 2) return fail({ code: "joint-needs-two-ends" });
  const bare = bareEnds(state, ends);
  if (!bare.ok) return bare;
  if (state.joints[joint] !== undefined) return fail({ code: "joint-in-use", joint });
  const next = placeEnd(state, Object.fromEntries(ends.map((end) => [end, { at: "joint", joint }])));
  return applied(
    { ...next, joints: put(state.joints, { [joint]: ends }) },
    { kind: "equivalent", op: { kind: "part", ends, joint }, residue: "wire-shortened" },
  );
}
