import { plugEnd, type HarnessState } from "../harness/index.ts";
import { isNewShell, type ConnectorId } from "../model/index.ts";

/** Old shells: every wire that was in one has gone over into a new shell. */
export function emptied(start: HarnessState, wired: HarnessState): ReadonlySet<ConnectorId> {
  const gone = new Map<ConnectorId, boolean>();
  for (const { pin } of Object.values(start.wires)) {
    const [was, now] = [start, wired].map((state) => {
      const place = state.ends[plugEnd(pin)];
      return place?.at === "cavity" ? state.cavities[place.cavity]?.connector : undefined;
    });
    if (was === undefined) continue;
    const shell = now === undefined ? undefined : start.connectors[now];
    const hasMoved = now !== was && shell !== undefined && isNewShell(shell);
    gone.set(was, (gone.get(was) ?? true) && hasMoved);
  }
  return new Set([...gone].flatMap(([id, all]) => (all ? [id] : [])));
}
