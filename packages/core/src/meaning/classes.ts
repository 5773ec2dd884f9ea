import type { SignalClass } from "../model/index.ts";
import type { ClassClues } from "./clues.ts";
import { isGeneric } from "./generic.ts";
import { byEnd } from "./endRules.ts";
import { byKind, byPotentiometer, bySwitchFeed } from "./kindRules.ts";
import { settleKeys } from "./keyRules.ts";
import { byMark, byPole, byReturn } from "./poleRules.ts";
import { scoringOf, type Scoring } from "./scoring.ts";

/** A text that begins with the supply of something. */
const SUPPLIES_FIRST = /^(?:plus )?(?:(?:5|8|10|12|24)v )?(?:plus )?(?:supply|feed|power)\b/;

/**
 * How likely each signal class is: signs in the words, what the thing usually carries, and what both say together. Points are
 * judgement (common practice, no source); their differences become odds.
 */
export function classesOf(clues: ClassClues): ReadonlyMap<SignalClass, number> {
  const scores = scoresOf(clues);
  const best = Math.max(0, ...scores.values());
  if (best === 0) return new Map([["unknown", 1]]);
  // What nothing speaks for is not known: one weak sign leaves half of it open.
  const weights = [...scores].map(([signal, score]) => [signal, Math.exp((score - best) * 1.3)] as const);
  const open = Math.exp((2.6 - best) * 0.9);
  const total = weights.reduce((sum, [, weight]) => sum + weight, open);
  return new Map([
    ...weights
      .map(([signal, weight]) => [signal, weight / total] as const)
      .filter(([, share]) => share > 0.01),
    ["unknown", open / total],
  ]);
}

function scoresOf(clues: ClassClues): ReadonlyMap<SignalClass, number> {
  const own = scoringOf(clues);
  for (const { of } of clues.signs)
    if (of !== "none") own.offer(of as SignalClass, own.sign(of as SignalClass));
  byThing(own);
  for (const rule of [
    byMark,
    byReturn,
    byPole,
    bySensorSupply,
    byDriver,
    byRelay,
    bySwitchFeed,
    byKind,
    byPotentiometer,
    byEnd,
  ])
    rule(own);
  settleKeys(own);
  return own.scores;
}

/** So much less speaks for what a thing usually carries where most of the text names something else. */
const DOUBTED = 0.3;
/** So much less speaks for what the second thing of an ambiguous word carries. */
const SECOND_CHOICE = 0.5;
/** What the thing usually carries; one that only stands aside says what kind of wire it may be, no more. */
function byThing({ thing, usual, offer, clues }: Scoring): void {
  if (thing === undefined || usual === undefined || usual === "unknown") return;
  const plain = clues.things.length === 0 ? 3 : 4.2 * (1 - DOUBTED * clues.doubt);
  offer(usual, isGeneric(thing) ? 5.6 : plain);
  // An alternator tells that it runs by the same wire as it lights its lamp.
  if (thing.name === "engine running") offer("charge-indicator", plain - SECOND_CHOICE);
  for (const { signal } of clues.either) if (signal !== "unknown") offer(signal, plain - SECOND_CHOICE);
}

/** What the volts of a sensor say. */
function bySensorSupply(own: Scoring): void {
  const { isSensor, has, sign, offer, words } = own;
  if (
    has("5v", "8v", "10v") &&
    !has("pulse", "logic", "signal", "range5v") &&
    (isSensor || has("out", "output", "reference", "supply", "feed", "power"))
  )
    offer("sensor-supply", 6.4);
  if (
    (isSensor || own.clues.kinds.has("sensor")) &&
    own.words.at(-1) === "12v" &&
    !has("signal", "output", "out", "from")
  )
    offer("sensor-supply", 8.4);
  // "HS OUT 6 sensor pwr, batt level": an output that gives the battery's voltage is no reference.
  if (
    sign("sensor-supply") > 0 &&
    has("battery", "bplus") &&
    has("hs", "hso", "out", "output") &&
    !has("5v", "8v", "10v")
  ) {
    own.scores.delete("battery");
    own.scores.delete("sensor-supply");
    offer("switched-supply", 7.4);
  }
  // "12 V feed for Hall sensor": what the text begins with.
  if (sign("hall") > 0 && SUPPLIES_FIRST.test(words.join(" "))) {
    own.scores.delete("hall");
    offer("sensor-supply", 7);
  }
  if (isSensor && words[0] === "12v" && has("switched", "supply", "feed", "power"))
    offer("sensor-supply", 8.4);
  if (isSensor && has("supply", "power", "feed", "reference") && !has("low", "return", "ground", "control"))
    offer("sensor-supply", has("12v", "battery", "ignition") ? 4.4 : 6);
}

