import { hueFirst } from "./hues.ts";
import { lex, type Token } from "./lex.ts";
import { CABIN_WORD, LETTER_CORNERS } from "./whichOne.ts";

/**
 * How a list speaks, which decides how its short words are read: bare DIN numbers, "IGN n" for coils, lamps that are called "reverse",
 * corners in two letters, a radio's "FL+", an electric drive whose throttle is the pedal, pickups that are called "CRANK" and "CAM", a cluster's "DOOR" and "OIL", the gears "P", "R", "N", a heater panel's "FAN",
 * "red" and "black" of one lead for its poles, lines that begin with their number, their channel or the colour of the wire, an oil that is the gearbox's, a "0 V" beside another ground and 5 V, "(-)" for the polarity that a module gives, "lift" and "drop" for the two ways of one ram, a "stop" beside a "start".
 */
export const HABITS = [
  "bareTerminals",
  "ignitionCoils",
  "lampPlug",
  "corners",
  "audioPlug",
  "electricDrive",
  "pickups",
  "cluster",
  "gearLetters",
  "climate",
  "triggerMarks",
  "raisesAndLowers",
  "gearboxPlug",
  "zeroOfSensors",
  "redAndBlack",
  "numbered",
  "colourFirst",
  "channelFirst",
  "startAndStop",
  "lampHues",
  "extendsAndRetracts",
  "portAndStarboard",
] as const;
export type Habit = (typeof HABITS)[number];
export type ListHabits = Readonly<Record<Habit, boolean>>;

/** What stands around a text and helps to read it. */
export interface MeaningContext extends Partial<ListHabits> {
  /** Name of the plug: "MAF", where the text says no more than "signal". */
  readonly plug?: string;
  /** The part or module that the plug is on. */
  readonly module?: string;
}

type Reread = (tokens: readonly Token[], text: string) => readonly Token[];

