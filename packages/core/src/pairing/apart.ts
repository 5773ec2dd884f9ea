import { isGeneric, oppositeOf, type Opposite } from "../meaning/index.ts";
import {
  isFeed,
  isLowLevel,
  isPowered,
  isSupply,
  signalFit,
  type Fit,
  type SignalClass,
} from "../model/index.ts";
import { classFit, ratio } from "./features.ts";
import type { ReadPin } from "./readPin.ts";
import type { Reason } from "./reason.ts";

/** From this likelihood on a join that would do damage is never proposed. */
const DAMAGE_LIKELY = 0.7;

/** What keeps two pins apart whatever else speaks for them: a join that does damage, texts that name opposite things, two sources. */
export function apartBy(left: ReadPin, right: ReadPin): Reason | null {
  const [a, b] = [left.reading, right.reading];
  if (classFit(left.classes, right.classes).damage >= DAMAGE_LIKELY) return unfit(left, right, "damage");
  if (isShort(left, right) || isShort(right, left)) return unfit(left, right, "damage");
  const opposite = oppositeIn(left, right);
  if (opposite !== null) return { kind: "opposite", ...opposite, weight: 0 };
  const isOneThing = a.thing?.name === b.thing?.name;
  if (a.pole !== null && b.pole !== null && a.pole !== b.pole && (left.signal === right.signal || isOneThing))
    return { kind: "poles", weight: 0 };
  const [end, far] = [endOf(left), endOf(right)];
  // A supply of sensors is no sensor's signal, whatever sensor that is.
  const isAnySensor = [a, b].some(({ thing }) => thing === null || isGeneric(thing));
  if ((isOneThing || isAnySensor) && end !== null && far !== null && end !== far)
    return { kind: "ends", left: END_WORDS[end], right: END_WORDS[far], weight: 0 };
  // "Fan relay coil feed" and "fan relay control": the two ends of one winding.
  const [fed, driven] = [windingEnd(left), windingEnd(right)];
  if (fed !== null && driven !== null && fed !== driven)
    return { kind: "ends", left: END_WORDS[fed], right: END_WORDS[driven], weight: 0 };
  // A shield meets a ground or another shield, and nothing that carries something.
  const shields = [left, right].filter(({ signal }) => signal === "shield");
  const areClear = isClear(left) && isClear(right);
  if (areClear && shields.length === 1 && left.signal !== "ground" && right.signal !== "ground")
    return unfit(left, right, "poor");
  // Two kinds of data line never talk to each other, and none is what something is switched with.
  if (areClear && (neverTalk(left, right) || neverTalk(right, left))) return unfit(left, right, "poor");
  const [one, other] = [relaySide(a), relaySide(b)];
  if (one !== null && other !== null && one !== other) return { kind: "relay-sides", weight: 0 };
  if (a.volts >= SUPPLY_VOLTS && b.volts >= SUPPLY_VOLTS && ratio(a.volts, b.volts) >= OTHER_SUPPLY)
    return { kind: "level", left: a.volts, right: b.volts, weight: 0 };
  if (
    left.signal === "sensor-supply" &&
    right.signal === "sensor-supply" &&
    givesForSure(left) &&
    givesForSure(right)
  )
    return { kind: "direction", both: "source", weight: 0 };
  if (kicksBack(left, right) || kicksBack(right, left)) return unfit(left, right, "damage");
  const heavy = tooHeavy(left, right) ?? tooHeavy(right, left);
  if (heavy !== null) return heavy;
  if (isHeaterOfRelay(a, b) || isHeaterOfRelay(b, a) || isForAnother(a, b) || isForAnother(b, a))
    return {
      kind: "other-function",
      left: a.thing?.name ?? a.text,
      right: b.thing?.name ?? b.text,
      weight: 0,
    };
  if (isShorted(left, right) || isShorted(right, left))
    return unfit(left, right, signalFit(left.signal, right.signal));
  return null;
}

