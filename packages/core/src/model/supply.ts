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

/** Whether a class leads back and feeds nothing. */
export const isReturn = (feed: FeedClass): boolean => feed === "ground" || feed === "sensor-return";

/** What can be taken from a point; null for a splice, a part's terminal, and a supply of which nobody has said what it gives. */
export const feedOf = ({ kind, supply }: JoinPoint): FeedClass | null =>
  supply?.feed ?? (kind === "ground" ? "ground" : null);

/** What a point is to the copper around it: something that feeds, something that leads back, or neither. */
export function polarityOf(point: JoinPoint): "supply" | "ground" | null {
  const feed = feedOf(point);
  if (feed !== null) return isReturn(feed) ? "ground" : "supply";
  return point.kind === "supply" ? "supply" : null;
}

type Points = ReadonlyMap<JoinPointId, JoinPoint>;
/** A point and what is in front of it, one after the other; a ring, which only bad input has, is left where it closes. */
export function towardsSource(point: JoinPoint, points: Points): readonly JoinPoint[] {
  const line = [point];
  for (
    let at = points.get(point.supply?.behind ?? ("" as JoinPointId));
    at !== undefined && !line.includes(at);
  ) {
    line.push(at);
    at = points.get(at.supply?.behind ?? ("" as JoinPointId));
  }
  return line;
}

/** The fuse that protects what hangs on a point: its own, or the next one towards the source. Null where none is known. */
export const protecting = (point: JoinPoint, points: Points): JoinPoint | null =>
  towardsSource(point, points).find(({ supply }) => (supply?.fuse ?? null) !== null) ?? null;

/** Whether a fuse is fitted last, when everything that hangs on the supply is in place. One that is in already goes on feeding. */
export const hasFuseToFit = (point: JoinPoint, points: Points): boolean =>
  polarityOf(point) === "supply" && (protecting(point, points) ?? point).supply?.fuse?.fitted !== true;

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

/** The fuse that is fitted for a supply: its own, or the next one in front of it. */
export function fuseWordsIn(points: readonly JoinPoint[], id: JoinPointId | null): string {
  const point = points.find((one) => one.id === id);
  const fuse = point === undefined ? null : protecting(point, new Map(points.map((one) => [one.id, one])));
  return supplyWordsIn(points, fuse?.id ?? id);
}
