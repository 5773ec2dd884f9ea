import type { Connector } from "./connector.ts";
import { allPins, connectorsInOrder, decisionByPin, type Dossier, type PlacedPin } from "./job.ts";
import type { ConnectorId } from "./ids.ts";
import { counterpartOf, type Counterpart } from "./worklist.ts";
import { once } from "../util/index.ts";

type Plugs = Pick<Dossier, "connectors">;
type Asked = Pick<Dossier, "connectors" | "worklist">;

/** What each plug is plugged into before the work, where that is in the job: each has one mate, the first in canonical order that names it or is named. */
export const matesIn = ({ connectors }: Plugs): ReadonlyMap<ConnectorId, Connector> => matesAmong(connectors);
const matesAmong = once((connectors: readonly Connector[]): ReadonlyMap<ConnectorId, Connector> => {
  const byId = new Map(connectors.map((one) => [one.id, one]));
  const mates = new Map<ConnectorId, Connector>();
  for (const one of connectorsInOrder({ connectors })) {
    const mate = one.matesWith === null ? undefined : byId.get(one.matesWith);
    if (mate === undefined || mate === one || mates.has(one.id) || mates.has(mate.id)) continue;
    mates.set(one.id, mate);
    mates.set(mate.id, one);
  }
  return mates;
});
export const mateOf = (dossier: Plugs, { id }: Pick<Connector, "id">): Connector | null =>
  matesIn(dossier).get(id) ?? null;

/** Whether a plug of the vehicle goes into something of the vehicle that can stay or be taken away: a part that the job does not list, or a plug of another loom. */
export function hasPartBehind(dossier: Plugs, connector: Connector): boolean {
  if (connector.side !== "vehicle" || connector.leads !== "loom") return false;
  const mate = mateOf(dossier, connector);
  return mate === null || (mate.side === "vehicle" && mate.leads === "loom");
}

/** What becomes of what a plug goes into. Of two plugs that meet the answer stands at one of them; that they stay together holds for both. */
export function counterpartIn(dossier: Asked, connector: Connector): Counterpart | null {
  const own = counterpartOf(dossier.worklist, connector.id);
  const mate = mateOf(dossier, connector);
  if (mate === null) return own;
  // What comes in is no part of the vehicle that could stay or be taken away.
  if (mate.side === "incoming") return null;
  return counterpartOf(dossier.worklist, mate.id) === "stays" ? "stays" : own;
}

/** Whether a plug is taken away with its loom, since it is what another plug of the vehicle is parted from. */
export function goesAway(dossier: Asked, connector: Connector): boolean {
  const mate = mateOf(dossier, connector);
  return (
    mate !== null && hasPartBehind(dossier, mate) && counterpartOf(dossier.worklist, mate.id) === "leaves"
  );
}

/** Whether nobody has said yet what becomes of what is behind a plug. */
export const asksAfterPart = (dossier: Asked, connector: Connector): boolean =>
  hasPartBehind(dossier, connector) &&
  counterpartIn(dossier, connector) === null &&
  !goesAway(dossier, connector);

/** Whether every wire in a plug that nothing is decided of stays as it is: what is behind it stays, or it goes away with its loom. */
export const isKept = (dossier: Asked, connector: Connector): boolean =>
  connector.side === "vehicle" &&
  (counterpartIn(dossier, connector) === "stays" || goesAway(dossier, connector));

/** Whether its other half comes off and stays off. */
export const isParted = (dossier: Asked, connector: Connector): boolean =>
  counterpartIn(dossier, connector) === "leaves" || goesAway(dossier, connector);
export const parting = (dossier: Asked): ReadonlySet<ConnectorId> =>
  new Set(dossier.connectors.flatMap((one) => (isParted(dossier, one) ? [one.id] : [])));

/** Pins that need a decision and have none: occupied or never looked at. Where the part behind a plug stays, what is not decided stays. */
export function undecidedPins(dossier: Dossier): readonly PlacedPin[] {
  const decided = decisionByPin(dossier);
  return allPins(dossier).filter(
    ({ pin, connector }) => pin.content !== "empty" && !decided.has(pin.id) && !isKept(dossier, connector),
  );
}
