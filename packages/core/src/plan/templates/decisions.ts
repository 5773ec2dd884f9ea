import { signalOf } from "../../meaning/index.ts";
import {
  isPowered,
  isSupply,
  leadPin,
  linkedPairs,
  type Decision,
  type OwnWord,
  type PinId,
  type PlacedPin,
} from "../../model/index.ts";
import { unreachable } from "../../util/index.ts";
import { inHand, type Draft } from "./draft.ts";
import { feedFrom, populated, reEnded } from "./fills.ts";
import { interrupted, joinTogether, theirHalfOf, type Phases } from "./joints.ts";
import { deadEndOf } from "./cuts.ts";

const work = (drafts: readonly Draft[]): Phases => ({ window: [], work: drafts });

/**
 * The steps that carry out one decision on its own, in the order of the hand. Empty for what stays as it is; terminals that
 * move are planned together in their chains, adapters at the work table.
 */
export function draftsOf(decision: Decision, pin: (id: PinId) => PlacedPin): Phases {
  switch (decision.kind) {
    case "join":
      return joinTogether([pin(decision.vehicle)], [pin(decision.incoming)], decision);
    case "merge":
      return joinTogether(decision.vehicle.map(pin), [pin(decision.incoming)], decision);
    case "split":
    case "tap":
      return joinTogether([pin(decision.vehicle)], decision.incoming.map(pin), decision);
    case "jumper":
      return joinTogether(decision.pins.map(pin), [], decision);
    case "series":
      return interrupted(pin(decision.vehicle), pin(decision.into), pin(decision.back), decision);
    case "cap":
    case "remove":
      return work(deadEndOf(decision, pin(decision.pin)));
    case "feed":
      return work(feedFrom(pin(decision.pin), decision.feed, decision.supply, theirHalfOf(decision)));
    case "populate":
      return work(populated(pin(decision.lead), pin(decision.cavity)));
    case "re-end":
      return work(reEnded(pin(decision.pin), decision.stud ?? null));
    case "mate":
    case "move":
    case "forbid":
    case "leave":
      return work([]);
    default:
      return unreachable(decision);
  }
}

/** The look or measurement that a doubtful decision needs before anything irreversible, and whether it takes the power on. */
export function checkOf(
  decision: Decision,
  pin: (id: PinId) => PlacedPin,
  words: readonly OwnWord[],
): { readonly powered: boolean; readonly draft: Draft } {
  const lead = pin(leadPin(decision));
  const signal = signalOf(lead, words);
  const powered =
    decision.kind !== "feed" && decision.kind !== "leave" && (isPowered(signal) || isSupply(signal));
  return {
    powered,
    draft: {
      kind: "check",
      role: "check",
      op: null,
      ...inHand(lead),
      partner: linkedPairs(decision)[0]?.[1] ?? null,
    },
  };
}
