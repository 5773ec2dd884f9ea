import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { HarnessState } from "../state.ts";
import { applied, type ApplyResult } from "./guards.ts";

/** Opens or closes a connector's secondary lock. */
export function applyLock(state: HarnessState, { connector, to }: OperationOf<"lock">): ApplyResult {
  const now = state.locks[connector];
  if (now === undefined || now === to) return fail({ code: "lock-already", connector, to });
  return applied({ ...state, locks: { ...state.locks, [connector]: to } }, { kind: "exact", op: { kind: "lock", connector, to: now } });
}
