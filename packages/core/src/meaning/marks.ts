import { isGeneric } from "./generic.ts";
import type { Token } from "./lex.ts";
import type { Thing } from "./lexicon/index.ts";
import type { PartKind } from "../model/index.ts";
import type { Match } from "./phrases.ts";

/** "Tach in", "DIG IN 2", "5V out 1": a way; "in dash", "out of": none. */
export function endsHere(tokens: readonly Token[], at: number): boolean {
  const [own, next] = [tokens[at], tokens[at + 1]];
  return (
    next === undefined ||
    next.clause !== own?.clause ||
    next.kind === "number" ||
    next.kind === "amount" ||
    /^(plus|minus|a|b|front|left|right|rear|to|from)$/.test(next.word)
  );
}

/** What is told not to be done names nothing: "do not bolt to body". */
export function forbidden(tokens: readonly Token[]): readonly number[] {
  const from = tokens.findIndex(
    ({ word }, i) =>
      word === "never" ||
      word === "dont" ||
      (word === "not" && /^(do|to)$/.test(tokens[i - 1]?.word ?? tokens[i + 1]?.word ?? "")) ||
      (word === "not" && tokens[i + 1]?.word === "to"),
  );
  if (from < 0) return [];
  return tokens.flatMap((token, i) => (i >= from && token.clause === tokens[from]?.clause ? [i] : []));
}

/** A sign inside a longer name says nothing ("battery sensor"), but ground, return and how it is switched are never lost. */
export function isFree(
  { of, at }: Match,
  tokens: readonly Token[],
  contained: ReadonlySet<number>,
  nameWords: ReadonlySet<number>,
): boolean {
  if (of === "switched-ground" || of === "switched-supply" || of === "none")
    return !at.every((place) => contained.has(place)) || at.length > 1;
  if (!at.every((place) => contained.has(place))) {
    if (at.length > 1) return true;
    const word = tokens[at[0] ?? 0]?.word ?? "";
    return !nameWords.has(at[0] ?? -1) ||
      !/^(coil|start|radio|ignition|battery|alternator|diagnostic|dimmer|illumination|pulse)$/.test(word)
      ? true
      : /^(illumination|dimmer)$/.test(word);
  }
  return at.some((place) => /^(ground|return|common|earthed|0v)$/.test(tokens[place]?.word ?? ""));
}

/** The contact of a relay that the text names, or null. */
const CONTACTS = /^(30|85|86|87)$/;
export function contactOf(tokens: readonly Token[]): string | null {
  if (!tokens.some(({ word }) => word === "relay")) return null;
  for (const [i, { word, raw }] of tokens.entries()) {
    const plain = raw.replace(/^(kl|klemme|terminal|term)[. ]*/i, "");
    if (
      (CONTACTS.test(word) || /^t(30|85|86|87a?)$/.test(word) || plain === "87a") &&
      tokens[i - 1]?.word !== "to" &&
      tokens[i - 2]?.word !== "to" &&
      !/fuse|number/.test(tokens[i - 1]?.word ?? "")
    )
      return plain === "87a" ? "87a" : plain.replace(/\D/g, "");
  }
  return null;
}

