import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import { endsByCavity, wireOfEnd, type HarnessState } from "../state.ts";
import { applied, put, type ApplyResult } from "./guards.ts";

/**
 * Takes a plug away with the stubs in it, or brings it back: it is apart, and every wire in it that is aboard ends in the air. A plug
 * without such stubs is only a shell, and nothing is recorded of it.
 */
export function applyDiscard(state: HarnessState, { connector, to }: OperationOf<"discard">): ApplyResult {
  if (state.locks[connector] === undefined)
    return fail({ code: "connector-not-there", connector, at: "own" });
  if (state.plugged[connector] !== null) return fail({ code: "connector-plugged", connector });
  const wires = [...endsByCavity(state)].flatMap(([cavity, ends]) =>
    state.cavities[cavity]?.connector === connector ? ends.flatMap((end) => wireOfEnd(state, end) ?? []) : [],
  );
  const moved = wires.filter((id) => state.wires[id]?.aboard === (to === "out"));
  if (moved.length === 0) return fail({ code: "no-stubs", connector, to });
  const held = moved.find((id) => state.wires[id]?.ends.every((end) => state.ends[end]?.at !== "loose"));
  if (held !== undefined) return fail({ code: "wire-still-held", wire: held });
  const changed = moved.flatMap((id) => {
    const wire = state.wires[id];
    return wire === undefined ? [] : [[id, { ...wire, aboard: to === "back" }] as const];
  });
  return applied(
    { ...state, wires: put(state.wires, Object.fromEntries(changed)) },
    { kind: "exact", op: { kind: "discard", connector, to: to === "out" ? "back" : "out" } },
  );
}