/** Corners as a list has them that names them in two letters: FR and RR too are corners there. */
const CORNERS: typeof LETTER_CORNERS = {
  ...LETTER_CORNERS,
  fr: ["front", "right"],
  rr: ["rear", "right"],
};
/** Windings of small brushless drives, their sensors and what feeds these, by colour (common practice, no source). */
const LIGHT_DRIVE: Readonly<Record<string, string>> = {
  yellow: "a",
  green: "b",
  blue: "c",
  red: "supply",
  black: "ground",
};
/** A word that is the whole text, or all of it but its fuse: makers' English for ground and battery (common practice, no source). */
const LONE_WORDS: Readonly<Record<string, string>> = { e: "ground", b: "bplus", mass: "ground", w: "stator" };
const LONE = /^\s*\(?(?:e|b|w|mass)\)?\s*(?:[,(]\s*fuse.*)?$|^\s*mass (?:for|of|to)\b/i;
/** The positions of a direction lever by their letters. */
const LEVER: Readonly<Record<string, string>> = { f: "forward", r: "reverse", n: "neutral" };
const SEATS: Readonly<Record<string, string>> = { dr: "driver", as: "passenger" };
const DIN_BARE = /^(15|30|31|31b|49a?|50|53[abc]?|54|55|56[abd]?|57|58[lrkd]?|61|75|85|86|87a?)$/;

const as = (token: Token, word: string): Token => ({ ...token, word, kind: "known" });
const has = (tokens: readonly Token[], words: RegExp): boolean => tokens.some(({ word }) => words.test(word));
/** The tokens with the last of them as its written form stands in a table; unchanged where it does not. */
function withLast(tokens: readonly Token[], words: Readonly<Record<string, string>>): readonly Token[] {
  const last = tokens.at(-1);
  const word = words[last?.raw ?? ""];
  return last === undefined || word === undefined ? tokens : [...tokens.slice(0, -1), as(last, word)];
}
/** Each token by itself: the words that it stands for there, or undefined where it stays. */
const each =
  (wordsOf: (token: Token, before: string) => readonly string[] | undefined): Reread =>
  (tokens) =>
    tokens.flatMap(
      (token, i) => wordsOf(token, tokens[i - 1]?.word ?? "")?.map((word) => as(token, word)) ?? [token],
    );

const IN_LISTS: Readonly<Record<Habit, Reread>> = {
  corners: each(({ raw }) => CORNERS[raw]),
  bareTerminals: each(({ raw }, before) =>
    DIN_BARE.test(raw) && !/^(fuse|pin|number|relay|cavity|breaker|page)$/.test(before)
      ? [`t${raw}`]
      : undefined,
  ),
  ignitionCoils: (tokens, text) =>
    IGNITION_NUMBER.test(text) && tokens[0]?.word === "ignition" && tokens[1]?.word !== "trigger"
      ? [tokens[0], as(tokens[0], "coil"), ...tokens.slice(1)]
      : tokens,
  lampPlug: (tokens) => {
    const [first, ...rest] = tokens;
    if (
      first !== undefined &&
      LAMPS[first.word] !== undefined &&
      rest.every(({ word }) => BESIDE_LAMP.test(word))
    )
      return each(({ word }) => LAMPS[word]?.split(" "))(tokens, "");
    return has(tokens, /^(lamp|switch|gear|direction)$/)
      ? tokens
      : each(({ word }) => (word === "reverse" ? ["reverse", "lamp"] : undefined))(tokens, "");
  },
  audioPlug: (tokens, text) => {
    const named = each(({ word }) => (word === "camshaft" ? ["camera"] : undefined))(tokens, text);
    const last = named.at(-1);
    return SPEAKER.test(text) && last !== undefined ? [...named, as(last, "speaker")] : named;
  },
  electricDrive: each(({ word, raw }, before) => {
    const winding = /^(?:hall|phase)$/.test(before) ? LIGHT_DRIVE[word] : undefined;
    if (winding !== undefined) return [winding];
    if (word === "throttle") return ["accelerator"];
    if (raw === "cont" || (raw === "solenoid" && before === "")) return ["contactor"];
    if (raw === "acc") return ["accelerator"];
    // "THROTTLE LOW" beside "THROTTLE WIPER": an end of the potentiometer.
    if (/^(?:throttle|accelerator)$/.test(before) && /^(?:high|hi)$/.test(raw))
      return ["potentiometer", "supply"];
    if (/^(?:throttle|accelerator)$/.test(before) && /^(?:low|lo)$/.test(raw))
      return ["potentiometer", "ground"];
    return before === "coil" && raw === "return" ? ["supply"] : undefined;
  }),
  cluster: (tokens, text) => {
    const [only] = tokens;
    if (only !== undefined && /^\s*tr[ -]?[lr]\b/i.test(text))
      return [as(only, "turn"), as(only, /l\s*$/i.test(text) ? "left" : "right")];
    if (/^(high|main) beam$/.test(tokens.map(({ word }) => word).join(" ")))
      return [...tokens, as(only as Token, "telltale")];
    const isOneWord =
      tokens.length === 1 || (tokens.length === 2 && /^(plus|minus)$/.test(tokens[1]?.word ?? ""));
    return isOneWord
      ? each(({ word, raw }) => (TELLTALES[word] ?? TELLTALES[raw])?.split(" "))(tokens, text)
      : tokens;
  },
  climate: (tokens, text) =>
    each(({ word, raw }, before) => {
      if (word === "clutch" && CLUTCH_ONLY.test(text)) return ["compressor", "clutch"];
      if (word === "fan" && raw === "fan")
        return /^(?:condenser|radiator|roof|electric)$/.test(before) ? undefined : ["blower"];
      if (raw === "lp" || raw === "hp") return [raw === "lp" ? "low" : "high", "pressure"];
      if (/^m[12]$/.test(raw)) return ["medium", raw === "m1" ? "low" : "high"];
      if (raw === "screen") return ["windscreen"];
      return raw === "evap" ? ["evaporator"] : undefined;
    })(tokens, text),
  gearLetters: (tokens, text) =>
    /^\s*[prndl]\s*$/i.test(text) ? each((token) => ["gear", "position", token.raw])(tokens, text) : tokens,
  // The polarity is read from the text itself (`markOf`).
  triggerMarks: (tokens) => tokens,
  raisesAndLowers: (tokens) => withLast(tokens, WAYS),
  gearboxPlug: (tokens, text) => {
    const [first, second] = tokens;
    if (first?.word === "oil" && second?.word === "temperature") return [as(first, "gearbox"), ...tokens];
    // "UP SW", "REV OUT": gears, and neither a lift nor a tachometer.
    if (/^(?:up|down)$/.test(first?.word ?? "") && second?.word === "switch" && first !== undefined)
      return [as(first, "shift"), ...tokens];
    return first !== undefined && /^rev\b/i.test(text) && second?.word === "speed"
      ? [as(first, "reverse"), as(first, "lamp"), ...tokens.slice(2)]
      : tokens;
  },
  zeroOfSensors: (tokens) =>
    tokens.length === 1 && tokens[0]?.word === "0v"
      ? [as(tokens[0], "sensor"), as(tokens[0], "return")]
      : tokens,
  // Taken off the text itself (`functionIn`).
  numbered: (tokens) => tokens,
  colourFirst: (tokens) => tokens,
  channelFirst: (tokens) => tokens,
  // "Yellow/black" is a colour, no pole.
  redAndBlack: (tokens, text) =>
    tokens.length < 2 || /\/\s*\w+\s*$/.test(text) ? tokens : withLast(tokens, POLES),
  startAndStop: (tokens, text) =>
    STOP.test(text)
      ? each(({ word }) => (word === "stop" ? ["engine", "stop"] : undefined))(tokens, text)
      : tokens,
  lampHues: hueFirst,
  extendsAndRetracts: (tokens) => withLast(tokens, { ext: "extend", ret: "retract" }),
  portAndStarboard: (tokens) => withLast(tokens, { p: "left", s: "right" }),
  pickups: (tokens, text) =>
    tokens.every(({ word }) => /^(crank|plus|minus)$/.test(word))
      ? each(({ word }) => (word === "crank" ? ["crankshaft"] : undefined))(tokens, text)
      : tokens,
};
/** "Clutch out" at an air conditioning, and no pedal's switch. */
const CLUTCH_ONLY = /^\s*clutch(?: (?:out(?:put)?|coil|relay|feed|wire|\+|-))?\s*$/i;
/** "Stop", "STOP SW" and no more. */
export const STOP = /^\s*stop(?: ?(?:sw(?:itch)?|button|in(?:put)?))?\s*$/i;
const POLES: Readonly<Record<string, string>> = { red: "plus", black: "minus", blk: "minus" };
/** What the last word of a text says of the way that a ram or motor goes, in a list that names both ways (common practice, no source). */
const WAYS: Readonly<Record<string, string>> = {
  lift: "raise",
  drop: "lower",
  fore: "forward",
  back: "rearward",
  aft: "rearward",
};
/** What may stand beside the short word of a lamp. */
const BESIDE_LAMP =
  /^(plus|minus|left|right|output|out|in|trigger|feed|fuse|on|from|switch|\d+|red|brown|pink|green|yellow|white|black|blue|grey|orange|violet)$/;
/** What a lamp plug's short words stand for, where nothing else is said. */
const LAMPS: Readonly<Record<string, string>> = {
  main: "main beam",
  dip: "dip beam",
  park: "park lamp",
  side: "side lamp",
  low: "low beam",
  high: "high beam",
};
/** What a cluster's short words stand for, where nothing else is said. */
const TELLTALES: Readonly<Record<string, string>> = {
  door: "door ajar lamp",
  belt: "belt warning lamp",
  brake: "brake warning lamp",
  airbag: "airbag warning lamp",
  oil: "oil pressure lamp",
  security: "security lamp",
  abs: "abs lamp",
  stand: "side stand lamp",
  n: "neutral lamp",
  neutral: "neutral lamp",
  hi: "high beam lamp",
  efi: "engine check lamp",
  gear: "gear position",
  hb: "high beam lamp",
  preheat: "glow lamp",
  glow: "glow lamp",
  t58: "illumination",
  key: "ignition supply",
  water: "coolant temperature",
  fuel: "fuel level",
  fu: "fuel level",
};
/** "IGN 1", "Ignition signal no. 2": an ignition with a number. */
export const IGNITION_NUMBER =
  /^\s*(?:ign(?:ition)?|spark)(?:[ _](?:signal|output|out|coil|drive|drv|driver|control|ctrl))?[ _.-]*(?:no\.? ?)?([1-8])(?![\p{L}\p{N}])/iu;
/** A corner and a pole, no more: a speaker's wire on a radio. */
export const SPEAKER = /^\s*(?:[FR][LR]|[LR][FR])\s*[(]?[+-][)]?\s*$/i;

/** "3 - earth", "3 / 31 earth", "X7/3 earth": the number of the pin before what it does. */
const PIN_FIRST =
  /^\s*(?:(?:pin\s*)?\d{1,2}(?:\s*[-–:.)]|(?<!15|3[01]|5[03468]|61|75|8[567])\s+\/)\s+(?=[\p{L}\d+])|[A-Z]{1,2}\d{1,4}\/\d{1,2}\s+(?=[\p{L}\d+]{2}))/iu;
