/**
 * Which one of several like things a text means: the side, the end, the level, the number. These words are read before anything
 * else, in English and German, since nothing about two wires weighs as much as that one is left and the other right.
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
  "number",
] as const;
export type Dimension = (typeof DIMENSIONS)[number];

/** What a text names in each dimension; a dimension that it says nothing of is left out. */
export type WhichOne = ReadonlyMap<Dimension, ReadonlySet<string>>;

/** Common practice, no source: how tables and diagrams write them, by what they mean. */
const WORDS: readonly (readonly [dimension: Dimension, value: string, words: string])[] = [
  ["side", "left", "left l lh lhs lft links li lks linke linker linkes linken nearside"],
  ["side", "right", "right r rh rhs rgt rechts re rts rechte rechter rechtes rechten offside"],
  ["end", "front", "front frt fwd forward vorn vorne vo vordere vorderer vorderes vorderen fr"],
  ["end", "rear", "rear back aft hinten hintere hinterer hinteres hinteren heck rr"],
  ["level", "high", "high hi hoch"],
  ["level", "low", "low lo niedrig"],
  ["height", "upper", "upper top oben obere oberer oberes oberen"],
  ["height", "lower", "lower bottom unten untere unterer unteres unteren"],
  ["depth", "inner", "inner inboard innen innere innerer inneres inneren"],
  ["depth", "outer", "outer outboard außen aussen äußere äußerer äußeres äußeren"],
  ["seat", "driver", "driver's drivers fahrer fahrerseite fahrersitz fahrertür"],
  ["seat", "passenger", "passenger passengers beifahrer beifahrerseite beifahrersitz beifahrertür"],
  ["travel", "up", "up raise"],
  ["travel", "down", "down"],
  ["lock", "lock", "lock verriegeln"],
  ["lock", "unlock", "unlock entriegeln"],
  ["opening", "open", "open öffnen"],
  ["opening", "close", "close closed schließen schliessen"],
];
const MEANING = new Map(
  WORDS.flatMap(([dimension, value, words]) =>
    words.split(" ").map((word) => [word, [dimension, value]] as const),
  ),
);
/** Two places in one word. `fr` and `rr` are left at front and rear: many tables mean no more than that. */
const CORNERS: Readonly<Record<string, readonly [end: string, side: string]>> = {
  lf: ["front", "left"],
  lhf: ["front", "left"],
  fl: ["front", "left"],
  rf: ["front", "right"],
  rhf: ["front", "right"],
  lr: ["rear", "left"],
  lhr: ["rear", "left"],
  rl: ["rear", "left"],
  rhr: ["rear", "right"],
};
const GERMAN_CORNERS: Readonly<Record<string, readonly [end: string, side: string]>> = {
  vl: ["front", "left"],
  vr: ["front", "right"],
  hl: ["rear", "left"],
  hr: ["rear", "right"],
};
const GERMAN =
  /schalter|leuchte|licht|geber|tür|fenster|heiz|masse|drehzahl|lampe|blink|brems|klemme|ventil|scheinwerfer|links|rechts|vorn|hinten|spiegel|sitz|zünd|lautsprecher|\b(?:li|re)\b/;

/** Words that take another one out of its usual sense: "high side" is no level, "pull up" no way to go. */
const NOT_BEFORE: Readonly<Partial<Record<Dimension, ReadonlySet<string>>>> = {
  level: new Set(["side", "range", "current", "res", "resolution"]),
  height: new Set(["dead"]),
  side: new Set(["over"]),
  end: new Set(["up", "emf", "feed", "light", "lighting", "lit"]),
};
const NOT_AFTER: Readonly<Partial<Record<Dimension, ReadonlySet<string>>>> = {
  level: new Set(["active", "when", "goes", "pulled", "pulls"]),
  travel: new Set(["pull", "wake", "back", "power", "pick", "warm", "start", "shut", "step", "lock", "hook"]),
  lock: new Set(["steering", "converter", "torque", "key", "ignition", "gear", "shift"]),
  opening: new Set(["normally", "collector"]),
};
/** A number behind these is the number of a channel, a terminal, a fuse or a relay, and tells nothing of the function. */
const NO_NUMBER_OF_ITS_OWN = new Set(
  "to by from above below over under about max min and din dout di do ai ao dig in out input output inputs outputs digital an ana analog analogue volt volts aux ch channel ls hs pin way cavity contact fuse relay splice f g s x kl klemme terminal term t via point plug circuit sicherung relais can table sheet page version".split(
    " ",
  ),
);
const ORDINALS: Readonly<Record<string, string>> = {
  first: "1",
  "1st": "1",
  second: "2",
  "2nd": "2",
  third: "3",
  "3rd": "3",
};
const MOST_WORDS = 40;

