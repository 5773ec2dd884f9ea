import type { SignalClass } from "../model/index.ts";
import { isGeneric } from "./generic.ts";
import { KEYS, type Scoring } from "./scoring.ts";

const FED = new Set(["supply", "feed", "power", "hot", "powered"]);
const VOLTS = /^(12|24|36|48)v$/;
const EARTHS = new Set(["ground", "t31", "chassis", "mass", "0v"]);
const DRIVES = new Set(
  "control controlled trigger drive driver driven when if switched output out command ecu pull active".split(
    " ",
  ),
);
const FED_FROM =
  /\b(?:hot|feed|supply|power|plus|wire) from (?:the )?battery\b|\b(?:hot|feed|supply)\b.* from main fuse\b/;

/**
 * Which end of a load a wire is, as its words say: what feeds it, what drives it from the ground side, what leads back from it (common
 * practice, no source). "Fan motor hot lead" feeds it, whatever usually drives a fan; "relay coil, ground trigger" is driven, and no ground.
 */
export function byEnd(own: Scoring): void {
  const { thing, usual, isSensor, isLamp, words, has, sign, offer, scores } = own;
  const { kinds, tokens, contact, pole } = own.clues;
  byWayBack(own);
  neverFed(own);
  byHallEnd(own);
  // "Unlock pulse neg.": the output of an alarm that earths for a moment.
  if (has("pulse") && words.at(-1) === "minus" && !isSensor) {
    offer("switched-ground", 8);
    scores.delete("ground");
  }
  if (thing === undefined || isGeneric(thing) || usual === "coil") return;
  if (isSensor) {
    bySensorEnd(own);
    return;
  }
  const said = tokens
    .filter(({ inBrackets, clause }) => !inBrackets && clause === tokens[0]?.clause)
    .map(({ word }) => word);
  const [first, last] = [said[0] ?? "", said.at(-1) ?? ""];
  const isWound = (["relay", "contactor", "valve"] as const).some((kind) => kinds.has(kind));
  const isSwitch = kinds.has("switch") && !isWound;
  const isDriven =
    isWound || (thing.direction === "source" && (usual === "switched-ground" || usual === "pwm"));
  // A motor that turns both ways has two ends that are alike.
  if (kinds.has("motor") && usual === "pwm") return;

  // "Relay, ground trigger", "solenoid, earthed by the ECU", "output (ground)": somebody drives it.
  const isEarthed = has("ground", "earthed", "minus") && first !== "ground";
  if (isDriven && isEarthed && !isLamp && words.some((word) => DRIVES.has(word)) && !has(...FED)) {
    offer("switched-ground", 7.9);
    scores.delete("switched-supply");
    return;
  }
  // "Fuel pump relay ground side": the end that somebody earths.
  const isGroundSide = words.some((word, i) => word === "side" && EARTHS.has(words[i - 1] ?? ""));
  if (isWound && isGroundSide) {
    offer("switched-ground", 7.9);
    scores.delete("ground");
    return;
  }
  if (isWound && kinds.has("coil") && has("ground") && pole !== "plus" && contact === null)
    offer("switched-ground", 6.9);
  // "Pump relay earth": somebody earths it, or it is bolted down.
  else if (isWound && EARTHS.has(last) && contact === null && pole === null) offer("switched-ground", 7.3);
  // "Pump to earth", "washer motor 31", "pump 0 V": the way back of what is fed.
  const isTurning = kinds.has("motor") || kinds.has("pump");
  if (
    EARTHS.has(last) &&
    (usual === "switched-supply" || usual === "battery" || isTurning) &&
    !isSwitch &&
    sign("switched-ground") < 6
  ) {
    offer("ground", 7.4);
    scores.delete("sensor-return");
  }
  // "Fat live from battery to plugs": it comes from the battery itself.
  if (FED_FROM.test(said.join(" "))) {
    offer("battery", 7.6);
    return;
  }
  // "Fan motor hot lead", "horn 12 V", "feed to the washer motor".
  const isLoad = isDriven || isTurning || usual === "switched-supply" || usual === "switched-ground";
  const isFed = isSwitch
    ? VOLTS.test(last)
    : FED.has(last) || FED.has(first) || VOLTS.test(last) || VOLTS.test(first) || said.includes("hot");
  if (
    isLoad &&
    isFed &&
    !isLamp &&
    KEYS.every((key) => sign(key) < 4.3) &&
    !has("ground", "return", "control", "pull", "not", "minus", "request")
  )
    offer("switched-supply", isSwitch ? 6.4 : 7);
}

