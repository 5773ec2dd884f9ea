import { connectorId, type ConnectorId } from "../../model/index.ts";
import { fail } from "../../util/index.ts";
import type { OperationOf } from "../operation.ts";
import type { HarnessState, PluggedInto } from "../state.ts";
import { applied, put, type ApplyResult } from "./guards.ts";

const both = (connector: ConnectorId, other: PluggedInto): readonly ConnectorId[] =>
  other === "own" ? [connector] : [connector, connectorId(other)];

/** Plugs a connector into its own counterpart or into another one of the job: battery off, both apart, their locks closed. */
export function applyConnect(state: HarnessState, { connector, into }: OperationOf<"connect">): ApplyResult {
  if (state.battery === "on") return fail({ code: "battery-is-on" });
  for (const one of both(connector, into)) {
    if (state.locks[one] === undefined)
      return fail({ code: "connector-not-there", connector: one, at: into });
    if ((state.plugged[one] ?? null) !== null) return fail({ code: "connector-plugged", connector: one });
    if (state.locks[one] === "open") return fail({ code: "lock-open", connector: one });
  }
  if (connector === into) return fail({ code: "connector-not-there", connector, at: into });
  const plugged = into === "own" ? { [connector]: into } : { [connector]: into, [into]: connector };
  return applied(
    { ...state, plugged: put(state.plugged, plugged) },
    { kind: "exact", op: { kind: "disconnect", connector, from: into } },
  );
}

/** Pulls a connector out of what it is plugged into: battery off. */
export function applyDisconnect(
  state: HarnessState,
  { connector, from }: OperationOf<"disconnect">,
): ApplyResult {
  if (state.battery === "on") return fail({ code: "battery-is-on" });
  if (state.plugged[connector] !== from) return fail({ code: "connector-not-there", connector, at: from });
  const apart = Object.fromEntries(both(connector, from).map((one) => [one, null]));
  return applied(
    { ...state, plugged: put(state.plugged, apart) },
    { kind: "exact", op: { kind: "connect", connector, into: from } },
  );
}
