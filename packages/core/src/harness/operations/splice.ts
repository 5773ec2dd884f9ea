import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { EndPlace, HarnessState } from "../state.ts";
import { applied, looseEnd, placeEnd, type ApplyResult } from "./guards.ts";

/** Joins two bare ends in a new joint (crimp, solder or solder sleeve). */
export function applySplice(state: HarnessState, { ends, joint }: OperationOf<"splice">): ApplyResult {
  const [a, b] = ends;
  if (state.battery === "on") return fail({ code: "battery-is-on" });
  if (a === b) return fail({ code: "joined-to-itself", end: a });
  for (const end of ends) {
    const loose = looseEnd(state, end);
    if (!loose.ok) return loose;
    if (loose.value.terminal) return fail({ code: "end-carries-terminal", end });
  }
  if (Object.values<EndPlace>(state.ends).some((place) => place.at === "joint" && place.joint === joint)) return fail({ code: "joint-in-use", joint });
  return applied(placeEnd(state, { [a]: { at: "joint", joint }, [b]: { at: "joint", joint } }), {
    kind: "equivalent",
    op: { kind: "part", ends, joint },
    residue: "wire-shortened",
  });
}
