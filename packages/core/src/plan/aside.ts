import { cutPlugEnd, endsByCavity, wireOfEnd, type HarnessState } from "../harness/index.ts";
import { wireId, type ConnectorId, type EndId } from "../model/index.ts";
import { emptied } from "./emptied.ts";
import { type Handling, type Mates } from "./stages.ts";
import { liveConnectors } from "./closing.ts";
import type { Step } from "./step.ts";

/**
 * Plugs of the vehicle's looms that are taken away: apart when the wires are done, every wire in them cut behind the plug or gone over
 * into another one, and nothing left that they could be plugged into.
 */
export function plugsSetAside(
  { handled, adapted }: Pick<Handling, "handled" | "adapted">,
  mates: Mates,
  start: HarnessState,
  wired: HarnessState,
): ReadonlySet<ConnectorId> {
  const stubs = new Map<ConnectorId, boolean[]>();
  for (const [cavity, ends] of endsByCavity(wired)) {
    const connector = wired.cavities[cavity]?.connector;
    if (connector === undefined) continue;
    for (const end of ends) {
      const wire = wired.wires[wireOfEnd(wired, end) ?? wireId("")];
      // The stub of a cut, not a lead that was seated there.
      const isStub =
        wire !== undefined &&
        wire.ends[1] === cutPlugEnd(wire.pin) &&
        wired.ends[cutPlugEnd(wire.pin)]?.at === "loose";
      stubs.set(connector, [...(stubs.get(connector) ?? []), isStub]);
    }
  }
  const empty = emptied(start, wired);
  const cutOff = handled.flatMap(({ id, side, leads }) => {
    const own = stubs.get(id) ?? [];
    return side === "vehicle" &&
      leads === "loom" &&
      !mates.has(id) &&
      !adapted.has(id) &&
      (start.plugged[id] ?? "own") === "own" &&
      (wired.plugged[id] ?? null) === null &&
      (empty.has(id) || (own.length > 0 && own.every((isStub) => isStub)))
      ? [id]
      : [];
  });
  if (cutOff.length === 0) return new Set();
  const alive = liveConnectors(wired);
  return new Set(cutOff.filter((id) => !alive.has(id)));
}

/** The steps without the caps on stubs that leave with their plug. */
export function withoutStubCaps(
  steps: readonly Step[],
  aside: ReadonlySet<ConnectorId>,
  state: HarnessState,
): readonly Step[] {
  if (aside.size === 0) return steps;
  const stubs = new Set<EndId>(
    Object.values(state.wires).flatMap(({ pin }) => {
      const connector = state.cavities[pin]?.connector;
      return connector !== undefined && aside.has(connector) ? [cutPlugEnd(pin)] : [];
    }),
  );
  return steps.filter(
    ({ op, group }) => op?.kind !== "cap" || !stubs.has(op.end) || /^window(~\d+)?$/.test(group),
  );
}
