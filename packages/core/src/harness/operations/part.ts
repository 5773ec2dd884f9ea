import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import { endId } from "../../model/index.ts";
import type { EndPlace, HarnessState } from "../state.ts";
import { applied, BARE, placeEnd, type ApplyResult } from "./guards.ts";

/** Cuts a joint out again: all its ends bare, each wire shorter by what the joint held. */
export function applyPart(state: HarnessState, { ends, joint }: OperationOf<"part">): ApplyResult {
  if (state.battery === "on") return fail({ code: "battery-is-on" });
  for (const end of ends) {
    const place = state.ends[end];
    if (place === undefined) return fail({ code: "no-such-end", end });
    if (place.at !== "joint" || place.joint !== joint) return fail({ code: "not-joined-there", end });
  }
  const others = Object.entries<EndPlace>(state.ends).some(
    ([end, place]) => place.at === "joint" && place.joint === joint && !ends.includes(endId(end)),
  );
  if (others) return fail({ code: "joint-in-use", joint });
  return applied(placeEnd(state, Object.fromEntries(ends.map((end) => [end, BARE]))), {
    kind: "equivalent",
    op: { kind: "splice", ends, joint },
    residue: "joint-left-in-wire",
  });
}
