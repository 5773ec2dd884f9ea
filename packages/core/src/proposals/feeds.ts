import {
  allPins,
  decisionPins,
  feedOf,
  isDeadEnd,
  isFeed,
  isSupply,
  pinName,
  supplyWords,
  type Dossier,
  type FeedClass,
  type JoinPointId,
  type PinId,
} from "../model/index.ts";
import { pinReader } from "../pairing/index.ts";

/** A place of the job that can give a feed: a supply or ground point, or a wire that is decided already and could be branched. */
export interface FeedPlace {
  readonly feed: FeedClass;
  /** "F22, 5 A, kick panel"; "B12.7, ignition feed". */
  readonly words: string;
  readonly at:
    { readonly kind: "point"; readonly point: JoinPointId } | { readonly kind: "wire"; readonly pin: PinId };
}

/** Where feeds can be taken from, as far as the job knows: supplies and ground points first, then wires of the vehicle that carry one. */
export function feedPlaces(dossier: Dossier): readonly FeedPlace[] {
  const points = dossier.points.flatMap((point): readonly FeedPlace[] => {
    const feed = feedOf(point);
    return feed === null ? [] : [{ feed, words: supplyWords(point), at: { kind: "point", point: point.id } }];
  });
  const read = pinReader(dossier);
  const live = new Set(dossier.decisions.filter((decision) => !isDeadEnd(decision)).flatMap(decisionPins));
  const wires = allPins(dossier)
    .filter(
      ({ connector, pin }) => connector.side === "vehicle" && pin.content === "occupied" && live.has(pin.id),
    )
    .map(read)
    .flatMap(({ placed, signal }): readonly FeedPlace[] =>
      isFeed(signal) && (isSupply(signal) || signal === "ground")
        ? [
            {
              feed: signal,
              words: [pinName(placed), placed.pin.function].filter(Boolean).join(", "),
              at: { kind: "wire", pin: placed.pin.id },
            },
          ]
        : [],
    );
  return [...points, ...wires];
}