/** The words of a text for this reading: "R/H", "L.H." and "N/S" in one piece, remarks in brackets kept. */
const wordsOf = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .replace(/\b([lr])[./ ]h\b\.?/g, "$1h")
    .replace(/\bn\/s\b/g, "nearside")
    .replace(/\bo\/s\b/g, "offside")
    .match(/[\p{L}\p{N}]+(?:'s)?/gu)
    ?.slice(0, MOST_WORDS) ?? [];

/** Reads a text: "Blinker rechts" is the right one, "HO2S B2S1" names none, "window up, LHF" names three. */
export function whichOne(text: string): WhichOne {
  const words = wordsOf(text);
  const isGerman = GERMAN.test(text.toLowerCase());
  const isBus = words.some((word) => word === "can" || word === "bus" || word === "canbus");
  const found = new Map<Dimension, Set<string>>();
  const add = (dimension: Dimension, value: string): void => {
    found.set(dimension, (found.get(dimension) ?? new Set<string>()).add(value));
  };
  words.forEach((word, i) => {
    const [before, after] = [words[i - 1] ?? "", words[i + 1] ?? ""];
    const corner =
      words.length > 1 ? (CORNERS[word] ?? (isGerman ? GERMAN_CORNERS[word] : undefined)) : undefined;
    if (corner !== undefined && !(word === "fl" && words.includes("fuel"))) {
      add("end", corner[0]);
      add("side", corner[1]);
      return;
    }
    if (isBus && (word === "h" || word === "l")) return add("level", word === "h" ? "high" : "low");
    if (isGerman && word === "hi") return add("end", "rear");
    if (word === "driver" && /^(door|seat|window|side|mirror|airbag)$/.test(after) && before !== "side")
      return add("seat", "driver");
    const number = numberOf(word, before, after);
    if (number !== null) return add("number", number);
    // DIN 72552 gives both sides of a lamp circuit one number: 58L, 58R.
    const terminal = /^(?:49|54|56|57|58|54g)([lr])$/.exec(word);
    if (terminal !== null) return add("side", terminal[1] === "l" ? "left" : "right");
    const meaning = MEANING.get(word);
    if (meaning === undefined) return;
    const [dimension, value] = meaning;
    if (NOT_BEFORE[dimension]?.has(after) !== true && NOT_AFTER[dimension]?.has(before) !== true)
      add(dimension, value);
  });
  return found;
}

function numberOf(word: string, before: string, after: string): string | null {
  const number = ORDINALS[word] ?? (/^\d{1,2}$/.test(word) && word !== "0" ? word : null);
  if (number === null || NO_NUMBER_OF_ITS_OWN.has(before)) return null;
  // "12 V", "0.5 mm²", "4 pulses" are amounts, and so are the parts of a decimal number or of a range.
  return /^(v|volt|volts|a|amp|amps|w|watt|ma|mm|mm2|mv|k|kohm|ohm|ohms|hz|khz|pulses|per|km|kph|mph|rpm|percent|deg|degrees|min|s|sec|pin|way|wire|wires|ways|bar|speed|door|cyl|cylinder|\d+)$/.test(
    after,
  ) || /^\d+$/.test(before)
    ? null
    : String(Number(number));
}

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

/** What a token says of the place of a thing, where it is read apart from the function: "links" is left, "hinten" is rear. */
export function placeWord(token: string): string | undefined {
  const meaning = MEANING.get(token);
  return meaning !== undefined && PLACES.has(meaning[0]) && !NOT_APART.has(token) ? meaning[1] : undefined;
}
const PLACES: ReadonlySet<Dimension> = new Set(["side", "end", "level", "height", "depth"]);
/** These belong to the names of functions, and are compared with them. */
const NOT_APART = new Set("hi lo hoch niedrig top bottom inboard outboard aft heck".split(" "));
