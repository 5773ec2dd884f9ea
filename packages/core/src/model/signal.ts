import type { Volts } from "../util/index.ts";
/** What a wire carries, seen from its own connector. */
export const SIGNAL_CLASSES = [
  "battery",
  "accessory",
  "ignition",
  "run-not-crank",
  "start",
  "ground",
  "switched-supply",
  "switched-ground",
  "lamp-feed",
  "coil",
  "dry-contact",
  "sensor-supply",
  "sensor-return",
  "analog",
  "resistive-sensor",
  "vr-pair",
  "hall",
  "pwm",
  "can-h",
  "can-l",
  "lin",
  "k-line",
  "other-data",
  "audio",
  "shield",
  "lamp-dimmer",
  "charge-indicator",
  "unknown",
  "none",
] as const;
export type SignalClass = (typeof SIGNAL_CLASSES)[number];

/** Which way a wire works, seen from its own connector: `source` drives it, `load` takes from it. */
export const DIRECTIONS = ["source", "load", "both", "passive"] as const;
export type Direction = (typeof DIRECTIONS)[number];

/** What usually happens when the wire is left open (common practice, no source; the maker's sheet decides). */
export const OPEN_EFFECTS = [
  "dead",
  "module-dead",
  "no-start",
  "limp",
  "code",
  "poor-running",
  "lamp-off",
  "lamp-on",
  "reads-wrong",
  "memory-lost",
  "comfort-lost",
  "floats",
  "bus-silent",
  "noise",
  "charge-lost",
  "overheats",
  "restraint",
  "nothing",
] as const;
export type OpenEffect = (typeof OPEN_EFFECTS)[number];

/** Feeds that may be brought from elsewhere when the other loom has none. */
export const FEED_CLASSES = [
  "battery",
  "accessory",
  "ignition",
  "run-not-crank",
  "start",
  "ground",
  "sensor-supply",
  "sensor-return",
] as const satisfies readonly SignalClass[];
export type FeedClass = (typeof FEED_CLASSES)[number];

const SUPPLIES: readonly SignalClass[] = ["battery", "accessory", "ignition", "run-not-crank", "start"];
const DATA: readonly SignalClass[] = ["can-h", "can-l", "lin", "k-line", "other-data", "audio"];
const LOW_LEVEL: readonly SignalClass[] = [
  "sensor-supply",
  "sensor-return",
  "analog",
  "resistive-sensor",
  "vr-pair",
  "hall",
  "pwm",
];
const POWERED: readonly SignalClass[] = [...SUPPLIES, "switched-supply", "lamp-feed"];
const GROUNDED: readonly SignalClass[] = ["ground", "shield"];

export const isSupply = (signal: SignalClass): boolean => SUPPLIES.includes(signal);
/** Leads back to chassis: ground, or a shield that is tied to it. */
export const isGrounded = (signal: SignalClass): boolean => GROUNDED.includes(signal);
export const isLowLevel = (signal: SignalClass): boolean => LOW_LEVEL.includes(signal);
/** Carries the supply: a feed, a switched supply, a lamp's feed. */
export const isPowered = (signal: SignalClass): boolean => POWERED.includes(signal);
export const isData = (signal: SignalClass): boolean => DATA.includes(signal);
export const isFeed = (signal: SignalClass): signal is FeedClass =>
  (FEED_CLASSES as readonly SignalClass[]).includes(signal);

const FIVE_VOLT: readonly SignalClass[] = ["sensor-supply", "analog", "resistive-sensor"];
/** The highest voltage that a class usually carries, in V; null where it depends (common practice, no source). */
export function usualLevel(signal: SignalClass, nominalVolts: Volts): Volts | null {
  if (POWERED.includes(signal)) return nominalVolts;
  return FIVE_VOLT.includes(signal) ? 5 : null;
}

export type Fit = "same" | "compatible" | "device" | "poor" | "damage" | "unknown";

const COMPATIBLE: readonly (readonly [SignalClass, SignalClass])[] = [
  ["ignition", "run-not-crank"],
  ["accessory", "run-not-crank"],
  ["accessory", "ignition"],
  ["switched-supply", "lamp-feed"],
  ["switched-supply", "ignition"],
  ["switched-supply", "accessory"],
  ["switched-ground", "dry-contact"],
  ["switched-supply", "dry-contact"],
  ["switched-ground", "coil"],
  ["switched-supply", "coil"],
  ["analog", "resistive-sensor"],
  ["analog", "pwm"],
  ["hall", "pwm"],
  ["lamp-feed", "lamp-dimmer"],
  ["switched-ground", "charge-indicator"],
];
const WITH_DEVICE: readonly (readonly [SignalClass, SignalClass])[] = [
  ["switched-supply", "switched-ground"],
  ["switched-supply", "analog"],
  ["switched-supply", "pwm"],
  ["vr-pair", "hall"],
  ["lamp-feed", "switched-ground"],
];
const has = (
  pairs: readonly (readonly [SignalClass, SignalClass])[],
  a: SignalClass,
  b: SignalClass,
): boolean => pairs.some(([x, y]) => (x === a && y === b) || (x === b && y === a));

/**
 * How two signal classes go together when joined directly. "damage" means that current or level would hurt a part:
 * a supply onto ground, onto data or onto a low-level signal (common practice, no source). Symmetric.
 */
export function signalFit(a: SignalClass, b: SignalClass): Fit {
  if (a === "unknown" || b === "unknown" || a === "none" || b === "none") return "unknown";
  if (a === b) return "same";
  if (has(COMPATIBLE, a, b)) return "compatible";
  // A free contact passes on whatever is put to it.
  if ((a === "dry-contact" && POWERED.includes(b)) || (b === "dry-contact" && POWERED.includes(a)))
    return "compatible";
  if (has(WITH_DEVICE, a, b)) return "device";
  const oneWay = (x: SignalClass, y: SignalClass): boolean =>
    (POWERED.includes(x) &&
      (GROUNDED.includes(y) ||
        DATA.includes(y) ||
        LOW_LEVEL.includes(y) ||
        (isSupply(x) && y === "switched-ground"))) ||
    (GROUNDED.includes(x) && DATA.includes(y)) ||
    (GROUNDED.includes(x) && y === "sensor-supply");
  return oneWay(a, b) || oneWay(b, a) ? "damage" : "poor";
}