/** "Coolant sensor, other terminal", "MAP reference low", "coolant sender +": the ends of a sensor. */
function bySensorEnd({ usual, words, has, offer, scores }: Scoring): void {
  if (usual === "vr-pair" || usual === "lamp-dimmer") return;
  const isOther = words.some(
    (word, i) =>
      word === "other" &&
      (i === words.length - 1 ||
        /^(end|terminal|side|wire|pin|post|spade|contact)$/.test(words[i + 1] ?? "")),
  );
  // "Flow meter negative": the way back of what sends pulses.
  const isWayBack = /^(?:hall|pwm)$/.test(usual ?? "") && /^(?:minus|0v|return)$/.test(words.at(-1) ?? "");
  if (isWayBack || isOther || (has("reference") && has("low", "ground", "minus"))) {
    offer("sensor-return", 7.4);
    scores.delete("sensor-supply");
  } else if (
    usual === "resistive-sensor" &&
    words.at(-1) === "plus" &&
    !has("supply", "feed", "power", "5v")
  ) {
    // A sender that is a resistance has no supply of its own.
    offer("resistive-sensor", 7);
    scores.delete("sensor-supply");
  }
}

/** "HALL +5V", "hall sensor power", "dizzy hall black": of its three wires, which one. */
function byHallEnd({ thing, usual, offer, clues }: Scoring): void {
  const isHall = clues.tokens.some(({ word, inBrackets }) => word === "hall" && !inBrackets);
  if (!isHall || (usual !== "hall" && usual !== "vr-pair" && thing !== undefined && !isGeneric(thing)))
    return;
  const last = clues.tokens.findLast(({ inBrackets }) => !inBrackets)?.word ?? "";
  if (FED.has(last) || /^(?:vcc|plus|red|5v|8v|12v)$/.test(last)) offer("sensor-supply", 7.6);
  else if (WAY_BACK.test(last) || last === "black") offer("sensor-return", 7.6);
}

const FEEDS: readonly SignalClass[] = [...KEYS, "charge-indicator"];
const WAY_BACK = /^(?:return|ground|minus|mass|chassis|0v|31)$/;
/** "Inverter negative", "clock minus", "solar return": what a text calls the minus last is no feed, whatever usually feeds the part. */
function neverFed({ usual, thing, sign, offer, scores, isSensor, clues }: Scoring): void {
  const said = clues.tokens.filter(({ inBrackets }) => !inBrackets);
  const from = said.findIndex(({ word }) => word === "from");
  const last = said.at(from > 0 ? from - 1 : -1)?.word ?? "";
  if (
    !WAY_BACK.test(last) ||
    said.length < 2 ||
    isSensor ||
    /^(?:to|from|via)$/.test(said.at(-2)?.word ?? "")
  )
    return;
  const isFed = usual !== undefined && FEEDS.includes(usual);
  const keys = FEEDS.filter((key) => sign(key) > 0);
  if (!isFed && (keys.length === 0 || (thing !== undefined && !isGeneric(thing)))) return;
  if (sign("switched-ground") >= 6 || clues.kinds.has("switch") || clues.kinds.has("relay")) return;
  for (const key of FEEDS) scores.delete(key);
  // What starts, wakes or tells is asked for by its minus; the others are led back.
  offer(
    usual === "start" || usual === "charge-indicator" || thing?.name === "wake"
      ? "switched-ground"
      : "ground",
    7.2,
  );
}

/** "Return for permanent supply", "negative of the battery feed": the way back of a feed, never the feed. */
function byWayBack({ words, thing, has, sign, offer, scores }: Scoring): void {
  if (!/^(return|ground|minus)$/.test(words[0] ?? "") || words.length < 2) return;
  if (thing !== undefined && !isGeneric(thing)) return;
  const isSwitched = words[0] !== "return" && has("switched");
  if (isSwitched || has("sensor", "signal", "5v", "trigger") || sign("switched-ground") >= 6) return;
  const fed = (["battery", "ignition", "accessory"] as const).filter((key) => sign(key) > 0);
  if (fed.length === 0) return;
  for (const key of fed) scores.delete(key);
  offer("ground", 7);
}
