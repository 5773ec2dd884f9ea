import { sideOf } from "../meaning/index.ts";
import { isFeed, isPowered, type SignalClass } from "../model/index.ts";
import { once, present } from "../util/index.ts";
import type { ReadPin } from "./readPin.ts";

/** One wire of the vehicle may serve several incoming ones (common practice: loads that share a supply or a ground). */
const MAY_SPLIT: readonly SignalClass[] = [
  "battery",
  "accessory",
  "ignition",
  "run-not-crank",
  "start",
  "ground",
  "shield",
  "switched-supply",
  "lamp-feed",
  "lamp-dimmer",
  "sensor-supply",
  "sensor-return",
  "switched-ground",
  "dry-contact",
  "pwm",
];
/**
 * Several wires of the vehicle may end on one incoming one (common practice: grounds, what feeds several sensors, and switches that
 * mean the same).
 */
const MAY_MERGE: readonly SignalClass[] = [
  "ground",
  "shield",
  "sensor-supply",
  "sensor-return",
  "switched-ground",
  "dry-contact",
  "switched-supply",
  "lamp-feed",
];

/** So many wires meet in one joint at most; more want a stud or a bus bar (common practice, no source). */
const MOST_IN_JOINT = 4;
/** What every further wire at a joint costs, in tenths of a log-odds unit; it does not fall, so that the optimum stays exact. */
export const SURCHARGE = 16;

/** Turn lamps: one wire for both sides would light both. */
const ONE_SIDE_ONLY = /^turn /;

/** Switches that ground one lamp of the dash (common practice): handbrake and fluid level. */
const ONE_LAMP: ReadonlySet<string> = new Set(["brake warning"]);

/** What one switch feeds together: the lamps and whatever else wants to know (common practice). */
const FED_TOGETHER: ReadonlySet<string> = new Set(["reverse lamp"]);

/** What pins have in common that may share a joint, by each thing that a label names; empty where nothing may. */
const sharedKeys = once(({ signal, reading }: ReadPin): readonly string[] => {
  if (isFeed(signal) || signal === "shield") return [`feed ${signal}`];
  const family = reading.thing?.family ?? "";
  if (signal === "switched-ground" && ONE_LAMP.has(family)) return [family];
  const named = LISTS.test(reading.text) ? reading.things : reading.things.slice(0, 1);
  return named.flatMap((thing) => {
    if (ONE_SIDE_ONLY.test(thing.name) && sideOf(reading) === null) return [];
    if (!isPowered(signal)) return [`${thing.name} ${signal}`];
    return [`${FED_TOGETHER.has(thing.family) ? thing.family : (BESIDE[thing.name] ?? thing.name)} fed`];
  });
});
/** What hangs beside a lamp, on the wire that feeds it. */
const BESIDE: Readonly<Record<string, string>> = { "load resistor": "turn lamp" };
/** "Tail and number plate": one wire for each of two things. */
const LISTS = /[+&]| and /;

/** Where only one of two names a number or level, the other stands for all of them, and nobody knows whether one wire should. */
const tellsSame = ({ reading: a }: ReadPin, { reading: b }: ReadPin): boolean =>
  (["number", "level", "bank"] as const).every(
    (dimension) => a.which.has(dimension) === b.which.has(dimension),
  );

/** "Fog lamp feed in" and "fog lamp out": what comes into a part and what leaves it are two wires. */
const goesThrough = (a: ReadPin, b: ReadPin): boolean => isOnly("in", a) && isOnly("out", b);
const isOnly = (way: "in" | "out", { reading: { roles } }: ReadPin): boolean =>
  roles.has(way) && !roles.has(way === "in" ? "out" : "in");

/** "Fan output 1" and "fan output 2": each drives a wire of its own, whatever number the other side gives. */
const isNumberedOutput = ({ reading: { said } }: ReadPin): boolean => /\bout(?:put)? \d/.test(said);

/** Whether a wire may meet further branches: the same key, and never the lamps of both sides on one wire. */
export const mayShare = (wire: ReadPin, branch: ReadPin): boolean =>
  sharedKeys(wire).some((key) => sharedKeys(branch).includes(key)) &&
  !goesThrough(wire, branch) &&
  !goesThrough(branch, wire) &&
  (isFeed(wire.signal) || (tellsSame(wire, branch) && !isNumberedOutput(branch))) &&
  (!ONE_SIDE_ONLY.test(wire.reading.thing?.name ?? "") || sideOf(wire.reading) === sideOf(branch.reading));

/**
 * How many further joints each pin may take: the side with fewer wires of a key may share, the other may not, so that no group
 * ever has several wires on both sides. Gives counts for rows (splits) and columns (merges).
 */
export function furtherJoints(
  rows: readonly ReadPin[],
  columns: readonly ReadPin[],
  meets: (row: ReadPin, column: ReadPin) => boolean,
): { readonly rows: readonly number[]; readonly columns: readonly number[] } {
  const keyed = (pins: readonly ReadPin[]): Map<string, ReadPin[]> => {
    const byKey = new Map<string, ReadPin[]>();
    for (const pin of pins) {
      for (const key of sharedKeys(pin)) {
        const known = byKey.get(key);
        if (known === undefined) byKey.set(key, [pin]);
        else known.push(pin);
      }
    }
    return byKey;
  };
  const [left, right] = [keyed(rows), keyed(columns)];
  // "5 V out 2, pedal only" among sensors without a pedal: what meets no wire of the other side is none of those that share.
  const counted = (
    own: Map<string, ReadPin[]>,
    others: Map<string, ReadPin[]>,
    fits: (pin: ReadPin, other: ReadPin) => boolean,
  ): Map<string, number> =>
    new Map(
      [...own].map(([key, pins]) => [
        key,
        pins.filter((pin) => others.get(key)?.some((other) => fits(pin, other))).length,
      ]),
    );
  const ours = counted(left, right, meets);
  const theirs = counted(right, left, (column, row) => meets(row, column));
  const allowed = (
    pins: readonly ReadPin[],
    classes: readonly SignalClass[],
    mine: Map<string, number>,
    other: Map<string, number>,
  ): readonly number[] =>
    pins.map((pin) => {
      const keys = sharedKeys(pin);
      if (keys.length === 0 || !classes.includes(pin.signal)) return 0;
      const more = keys.map((key) => (other.get(key) ?? 0) - present(mine.get(key), "count"));
      // What names two things takes a wire of each.
      const met = keys.filter((key) => (other.get(key) ?? 0) > 0).length;
      return Math.max(0, Math.min(MOST_IN_JOINT - 1, Math.max(met - 1, ...more)));
    });
  return { rows: allowed(rows, MAY_SPLIT, ours, theirs), columns: allowed(columns, MAY_MERGE, theirs, ours) };
}
