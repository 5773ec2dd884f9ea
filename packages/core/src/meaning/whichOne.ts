import { hueBefore } from "./hues.ts";
import { namesCoil } from "./partsIn.ts";
import { gearLetter, letterPlace, restOf } from "./whichLetters.ts";
import type { Token } from "./lex.ts";

/**
 * Which one of several like things a text means: the side, the end, the level, the number. Nothing about two wires weighs as
 * much as that one is left and the other right, so these words are never outvoted.
 */
const DIMENSIONS = [
  "side",
  "end",
  "level",
  "height",
  "depth",
  "seat",
  "travel",
  "lock",
  "opening",
  "axis",
  "action",
  "port",
  "share",
  "shaft",
  "pad",
  "contact",
  "bank",
  "sensor",
  "number",
  "letter",
  "hue",
] as const;
export type Dimension = (typeof DIMENSIONS)[number];

/** What a text names in each dimension; a dimension that it says nothing of is left out. */
export type WhichOne = ReadonlyMap<Dimension, ReadonlySet<string>>;
/** Words of the lexicon by what they mean (common practice, no source). */
const WORDS: readonly (readonly [dimension: Dimension, value: string, words: string])[] = [
  ["side", "left", "left"],
  ["side", "right", "right"],
  ["end", "front", "front"],
  ["end", "rear", "rear back"],
  ["level", "high", "high fast"],
  ["level", "low", "low"],
  ["level", "medium low", "ml"],
  ["level", "medium", "medium"],
  ["level", "medium high", "mh"],
  ["height", "upper", "upper"],
  ["height", "lower", "lower"],
  ["depth", "inner", "inner"],
  ["depth", "outer", "outer"],
  ["seat", "driver", "driver"],
  ["seat", "passenger", "passenger"],
  ["travel", "up", "up raise upshift forward increase"],
  ["travel", "down", "down downshift reverse decrease rearward"],
  ["lock", "lock", "lock"],
  ["lock", "unlock", "unlock"],
  ["opening", "open", "open"],
  ["opening", "close", "closed"],
  ["port", "intake", "intake"],
  ["port", "exhaust", "exhaust"],
  ["share", "empty", "empty"],
  ["share", "a quarter", "quarter"],
  ["share", "a third", "onethird"],
  ["share", "half", "half"],
  ["share", "two thirds", "twothirds"],
  ["share", "three quarters", "threequarters"],
  ["share", "full", "full"],
  ["pad", "cushion", "cushion"],
  ["pad", "backrest", "backrest"],
  ["axis", "across", "horizontal"],
  ["axis", "up and down", "vertical"],
];
const MEANING = new Map(
  WORDS.flatMap(([dimension, value, words]) =>
    words.split(" ").map((word) => [word, [dimension, value]] as const),
  ),
);
type Corner = readonly [end: string, side: string];
/** Two places in two letters, which can mean nothing else. */
export const LETTER_CORNERS: Readonly<Record<string, Corner>> = {
  lf: ["front", "left"],
  fl: ["front", "left"],
  rf: ["front", "right"],
  lr: ["rear", "left"],
  rl: ["rear", "left"],
};
/** Two places in one word, as written. */
const CORNERS: Readonly<Record<string, Corner>> = {
  ...LETTER_CORNERS,
  lhf: ["front", "left"],
  rhf: ["front", "right"],
  lhr: ["rear", "left"],
  rhr: ["rear", "right"],
};
const GERMAN_CORNERS: Readonly<Record<string, Corner>> = {
  vl: ["front", "left"],
  vr: ["front", "right"],
  hl: ["rear", "left"],
  hr: ["rear", "right"],
};
const GERMAN =
  /schalter|leuchte|licht|geber|tür|fenster|heiz|masse|drehzahl|lampe|blink|brems|klemme|ventil|scheinwerfer|links|rechts|vorn|hinten|spiegel|sitz|zünd|lautsprecher|\b(?:li|re)\b/;

const NOT_SO: Readonly<Record<string, string>> = { open: "close", close: "open" };

