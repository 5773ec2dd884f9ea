import type { SignalClass } from "../model/index.ts";
import type { Scoring } from "./scoring.ts";

/** "Headlamp switch feed": what feeds a switch is no request to ground. */
export function bySwitchFeed({ usual, words, offer, clues }: Scoring): void {
  if (usual === "switched-ground" && clues.kinds.has("switch") && /^(feed|supply)$/.test(words.at(-1) ?? ""))
    offer("switched-supply", 5.8);
}

/** What a part carries that is none of its warning lamp's. */
const TOLD_OF: ReadonlySet<SignalClass> = new Set([
  "switched-supply",
  "battery",
  "ignition",
  "coil",
  "analog",
  "resistive-sensor",
]);
/** Words for the ends of a potentiometer that are not its wiper. */
const END_OF_POT = /\b(?:supply|feed|ground|minus|plus|5v|low|high|return|reference|switch|end)\b/;
/** "Work light switch, front": the last word that tells no place and no number. */
const isNoPlace = (word: string): boolean =>
  !/^(?:left|right|front|rear|inner|outer|upper|lower|driver|passenger|in|input|\d+)$/.test(word);
/** What hangs on the wire, where no thing is named, and the lamp that tells of a thing. */
export function byKind(own: Scoring): void {
  const { usual, isLamp, offer, words } = own;
  // "Glow plug warning light": what tells of a part is no wire of the part.
  const isListed = words.some((word, i) => word === "lamp" && words[i - 1] === "and");
  if (own.clues.kinds.has("telltale") && !isListed && usual !== undefined && !isLamp && TOLD_OF.has(usual))
    offer("switched-ground", 4.3);
  // "12V SW": volts that somebody switches are the key's where nothing else is named.
  if (usual === undefined && /^(plus )?(12|24)v switch$|^switch (12|24)v$/.test(words.join(" "))) {
    own.scores.delete("switched-ground");
    offer("ignition", 5.6);
    return;
  }
  // "+12V red": a supply, of which nobody says whether the key switches it.
  if (
    usual === undefined &&
    words.length > 0 &&
    words.every((word) => /^(plus|12v|24v|36v|48v|supply|red|in|input)$/.test(word)) &&
    words.some((word) => /^\d+v$/.test(word))
  ) {
    offer("battery", 3.6);
    offer("ignition", 3);
  }
  const { kinds } = own.clues;
  // "Oil pressure input": a sender's or a switch's.
  if (
    usual === "resistive-sensor" &&
    /^(?:in|input)$/.test(words.at(-1) ?? "") &&
    !kinds.has("sensor") &&
    !kinds.has("gauge")
  )
    offer("switched-ground", 3.6);
  // "Awning lamp switch": it feeds the lamp, or asks a module for it.
  if (isLamp && usual === "lamp-feed" && /^(switch|button)$/.test(words.findLast(isNoPlace) ?? ""))
    offer("switched-supply", 4.6);
  // "Clutch switch (+12 V, pedal at rest)": it gives what stands there.
  const isVolts = (word: string | undefined): boolean => /^(?:12|24|36|48)v$/.test(word ?? "");
  const givesPlus = words.some((word, i) => word === "plus" && isVolts(words[i + 1]));
  if (kinds.has("switch") && usual === "switched-ground" && givesPlus && !words.includes("ground"))
    offer("switched-supply", 6.4);
  // "Water valve, 36 V end": the end that is fed.
  if (words.some((word, i) => word === "end" && isVolts(words[i - 1]))) {
    own.scores.delete("switched-ground");
    offer("switched-supply", 6.6);
  }
  if (kinds.has("valve") && usual === undefined) offer("switched-ground", 3.6);
  // "Switch supply", "switch common, 12 V": what feeds the contacts.
  const isFed =
    /^(?:supply|feed)$/.test(words.findLast((word) => !isVolts(word)) ?? "") ||
    (words.includes("common") && words.some(isVolts));
  if (kinds.has("switch") && isFed && (usual === undefined || usual === "dry-contact")) {
    own.scores.delete("dry-contact");
    offer("switched-supply", 5);
  } else if (kinds.has("switch") && usual === undefined) offer("switched-ground", 3.2);
  if (kinds.has("lamp") && usual === undefined) offer("lamp-feed", 3.4);
  if (kinds.has("telltale") && usual === undefined) offer("switched-ground", 3.6);
  if (kinds.has("motor") && usual === undefined) offer("switched-supply", 3.4);
  if (kinds.has("sensor") && usual === undefined) offer("analog", 3);
}

/** A potentiometer has three ends, whatever is set with it: its wiper tells, one end is fed, the other leads back. */
export function byPotentiometer({ usual, words, has, offer }: Scoring): void {
  // A hand throttle is buttons or a potentiometer.
  if (usual === "switched-supply" && has("potentiometer", "knob", "dial")) {
    if (has("wiper", "signal")) offer("analog", 6.4);
    if (has("reference", "5v")) offer("sensor-supply", 6.8);
    if (has("0v", "ground", "return", "minus")) offer("sensor-return", 6.9);
  }
  if (!has("potentiometer")) return;
  // "Speed limit pot", "dash pot, fan speed, wiper".
  if (usual === "switched-ground" && !END_OF_POT.test(words.join(" "))) offer("analog", 6.6);
  if (usual === undefined) offer("analog", 3.6);
}
