import {
  allPins,
  decisionPins,
  isDeadEnd,
  isFeed,
  isSupply,
  pinName,
  type Dossier,
  type FeedClass,
} from "../model/index.ts";
import { pinReader } from "./readPin.ts";
import { readFunction } from "../meaning/index.ts";

/** A place of the job that can give a feed: a supply or ground point, or a wire that is decided already and could be branched. */
export interface FeedPlace {
  readonly feed: FeedClass;
  readonly name: string;
  readonly where: string;
}

/** A place that a feed can be taken from: "F22, kick panel". */
export const feedPlaceWords = ({ name, where }: FeedPlace): string =>
  where === "" ? name : `${name}, ${where}`;

/** Where feeds can be taken from, as far as the job knows: named points first, then wires of the vehicle that carry one. */
export function feedPlaces(dossier: Dossier): readonly FeedPlace[] {
  const points = dossier.points.flatMap((point): readonly FeedPlace[] => {
    const feed =
      point.kind === "ground"
        ? "ground"
        : point.kind === "supply"
          ? (readFunction(`${point.name} ${point.place}`, dossier.words).thing?.signal ?? "battery")
          : null;
    return feed !== null && isFeed(feed) ? [{ feed, name: point.name, where: point.place }] : [];
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
        ? [{ feed: signal, name: pinName(placed), where: placed.pin.function }]
        : [],
    );
  return [...points, ...wires];
}
