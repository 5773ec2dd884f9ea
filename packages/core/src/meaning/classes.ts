import { isLowLevel, type SignalClass } from "../model/index.ts";
import type { Token } from "./lex.ts";
import type { Thing } from "./lexicon/index.ts";
import type { Kind } from "./meaning.ts";
import type { Match } from "./phrases.ts";

/** What speaks for the class of a wire, gathered from its text. */
export interface ClassClues {
  readonly tokens: readonly Token[];
  readonly signs: readonly Match[];
  readonly things: readonly Thing[];
  /** Things that stand in brackets or behind "from", "to", "via". */
  readonly aside: readonly Thing[];
  readonly kinds: ReadonlySet<Kind>;
  readonly pole: "plus" | "minus" | null;
  readonly contact: string | null;
  /** The text begins with "(-)" or "(+)": what a module gives or wants. */
  readonly mark: "plus" | "minus" | null;
  readonly spare: boolean;
  /** Places of the words that only tell where the wire comes from or goes to. */
  readonly asidePlaces: ReadonlySet<number>;
}

/** How much a sign of one word says; signs of several words say more. */
const SINGLE: Readonly<Record<string, number>> = {
  earthed: 6,
  sinks: 6.5,
  sink: 6.5,
  sinking: 6.5,
  opencollector: 6.5,
  ls: 5,
  hs: 5.5,
  npn: 6,
  pnp: 6,
  t31b: 6,
  t87: 6,
  bplus: 5.6,
  permanent: 5.6,
  constant: 5.4,
  unswitched: 6,
  memory: 4.6,
  battery: 4.6,
  t30: 6,
  always: 5,
  t15: 6,
  ignition: 4.7,
  keyed: 5,
  accessory: 5.6,
  t75: 6,
  radio: 3.4,
  reducer: 5,
  dropper: 5,
  crank: 4.8,
  start: 4.3,
  t50: 6,
  pwm: 5.2,
  duty: 5,
  pulse: 4.4,
  hall: 6.2,
  vr: 6.5,
  reluctor: 6.5,
  inductive: 5,
  ntc: 6,
  ptc: 6,
  thermistor: 5,
  ohm: 4.5,
  resistance: 4.5,
  analog: 5.4,
  range5v: 4.8,
  winding: 4.2,
  coil: 3.2,
  "0v": 5.5,
  dimmer: 5,
  dimming: 4.5,
  illumination: 4.2,
  dplus: 6,
  t61: 6,
  exciter: 5,
  wl: 5,
  ground: 5,
  t31: 6.2,
  bminus: 5.6,
  chassis: 3.2,
  frame: 2.6,
  body: 1.6,
  case: 2,
  return: 3.4,
  common: 2.4,
  minus: 2.6,
  supply: 2.6,
  hot: 2.8,
  "5v": 5,
  reference: 3.5,
  vcc: 6,
  diagnostic: 4.8,
  k: 3,
  bus: 3.5,
  data: 4,
  serial: 4.5,
  can: 4,
  shield: 5.8,
};
const STRONG: ReadonlySet<SignalClass> = new Set(["can-h", "can-l", "lin", "k-line", "shield"]);

/** Where ground is the point itself, not the way back of a sensor. */
const GROUND_PLACES = new Set(
  "body chassis engine block stud bolt point pillar main power strut floor frame battery t31 house cabin tunnel sill wing panel bulkhead firewall".split(
    " ",
  ),
);

const points = (
  { at }: Match,
  { tokens, asidePlaces }: Pick<ClassClues, "tokens" | "asidePlaces">,
  of: SignalClass,
): number => {
  const [first] = at;
  const token = first === undefined ? undefined : tokens[first];
  const word = token?.word ?? "";
  const base = at.length === 1 ? (SINGLE[word] ?? (STRONG.has(of) ? 7 : 4)) : at.length === 2 ? 6.2 : 6.8;
  const said = STRONG.has(of) && at.length > 1 ? base + 1 : base;
  // Behind a bracket stand remarks, but whoever writes there how it is switched means this wire.
  const isRemark = token?.inBrackets === true || at.every((place) => asidePlaces.has(place));
  return isRemark && of !== "switched-ground" && of !== "switched-supply" ? said * 0.62 : said;
};

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

