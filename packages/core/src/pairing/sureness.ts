import { isGeneric, tellsApart } from "../meaning/index.ts";
import { isFeed, type SignalClass, type Sureness } from "../model/index.ts";
import { thingFit } from "./thingFit.ts";
import type { ReadPin } from "./readPin.ts";

/**
 * The case a pair must make before "sure" or "check" stands on it, in tenths of a log-odds unit. Read off the reliability of pairs on jobs that the fit
 * had not seen (docs/match.md): of sure ones 99 in 100 are right, of checked ones 9 in 10.
 */
export const SURE = 28;
export const CHECK = 15;
export function surenessAt(confidence: number): Sureness {
  if (confidence >= SURE) return "sure";
  return confidence >= CHECK ? "check" : "guess";
}

/** A text must be understood that far before anything on it is sure. */
const UNDERSTOOD = 0.6;
/** So much of a text that names no thing of its own. */
const WHOLE = 0.9;
/** So likely must a class be that was only read from the words. */
const CLASS_CERTAIN = 0.6;

/** "Earth for pin 9": a feed or return of one thing, not of whatever needs it. */
const SERVES_ONE = /\bfor\b/i;
/** The return of one feed of a socket, or of something that is not understood. */
const OF_ONE_FEED =
  /^(?:ground|return) (?:ignition|permanent|switched) supply|^(?!power|main|common)\w+ return$/;

/** Whether what was understood of two pins can carry "sure": no slip, no general word, both classes clear, and the same thing named on both sides. */
function mayBeSure(left: ReadPin, right: ReadPin): boolean {
  const both = [left, right];
  if (both.some(({ reading }) => reading.fuzzy || reading.vague || reading.understood < UNDERSTOOD))
    return false;
  if (areNumberedApart(left, right)) return false;
  if (isShownBy(left, right) || isShownBy(right, left)) return false;
  if (isWorkedBy(left, right) || isWorkedBy(right, left)) return false;
  if (both.some(({ classes, signal }) => signal === "unknown" || (classes.get(signal) ?? 0) < CLASS_CERTAIN))
    return false;
  if (left.reading.said !== "" && left.reading.said === right.reading.said) return true;
  if (both.some(({ reading }) => reading.either.length > 0)) return false;
  // "Horn" and "horn ground": the wire that is worked, or the one that leads back.
  if ((left.signal === "ground") !== (right.signal === "ground")) return false;
  if (hasOtherWords(left, right) || hasOtherWords(right, left)) return false;
  if (namesAnother(left, right) || namesAnother(right, left)) return false;
  const fit = thingFit(left.reading, right.reading);
  if (fit === "same") return true;
  // Supplies, grounds and buses name no other thing: their class is what they are, if no word is left that may tell them apart.
  return (
    fit === "neither" &&
    both.every(
      ({ reading }) =>
        reading.understood >= WHOLE &&
        reading.things.length > 0 &&
        reading.things.every(isGeneric) &&
        !SERVES_ONE.test(reading.text) &&
        !OF_ONE_FEED.test(reading.said),
    )
  );
}
/** "Gear oil alarm" and "oil alarm": a word that only one of them has may name another part. */
const hasOtherWords = ({ reading: a }: ReadPin, { reading: b }: ReadPin): boolean =>
  a.loose.some((word) => tellsApart(word) && !b.content.some((other) => other.word === word));

/** "ACT, A/C amplifier": a text that names a second thing, of which the other says nothing. */
const namesAnother = ({ reading: a }: ReadPin, { reading: b }: ReadPin): boolean =>
  a.things.some((thing) => !isGeneric(thing) && b.things.every(({ family }) => family !== thing.family));

/** "CAN 1" and "CAN 2": the numbers may be each maker's own, or tell two wires apart. */
function areNumberedApart({ reading: a }: ReadPin, { reading: b }: ReadPin): boolean {
  const [own, theirs] = [a, b].map(({ said }) => new Set(said.match(NUMBERS)));
  if (own === undefined || theirs === undefined || own.size === 0 || theirs.size === 0) return false;
  return [...own].every((number) => !theirs.has(number));
}
const NUMBERS = /(?<![\w.])\d{1,2}(?![\w.])/g;

