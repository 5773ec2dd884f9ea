import { faceOf } from "../face/index.ts";
import type { PlacedPin } from "../model/index.ts";

/** Width in mm of the contact that a cavity takes, null when the shell does not say. */
export function contactAt({ pin, connector }: PlacedPin): number | null {
  const face = faceOf(connector);
  const index = face?.places.findIndex((place) => place.pin?.id === pin.id) ?? -1;
  const line = face?.places[index]?.slot.line;
  if (face === null || line === undefined) return null;
  const { pattern } = face.shell;
  if (pattern.kind === "rows") return pattern.rows[line]?.size ?? null;
  if (pattern.kind === "rings") return pattern.rings[line]?.size ?? null;
  return pattern.kind === "points" ? (pattern.points[index]?.size ?? null) : null;
}
/** Terminal systems that fit the connector. */
export const terminalsOf = ({ connector }: PlacedPin): readonly string[] => connector.shell?.terminals ?? [];