/** Words that take another one out of its usual sense: "high side" is no level, "pulled up" no way to go. */
const NOT_BEFORE: Readonly<Partial<Record<Dimension, ReadonlySet<string>>>> = {
  level: new Set(
    "side range current res resolution impedance tension reference voltage active when equals is".split(" "),
  ),
  height: new Set(["dead", "tank"]),
  side: new Set(["over", "terminal"]),
  end: new Set("up emf quarter panel chassis".split(" ")),
  travel: new Set(["lamp", "to", "light"]),
  opening: new Set(["to", "when", "at", "with", "below", "above"]),
};
const NOT_AFTER: Readonly<Partial<Record<Dimension, ReadonlySet<string>>>> = {
  level: new Set("active when goes pulled drive equals no on is taken input".split(" ")),
  travel: new Set(
    "pulled pull wake back power pick warm start shut step lock hook set coiled tie line ramp made wired".split(
      " ",
    ),
  ),
  lock: new Set(
    "steering converter torque key ignition gear shift differential central inter cross axle fuel".split(" "),
  ),
  opening: new Set("normally collector when is if equals goes".split(" ")),
  end: new Set(["back", "way"]),
  side: new Set("terminal output charge usb data serial diagnostic com".split(" ")),
};
/** A number behind these is the number of a channel, a terminal, a fuse or a relay, and tells nothing of the function. */
const NO_NUMBER_OF_ITS_OWN = new Set(
  "to by from above below over under about max min and din dout di do ai ao dig in out input output digital an ana analog volt aux auxiliary ch channel ls hs pin way cavity contact fuse relay splice f g s x kl t via point plug circuit can canh canl table sheet page version order pulse rly terminal pwm com vr freq socket breaker trigger supply page ground power".split(
    " ",
  ),
);
const BANKS: Readonly<Record<string, string>> = { a: "1", b: "2" };
const ORDINALS: Readonly<Record<string, string>> = { first: "1", second: "2", third: "3", sub: "2" };
/** "12 V", "0.5 mm²", "4 pulses" are amounts, and so are the parts of a decimal number or of a range. */
const AMOUNT_OF = new Set(
  "v volt a amp w watt ma mm mv k ohm hz khz pulse per km kph mph rpm percent deg degree min s sec pin way ways bar door number order".split(
    " ",
  ),
);

/**
 * Reads the tokens of a text: "Blinker rechts" is the right one, "window up, LHF" names three. Words at `taken` places belong to the
 * name of a thing ("low beam") and name no level of their own.
 */
export function whichOne(
  tokens: readonly Token[],
  taken: ReadonlySet<number> = new Set(),
  isOxygen = false,
): WhichOne {
  const raw = tokens.map((token) => token.raw.toLowerCase());
  const isGerman = raw.some((word) => GERMAN.test(word));
  const found = new Map<Dimension, Set<string>>();
  const add = (dimension: Dimension, value: string): void => {
    found.set(dimension, (found.get(dimension) ?? new Set<string>()).add(value));
  };
  const counted = numberPlace(tokens, taken);
  tokens.forEach(({ word, kind }, i) => {
    const [before, after] = [tokens[i - 1]?.word ?? "", tokens[i + 1]?.word ?? ""];
    const written = raw[i] as string;
    const corner =
      tokens.length > 1 ? (CORNERS[written] ?? (isGerman ? GERMAN_CORNERS[written] : undefined)) : undefined;
    if (corner !== undefined && word === written) {
      add("end", corner[0]);
      add("side", corner[1]);
      return;
    }
    if (isGerman && written === "hi") return add("end", "rear");
    if (word === "canh" || word === "canl") return add("level", word === "canh" ? "high" : "low");
    if (/^s[1-4]$/.test(word) && before !== "number") return add("sensor", word.slice(1));
    if (before === "bank" && (kind === "number" || /^[ab]$/.test(word)))
      return add("bank", BANKS[word] ?? word);
    // DIN 72552 gives both sides of a lamp circuit one number: 58L, 58R.
    const terminal = /^t(?:49|54|56|57|58)?([lr])$|^(?:49|54|56|57|58)([lr])$/.exec(word);
    if (terminal !== null) return add("side", (terminal[1] ?? terminal[2]) === "l" ? "left" : "right");
    // The second speed of a wiper has a number of its own.
    if (word === "t53b" || word === "t53i") return add("level", "high");
    if (kind === "number" || ORDINALS[word] !== undefined) {
      const number = ORDINALS[word] ?? word;
      if (taken.has(i)) return;
      if (before === "stage" && Number(number) < 3) return add("level", number === "1" ? "low" : "high");
      if (after === "speed" && Number(number) < 3) return add("level", number === "1" ? "low" : "high");
      if (
        before === "speed" &&
        Number(number) < 3 &&
        tokens.some((token) => token.word === "fan" || token.word === "wiper")
      )
        return add("level", number === "1" ? "low" : "high");
      if (i === counted) add("number", number);
      return;
    }
    if (word === "driver" && before === "side") return;
    if (word === "turbine" || (word === "input" && after === "shaft")) return add("shaft", "input");
    if (word === "output" && after === "shaft") return add("shaft", "output");
    // A back light is a lamp behind a dial.
    if (written === "back" && /^(lamp|illumination|lit|feed)$/.test(after)) return;
    if (written === "driver" && !isOfTheCabin(tokens, i)) return;
    const hue = hueBefore(written, after);
    if (hue !== null) return add("hue", hue);
    const meaning = MEANING.get(word);
    if (meaning === undefined) return;
    const [dimension, own] = meaning;
    // "Door not closed": it is open.
    const value = before === "not" ? (NOT_SO[own] ?? own) : own;
    const isHowFull = dimension === "share" && tokens.some((token) => HOLDS_WATER.test(token.word));
    if (taken.has(i) && !isHowFull && (dimension !== "side" || /^(turn|t49)/.test(word))) return;
    if (
      NOT_BEFORE[dimension]?.has(after) === true ||
      (NOT_AFTER[dimension]?.has(before) === true && !isWholeSide(dimension, written))
    )
      return;
    add(dimension, value);
  });
  const letter = letterPlace(tokens);
  if (letter !== null) add("letter", letter);
  const contact = restOf(tokens);
  if (contact !== null) add("contact", contact);
  const gear = gearLetter(tokens);
  if (gear !== null) {
    found.delete("side");
    found.delete("letter");
    add("letter", gear);
  }
  if (isOxygen) {
    const end = [...(found.get("end") ?? [])];
    if (end.length === 1 && !found.has("sensor")) {
      add("sensor", end[0] === "front" ? "1" : "2");
      found.delete("end");
    }
    for (const [words, value] of [
      [["upstream", "pre"], "1"],
      [["downstream", "post"], "2"],
    ] as const)
      if (tokens.some(({ word }) => (words as readonly string[]).includes(word))) add("sensor", value);
  }
  return found;
}