/** A lamp or gauge here and the switch or sensor there: one wire often, but a second sensor may do the same for somebody else. */
const isShownBy = ({ reading: a }: ReadPin, { reading: b }: ReadPin): boolean =>
  (a.kinds.has("lamp") || a.kinds.has("telltale") || a.kinds.has("gauge")) &&
  (b.kinds.has("switch") || b.kinds.has("sensor") || b.kinds.has("valve")) &&
  !b.kinds.has("lamp") &&
  !b.kinds.has("gauge");
/** A switch or sensor here and a valve, motor or relay of the same name there: "lever lock switch" and "lever lock solenoid" are two wires as a rule. */
const isWorkedBy = ({ reading: a }: ReadPin, { reading: b }: ReadPin): boolean =>
  SENSES.some((kind) => a.kinds.has(kind) && !b.kinds.has(kind)) &&
  WORKS.some((kind) => b.kinds.has(kind) && !a.kinds.has(kind)) &&
  ![...a.kinds].some((kind) => b.kinds.has(kind));
const SENSES = ["switch", "sensor"] as const;
const WORKS = ["valve", "motor", "pump", "heater", "relay", "coil"] as const;
/** Letters here and numbers there for what works cylinder by cylinder: letters often follow the firing order, so which is which is a question (common practice, no source). */
export function areLettersForCylinders({ reading: a }: ReadPin, { reading: b }: ReadPin): boolean {
  if (!BY_CYLINDER.has(a.thing?.name ?? "") || !BY_CYLINDER.has(b.thing?.name ?? "")) return false;
  const isLettered = ({ which }: typeof a): boolean => which.has("letter") && !which.has("number");
  const isNumbered = ({ which, said }: typeof a): boolean =>
    !which.has("letter") && (which.has("number") || /(?:^| )[1-8]$/.test(said));
  return (isLettered(a) && isNumbered(b)) || (isNumbered(a) && isLettered(b));
}
const BY_CYLINDER = new Set(["injector", "ignition coil", "ignition trigger", "glow plug"]);

/** "Brake" and "brake warning lamp": the one may be the other, and as well something else. */
const isOneOfTwo = ({ reading: a }: ReadPin, { reading: b }: ReadPin): boolean =>
  (a.either.length > 0 || b.either.length > 0) && a.thing?.name !== b.thing?.name;

export const pairSureness = (
  confidence: number,
  left: ReadPin,
  right: ReadPin,
  contested: ReadonlySet<ReadPin>,
): Sureness => {
  if (areLettersForCylinders(left, right) || isOneOfTwo(left, right)) return "guess";
  const sure = surenessAt(confidence);
  if (sure !== "sure") return sure;
  const isOneOfSeveral =
    contested.has(left) && contested.has(right) && left.reading.said !== right.reading.said;
  return isOneOfSeveral || !mayBeSure(left, right) ? "check" : sure;
};

/**
 * Supplies of one class that stand on one side in several words: which of the other side's each goes to is not told by its class. Grounds
 * meet anywhere, unless a list numbers them: those are each the return of something.
 */
export function contestedSupplies(side: readonly ReadPin[]): readonly ReadPin[] {
  const isNumbered = ({ reading }: ReadPin): boolean => /\d/.test(reading.said);
  const grounds = side.filter(({ signal }) => signal === "ground");
  const returns = grounds.filter(isNumbered).length > 1 ? grounds : [];
  const supplies = [...side.filter(({ signal }) => isFeed(signal) && signal !== "ground"), ...returns];
  const words = new Map<SignalClass, Set<string>>();
  for (const { signal, reading } of supplies)
    words.set(signal, (words.get(signal) ?? new Set<string>()).add(reading.said));
  return supplies.filter(({ signal }) => (words.get(signal)?.size ?? 0) > 1);
}
