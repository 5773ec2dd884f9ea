import type { EndId } from "../../model/index.ts";
import { fail } from "../../util/index.ts";
import { connectedPoints } from "../net.ts";
import type { OperationOf } from "../operation.ts";
import type { EndPlace, HarnessState } from "../state.ts";
import { applied, type ApplyResult } from "./guards.ts";

/** Battery off, or on again: never on while an open end hangs on a loom or a supply. */
export function applyBattery(state: HarnessState, op: OperationOf<"battery">): ApplyResult {
  if (state.battery === op.to) return fail({ code: "battery-already", to: op.to });
  if (op.to === "on") {
    const bare = liveBareEnd(state);
    if (bare !== undefined) return fail({ code: "live-bare-end", end: bare });
  }
  return applied({ ...state, battery: op.to }, { kind: "exact", op: { kind: "battery", to: state.battery } });
}

function liveBareEnd(state: HarnessState): EndId | undefined {
  const open = (Object.entries(state.ends) as [EndId, EndPlace][]).filter(
    ([, place]) => place.at === "loose" && !place.covered,
  );
  if (open.length === 0) return undefined;
  const points = connectedPoints(state);
  return open.find(([end]) =>
    (points.get(end) ?? []).some((point) => point.at === "loom" || point.at === "supply"),
  )?.[0];
}
