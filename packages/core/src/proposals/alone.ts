import { leftOpenOf } from "../meaning/index.ts";
import {
  isFeed,
  type Connector,
  type Dossier,
  type FeedClass,
  type OpenEffect,
  type PinId,
} from "../model/index.ts";
import { droppedOption, keepOutOf } from "../brief/index.ts";
import type { FeedPlace } from "./feeds.ts";
import { goesOnInItsLoom, type ReadPin } from "../pairing/index.ts";
import { hasSpentTerminal } from "./spentTerminal.ts";

/** What to do with a pin that has no partner. */
export interface SuggestedAlone {
  readonly pin: PinId;
  /** `identify`: nobody knows what it is, so it is measured first and nothing is done to it. */
  readonly proposal: "cap" | "leave" | "feed" | "identify" | "re-end";
  readonly why:
    | "no-partner"
    | "needs-feed"
    | "not-looked"
    | "spare"
    | "option-dropped"
    | "keep-out"
    | "nothing-known"
    | "ends-at-adapter"
    | "one-sided"
    | "terminal-spent"
    | "own-loom";
  /** What it needs, for a feed. */
  readonly feed: FeedClass | null;
  /** Places of this job that could give it, the nearest in meaning first. */
  readonly from: readonly FeedPlace[];
  /** What happens when it stays open, where the vocabulary knows. */
  readonly open: OpenEffect | null;
  /** The pin of the other side that it would go with best, and who has that one. */
  readonly nearest: { readonly pin: PinId; readonly takenBy: PinId | null } | null;
}

/** What stands around it. */
export interface Around {
  readonly dossier: Dossier;
  readonly places: readonly FeedPlace[];
  readonly nearest: SuggestedAlone["nearest"];
  readonly adapted: (connector: Connector) => boolean;
  /** What a relay's common needs, so that its contact gives what it is joined to. */
  readonly contactFeed: FeedClass | null;
  readonly isOneSided: boolean;
  /** Its part gives it itself: an output, or the reference of its sensors. */
  readonly isGiven: boolean;
  /** A bar in its plug joins it to what it cannot be joined to. */
  readonly isContradicted: boolean;
}

/** What is proposed for a pin without a partner, and why. */
export function aloneOf(
  own: ReadPin,
  { dossier, places, nearest, adapted, contactFeed: needed, isOneSided, isGiven, isContradicted }: Around,
): SuggestedAlone {
  const { placed, signal, reading } = own;
  const { pin, connector } = placed;
  const answer = (proposal: SuggestedAlone["proposal"], why: SuggestedAlone["why"]): SuggestedAlone => ({
    pin: pin.id,
    proposal,
    why,
    feed: proposal === "feed" ? (needed ?? (isFeed(signal) ? signal : null)) : null,
    from: proposal === "feed" ? places.filter((place) => place.feed === (needed ?? signal)) : [],
    open:
      proposal === "leave" && why !== "ends-at-adapter" && why !== "no-partner" ? null : leftOpenOf(reading),
    nearest: nearest === null ? null : { pin: nearest.pin, takenBy: nearest.takenBy },
  });
  if (keepOutOf(placed) !== null) return answer("leave", "keep-out");
  if (pin.content === "unknown") return answer("leave", "not-looked");
  // Its wire stays where it is, whatever else the job is about; a free lead has no terminal of this plug.
  if (connector.leads === "loom" && hasSpentTerminal(pin)) return answer("re-end", "terminal-spent");
  if (isOneSided) return answer("leave", "one-sided");
  if (isContradicted) return answer("identify", "nothing-known");
  if (signal === "none" || reading.thing?.name === "spare") return answer("leave", "spare");
  if (droppedOption(dossier, placed) !== null)
    return answer(connector.side === "vehicle" ? "leave" : "cap", "option-dropped");
  if (goesOnInItsLoom(own)) return answer("leave", "own-loom");
  if (connector.side === "incoming" && !isGiven && (needed !== null || isFeed(signal)))
    return answer("feed", "needs-feed");
  if (reading.text.trim() === "" && signal === "unknown") return answer("identify", "nothing-known");
  // Neither factory loom is worked on: what the adapter has no use for stays in its cavity, and ends there.
  if (connector.leads === "loom" && (dossier.head.method === "adapter" || adapted(connector)))
    return answer("leave", "ends-at-adapter");
  // A wire of a loom that nothing is made of stays in its plug; a free lead is capped.
  return answer(connector.leads === "loom" ? "leave" : "cap", "no-partner");
}
