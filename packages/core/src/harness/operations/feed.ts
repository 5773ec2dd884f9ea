import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { HarnessState } from "../state.ts";
import { applied, BARE, looseEnd, placeEnd, type ApplyResult } from "./guards.ts";

/** Connects a bare end to a supply or ground point brought from elsewhere, fuse not yet in. */
export function applyFeed(state: HarnessState, { end, supply }: OperationOf<"feed">): ApplyResult {
  if (state.battery === "on") return fail({ code: "battery-is-on" });
  const loose = looseEnd(state, end);
  if (!loose.ok) return loose;
  if (loose.value.terminal) return fail({ code: "end-carries-terminal", end });
  return applied(placeEnd(state, { [end]: { at: "supply", supply } }), {
    kind: "exact",
    op: { kind: "unfeed", end, supply },
  });
}

/** Takes the end off its supply again, bare. */
export function applyUnfeed(state: HarnessState, { end, supply }: OperationOf<"unfeed">): ApplyResult {
  if (state.battery === "on") return fail({ code: "battery-is-on" });
  const place = state.ends[end];
  if (place === undefined) return fail({ code: "no-such-end", end });
  if (place.at !== "supply" || place.supply !== supply) return fail({ code: "not-joined-there", end });
  return applied(placeEnd(state, { [end]: BARE }), { kind: "exact", op: { kind: "feed", end, supply } });
}
