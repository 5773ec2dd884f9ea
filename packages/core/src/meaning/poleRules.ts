import { isGeneric } from "./generic.ts";
import { forbidden } from "./marks.ts";
import { KEYS, type Scoring } from "./scoring.ts";

/** Where ground is the point itself, not the way back of a sensor. */
const GROUND_PLACES = new Set(
  "body chassis engine block stud bolt point pillar main power strut floor frame battery t31 house cabin tunnel sill wing panel bulkhead firewall".split(
    " ",
  ),
);

const SIGNAL_GROUND = /^(?:io|trigger|key|input|pulse|hall|potentiometer|temperature|reference|logic)$/;

/** What a mark in front of the text says. */
export function byMark(own: Scoring): void {
  const { things, thing, isLamp, has, offer } = own;
  const { mark } = own.clues;
  // "(-) horn out" and "(+) brake in": a module that gives or wants that polarity.
  if (
    mark === "minus" &&
    thing?.signal !== "ground" &&
    (!has("ground", "chassis") || (thing !== undefined && !isGeneric(thing)))
  )
    offer("switched-ground", 6.6);
  // "A/C request earth": what asks earths it.
  if (has("request") && own.words.at(-1) === "ground" && thing !== undefined && !isGeneric(thing)) {
    own.scores.delete("ground");
    offer("switched-ground", 7);
  }
  // "(-) supply": the way back of one.
  if (mark === "minus" && (thing === undefined || isGeneric(thing)) && has("supply")) {
    own.scores.delete("switched-ground");
    offer("ground", 6.4);
  }
  // "(+) Ignition 2 output": which key position it follows says more than its polarity.
  const isKeyed = KEYS.some((key) => own.sign(key) >= 4.5);
  if (mark === "plus" && things.length > 0 && !isKeyed) offer(isLamp ? "lamp-feed" : "switched-supply", 6.4);
}

/** What a word for ground or return says beside a thing. */
export function byReturn(own: Scoring): void {
  const { thing, usual, isSensor, isLamp, has, sign, beside, offer } = own;
  const { pole } = own.clues;
  const isPlace = (): boolean => beside("ground", GROUND_PLACES);
  // A ground word beside a sensor is the sensor's own return, unless it names a place of the car.
  if (sign("ground") >= 2.5 || has("return")) {
    const place = isPlace();
    if (isSensor && !place && (usual !== "vr-pair" || has("hall")) && usual !== "lamp-dimmer")
      offer("sensor-return", 6.6);
    if (usual === "vr-pair" && !place && has("return", "ground")) offer("sensor-return", 4.5);
    if (place && has("ground")) offer("ground", 6.5);
    if (isLamp && has("ground", "minus", "common", "return")) offer("ground", 5.8);
    // "Room lamp, ground side": what the door switches earth.
    if (thing?.name === "interior lamp" && /\bground side\b/.test(own.words.join(" "))) {
      own.scores.delete("ground");
      offer("switched-ground", 6.4);
    }
    // "MIL lamp ground": what the engine's computer lights it by.
    if (thing?.name === "malfunction indicator lamp" && own.words.at(-1) === "ground") {
      own.scores.delete("ground");
      offer("switched-ground", 6.6);
    }
  }
  // "Common earth for sensors": what several sensors hang on is never the car's own ground.
  if (
    (thing === undefined || isGeneric(thing)) &&
    has("sensor") &&
    has("ground", "return", "common") &&
    !isPlace()
  )
    offer("sensor-return", 7.2);
  // "I/O GND", "TRIG GND": of inputs and outputs, and maybe not of the power.
  const asked = own.words.length === 2 && own.words[1] === "ground" ? own.words[0] : undefined;
  if (asked !== undefined && SIGNAL_GROUND.test(asked)) offer("sensor-return", 5.6);
  // A ground that must not touch the car is the sensors' own.
  const never = forbidden(own.clues.tokens).map((at) => own.words[at] ?? "");
  if (has("ground") && never.some((word) => GROUND_PLACES.has(word))) offer("sensor-return", 7.2);
  if (sign("sensor-return") > 0 && has("power", "main", "body", "engine") && has("ground"))
    offer("ground", 6.4);
  // "Earth (signal)": the electronics' own; "earth signal" is one that somebody switches.
  const { tokens } = own.clues;
  if (
    tokens.length === 2 &&
    tokens[0]?.word === "ground" &&
    tokens[1]?.word === "signal" &&
    tokens[1].inBrackets
  ) {
    own.scores.delete("switched-ground");
    offer("sensor-return", 6.9);
    offer("ground", 6.4);
  }
  // "0 V" alone may be the power's or the sensors'; beside a sensor it is theirs.
  if (has("0v")) {
    if (has("sensor")) offer("sensor-return", 7);
    else if (own.words.length === 1) offer("ground", 6);
    else if (own.words.every((word) => word === "0v" || word === "common")) offer("ground", 6.4);
  }
  const isPickup = (usual === "vr-pair" && !has("hall")) || sign("vr-pair") >= 6;
  if (isPickup && (pole !== null || has("high", "low", "plus", "minus")) && sign("ground") < 5)
    offer("vr-pair", 7.4);
  if (
    has("return", "minus", "ground") &&
    thing === undefined &&
    (sign("resistive-sensor") > 0 || sign("analog") > 0)
  )
    offer("sensor-return", 6.6);
  if (
    has("return") &&
    thing !== undefined &&
    ["pwm", "switched-supply", "switched-ground"].includes(thing.signal) &&
    !isSensor
  )
    offer("ground", 6.7);
}