/** A driver is a person where a window, seat, door or mirror is spoken of, and an output elsewhere. */
const isOfTheCabin = (tokens: readonly Token[], at: number): boolean =>
  tokens.some(({ word }, i) => i !== at && CABIN_WORD.test(word)) &&
  !/^(ls|hs|output|low|high|side|coil|relay)$/.test(tokens[at - 1]?.word ?? "");
export const CABIN_WORD =
  /^(door|seat|window|mirror|airbag|belt|buckle|lumbar|recline|cushion|courtesy|ajar|footwell|visor|vanity|side|lock|unlock)$/;

/** "Fresh full", "tank half": how full is told whatever phrase it stands in; "full beam" is a lamp. */
const HOLDS_WATER = /^(?:tank|level|water|fresh|waste|fuel)$/;
const RANKS: Readonly<Record<string, number>> = { cylinder: 0, number: 1, hash: 3 };
/**
 * The place of the number that tells which one: a cylinder's before one that is called a number, that before a plain one, and a maker's
 * output number ("#10") only where there is no other. Amounts, channels, terminals and fuses are no such numbers.
 */
function numberPlace(tokens: readonly Token[], taken: ReadonlySet<number>): number {
  let best = { place: -1, rank: 9 };
  tokens.forEach(({ word, kind }, i) => {
    if (
      (kind !== "number" && ORDINALS[word] === undefined) ||
      taken.has(i) ||
      word === "0" ||
      Number(word) > 99
    )
      return;
    const [before, after] = [tokens[i - 1]?.word ?? "", tokens[i + 1]?.word ?? ""];
    const isMarked = before === "number" || before === "hash";
    const owner = isMarked ? (tokens[i - 2]?.word ?? "") : before;
    // "Coil trigger 5" is the fifth coil's; "trigger 1" is an input.
    const isOfCoil = owner === "trigger" && tokens.slice(Math.max(0, i - 2), i - 1).some(namesCoil);
    if ((NO_NUMBER_OF_ITS_OWN.has(owner) && !isOfCoil) || AMOUNT_OF.has(after)) return;
    if (!isMarked && before !== "cylinder" && tokens[i - 1]?.kind === "number") return;
    const rank = RANKS[before] ?? 2;
    if (rank < best.rank) best = { place: i, rank };
  });
  return best.place;
}

/** "Output L" is a letter of the sheet; "output left" is the left one. */
const isWholeSide = (dimension: Dimension, written: string): boolean =>
  dimension === "side" && written.length > 2;

export interface Opposite {
  readonly dimension: Dimension;
  readonly left: string;
  readonly right: string;
}

/** The first dimension in which two texts name different things and nothing in common; null where they may be one. Symmetric but for the order. */
export function oppositeOf(a: WhichOne, b: WhichOne): Opposite | null {
  for (const dimension of DIMENSIONS) {
    const [one, other] = [a.get(dimension), b.get(dimension)];
    if (one === undefined || other === undefined || [...one].some((value) => other.has(value))) continue;
    return { dimension, left: [...one].join(" and "), right: [...other].join(" and ") };
  }
  return null;
}
