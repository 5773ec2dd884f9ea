import type { JoinPointId } from "./ids.ts";
import type { FeedClass } from "./signal.ts";
import type { JoinPoint, Supply } from "./wiring.ts";

export const plainSupply = (feed: FeedClass): Supply => ({
  feed,
  volts: null,
  fuse: null,
  behind: null,
  trunk: null,
  through: null,
  aliases: [],
});

const isReturn = (feed: FeedClass): boolean => feed === "ground" || feed === "sensor-return";

/** What can be taken from a point; null for a splice, a part's terminal, and a supply of which nobody has said what it gives. */
export const feedOf = ({ kind, supply }: JoinPoint): FeedClass | null =>
  supply?.feed ?? (kind === "ground" ? "ground" : null);

/** What a point is to the copper around it: something that feeds, something that leads back, or neither. */
export function polarityOf(point: JoinPoint): "supply" | "ground" | null {
  const feed = feedOf(point);
  if (feed !== null) return isReturn(feed) ? "ground" : "supply";
  return point.kind === "supply" ? "supply" : null;
}

/** Whether a fuse is fitted last, when everything that hangs on the supply is in place. One that is in already goes on feeding. */
export const hasFuseToFit = (point: JoinPoint): boolean =>
  polarityOf(point) === "supply" && point.supply?.fuse?.fitted !== true;

/** A point with the rating of its fuse: "F22, 5 A". */
export function pointLabel({ name, supply }: JoinPoint): string {
  const amps = supply?.fuse?.amps ?? null;
  return amps === null ? name : `${name}, ${amps} A`;
}

/** The same with its place: "F22, 5 A, kick panel". */
export const supplyWords = (point: JoinPoint): string =>
  [pointLabel(point), ...(point.place === "" ? [] : [point.place])].join(", ");

/** The same for one of a job's points; "the supply" where it is not known which. */
export const supplyWordsIn = (points: readonly JoinPoint[], id: JoinPointId | null): string => {
  const point = points.find((one) => one.id === id);
  return point === undefined ? "the supply" : supplyWords(point);
};