const unfit = (left: ReadPin, right: ReadPin, fit: Fit): Reason => ({
  kind: "signal",
  fit,
  left: left.signal,
  right: right.signal,
  weight: 0,
});
const neverTalk = ({ signal: one }: ReadPin, { signal: other }: ReadPin): boolean =>
  DATA.has(one) && one !== other && (DATA.has(other) || SWITCHED.has(other));

/**
 * "Minus electronics" on "UB ECU": a text that names nothing but a ground never meets one that names nothing but a supply, however
 * unsure each is.
 */
const isShort = (
  { reading: { thing: one }, signal }: ReadPin,
  { reading: { thing: other }, signal: fed }: ReadPin,
): boolean =>
  signal === "ground" && one?.name === "ground" && isSupply(fed) && other !== null && isGeneric(other);

/** The minus of an ignition coil kicks to hundreds of volts, and an input for logic stands five (common practice, no source). */
const kicksBack = ({ signal, reading: one }: ReadPin, { reading: other }: ReadPin): boolean =>
  signal === "coil" &&
  one.pole === "minus" &&
  one.thing?.family === "ignition coil" &&
  (other.volts === 5 || /\blogic\b/.test(other.said));

/** A wire that keeps a memory or a clock is fused for less (common practice, no source). */
const HEAVY_AMPS = 20;
const KEEPS_MEMORY = /\b(?:back up|backup|memory|keep alive|clock)\b/;
/** So many times the feed's fuse is more than a fuse that was rounded down (common practice, no source). */
const FUSED_FOR_LESS = 2;
const ampsIn = ({ reading }: ReadPin): number =>
  Number(/(?<![\d.,])(\d{1,3}) ?a(?:mps?)?\b/i.exec(reading.text)?.[1] ?? 0);
/**
 * The amps that the one is fused for where the other cannot give them: "12 V constant, fuse 30 A at battery" on "+B (back up)", which
 * only keeps a memory, or on "Battery +, fuse 15 A".
 */
function tooHeavy(one: ReadPin, other: ReadPin): Reason | null {
  if (!isSupply(one.signal) || one.signal !== other.signal) return null;
  const [wanted, given] = [ampsIn(one), ampsIn(other)];
  if (one.signal === "battery" && wanted >= HEAVY_AMPS && KEEPS_MEMORY.test(other.reading.said))
    return { kind: "too-heavy", amps: wanted, fuse: null, weight: 0 };
  const isWanted = one.way.direction !== "source" && other.way.direction !== "load";
  return isWanted && given > 0 && wanted >= given * FUSED_FOR_LESS
    ? { kind: "too-heavy", amps: wanted, fuse: given, weight: 0 }
    : null;
}

/** Glow plugs draw far more than what works their relay. */
const isHeaterOfRelay = (one: ReadPin["reading"], other: ReadPin["reading"]): boolean =>
  one.thing?.name === "glow plug" && other.thing?.name === "glow plug relay" && one.signal !== other.signal;

/** "5 V, pedal only": the supply of one sensor and of no other. */
const isForAnother = (one: ReadPin["reading"], other: ReadPin["reading"]): boolean =>
  one.signal === "sensor-supply" &&
  /\bonly\b/.test(one.said) &&
  one.thing !== null &&
  other.thing !== null &&
  !isGeneric(one.thing) &&
  !isGeneric(other.thing) &&
  one.thing.name !== other.thing.name;

/** A switch that earths on an output that gives plus: pressed, it shorts that output. */
const isShorted = (one: ReadPin, other: ReadPin): boolean =>
  one.signal === "switched-ground" &&
  one.reading.kinds.has("switch") &&
  other.signal === "switched-supply" &&
  isClear(one) &&
  isClear(other) &&
  givesForSure(other);

const SWITCHED: ReadonlySet<SignalClass> = new Set(["switched-ground", "switched-supply", "lamp-feed"]);
const DATA: ReadonlySet<SignalClass> = new Set(["can-h", "can-l", "lin", "k-line", "other-data"]);

