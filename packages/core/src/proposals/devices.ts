import { isFeed, isPowered, type InsertedDevice, type SignalClass } from "../model/index.ts";
import { dividerFor } from "../sizing/index.ts";
import { levelsDiffer, type ReadPin } from "../pairing/index.ts";

/** A part that belongs between two wires, and why. */
export interface ProposedDevice {
  readonly device: InsertedDevice;
  readonly why:
    | { readonly kind: "level"; readonly from: number; readonly onto: number }
    | { readonly kind: "polarity"; readonly left: SignalClass; readonly right: SignalClass }
    | { readonly kind: "current"; readonly needs: number; readonly gives: number }
    | { readonly kind: "waveform" }
    | { readonly kind: "two-sources" };
}

const is = (left: ReadPin, right: ReadPin, a: SignalClass, b: SignalClass): boolean =>
  (left.signal === a && right.signal === b) || (left.signal === b && right.signal === a);
/** The side that drives the wire: as written down, else the vehicle. */
const drives = (vehicle: ReadPin, incoming: ReadPin): "vehicle" | "incoming" =>
  vehicle.direction === "load" || incoming.direction === "source" ? "incoming" : "vehicle";

/** The part that a direct join of two pins would want between them, or null (common practice; the values are computed). */
export function deviceBetween(
  vehicle: ReadPin,
  incoming: ReadPin,
  nominalVolts: number,
): ProposedDevice | null {
  const source = drives(vehicle, incoming);
  if (is(vehicle, incoming, "vr-pair", "hall"))
    return {
      device: { kind: "converter", what: "a conditioner from a coil's wave to a square one" },
      why: { kind: "waveform" },
    };
  if (
    is(vehicle, incoming, "switched-supply", "switched-ground") ||
    is(vehicle, incoming, "lamp-feed", "switched-ground")
  ) {
    return {
      device: { kind: "relay", coil: source },
      why: { kind: "polarity", left: vehicle.signal, right: incoming.signal },
    };
  }
  const [from, onto] = source === "vehicle" ? [vehicle, incoming] : [incoming, vehicle];
  const byClass =
    is(vehicle, incoming, "switched-supply", "analog") || is(vehicle, incoming, "switched-supply", "pwm");
  if (byClass || levelsDiffer(vehicle, incoming)) {
    const high = from.level.volts ?? nominalVolts;
    const low = onto.level.volts ?? 5;
    if (low > 0 && low < high)
      return {
        device: isFeed(onto.signal)
          ? { kind: "regulator", volts: low }
          : {
              kind: "divider",
              ...dividerFor(Math.max(high, isPowered(from.signal) ? nominalVolts : 0), low),
            },
        why: { kind: "level", from: high, onto: low },
      };
    if (high > 0 && low > high)
      return { device: { kind: "relay", coil: source }, why: { kind: "level", from: high, onto: low } };
  }
  const gives = from.placed.pin.amps;
  const needs = onto.placed.pin.amps;
  return gives !== null && needs !== null && needs > gives
    ? { device: { kind: "relay", coil: source }, why: { kind: "current", needs, gives } }
    : null;
}

const ONWARD = /\blink\b|\bto (?:the )?(?:other|far|next|left|right)\b[^,;]*\blamps?\b/i;
/** A wire that only leads on to another part drives nothing: the link between two lamps in series (common practice, no source). */
const leadsOn = ({ direction, reading }: ReadPin): boolean =>
  direction === "load" || ONWARD.test(reading.text);

/** Wires that each drive one input would feed each other backwards: a diode in each, its band towards the input. */
const DRIVES: readonly SignalClass[] = ["switched-supply", "lamp-feed"];
const PULLS: readonly SignalClass[] = ["switched-ground", "dry-contact"];
export function deviceOfMerge(incoming: ReadPin, vehicle: readonly ReadPin[]): ProposedDevice | null {
  if (vehicle.filter((own) => !leadsOn(own)).length < 2) return null;
  if (DRIVES.includes(incoming.signal))
    return { device: { kind: "diodes", band: "incoming" }, why: { kind: "two-sources" } };
  // Switches to ground draw current out of the input: the band points to the switch.
  return PULLS.includes(incoming.signal)
    ? { device: { kind: "diodes", band: "vehicle" }, why: { kind: "two-sources" } }
    : null;
}
