import type { FeedClass } from "../model/index.ts";
import type { ReadPin } from "./readPin.ts";

/** Number of the relay that a text names, empty where it names none. */
const relayOf = ({ reading }: ReadPin): string =>
  /\brel(?:ay|ais)?\.?\s*(\d+)\b/i.exec(reading.text)?.[1] ?? "";

/** Whether two pins are the two sides of one relay's contact: its common (30) and what it makes (87). */
export const isOneContact = (a: ReadPin, b: ReadPin): boolean =>
  a.placed.connector.id === b.placed.connector.id &&
  relayOf(a) === relayOf(b) &&
  ((isCommon(a) && isMake(b)) || (isMake(a) && isCommon(b)));
export const isCommon = ({ reading }: ReadPin): boolean => reading.contact === "30";
export const isMake = ({ reading }: ReadPin): boolean => reading.contact === "87";

/**
 * What a side of a free relay contact needs so that the other side gives what the wire joined to it wants: ground for one that is
 * worked by ground, else the constant supply (common practice). Null for pins that are no such side, or whose other side is joined to nothing.
 */
export function contactFeed(
  pin: ReadPin,
  links: readonly { readonly row: ReadPin; readonly column: ReadPin }[],
): FeedClass | null {
  if (!isCommon(pin) && !isMake(pin)) return null;
  const link = links.find(({ column }) => isOneContact(pin, column));
  if (link === undefined) return null;
  return link.row.signal === "switched-ground" || link.row.signal === "ground" ? "ground" : "battery";
}
