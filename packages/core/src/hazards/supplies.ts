import type { Dossier, JoinPoint, JoinPointId } from "../model/index.ts";

export const pointsById = ({ points }: Pick<Dossier, "points">): ReadonlyMap<JoinPointId, JoinPoint> =>
  new Map(points.map((point) => [point.id, point]));