/** Which end of a part a wire is: what feeds it, what drives or tells, what leads back. Two ends of one part are never one wire. */
type End = "supply" | "signal" | "return";
const END_WORDS: Readonly<Record<End, string>> = {
  supply: "what feeds it",
  signal: "what drives it or tells of it",
  return: "what leads back from it",
};
/** Which end of a relay's winding a text names, if it names one of the two. */
function windingEnd(pin: ReadPin): End | null {
  const { kinds, roles, pole, volts } = pin.reading;
  if (!kinds.has("relay") && !kinds.has("contactor")) return null;
  // "Coil A1, 36 V from key" and "LSD 2, contactor".
  const isFed = kinds.has("coil") && pole === "plus" && volts >= SUPPLY_VOLTS;
  if (isFed && pin.signal === "switched-supply") return "supply";
  if (roles.has("out") && pin.signal === "switched-ground" && givesForSure(pin)) return "signal";
  if (roles.has("supply") === roles.has("control")) return null;
  return roles.has("supply") ? "supply" : "signal";
}
const CLEAR = 0.6;
const isSignalOnly = (signal: SignalClass): boolean =>
  isLowLevel(signal) && signal !== "pwm" && signal !== "sensor-supply" && signal !== "sensor-return";
const isClear = ({ classes, signal }: ReadPin): boolean => (classes.get(signal) ?? 0) >= CLEAR;
function endOf(pin: ReadPin): End | null {
  const { signal } = pin;
  const { roles, kinds, volts, thing } = pin.reading;
  // Hall pulses or plain ones: a signal either way.
  const isTold = (of: SignalClass): boolean => isSignalOnly(of) || (of === "pwm" && kinds.has("sensor"));
  // The minus of a pickup may be tied to the ground of its sensors.
  if (signal === "vr-pair" && pin.reading.pole === "minus") return null;
  const tells = [...pin.classes].reduce((sum, [of, p]) => sum + (isTold(of) ? p : 0), 0);
  if (tells >= CLEAR) return roles.has("supply") ? null : "signal";
  if (!isClear(pin)) return null;
  if (signal === "sensor-supply") return "supply";
  if (signal === "sensor-return") return "return";
  const ofSwitch = kinds.has("switch") ? SWITCH_SIDE.exec(pin.reading.said) : null;
  if (ofSwitch !== null && isPowered(signal)) return ofSwitch[1] === undefined ? "signal" : "supply";
  if (thing === null || isGeneric(thing)) return null;
  if (signal === "ground") return "return";
  if (isFeed(signal)) return null;
  // What a switch gives drives the next part.
  if (signal === "switched-supply" && !kinds.has("switch") && (roles.has("supply") || volts >= SUPPLY_VOLTS))
    return "supply";
  const isDriven = roles.has("control") || roles.has("signal") || kinds.has("coil");
  return (signal === "switched-ground" || signal === "pwm" || signal === "coil") && isDriven
    ? "signal"
    : null;
}

/** "Brake switch hot side", "brake switch feed" and "brake switch lamp side": the two ends of one switch. */
const SWITCH_SIDE = /\bswitch (?:(hot side|battery side|feed|supply)|(?:lamp|load|switched|output) side)$/;

/** From here on a voltage is a supply's; what runs on another one is another supply (common practice, no source). */
const SUPPLY_VOLTS = 9;
const OTHER_SUPPLY = 1.8;

/** Which side of a relay a text names: its coil (85, 86) or its contact (30, 87, 87a). */
function relaySide({ contact, kinds }: ReadPin["reading"]): "coil" | "contact" | null {
  if (contact !== null) return contact === "85" || contact === "86" ? "coil" : "contact";
  return kinds.has("relay") && kinds.has("coil") ? "coil" : null;
}

const givesForSure = ({ way }: ReadPin): boolean => way.direction === "source" && way.certain > 0.9;

/** Two texts that name opposite sides, levels or numbers. Grounds meet anywhere, and the number of a feed is only its place in a list. */
export function oppositeIn(left: ReadPin, right: ReadPin): Opposite | null {
  const shared = left.signal === right.signal ? left.signal : "unknown";
  if (shared === "ground") return null;
  const opposite = oppositeOf(left.reading.which, right.reading.which);
  return opposite?.dimension === "number" && isFeed(shared) ? null : opposite;
}
