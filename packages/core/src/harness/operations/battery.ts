import type { EndId } from "../../model/index.ts";
import { fail } from "../../util/index.ts";
import { liveEnds } from "../netOf.ts";
import type { OperationOf } from "../operation.ts";
import type { EndPlace, HarnessState } from "../state.ts";
import { applied, type ApplyResult } from "./guards.ts";

/** Battery off, or on again: never on while a supply can reach an open end. What was so before any work is a matter for the plan. */
export function applyBattery(
  state: HarnessState,
  op: OperationOf<"battery">,
  recorded: boolean,
): ApplyResult {
  if (state.battery === op.to) return fail({ code: "battery-already", to: op.to });
  if (op.to === "on" && !recorded) {
    const bare = liveBareEnd(state);
    if (bare !== undefined) return fail({ code: "live-bare-end", end: bare });
  }
  return applied({ ...state, battery: op.to }, { kind: "exact", op: { kind: "battery", to: state.battery } });
}

function liveBareEnd(state: HarnessState): EndId | undefined {
  const aboard = new Set(Object.values(state.wires).flatMap((wire) => (wire.aboard ? wire.ends : [])));
  const open = (Object.entries(state.ends) as [EndId, EndPlace][]).filter(
    ([end, place]) => place.at === "loose" && !place.covered && aboard.has(end),
  );
  if (open.length === 0) return undefined;
  const live = liveEnds(state);
  return open.find(([end]) => live.has(end) && !state.bareBefore.includes(end))?.[0];
}
