import { unreachable } from "../util/index.ts";
import { decisionIdOf, type DecisionId, type PinId } from "./ids.ts";
import type { FeedClass } from "./signal.ts";

/** `move`: release the terminal and insert it on the other side; `splice`: cut and join. */
export const METHODS = ["move", "splice"] as const;
export type Method = (typeof METHODS)[number];

export const SURENESS = ["sure", "check", "guess"] as const;
export type Sureness = (typeof SURENESS)[number];

/** A hazard of this decision that was accepted, with the reason. */
export interface HazardAnswer {
  readonly rule: string;
  readonly reason: string;
}

interface Common {
  readonly sure: Sureness;
  readonly reason: string;
  readonly answers: readonly HazardAnswer[];
}

/** What becomes of a pin. A pin named by no decision is undecided. */
export type Decision =
  | (Common & { readonly kind: "join"; readonly vehicle: PinId; readonly incoming: PinId; readonly method: Method })
  | (Common & { readonly kind: "cap"; readonly pin: PinId })
  | (Common & { readonly kind: "leave"; readonly pin: PinId })
  | (Common & { readonly kind: "feed"; readonly pin: PinId; readonly feed: FeedClass; readonly from: string });

export function decisionPins(decision: Decision): readonly PinId[] {
  switch (decision.kind) {
    case "join":
      return [decision.vehicle, decision.incoming];
    case "cap":
    case "leave":
    case "feed":
      return [decision.pin];
    default:
      return unreachable(decision);
  }
}

/** A decision is what it does to which pins: taken back and made again, it is the same decision and keeps its ticks. */
export function decisionId(decision: Decision): DecisionId {
  return decisionIdOf([decision.kind, ...decisionPins(decision)].join(":"));
}
