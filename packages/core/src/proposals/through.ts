import { isFeed, speaksOfPart, type Half } from "../model/index.ts";
import { oppositeOf } from "../meaning/index.ts";
import type { ReadPin } from "../pairing/index.ts";

/** A part that one wire goes through: it comes in at one pin and goes on from another. */
export interface Through {
  readonly entry: ReadPin;
  readonly exit: ReadPin;
}

/** "Start IN" and "Start OUT" of one plug: the wire between them is opened, both are never put on it together. Null for other pins. */
export function throughOf(a: ReadPin, b: ReadPin): Through | null {
  if (a.placed.connector.id !== b.placed.connector.id) return null;
  const [one, other] = [a.reading, b.reading];
  if (
    one.thing === null ||
    one.thing.name !== other.thing?.name ||
    oppositeOf(one.which, other.which) !== null
  )
    return null;
  if (a.signal === "ground" || a.signal.startsWith("can-") || a.signal === "other-data") return null;
  const way = ({ roles }: ReadPin["reading"]): "in" | "out" | null => {
    if (roles.has("in") === roles.has("out")) return null;
    return roles.has("in") ? "in" : "out";
  };
  const [own, theirs] = [way(one), way(other)];
  if (own === null || theirs === null || own === theirs) return null;
  return own === "in" ? { entry: a, exit: b } : { entry: b, exit: a };
}

const GIVING_PARTS = /\b(?:switch|relay|fuse ?box|ecu|controller|module|battery|sensor|sender|key)\b/i;
const TAKING_PARTS =
  /\b(?:lamp|light|headlamp|motor|pump|solenoid|starter|horn|gauge|cluster|injector|coil|valve)\b/i;

/**
 * Which half of a wire carries what drives it once it is opened at this plug: as its words say ("to the starter", "from the key"), as the
 * contact or the part at the plug does, as somebody wrote down. Null where none of them tells; then it is measured.
 */
export function givingHalf({ placed, reading, direction, signal }: ReadPin): Half | null {
  const { pin, connector } = placed;
  if (/\bfrom\b/i.test(pin.function)) return "loom";
  if (/\bto\b/i.test(pin.function)) return "plug";
  if (reading.contact !== null) return reading.contact.startsWith("87") ? "plug" : "loom";
  if (/^87a?$/.test(pin.cavity) && /\brelay\b/i.test(connector.place)) return "plug";
  if (direction === "source" || direction === "load") {
    const partGives = (direction === "source") === speaksOfPart(connector);
    return partGives ? "plug" : "loom";
  }
  const part = `${connector.place} ${connector.module}`;
  if (GIVING_PARTS.test(part) && !isFeed(signal)) return "plug";
  if (TAKING_PARTS.test(part)) return "loom";
  return GIVING_PARTS.test(part) && signal === "start" ? "plug" : null;
}
