import type { ReadPin } from "../pairing/index.ts";
import { isGrounded, isLowLevel, isSupply, type FeedClass, type SignalClass } from "../model/index.ts";
import { loadOf, type LoadData } from "./usual.ts";

/** Supplies that the key switches, and the battery itself. */
export const RAILS = [
  "battery",
  "accessory",
  "ignition",
  "run-not-crank",
  "start",
] as const satisfies readonly FeedClass[];
export type Rail = (typeof RAILS)[number];

/** The two ends that a pin's wire may have: the loom behind it, and the part that it plugs into. */
export type PortEnd = "beyond" | "part";

/** What stands at the end of a wire, seen from the wire. */
export type PortKind =
  /** A supply of the vehicle. */
  | { readonly kind: "feed"; readonly rail: Rail }
  | { readonly kind: "ground" }
  /** The ground of the part itself: it leads back only where its own ground wires do. */
  | { readonly kind: "own-ground" }
  /** Takes from this wire and leads back to ground. */
  | { readonly kind: "load"; readonly load: LoadData }
  /** Hangs on a supply, and is worked by pulling this wire to ground. */
  | { readonly kind: "pulled-load"; readonly load: LoadData }
  /** Puts the supply on this wire while it is on. */
  | { readonly kind: "drives" }
  /** Pulls this wire to ground while it is on. */
  | { readonly kind: "pulls" }
  /** 5 V or the like for sensors. */
  | { readonly kind: "reference"; readonly volts: number }
  /** Carries a signal and stands no more than `most` V; null where nothing is known. */
  | { readonly kind: "signal"; readonly most: number | null };

/** An end of a wire in the network: what stands there, and the element that carries its current. */
export interface Port {
  /** Its node. */
  readonly node: string;
  readonly read: ReadPin;
  readonly end: PortEnd;
  readonly kind: PortKind;
  /** Which end drives this wire was only assumed. */
  readonly assumed: boolean;
  /** The copper that it hangs on. */
  readonly net: string;
  /** The element that works here, and the wire that leads to it, by name. */
  readonly element: string;
  readonly wire: string;
}

/** Whether what a port takes is only usual for its kind: nobody stated it. */
export const isUsualDraw = ({ kind }: Pick<Port, "kind">): boolean =>
  "load" in kind && kind.load.kind !== "listens" && !kind.load.stated;

/** A supply, a ground point or a fuse in the network. */
export interface PointElement {
  readonly element: string;
  readonly name: string;
  readonly polarity: "supply" | "ground";
  /** What is in front of it, and the copper that hangs on it: nodes. */
  readonly from: string;
  readonly net: string;
  /** Its fuse; null where there is none. */
  readonly fuse: { readonly amps: number | null } | null;
}

const FIVE_VOLT_BUS: ReadonlySet<SignalClass> = new Set(["can-h", "can-l"]);
/** Wires that are worked by pulling them to ground; an alternator that stands pulls the charge lamp's. */
export const PULLED: ReadonlySet<SignalClass> = new Set(["switched-ground", "coil", "charge-indicator"]);
const DRIVEN: ReadonlySet<SignalClass> = new Set(["switched-supply", "lamp-feed", "lamp-dimmer"]);
/** Above its level a low-level input is in danger, V. */
const FIVE = 5;

/** The end of a wire as its pin tells it, or null where it tells nothing that a circuit can hold. `gives`: whether it drives the wire. */
export function portOf(read: ReadPin, gives: boolean, nominalVolts: number): PortKind | null {
  const { signal } = read;
  if (isGrounded(signal)) return { kind: gives ? "ground" : "own-ground" };
  if (isSupply(signal))
    return gives
      ? { kind: "feed", rail: signal as Rail }
      : { kind: "load", load: loadOf(read, nominalVolts) };
  if (DRIVEN.has(signal))
    return gives ? { kind: "drives" } : { kind: "load", load: loadOf(read, nominalVolts) };
  if (PULLED.has(signal))
    return gives ? { kind: "pulls" } : { kind: "pulled-load", load: loadOf(read, nominalVolts) };
  if (signal === "sensor-return") return gives ? { kind: "ground" } : { kind: "signal", most: FIVE };
  if (signal === "sensor-supply")
    return gives
      ? { kind: "reference", volts: read.level.volts ?? FIVE }
      : { kind: "signal", most: read.level.volts ?? FIVE };
  if (isLowLevel(signal))
    return {
      kind: "signal",
      most: signal === "pwm" || signal === "hall" ? statedLevel(read) : (read.level.volts ?? FIVE),
    };
  return FIVE_VOLT_BUS.has(signal) ? { kind: "signal", most: FIVE } : null;
}
const statedLevel = ({ level }: ReadPin): number | null => (level.stated ? level.volts : null);