/** The pole that the text gives to this wire: a plus or minus that belongs to no sign. */
export function poleOf(
  tokens: readonly Token[],
  signs: readonly Match[],
  contained: ReadonlySet<number>,
  asidePlaces: ReadonlySet<number>,
): "plus" | "minus" | null {
  const inSign = new Set(
    signs
      .filter(({ of, at }) => at.length > 1 && (of === "switched-ground" || of === "switched-supply"))
      .flatMap(({ at }) => at),
  );
  let pole: "plus" | "minus" | null = null;
  tokens.forEach(({ word, inBrackets, raw }, i) => {
    if (word !== "plus" && word !== "minus") return;
    if (inSign.has(i) && !contained.has(i)) return;
    if (inBrackets && !/^\(/.test(raw)) return;
    // "Revs from coil negative": the pole of another part; "data from plotter +": its own.
    const isLastSign = i === tokens.length - 1 && /^\s*[+\-–−]$/.test(raw);
    if (!inBrackets && asidePlaces.has(i) && !isLastSign) return;
    pole ??= word;
  });
  return pole;
}

const SPARE_FIRST =
  /^(spare|blank|plugged|nc|unused|not|empty|vacant|reserved|no|blanked|nothing|free|dummy|none|unassigned)$/;
const SPARE_LAST = /^(?:spare|unused|vacant|blanked)$/;
const PART = /^(switch|lever|valve|relay|solenoid|sensor|lamp|pump|motor|fuse|button|cable|module)$/;
const LEFT_OPEN = /^(?:taped?|coil|heat|cap|insulate|cut and)/;
/** Whether the whole text says that nothing is connected here. */
export function isSpare(
  tokens: readonly Token[],
  signs: readonly Match[],
  things: readonly Thing[],
  contact: string | null,
): boolean {
  // "Spare dash lamp, lights when grounded" is there for whoever wants it.
  if (signs.some(({ of, at }) => of === "switched-ground" && at.length > 1)) return false;
  const found = signs.filter(({ of }) => of === "none");
  const [first] = found;
  if (first === undefined) return false;
  const start = first.at[0] ?? 0;
  // "Emergency cut-off", "no drive while charging": what a wire does, and no want of one.
  const said = first.at.map((place) => tokens[place]?.word).join(" ");
  if (said === "cut off" && start > 0 && tokens[start - 1]?.clause === tokens[start]?.clause) return false;
  if (said === "no" && tokens[1]?.kind === "known") return false;
  if (start === 0 && SPARE_FIRST.test(tokens[0]?.word ?? "")) return tokens[1]?.word !== "wheel";
  if (contact === "87a") return true;
  // "Tarp motor spare", "DI 8 spare": said last, of the whole.
  const last = tokens.at(-1);
  if (last !== undefined && !last.inBrackets && SPARE_LAST.test(last.word)) return true;
  const inBrackets = tokens[start]?.inBrackets === true;
  // "Old headlamp plug (tape back)": what is to be done with the wire.
  if (inBrackets) return LEFT_OPEN.test(said);
  // "Clutch switch plug, nothing now": said of the whole, in a clause of its own.
  const { clause } = tokens[start] as Token;
  // "Cut-off lever switch" is a part.
  if (
    tokens.slice(start + first.at.length).some(({ word, clause: own }) => own === clause && PART.test(word))
  )
    return false;
  const alone = tokens.filter((token) => token.clause === clause).length <= first.at.length + 2;
  const opens = tokens[start - 1] !== undefined && tokens[start - 1]?.clause !== clause;
  return (alone || opens) && first.at.length > 1 && (things.length === 0 || clause > 0);
}

/** The volts that a text names, 0 where it names none. */
export function voltsOf(tokens: readonly Token[]): number {
  for (const { word } of tokens) {
    const volts = /^(\d+(?:[.,]\d+)?)v$/.exec(word);
    if (volts !== null) return Number((volts[1] ?? "0").replace(",", "."));
    if (word === "range5v") return 5;
  }
  return 0;
}

const SUPPLY_WORD =
  /gr(?:ou)?nd|gnd|earth|chassis|frame|body|batt?|b[-+]|supply|power|common|neg|pos|\b[03]1?\b/i;
/** "SW STEP (to GND)", "reed contact (neg)": what a switch closes to. */
const SWITCH_WORD = /\b(?:sw|switch|button|contact|reed|lever|micro)\b/i;
const TO_GROUND = /\(\s*(?:(?:closes )?to )?(?:gnd|ground|earth|neg(?:ative)?|minus|0 ?v|chassis|b-)\s*\)/i;
/**
 * "(-) horn out", "lock (-)", "dome (-) 500 mA": the polarity that a module's sheet puts before the function or behind it, or null. Behind
 * a load it may be the load's own pole, unless milliamperes stand beside it or the whole list marks its outputs so.
 */
export function markOf(
  text: string,
  kinds: ReadonlySet<PartKind>,
  things: readonly Thing[],
  listMarks = false,
): "plus" | "minus" | null {
  const [thing] = things;
  const behind = /[\p{L}\p{N}]\s*\(\s*([-–−+])\s*\)\s*(\d+ ?ma\b)?/iu.exec(text);
  const isSupply = thing === undefined ? SUPPLY_WORD.test(text) : isGeneric(thing);
  if (behind !== null && (listMarks || behind[2] !== undefined) && !isSupply)
    return behind[1] === "+" ? null : "minus";
  const isWorked =
    thing !== undefined &&
    /^switched-(?:supply|ground)$/.test(thing.signal) &&
    !(["motor", "pump", "lamp", "heater", "valve", "coil"] as const).some((kind) => kinds.has(kind));
  if (isWorked && /\(\s*[-–−]\s*\)\s*$/.test(text)) return "minus";
  // "Alarm horn, negative": how the list says "(-)".
  if (isWorked && /,\s*(?:neg(?:ative)?|minus|-ve)\s*$/i.test(text)) return "minus";
  if (/^\s*\(\s*[-–−]\s*\)/.test(text)) return "minus";
  if (SWITCH_WORD.test(text) && TO_GROUND.test(text)) return "minus";
  return /^\s*\(\s*\+\s*\)/.test(text) ? "plus" : null;
}