function scoresOf(clues: ClassClues): Map<SignalClass, number> {
  const { tokens, signs, aside, kinds, pole, contact, mark, spare } = clues;
  const things = clues.things.length > 0 ? clues.things : aside.slice(0, 1);
  const scores = new Map<SignalClass, number>();
  const offer = (signal: SignalClass, score: number): void => {
    scores.set(signal, Math.max(scores.get(signal) ?? 0, score));
  };
  const has = (...words: readonly string[]): boolean => tokens.some(({ word }) => words.includes(word));
  if (spare) offer("none", 9);
  const [thing] = things;
  const signed = new Map<string, number>();
  for (const sign of signs) {
    if (sign.of === "none") continue;
    const of = sign.of as SignalClass;
    const score = points(sign, clues, of);
    if (score > (signed.get(of) ?? 0)) signed.set(of, score);
  }
  const sign = (of: SignalClass): number => signed.get(of) ?? 0;
  const isSensor =
    thing !== undefined &&
    !kinds.has("motor") &&
    (kinds.has("sensor") || (isLowLevel(thing.signal) && thing.signal !== "pwm"));
  const usual = thing?.signal;
  const isLamp =
    usual === "lamp-feed" ||
    usual === "lamp-dimmer" ||
    (usual === undefined && kinds.has("lamp") && !kinds.has("telltale"));
  const words = tokens.map(({ word }) => word);
  /** The word and its neighbour in one clause. */
  const beside = (word: string, others: ReadonlySet<string>): boolean =>
    words.some(
      (own, i) =>
        own === word &&
        [i - 2, i - 1, i + 1, i + 2].some(
          (at) =>
            others.has(words[at] ?? "") &&
            tokens[at]?.clause === tokens[i]?.clause &&
            !clues.asidePlaces.has(at),
        ),
    );

  for (const [of, score] of signed) offer(of as SignalClass, score);
  // A thing that only stands aside says what kind of wire it may be, no more.
  if (thing !== undefined && usual !== undefined && usual !== "unknown")
    offer(usual, isGeneric(thing) ? 5.6 : clues.things.length === 0 ? 3 : 4.2);

  // "(-) horn out" and "(+) brake in": a module that gives or wants that polarity.
  if (
    mark === "minus" &&
    thing !== undefined &&
    thing.signal !== "ground" &&
    (!has("ground", "chassis") || !isGeneric(thing))
  )
    offer("switched-ground", 6.6);
  if (mark === "plus" && things.length > 0) offer(isLamp ? "lamp-feed" : "switched-supply", 6.4);

  // A ground word beside a sensor is the sensor's own return, unless it names a place of the car.
  if (sign("ground") >= 2.5 || has("return")) {
    const place = beside("ground", GROUND_PLACES);
    if (isSensor && !place && usual !== "vr-pair" && usual !== "lamp-dimmer") offer("sensor-return", 6.6);
    if (usual === "vr-pair" && !place && has("return", "ground")) offer("sensor-return", 4.5);
    if (place && has("ground")) offer("ground", 6.5);
    if (isLamp && has("ground", "minus", "common", "return")) offer("ground", 5.8);
  }
  if (sign("sensor-return") > 0 && has("power", "main", "body", "engine") && has("ground"))
    offer("ground", 6.4);
  const isPickup = usual === "vr-pair" || sign("vr-pair") >= 6;
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
  if (kinds.has("coil") && pole !== null && has("side")) {
    offer("coil", 7);
    offer(pole === "plus" ? "switched-supply" : "switched-ground", 6.7);
  }
  if (pole === "minus") {
    if (usual === "vr-pair" || usual === "audio" || sign("vr-pair") > 0)
      offer(usual === "audio" ? "audio" : "vr-pair", 6.8);
    else if (isSensor) offer("sensor-return", 6.2);
    else if (kinds.has("motor") && usual === "pwm") offer("pwm", 5.6);
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
    if (usual === "vr-pair" || usual === "audio" || sign("vr-pair") > 0)
      offer(usual === "audio" ? "audio" : "vr-pair", 6.8);
    // A piezo, a probe or a thermistor has two wires, and the plus is its signal.
    else if (isSensor && ["knock sensor", "oxygen sensor"].includes(thing?.family ?? ""))
      offer(usual ?? "analog", 5.4);
    else if (isSensor && usual === "resistive-sensor") offer("resistive-sensor", 5);
    else if (isSensor && usual !== "lamp-dimmer") offer("sensor-supply", 5.4);
    else if (kinds.has("motor") && usual === "pwm") offer("pwm", 5.6);
    else if (kinds.has("motor")) offer("switched-supply", 5);
    else if (isLamp) offer(usual ?? "lamp-feed", 5);
    else if (thing !== undefined && usual === "switched-ground") offer("switched-supply", 5);
  }
  if (
    has("5v", "8v", "10v") &&
    !has("pulse", "logic", "signal", "range5v") &&
    (isSensor || has("out", "output", "reference", "supply", "feed", "power"))
  )
    offer("sensor-supply", 6.4);
  if (isSensor && has("supply", "power", "feed", "reference") && !has("low", "return", "ground", "control"))
    offer("sensor-supply", has("12v", "battery", "ignition") ? 4.4 : 6);

  // What a wire usually carries is not undone by how its driver is built.
  if (sign("switched-ground") > 0 && usual === "pwm" && has("ls", "output", "out")) offer("pwm", 6.9);
  if (sign("pwm") >= 5 && has("hs", "ls", "out", "output") && usual !== "switched-ground") offer("pwm", 6.9);
  if (isLamp && usual !== "lamp-dimmer" && sign("switched-supply") >= 5) offer("lamp-feed", 7);
  if (usual === "charge-indicator" && sign("ground") < 5) offer("charge-indicator", 6.6);
  if (sign("start") >= 4.3 && thing === undefined && sign("switched-supply") > 0) offer("start", 6.9);
  if (has("common") && thing === undefined && (sign("accessory") > 0 || sign("battery") > 0 || isLamp))
    offer("ground", 6.4);
  if (has("5v") && words[0] === "5v") offer("sensor-supply", 6.4);
  // What comes after a relay is switched, whatever it is called.
  if (
    sign("battery") > 0 &&
    [...clues.things, ...aside].some(({ name }) => name === "main relay") &&
    (has("from", "after") || has("feed", "output"))
  )
    offer("switched-supply", 7);
  if (has("from") && kinds.size >= 0 && beside("relay", new Set(["from"])) && sign("battery") > 0)
    offer("switched-supply", 6.9);

  // A control unit earths the winding of a relay; the other end is live (common practice).
  const relay = kinds.has("relay") || kinds.has("contactor");
  if (has("can", "j1939", "canbus") && has("high", "low") && sign("can-h") === 0 && sign("can-l") === 0)
    offer(has("high") ? "can-h" : "can-l", 8);
  if (relay && contact === null && thing?.name !== "starter relay") {
    offer("switched-ground", kinds.has("coil") || has("control", "driver", "trigger", "command") ? 5.4 : 4.9);
    if (has("output", "feed", "t87", "87") && !has("control")) offer("switched-supply", 5.6);
    if (pole === "plus" && kinds.has("coil")) offer("switched-supply", 5.8);
  }
  if (contact === "85") {
    offer("ground", 5.4);
    offer("switched-ground", things.length > 0 ? 5.6 : 4.8);
  }
  if (contact === "86") offer("switched-supply", 6);
  if (contact === "87" || contact === "87a") offer(isLamp ? "lamp-feed" : "switched-supply", 6.2);
  if (contact === "30") offer("battery", 6);
  if (kinds.has("valve") && usual === undefined) offer("switched-ground", 3.6);
  if (kinds.has("switch") && usual === undefined) offer("switched-ground", 3.2);
  if (kinds.has("lamp") && usual === undefined) offer("lamp-feed", 3.4);
  if (kinds.has("telltale") && usual === undefined) offer("switched-ground", 3.6);
  if (kinds.has("motor") && usual === undefined) offer("switched-supply", 3.4);
  if (kinds.has("sensor") && usual === undefined) offer("analog", 3);

  // Which key position a feed follows is told by words that overlap; the narrower one counts.
  const second =
    words.some((word, i) => word === "2" && words[i - 1] === "ignition") && !has("drops", "off", "dead");
  if (second && (has("crank", "start") || signs.some(({ of, at }) => of === "ignition" && at.length > 2))) {
    scores.delete("run-not-crank");
    scores.delete("start");
    offer("ignition", 6.6);
  } else if (
    sign("ignition") > 0 &&
    has("crank", "start") &&
    has("off", "drops", "dead", "not", "cuts", "lost", "interrupted")
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
      if (!has("off", "drops", "dead", "not")) scores.delete("run-not-crank");
    }
  }
  if (sign("start") > 0 && sign("ignition") > 0 && has("key") && !has("on", "run")) scores.delete("ignition");
  // "Ignition switch, ACC": the switch is the place, the position is what counts.
  if (beside("ignition", new Set(["switch"])) && sign("ignition") < 6.5) {
    const position = (["battery", "accessory", "start"] as const).find((one) => sign(one) >= 4.2);
    if (position !== undefined && sign("run-not-crank") === 0 && !has("on", "wake")) {
      scores.delete("ignition");
      offer(position, 6);
    }
  }
  if (sign("accessory") > 5 && has("ignition") && !has("run", "on")) scores.delete("ignition");
  // "12 V with key on": the key is what counts where no thing is named.
  if (
    thing === undefined &&
    (["battery", "ignition", "accessory", "run-not-crank"] as const).some((key) => sign(key) >= 6)
  )
    scores.set("switched-supply", Math.min(scores.get("switched-supply") ?? 0, 5));
  // "Switched earth" is more than earth, "12 V when on" more than 12 V.
  if (sign("switched-ground") >= 6) scores.delete("ground");
  if (sign("switched-supply") >= 6) {
    for (const feed of ["battery", "ignition", "accessory"] as const)
      if ((scores.get(feed) ?? 0) < 6) scores.delete(feed);
  }
  return scores;
}

/** Supplies, grounds and buses as things of their own: they serve whatever needs them. */
export const isGeneric = ({ family }: Pick<Thing, "family">): boolean => GENERIC.has(family);
const GENERIC = new Set([
  "constant supply",
  "ignition supply",
  "run supply",
  "accessory supply",
  "crank signal",
  "ground",
  "sensor return",
  "sensor supply",
  "can high",
  "can low",
  "lin bus",
  "diagnostic line",
  "serial data",
  "shield",
]);
