import type { Scoring } from "./scoring.ts";

/** The lock and its switch, which have a constant supply as well. */
const AT_KEY = ["switch", "barrel", "lock", "key", "to"];
/** Words that only a constant supply goes by. */
const CONSTANT = [
  "battery",
  "constant",
  "permanent",
  "always",
  "t30",
  "memory",
  "unswitched",
  "bplus",
  "direct",
  "times",
];

/** Which key position a feed follows is told by words that overlap: the narrower one counts, and how a wire is switched is more than what it carries. */
export function settleKeys(own: Scoring): void {
  const { thing, words, has, sign, beside, offer, scores } = own;
  const { signs } = own.clues;
  // Which key position a feed follows is told by words that overlap; the narrower one counts.
  const second =
    words.some((word, i) => word === "2" && words[i - 1] === "ignition") &&
    !has("drop", "drops", "off", "dead");
  if (second && (has("crank", "start") || signs.some(({ of, at }) => of === "ignition" && at.length > 2))) {
    scores.delete("run-not-crank");
    scores.delete("start");
    offer("ignition", 6.6);
  } else if (second && has("coil")) {
    scores.delete("run-not-crank");
  } else if (second && sign("run-not-crank") > 0 && thing?.family !== "ignition coil") {
    scores.delete("ignition");
    offer("run-not-crank", 6.4);
  } else if (
    sign("ignition") > 0 &&
    has("crank", "start") &&
    has("off", "drop", "drops", "dead", "not", "cuts", "lost", "interrupted")
  ) {
    scores.delete("start");
    scores.delete("ignition");
    offer("run-not-crank", 6.8);
  } else if (sign("run-not-crank") >= 6) {
    scores.delete("start");
    scores.delete("ignition");
  } else if (sign("ignition") >= 4.5 && has("start", "crank")) {
    if (has("run", "on", "stays", "holds", "hot", "also", "still")) {
      scores.delete("start");
      if (!has("off", "drop", "drops", "dead", "not")) scores.delete("run-not-crank");
    }
  }
  // "Remote start contact": it asks for a start, and cranks nothing itself.
  if (thing?.name === "remote start input") scores.delete("start");
  if (sign("start") > 0 && sign("ignition") > 0 && has("key") && !has("on", "run", "t15"))
    scores.delete("ignition");
  // "Ignition switch, ACC": the switch is the place, the position is what counts.
  const atKey = new Set(["switch", "barrel"]);
  if ((beside("ignition", atKey) || beside("key", atKey)) && sign("ignition") < 6.5) {
    const position = (["battery", "accessory", "start"] as const).find((one) => sign(one) >= 4.2);
    if (position !== undefined && sign("run-not-crank") === 0 && !has("on", "wake")) {
      scores.delete("ignition");
      offer(position, 6);
    }
  }
  // "Heater supply +12 V ign": a supply by its name, a keyed one by what follows.
  if (has("ignition", "t15") && !has(...AT_KEY, ...CONSTANT) && sign("ignition") > 0)
    scores.delete("battery");
  // "IGN power supply for warning lamps", "injector power ignition": a feed that follows the key, whatever hangs on it.
  if (
    has("ignition") &&
    has("supply", "power", "feed") &&
    sign("ignition") > 0 &&
    sign("switched-supply") === 0 &&
    !has(...AT_KEY, "coil", "output", "out")
  )
    scores.delete("switched-supply");
  // "12 V reducer, 48 V in": what it is fed with.
  if (has("reducer", "dcdc", "converter") && has("in", "input") && has("24v", "36v", "48v")) {
    scores.delete("accessory");
    offer("battery", 5);
  }
  if (sign("accessory") > 5 && has("ignition") && !has("run", "on")) scores.delete("ignition");
  // "12 V with key on": the key is what counts where no thing is named.
  if (
    thing === undefined &&
    (["battery", "ignition", "accessory", "run-not-crank"] as const).some((key) => sign(key) >= 6)
  )
    scores.set("switched-supply", Math.min(scores.get("switched-supply") ?? 0, 5));
  // "Switched supply": switched by the key, but nobody says whether it is the radio's position.
  const ignition = scores.get("ignition") ?? 0;
  if (has("switched") && ignition >= 6 && !has("ignition", "key", "t15", "run", "crank", "start", "contact"))
    offer("accessory", ignition - 0.3);
  // "Switched feed on the key barrel": the key is what switches it.
  if (
    thing === undefined &&
    has("switched") &&
    has("key", "ignition") &&
    sign("switched-supply") > 0 &&
    sign("start") === 0
  ) {
    scores.delete("switched-supply");
    offer("ignition", 6.6);
  }
  // "Switched earth" is more than earth, "12 V when on" more than 12 V.
  if (sign("switched-ground") >= 6) scores.delete("ground");
  if (sign("switched-supply") >= 6) {
    for (const feed of ["battery", "ignition", "accessory"] as const)
      if ((scores.get(feed) ?? 0) < 6) scores.delete(feed);
  }
}
