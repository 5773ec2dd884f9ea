import type { PlacedPin } from "../model/index.ts";
import { isUnmatched, leadOf, pinsOfRow, type CircuitRow } from "./rows.ts";

/** The words of the button that takes what a row suggests; empty when there is nothing to take. */
export function offerWords(row: CircuitRow): string {
  const { offer } = row;
  if (isUnmatched(row)) return "Choose its partner…";
  if (row.alone?.proposal === "identify") return "Measure and write it down…";
  const cavities = (pins: readonly PlacedPin[]): string => pins.map(({ pin }) => pin.cavity).join(" and ");
  switch (offer?.kind) {
    case undefined:
    case "forbid":
      return "";
    case "join":
    case "merge":
    case "split":
      return `Join ${cavities(row.vehicle)} to ${cavities(row.incoming)}`;
    case "move":
      return row.vehicle.length > 0 && row.incoming.length > 0
        ? `Move ${cavities(row.vehicle)} into ${cavities(row.incoming)} of the new shell`
        : `Move ${cavities(pinsOfRow(row))} in its plug`;
    case "populate":
      return `Put ${cavities(row.incoming)} into ${row.seat}`;
    case "re-end":
      return `New terminal on ${cavities(pinsOfRow(row))}`;
    case "tap":
      return `Tap ${cavities(row.vehicle)} for ${cavities(row.incoming)}`;
    case "mate":
      return "Mate them";
    case "series":
      return `Lead ${cavities(row.vehicle)} through ${cavities(row.incoming)}`;
    case "jumper":
      return `Join ${cavities(pinsOfRow(row))} in their plug`;
    case "feed":
      return row.seat === "" ? "Feed it from…" : `Feed it from ${row.seat}`;
    case "cap":
      return "Cap and tuck";
    case "remove":
      return "Take out of the loom";
    case "leave":
      return leadOf(row)?.pin.content === "unknown" ? "Leave unseen" : "Leave as it is";
  }
}
