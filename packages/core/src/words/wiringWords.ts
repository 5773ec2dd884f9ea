import { colourInWords } from "../colour/index.ts";
import { pinName, type Dossier, type JoinPoint, type PinId, type PlacedPin } from "../model/index.ts";
import {
  sharedWith,
  stretchColour,
  stretches,
  trace,
  traceFrom,
  type Spot,
  type Stretch,
  type WiringLink,
} from "../wiring/index.ts";
import { JOIN_POINT_WORDS } from "./shellWords.ts";

/** "B12.7", "S104", "capped end", "runs on, not followed yet". */
export function spotWords(spot: Spot): string {
  switch (spot.at) {
    case "pin":
      return pinName(spot.placed);
    case "point":
      return spot.point.name;
    case "loose":
      return `${spot.end} end`;
    case "loom":
      return "continues, not traced yet";
  }
}

/** What stands beside the name: the function at a pin, the kind and place of a point. */
export function spotDetail(spot: Spot): string {
  if (spot.at === "pin")
    return [spot.placed.pin.function, spot.placed.connector.place].filter((part) => part !== "").join(", ");
  return spot.at === "point"
    ? [JOIN_POINT_WORDS[spot.point.kind], spot.point.place].filter((part) => part !== "").join(", ")
    : "";
}

/** "yellow, red stripe, 0.5 mm², circuit 212, twisted T1": the way along which a spot was reached. */
export function linkWords(link: WiringLink, pins: ReadonlyMap<PinId, PlacedPin>): string {
  if (link.by === "mated") return "through the plug";
  if (link.by === "bridge") return `bridged inside ${link.connector.name} while mated`;
  const { wire } = link;
  const colour = stretchColour(link, pins);
  const size =
    wire.size ?? wire.ends.flatMap((end) => (end.at === "pin" ? (pins.get(end.pin)?.pin.size ?? []) : []))[0];
  const circuit =
    wire.circuit ||
    wire.ends.flatMap((end) => (end.at === "pin" ? pins.get(end.pin)?.pin.circuit || [] : []))[0];
  return [
    colour === null ? "wire" : colourInWords(colour),
    size === undefined ? "" : `${size} mm²`,
    circuit ? `circuit ${circuit}` : "",
    wire.bundle === null
      ? ""
      : `${wire.bundle.kind === "twist" ? "twisted" : "shielded"} ${wire.bundle.name}`,
    wire.ends.length > 2 ? "forks" : "",
  ]
    .filter((part) => part !== "")
    .join(", ");
}

/** A followed wire as lines of text, indented by how far out each spot is. */
export function traceLines(whole: Stretch, pins: ReadonlyMap<PinId, PlacedPin>): readonly string[] {
  return stretches(whole).map(({ spot, link, depth, again }) => {
    const detail = spotDetail(spot);
    const way = link === null ? "" : ` over ${linkWords(link, pins)}`;
    return `${"  ".repeat(depth)}${spotWords(spot)}${detail === "" ? "" : ` (${detail})`}${way}${again ? ", reached before: a loop" : ""}`;
  });
}

/** "S104 is shared by 3 pins: Coolant temperature; Oil pressure; Fuel level."; what fails together when a splice or a ground does. */
export function pointWords(dossier: Dossier, point: JoinPoint): string {
  const whole = traceFrom(dossier, point.id);
  const reached =
    whole === null
      ? []
      : stretches(whole).flatMap(({ spot, again }) => (spot.at === "pin" && !again ? [spot.placed] : []));
  return reached.length === 0
    ? `No cavity is known at ${point.name}.`
    : `${point.name} ${reached.length === 1 ? "serves 1 pin" : `is shared by ${reached.length} pins`}: ${listed(reached)}.`;
}

/** "K.7 shares its copper with 2 pins: Level sender, left; Level sender, right."; null where a pin's copper goes nowhere else. */
export function sharedWords(
  dossier: Dossier,
  placed: PlacedPin,
  pins: ReadonlyMap<PinId, PlacedPin>,
): string | null {
  const others = sharedWith(dossier, placed.pin.id).flatMap((id) => pins.get(id) ?? []);
  if (others.length === 0) return null;
  return `${pinName(placed)} is joined to ${others.length === 1 ? "1 pin" : `${others.length} pins`}: ${listed(others)}.`;
}

/** "S104, LS-L.3, LS-R.3": everything that a pin's copper runs to in its own loom, nearest first; empty while nobody has followed it. */
export function goesTo(dossier: Dossier, pin: PinId): string {
  const whole = trace(dossier, pin, []);
  const spots =
    whole === null
      ? []
      : stretches(whole)
          .slice(1)
          .filter(({ again, spot }) => !again && spot.at !== "loom")
          .map(({ spot }) => spotWords(spot));
  return `${spots.slice(0, 6).join(", ")}${spots.length > 6 ? ` and ${spots.length - 6} more` : ""}`;
}

function listed(pins: readonly PlacedPin[]): string {
  const names = pins.map((placed) => placed.pin.function || pinName(placed));
  return `${names.slice(0, 4).join("; ")}${names.length > 4 ? ` and ${names.length - 4} more` : ""}`;
}
