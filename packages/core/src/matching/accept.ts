import type { Decision, Dossier, LeavingOpen, PinId } from "../model/index.ts";
import { present } from "../util/index.ts";
import type { SuggestedAlone, SuggestedGroup, SuggestedPair } from "./crosswalk.ts";
import { feedPlaceWords } from "./feeds.ts";
import type { SuggestedJumper } from "./jumpers.ts";

const common = { reason: "", answers: [] } as const;

/** The decision that a suggested pair stands for; a part between the wires needs a cut, whatever the job's method. */
export function decisionFromPair(pair: SuggestedPair, { head }: Pick<Dossier, "head">): Decision {
  const device = pair.device === null ? {} : { device: pair.device.device };
  return {
    kind: "join",
    vehicle: pair.vehicle,
    incoming: pair.incoming,
    method: pair.device === null ? head.method : "splice",
    sure: pair.sure,
    ...device,
    ...common,
  };
}

export function decisionFromGroup({ kind, pairs, sure, device }: SuggestedGroup): Decision {
  const between = device === null ? {} : { device: device.device };
  const [first] = pairs;
  const { vehicle, incoming } = present(first, "pair of a group");
  return kind === "split"
    ? { kind, vehicle, incoming: pairs.map((pair) => pair.incoming), sure, ...between, ...common }
    : { kind, vehicle: pairs.map((pair) => pair.vehicle), incoming, sure, ...between, ...common };
}

export const decisionFromJumper = ({ pins, sure }: SuggestedJumper): Decision => ({
  kind: "jumper",
  pins,
  sure,
  ...common,
});

/**
 * Cap, leave or feed as proposed; null for a wire that has to be identified first. A feed without a place to take it from still
 * blocks the work and asks for one.
 */
export function decisionFromAlone({ pin, proposal, feed, from, open, why }: SuggestedAlone): Decision | null {
  if (proposal === "identify") return null;
  const [place] = from;
  if (proposal === "feed" && feed !== null)
    return {
      kind: "feed",
      pin,
      feed,
      from: place === undefined ? "" : feedPlaceWords(place),
      sure: place === undefined ? "sure" : "check",
      ...common,
    };
  return leftOpen(proposal === "leave" ? "leave" : "cap", pin, why === "spare" ? null : open);
}

/** A pin that nothing is connected to, with what happens because of it. */
export const leftOpen = (kind: LeavingOpen["kind"], pin: PinId, open: SuggestedAlone["open"]): Decision => ({
  kind,
  pin,
  sure: "sure",
  ...(open === null ? {} : { open }),
  ...common,
});
