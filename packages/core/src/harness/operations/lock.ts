import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { HarnessState } from "../state.ts";
import { applied, put, type ApplyResult } from "./guards.ts";

/** Opens or closes the secondary lock of a connector that is apart. */
export function applyLock(state: HarnessState, { connector, to }: OperationOf<"lock">): ApplyResult {
  const now = state.locks[connector];
  if (now === undefined || now === to) return fail({ code: "lock-already", connector, to });
  if (to === "open" && (state.plugged[connector] ?? null) !== null)
    return fail({ code: "connector-plugged", connector });
  return applied(
    { ...state, locks: put(state.locks, { [connector]: to }) },
    { kind: "exact", op: { kind: "lock", connector, to: now } },
  );
}
