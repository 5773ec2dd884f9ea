import type { ConnectorId, PinId } from "../model/index.ts";
import { pinOf } from "./finding.ts";
import type { JobNetwork } from "./jobNetwork.ts";
import type { OperatingPoint } from "./network.ts";

/** What a meter shows at a cavity against the battery's minus. */
export interface CavityVolts {
  readonly pin: PinId;
  /** V; null where the wire hangs on nothing. Of two ends that differ, the one further from nothing. */
  readonly volts: number | null;
  readonly live: boolean;
}

/** From this share of the nominal voltage on, a meter's needle is taken to say live (common practice, no source). */
const LIVE = 0.05;

/** The volts at every cavity of a plug whose wire is in the circuit, in the order of its table. */
export function liveNow(
  { ports }: Pick<JobNetwork, "ports">,
  { volts }: Pick<OperatingPoint, "volts">,
  connector: ConnectorId,
  nominalVolts: number,
): readonly CavityVolts[] {
  const found = new Map<PinId, number | null>();
  for (const port of ports) {
    if (port.read.placed.connector.id !== connector) continue;
    const own = volts.get(port.node) ?? null;
    const known = found.get(pinOf(port)) ?? null;
    if (known === null || (own !== null && Math.abs(own) > Math.abs(known))) found.set(pinOf(port), own);
  }
  const least = LIVE * nominalVolts;
  return [...found].map(([pin, value]) => ({
    pin,
    volts: value,
    live: value !== null && Math.abs(value) >= least,
  }));
}
