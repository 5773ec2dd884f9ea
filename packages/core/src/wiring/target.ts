import { indexPins, pinName, type Dossier, type JoinPointKind, type PinId, type WireEnd } from "../model/index.ts";
import { sharedWith } from "./trace.ts";

/** Where a typed text says that a wire goes: a known end, or a point that is not there yet and what it seems to be. */
export type RunTarget =
  | { readonly kind: "end"; readonly end: WireEnd }
  | { readonly kind: "new-point"; readonly name: string; readonly pointKind: JoinPointKind }
  | { readonly kind: "no-such-cavity"; readonly connector: string; readonly cavity: string }
  | { readonly kind: "nothing" };

/** First letters of point names (common practice, no source): S splices, G, E and X grounds, B+ and 30 supplies. */
const guess = (name: string): JoinPointKind => (/^s/i.test(name) ? "splice" : /^[gex]\d/i.test(name) || /ground|earth|chassis/i.test(name) ? "ground" : /^(b\+|30|15|kl)/i.test(name) || /batt/i.test(name) ? "supply" : /stud|m\d/i.test(name) ? "stud" : "device");

/** Reads "S104", "B12.7", "B12 7", "capped", "loom". A connector's name with a cavity that it does not have is said, not made a point. */
export function readRunTarget(dossier: Dossier, text: string): RunTarget {
  const wanted = text.trim();
  const lower = wanted.toLowerCase();
  if (wanted === "") return { kind: "nothing" };
  if (lower === "bare" || lower === "capped" || lower === "insulated") return { kind: "end", end: { at: "loose", end: lower } };
  if (lower === "loom") return { kind: "end", end: { at: "loom" } };
  const point = dossier.points.find(({ name }) => name.toLowerCase() === lower);
  if (point !== undefined) return { kind: "end", end: { at: "point", point: point.id } };
  const pin = [...indexPins(dossier).values()].find((placed) => [pinName(placed), `${placed.connector.name} ${placed.pin.cavity}`].some((name) => name.toLowerCase() === lower));
  if (pin !== undefined) return { kind: "end", end: { at: "pin", pin: pin.pin.id } };
  const connector = dossier.connectors.find(({ name }) => lower.startsWith(`${name.toLowerCase()}.`) || lower.startsWith(`${name.toLowerCase()} `));
  if (connector !== undefined) return { kind: "no-such-cavity", connector: connector.name, cavity: wanted.slice(connector.name.length + 1).trim() };
  return { kind: "new-point", name: wanted, pointKind: guess(wanted) };
}

/** Pins of the same side with the same printed circuit number that are not known to be joined yet. */
export function sameCircuit(dossier: Dossier, pin: PinId): readonly PinId[] {
  const pins = indexPins(dossier);
  const here = pins.get(pin);
  if (here === undefined || here.pin.circuit === "") return [];
  const joined = new Set(sharedWith(dossier, pin));
  return [...pins.values()].flatMap(({ pin: other, connector }) => (other.id !== pin && other.circuit === here.pin.circuit && connector.side === here.connector.side && connector.id !== here.connector.id && !joined.has(other.id) ? [other.id] : []));
}

