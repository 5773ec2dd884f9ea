import {
  indexPins,
  pinName,
  pinSystem,
  type Dossier,
  type JoinPointKind,
  type LoomWire,
  type LoomWireId,
  type PinId,
  type PlacedPin,
  type WireEnd,
} from "../model/index.ts";
import { sharedWith } from "./trace.ts";

/** Where a typed text says that a wire goes: a known end, or a point that is not there yet and what it seems to be. */
export type RunTarget =
  | { readonly kind: "end"; readonly end: WireEnd }
  | { readonly kind: "new-point"; readonly name: string; readonly pointKind: JoinPointKind }
  | { readonly kind: "no-such-cavity"; readonly connector: string; readonly cavity: string }
  | { readonly kind: "nothing" };

/** First letters of point names (common practice, no source): S splices, G, E and X grounds, B+ and 30 supplies. */
const guess = (name: string): JoinPointKind => {
  if (/^s/i.test(name)) return "splice";
  if (/^[gex]\d/i.test(name) || /ground|earth|chassis/i.test(name)) return "ground";
  if (/^(b\+|30|15|kl)/i.test(name) || /batt/i.test(name)) return "supply";
  return /stud|m\d/i.test(name) ? "stud" : "device";
};

/** Reads "S104", "B12.7", "B12 7", "capped", "loom". A connector's name with a cavity that it does not have is said, not made a point. */
export function readRunTarget(dossier: Dossier, text: string): RunTarget {
  const wanted = text.trim();
  const lower = wanted.toLowerCase();
  if (wanted === "") return { kind: "nothing" };
  if (lower === "bare" || lower === "capped" || lower === "insulated")
    return { kind: "end", end: { at: "loose", end: lower } };
  if (lower === "loom") return { kind: "end", end: { at: "loom" } };
  const point = dossier.points.find(({ name }) => name.toLowerCase() === lower);
  if (point !== undefined) return { kind: "end", end: { at: "point", point: point.id } };
  const pin = [...indexPins(dossier).values()].find((placed) =>
    [pinName(placed), `${placed.connector.name} ${placed.pin.cavity}`].some(
      (name) => name.toLowerCase() === lower,
    ),
  );
  if (pin !== undefined) return { kind: "end", end: { at: "pin", pin: pin.pin.id } };
  const connector = dossier.connectors.find(
    ({ name }) => lower.startsWith(`${name.toLowerCase()}.`) || lower.startsWith(`${name.toLowerCase()} `),
  );
  if (connector !== undefined)
    return {
      kind: "no-such-cavity",
      connector: connector.name,
      cavity: wanted.slice(connector.name.length + 1).trim(),
    };
  return { kind: "new-point", name: wanted, pointKind: guess(wanted) };
}

/** What is said of a wire beside its ends; empty texts say nothing. */
export interface RunDetails {
  readonly colour: string;
  readonly circuit: string;
  /** Name of a twist ("T1") or, with an S first, of a shield ("S1"). */
  readonly bundle: string;
}

/** The wires that end at a pin. */
export const wiresAt = (dossier: Dossier, pin: PinId): readonly LoomWire[] =>
  dossier.wires.filter((wire) => wire.ends.some((end) => end.at === "pin" && end.pin === pin));

/** A wire from a pin to an end: the run of that pin that nobody had followed yet, now with its end, or else a new wire of this id. */
export function runTo(
  dossier: Dossier,
  { pin, connector }: PlacedPin,
  far: WireEnd,
  { colour, circuit, bundle }: RunDetails,
  id: LoomWireId,
): LoomWire {
  const open =
    far.at === "loom"
      ? undefined
      : wiresAt(dossier, pin.id).find((wire) => wire.ends.some((end) => end.at === "loom"));
  const wire: LoomWire =
    open === undefined
      ? {
          id,
          ends: [{ at: "pin", pin: pin.id }, far],
          colour: "",
          colourSystem: null,
          size: null,
          circuit: "",
          bundle: null,
        }
      : { ...open, ends: open.ends.map((end) => (end.at === "loom" ? far : end)) };
  return {
    ...wire,
    ...(colour === "" ? {} : { colour, colourSystem: pinSystem(pin, connector) }),
    ...(circuit === "" ? {} : { circuit }),
    ...(bundle === "" ? {} : { bundle: { kind: /^s/i.test(bundle) ? "shield" : "twist", name: bundle } }),
  };
}

/** Pins of the same side with the same printed circuit number that are not known to be joined yet. */
export function sameCircuit(dossier: Dossier, pin: PinId): readonly PinId[] {
  const pins = indexPins(dossier);
  const here = pins.get(pin);
  if (here === undefined || here.pin.circuit === "") return [];
  const joined = new Set(sharedWith(dossier, pin));
  return [...pins.values()].flatMap(({ pin: other, connector }) =>
    other.id !== pin &&
    other.circuit === here.pin.circuit &&
    connector.side === here.connector.side &&
    connector.id !== here.connector.id &&
    !joined.has(other.id)
      ? [other.id]
      : [],
  );
}