/** What a plus or minus says beside a thing. */
export function byPole(own: Scoring): void {
  const { thing, usual, isSensor, isLamp, has, sign, offer } = own;
  const { kinds, pole } = own.clues;
  // A Hall sensor has three wires, so its plus and minus feed it.
  const isHall = sign("hall") > 0 || (has("hall") && usual !== undefined);
  if (kinds.has("coil") && pole !== null && has("side")) {
    offer("coil", 7);
    offer(pole === "plus" ? "switched-supply" : "switched-ground", 6.7);
  }
  if (pole === "minus") {
    // "Main supply -": the supply's way back.
    if (usual === "battery" || ((thing === undefined || isGeneric(thing)) && sign("battery") > 0)) {
      own.scores.delete("battery");
      offer("ground", 7);
    }
    // "Fuel pump output (-)": a module that pulls down, no ground.
    if (thing !== undefined && !isGeneric(thing) && !isSensor && has("output", "input", "trigger", "drive"))
      offer("switched-ground", 6.9);
    if (isHall) offer("sensor-return", 6.8);
    else if (usual === "vr-pair" || usual === "audio" || sign("vr-pair") > 0)
      offer(usual === "audio" ? "audio" : "vr-pair", has("ground", "return") ? 6.2 : 7.3);
    else if (isSensor) {
      // "Oil pressure input (-)": an input that wants minus.
      if (usual === "resistive-sensor" && has("in", "input") && own.words.at(-1) === "minus")
        offer("switched-ground", 6.6);
      offer("sensor-return", 6.2);
    }
    // A motor that turns both ways has no ground of its own.
    else if (kinds.has("motor") && usual === "pwm") offer("pwm", 7.2);
    else if (
      isLamp ||
      kinds.has("motor") ||
      kinds.has("pump") ||
      usual === "pwm" ||
      usual === "switched-supply"
    )
      offer("ground", kinds.has("telltale") ? 3 : 5.2);
  }
  if (pole === "plus") {
    if (isHall) offer("sensor-supply", 6.8);
    else if (usual === "vr-pair" || usual === "audio" || sign("vr-pair") > 0)
      offer(usual === "audio" ? "audio" : "vr-pair", 6.8);
    // A piezo, a probe or a thermistor has two wires, and the plus is its signal.
    else if (isSensor && ["knock sensor", "oxygen sensor"].includes(thing?.family ?? ""))
      offer(usual ?? "analog", 5.4);
    else if (isSensor && usual === "resistive-sensor") offer("resistive-sensor", 5);
    else if (isSensor && usual !== "lamp-dimmer" && !kinds.has("switch")) offer("sensor-supply", 5.4);
    else if (kinds.has("motor") && usual === "pwm") offer("pwm", 5.6);
    else if (kinds.has("motor")) offer("switched-supply", 5);
    else if (isLamp) offer(usual ?? "lamp-feed", 5);
    else if (thing !== undefined && usual === "switched-ground") offer("switched-supply", 5);
  }
}