const COLOUR_WORD =
  "(?:(?:light|dark|pale|lt|dk) ?)?(?:black|brown|red|orange|yellow|green|blue|violet|purple|grey|gray|white|pink|turquoise|tan|slate|blk|brn|org|yel|grn|blu|vio|gry|wht|pnk)";
/** "Light green/black, screen wash", "Pink fat wire: battery": the wire's colour before what it does. */
const COLOUR_FIRST = new RegExp(
  `^\\s*${COLOUR_WORD}(?:\\s*[/-]\\s*${COLOUR_WORD})?(?: (?:(?:fat|thick|thin|heavy) )?wire)?\\s*[,:]\\s+(?=\\S)`,
  "i",
);

/** "6 park switch", in a list whose lines all begin with their number. */
export const NUMBER_LED = /^\s*(\d{1,2})\s+(?=\S)/u;
/** "GREEN/BLK lock (-)", in a list whose lines begin with the wire's colour. */
export const COLOUR_LED = new RegExp(`^\\s*${COLOUR_WORD}(?:\\s*/\\s*${COLOUR_WORD})?\\s+(?=\\S)`, "i");
/** "O2 REAR BLUES", in a list whose lines begin with the name of their channel. */
export const CHANNEL_LED = /^\s*([A-EG-HJL-PS-Z])(\d{1,2})(?: ?[:,-])? +(?=\p{L}{3})/u;
/** A text without what stands before the function: the number of the pin, the colour of the wire. */
const functionIn = (text: string, context: MeaningContext): string =>
  [
    PIN_FIRST,
    ...(context.numbered === true ? [NUMBER_LED] : []),
    COLOUR_FIRST,
    ...(context.colourFirst === true ? [COLOUR_LED] : []),
    ...(context.channelFirst === true ? [CHANNEL_LED] : []),
  ].reduce((rest, led) => rest.replace(led, ""), text);

