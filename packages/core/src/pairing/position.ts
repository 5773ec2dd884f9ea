import { isNewShell, pinsInOrder, type Connector, type Dossier, type PinId } from "../model/index.ts";
import type { ReadPin } from "./readPin.ts";

/** A wire of the vehicle and the lead of a pigtail, or the cavity of a new shell, in the same place. */
export interface Placed {
  readonly vehicle: PinId;
  readonly incoming: PinId;
}

/** Cavities by their labels; null where a connector has none or one of them twice. */
function cavitiesOf(connector: Connector): string | null {
  const labels = pinsInOrder(connector).map(({ cavity }) => cavity);
  return labels.length > 0 && new Set(labels).size === labels.length ? labels.join("\n") : null;
}

/**
 * A pigtail in place of a plug of the same cavities goes on wire by wire, 1 to 1 and 2 to 2, whatever the colours of the new leads
 * (common practice): where the job is a repair, one plug of the vehicle has the same cavities, and nobody wrote down what the leads do. The
 * wires of a broken shell go over into a new one in the same way.
 */
export function pairedByPosition(
  { head, connectors }: Pick<Dossier, "head" | "connectors">,
  left: readonly ReadPin[],
  right: readonly ReadPin[],
): readonly Placed[] {
  if (head.kind !== "connector-repair") return [];
  return connectors.flatMap((pigtail): readonly Placed[] => {
    const cavities = cavitiesOf(pigtail);
    if (pigtail.side !== "incoming" || cavities === null || pigtail.pins.some((pin) => pin.function !== ""))
      return [];
    const plugs = connectors.filter((one) => one.side === "vehicle" && cavitiesOf(one) === cavities);
    const [plug] = plugs;
    if (plug === undefined || plugs.length > 1) return [];
    const open = new Set(right.map(({ placed }) => placed.pin.id));
    return left
      .filter(({ placed }) => placed.connector.id === plug.id)
      .flatMap(({ placed: { pin } }) => {
        const there = pigtail.pins.find(({ cavity }) => cavity === pin.cavity);
        if (there === undefined || !(open.has(there.id) || isNewShell(pigtail))) return [];
        return [{ vehicle: pin.id, incoming: there.id }];
      });
  });
}
