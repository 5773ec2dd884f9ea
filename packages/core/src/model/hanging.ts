import { leadPin, type Decision } from "./decision.ts";
import { fedLegs } from "./device.ts";
import type { JoinPointId, PinId } from "./ids.ts";
import type { FeedClass } from "./signal.ts";

/** What hangs on a supply or a ground point by a decision: a pin, or a terminal of the part between at its pin. */
export interface Hanging {
  readonly pin: PinId;
  /** Null for the pin itself. */
  readonly terminal: string | null;
  readonly feed: FeedClass;
  readonly decision: Decision;
}

/** Everything that hangs on each supply and ground point, in the order of the decisions. */
export function hangingOn(decisions: readonly Decision[]): ReadonlyMap<JoinPointId, readonly Hanging[]> {
  const hanging = new Map<JoinPointId, Hanging[]>();
  const hang = (supply: JoinPointId, one: Hanging): void => {
    hanging.set(supply, [...(hanging.get(supply) ?? []), one]);
  };
  for (const decision of decisions) {
    if (decision.kind === "feed" && decision.supply !== null)
      hang(decision.supply, { pin: decision.pin, terminal: null, feed: decision.feed, decision });
    if (!("device" in decision)) continue;
    for (const { terminal, feed, supply } of fedLegs(decision.device))
      hang(supply, { pin: leadPin(decision), terminal, feed, decision });
  }
  return hanging;
}