/** The tokens of a text as its list speaks. */
export function tokensIn(text: string, context: MeaningContext): readonly Token[] {
  let tokens = lex(functionIn(text, context));
  const [only] = tokens;
  if (only === undefined) return tokens;
  if (tokens.length === 1 && DIN_BARE.test(only.raw)) return [as(only, `t${only.raw}`)];
  const lone = LONE_WORDS[only.raw];
  if (lone !== undefined && LONE.test(text)) tokens = [as(only, lone), ...tokens.slice(1)];
  for (const habit of HABITS) if (context[habit] === true) tokens = IN_LISTS[habit](tokens, text);
  // Makers' English calls the seats DR and AS (common practice, no source).
  if (/\b(?:dr|as)\b/i.test(text) && has(tokens, CABIN_WORD))
    tokens = tokens.map((token, i) => {
      const seat = SEATS[token.raw];
      const isSeat =
        seat !== undefined &&
        tokens.length > i + 1 &&
        (i === 0 || token.raw === "dr") &&
        tokens.some(({ word }, at) => at > i && (CABIN_WORD.test(word) || word === "power"));
      return isSeat ? as(token, seat) : token;
    });
  // "FR wheel speed": at a wheel two letters are a corner.
  if (has(tokens, /^wheel$/) && !has(tokens, /^(left|right)$/))
    tokens = each(({ raw }) => CORNERS[raw])(tokens, text);
  if (has(tokens, /^(shuttle|direction)$/) && !has(tokens, /^(indicator|turn|flasher|t49a?)$/))
    tokens = each(({ raw }) => (LEVER[raw] === undefined ? undefined : [LEVER[raw]]))(tokens, text);
  // A sensor at the crank is the crankshaft's; nothing cranks through it.
  return has(tokens, /^(hall|vr|sensor|trigger|opto)$/) && !has(tokens, /^starter$/)
    ? each(({ word }) => (word === "crank" ? ["crankshaft"] : undefined))(tokens, text)
    : tokens;
}
