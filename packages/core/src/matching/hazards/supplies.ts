import type { Dossier, JoinPoint, JoinPointId } from "../../model/index.ts";

type Points = ReadonlyMap<JoinPointId, JoinPoint>;
export const pointsById = ({ points }: Pick<Dossier, "points">): Points =>
  new Map(points.map((point) => [point.id, point]));

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