/** What the output that drives the wire says, and what stands before a relay. */
function byDriver(own: Scoring): void {
  const { thing, usual, isLamp, words, has, sign, beside, offer, clues } = own;
  // What a wire usually carries is not undone by how its driver is built.
  if (sign("switched-ground") > 0 && usual === "pwm" && has("ls", "output", "out")) offer("pwm", 6.9);
  if (sign("pwm") >= 5 && has("hs", "ls", "out", "output") && usual !== "switched-ground") offer("pwm", 6.9);
  // "Fan PWM": nothing is said but that it pulses.
  if (
    usual === "switched-ground" &&
    words.length <= 3 &&
    words.at(-1) === "pwm" &&
    !has("ls", "hs", "out", "output")
  )
    offer("pwm", 7);
  if (isLamp && usual !== "lamp-dimmer" && sign("switched-supply") >= 5) offer("lamp-feed", 7);
  if (usual === "charge-indicator" && sign("ground") < 5) offer("charge-indicator", 6.6);
  // "24 V door": what the switch is fed with.
  if (/^(12|24)v$/.test(words[0] ?? "") && usual === "switched-ground" && words.length === 2)
    offer("switched-supply", 5);
  if (sign("start") >= 4.3 && thing === undefined && sign("switched-supply") > 0) offer("start", 6.9);
  if (has("common") && thing === undefined && (sign("accessory") > 0 || sign("battery") > 0 || isLamp))
    offer("ground", 6.4);
  if (has("5v") && words[0] === "5v") offer("sensor-supply", 6.4);
  // "Solenoid supply", "Purge 12 V": what feeds a part is not what drives it.
  const isDriven =
    thing === undefined
      ? clues.kinds.has("valve")
      : ["switched-ground", "pwm", "coil"].includes(thing.signal) && thing.direction === "source";
  const isFed = has("supply", "feed", "power") || /^(12|24)v$/.test(words.at(-1) ?? "");
  if (isDriven && isFed && !has("ground", "return", "control", "from", "to", "pull"))
    offer("switched-supply", 6.8);
  // "Fan motor output": what a module gives a motor is its supply.
  if (
    clues.kinds.has("motor") &&
    thing?.signal === "switched-ground" &&
    has("output", "out") &&
    !clues.kinds.has("relay")
  )
    offer("switched-supply", 6.6);
  // What comes after a relay is switched, whatever it is called.
  if (
    sign("battery") > 0 &&
    [...clues.things, ...clues.aside].some(({ name }) => name === "main relay") &&
    (has("from", "after") || has("feed", "output"))
  )
    offer("switched-supply", 7);
  // "ECU +12 via relay": behind it.
  if (has("via") && beside("relay", new Set(["via"])) && sign("battery") > 0 && sign("battery") < 6.9) {
    own.scores.delete("battery");
    offer("switched-supply", 6.9);
  }
  if (has("from") && beside("relay", new Set(["from"])) && sign("battery") > 0) offer("switched-supply", 6.9);
}

/** What a relay says: its winding, its contacts. */
function byRelay(own: Scoring): void {
  const { things, thing, words, isLamp, has, sign, offer } = own;
  const { kinds, pole, contact } = own.clues;
  // A control unit earths the winding of a relay; the other end is live (common practice).
  const relay = kinds.has("relay") || kinds.has("contactor");
  const [high, low] = [has("high") || words.at(-1) === "h", has("low") || words.at(-1) === "l"];
  if (has("can", "j1939", "canbus") && (high || low) && sign("can-h") === 0 && sign("can-l") === 0)
    offer(high ? "can-h" : "can-l", 8);
  if (relay && contact === null && thing?.name !== "starter relay") {
    offer("switched-ground", kinds.has("coil") || has("control", "driver", "trigger", "command") ? 5.4 : 4.9);
    if (has("output", "feed", "t87", "87") && !has("control")) offer("switched-supply", 5.6);
    if (pole === "plus" && kinds.has("coil")) offer("switched-supply", 5.8);
  }
  // "Fuel pump relay (-)": the end that somebody earths.
  if (relay && contact === null && pole === "minus" && !kinds.has("coil") && !has("ground", "supply", "feed"))
    offer("switched-ground", 7);
  if (relay && contact === null && sign("switched-ground") >= 5) offer("switched-ground", 7);
  if (contact === "85") {
    offer("ground", 5.4);
    offer("switched-ground", things.length > 0 ? 5.6 : 4.8);
  }
  if (contact === "86") offer("switched-supply", 6);
  if (contact === "87" || contact === "87a") offer(isLamp ? "lamp-feed" : "switched-supply", 6.2);
  if (contact === "30") offer("battery", 6);
}
