import { endsByCavity, type HarnessState } from "../harness/index.ts";
import type { ConnectorId } from "../model/index.ts";

/** The connectors that hold the end of a wire. */
const holding = (state: HarnessState): ReadonlySet<ConnectorId> =>
  new Set([...endsByCavity(state).keys()].flatMap((cavity) => state.cavities[cavity]?.connector ?? []));

/** Shells that wires were in and that hold none any more. */
export function emptied(start: HarnessState, wired: HarnessState): ReadonlySet<ConnectorId> {
  const full = holding(wired);
  return new Set([...holding(start)].filter((id) => !full.has(id)));
}
