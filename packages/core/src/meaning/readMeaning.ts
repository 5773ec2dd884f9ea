import type { Direction, SignalClass } from "../model/index.ts";
import { classesOf, isGeneric } from "./classes.ts";
import { wayOf } from "./direction.ts";
import { lex, type Token } from "./lex.ts";
import { thingNamed, type Thing } from "./lexicon/index.ts";
import type { GivenBy, Kind, Meaning, Role } from "./meaning.ts";
import { phrasesIn, REMARK_TABLE, SIGN_TABLE, THING_TABLE, type Match } from "./phrases.ts";
import { whichOne } from "./whichOne.ts";

/** What stands around a text and helps to read it. */
export interface MeaningContext {
  /** Name of the plug: "MAF", where the text says no more than "signal". */
  readonly plug?: string;
  /** The part or module that the plug is on. */
  readonly module?: string;
  /** The list speaks in bare terminal numbers: "54 input", "58L". */
  readonly bareTerminals?: boolean;
  /** IGN 1 to 4 stand in a row: coils, not ignition feeds. */
  readonly ignitionCoils?: boolean;
  /** Most of the plug's wires are lamps: "reverse" is the reverse lamp. */
  readonly lampPlug?: boolean;
}

const MOST_KEPT = 30_000;
const kept = new Map<string, Meaning>();

/**
 * What a text says of a wire, slot by slot, each with the words that gave it. What is not understood stays open: a text of unknown words
 * has no thing, the class "unknown", and lists its words. Reads up to 48 words of up to 600 letters.
 */
export function readMeaning(text: string, context: MeaningContext = {}): Meaning {
  const key = `${text}\u0000${context.plug ?? ""}\u0000${context.module ?? ""}\u0000${context.bareTerminals === true ? 1 : 0}${context.ignitionCoils === true ? 1 : 0}${context.lampPlug === true ? 1 : 0}`;
  let found = kept.get(key);
  if (found === undefined) {
    if (kept.size > MOST_KEPT) kept.clear();
    kept.set(key, (found = read(text, context)));
  }
  return found;
}

/** The words from which on a clause tells where the wire comes from or goes to. */
const ASIDE = new Set([
  "from",
  "to",
  "via",
  "with",
  "by",
  "at",
  "on",
  "in",
  "behind",
  "near",
  "shared",
  "used",
  "use",
  "not",
]);
const FROM_WHERE = new Set(["from", "to", "via", "shared", "without", "instead"]);
const KIND_WORDS: Readonly<Record<string, Kind>> = {
  relay: "relay",
  winding: "coil",
  coil: "coil",
  switch: "switch",
  contact: "switch",
  trigger: "switch",
  sensor: "sensor",
  motor: "motor",
  lamp: "lamp",
  telltale: "telltale",
  gauge: "gauge",
  valve: "valve",
  solenoid: "valve",
  heater: "heater",
  pump: "pump",
  contactor: "contactor",
  warning: "telltale",
};
const ROLE_WORDS: Readonly<Record<string, Role>> = {
  in: "in",
  input: "in",
  out: "out",
  output: "out",
  request: "request",
  signal: "signal",
  supply: "supply",
  feed: "supply",
  return: "return",
  feedback: "feedback",
  control: "control",
  command: "control",
  ground: "ground",
};
const DIN_BARE = /^(15|30|31|31b|49a?|50|53[abc]?|54|55|56[abd]?|57|58[lrkd]?|61|75|85|86|87a?)$/;

function tokensIn(
  text: string,
  { bareTerminals, ignitionCoils, lampPlug }: MeaningContext,
): readonly Token[] {
  let tokens = lex(text);
  const [only] = tokens;
  if (tokens.length === 1 && only !== undefined && DIN_BARE.test(only.raw))
    return [{ ...only, word: `t${only.raw}`, kind: "known" }];
  if (bareTerminals === true)
    tokens = tokens.map((token, i) => {
      const before = tokens[i - 1]?.word ?? "";
      return DIN_BARE.test(token.raw) && !/^(fuse|pin|number|relay|cavity|breaker|page)$/.test(before)
        ? { ...token, word: `t${token.raw}`, kind: "known" as const }
        : token;
    });
  if (
    ignitionCoils === true &&
    /^\s*(ign(ition)?|spark)(?: signal| output| coil)?[ _.-]*(no\.? ?)?\d/i.test(text)
  )
    tokens = tokens.flatMap((token, i) =>
      i === 0 && token.word === "ignition" ? [token, { ...token, word: "coil" }] : [token],
    );
  if (lampPlug === true && !tokens.some(({ word }) => /^(lamp|switch|gear|direction)$/.test(word)))
    tokens = tokens.flatMap((token) =>
      token.word === "reverse" ? [token, { ...token, word: "lamp" }] : [token],
    );
  // A sensor at the crank is the crankshaft's; nothing cranks through it.
  if (
    tokens.some(({ word }) => /^(hall|vr|sensor|trigger|opto)$/.test(word)) &&
    !tokens.some(({ word }) => word === "starter")
  )
    tokens = tokens.map((token) => (token.word === "crank" ? { ...token, word: "crankshaft" } : token));
  return tokens;
}

/** Phrases that only name something when nothing else does: any of them may be a word about another thing. */
const WEAK = new Set(
  "temperature coil heater valve pump level fault speed pressure start stop park position brake charge head fuel light lamp fan air door lock boot neutral clutch check turn oxygen solenoid alternator generator battery remote reset ignition knock field sense step remove boot dash strap bridge tap address jumper tow trim tilt radio house motor wake enable security alarm status warning telltale indicator camera coolant oil dome fog spark timer clock handset trip set up window seat mirror indicator flasher cornering marker reverse forward arm timing mode program data bus rear front programmer diagnostic position tank throttle accelerator regulator sync starter range lower raise lift shift security".split(
    " ",
  ),
);

function read(text: string, context: MeaningContext): Meaning {
  const tokens = tokensIn(text, context);
  const remarks = phrasesIn(REMARK_TABLE, tokens);
  // The other end of a winding or lamp tells nothing of this one.
  const silenced = new Set(
    remarks.filter(({ of }) => of === "other-side" || of === "place").flatMap(({ at }) => at),
  );
  for (const place of forbidden(tokens)) silenced.add(place);
  const open = (match: Match): boolean => match.at.every((place) => !silenced.has(place));
  const thingMatches = phrasesIn(THING_TABLE, tokens).filter(open);
  const signs = phrasesIn(SIGN_TABLE, tokens).filter(open);
  const asidePlaces = placesAside(tokens);
  const { things, vague, aside, used } = chooseThings(thingMatches, tokens, asidePlaces);
  const contained = new Set(
    used
      .filter(({ match, thing }) => match.at.length > 1 && !isGeneric(thing))
      .flatMap(({ match }) => match.at),
  );
  const nameWords = new Set(used.filter(({ thing }) => !isGeneric(thing)).flatMap(({ match }) => match.at));
  const freeSigns = signs.filter((sign) => isFree(sign, tokens, contained, nameWords));
  const kinds = new Set<Kind>();
  const roles = new Set<Role>();
  tokens.forEach(({ word }, i) => {
    if (silenced.has(i)) return;
    const kind = KIND_WORDS[word];
    if (kind !== undefined && !asidePlaces.has(i)) kinds.add(kind);
    const role = ROLE_WORDS[word];
    if ((word === "in" || word === "out") && !endsHere(tokens, i)) return;
    if (role !== undefined && !(role === "ground" && contained.has(i))) roles.add(role);
  });
  if (
    kinds.has("lamp") &&
    (kinds.has("telltale") || tokens.some(({ word }) => word === "control" || word === "pilot"))
  )
    kinds.add("telltale");
  const isOxygen = things.some(({ name }) => name.startsWith("oxygen"));
  const levelWords = new Set([...contained].filter((place) => !isOutsideName(tokens, place)));
  const which = withBeam(whichOne(tokens, levelWords, isOxygen), things);
  const contact = contactOf(tokens);
  const mark = /^\s*\(\s*[-–−]\s*\)/.test(text) ? "minus" : /^\s*\(\s*\+\s*\)/.test(text) ? "plus" : null;
  const pole = poleOf(tokens, freeSigns, contained);
  const spare = isSpare(tokens, signs, things, contact);
  const classes = classesOf({
    tokens,
    signs: freeSigns,
    things,
    aside,
    kinds,
    pole,
    contact,
    mark,
    spare,
    asidePlaces,
  });
  const [signal, certain] = bestOf(classes);
  const named = namedBy(
    ofBeam(things, which),
    aside,
    used.map(({ thing }) => thing).filter(isGeneric),
    signal,
    context,
    tokens,
  );
  const understood = understoodOf(tokens, used, signs, remarks);
  const meant = spare ? [present("spare")] : named;
  const meaning: Omit<Meaning, "direction"> = {
    text,
    said: tokens.map(({ word }) => word).join(" "),
    things: meant,
    vague: !spare && vague && meant[0] === things[0],
    thing: meant[0] ?? null,
    aside: aside.filter((thing) => !named.includes(thing)),
    kinds,
    roles,
    which,
    pole,
    contact,
    volts: voltsOf(tokens) || (signal === "sensor-supply" && isFiveVolt(named) ? 5 : 0),
    classes: spare ? new Map<SignalClass, number>([["none", 1]]) : classes,
    signal: spare ? "none" : signal,
    certain: spare ? 1 : certain,
    unread: tokens.filter(({ kind }) => kind === "unknown").map(({ raw }) => raw),
    understood,
    fuzzy: tokens.some(({ kind }) => kind === "near"),
    givenBy: givenBy(tokens, used, freeSigns, remarks, which),
  };
  return { ...meaning, direction: wayOf(tokens, meaning) satisfies Direction | null };
}

/** "Tach in", "DIG IN 2", "5V out 1": a way; "in dash", "out of": none. */
function endsHere(tokens: readonly Token[], at: number): boolean {
  const [own, next] = [tokens[at], tokens[at + 1]];
  return (
    next === undefined ||
    next.clause !== own?.clause ||
    next.kind === "number" ||
    next.kind === "amount" ||
    /^(plus|minus|a|b|front|left|right|rear|to|from)$/.test(next.word)
  );
}

const present = (name: string): Thing => thingNamed(name) as Thing;

/** Main and dipped beam are the high and the low one, whatever they are called. */
function withBeam(which: Meaning["which"], things: readonly Thing[]): Meaning["which"] {
  const levels = new Set(
    things.flatMap(({ name }) => (name === "main beam" ? ["high"] : name === "dipped beam" ? ["low"] : [])),
  );
  return levels.size === 0 ? which : new Map([...which, ["level", levels]]);
}

/** "Head LH high" is the main beam, "head low" the dipped one. */
function ofBeam(things: readonly Thing[], which: Meaning["which"]): readonly Thing[] {
  const level = [...(which.get("level") ?? [])];
  return things[0]?.name === "headlamp feed" && level.length === 1
    ? [present(level[0] === "high" ? "main beam" : "dipped beam"), ...things.slice(1)]
    : things;
}

/** What is told not to be done names nothing: "do not bolt to body". */
function forbidden(tokens: readonly Token[]): readonly number[] {
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

/** Which places of a text only tell where the wire comes from or goes to: behind such a word, up to the end of its clause; and in brackets. */
function placesAside(tokens: readonly Token[]): ReadonlySet<number> {
  const places = new Set<number>();
  let since = -1;
  tokens.forEach(({ word, clause, inBrackets }, i) => {
    if (inBrackets) places.add(i);
    if (since >= 0 && tokens[since]?.clause !== clause) since = -1;
    if (since >= 0) places.add(i);
    else if (
      FROM_WHERE.has(word) ||
      (ASIDE.has(word) && i > 1 && word !== "in" && word !== "on" && word !== "not")
    )
      since = i;
  });
  return places;
}

interface Used {
  readonly match: Match;
  readonly thing: Thing;
}

/** The things that the text is about, the best said first, and those that it names in passing. */
function chooseThings(
  matches: readonly Match[],
  tokens: readonly Token[],
  asidePlaces: ReadonlySet<number>,
): {
  readonly things: readonly Thing[];
  readonly vague: boolean;
  readonly aside: readonly Thing[];
  readonly used: readonly Used[];
} {
  const ofRelay = tokens.some(({ word }) => word === "contactor" || word === "relay");
  const all = matches.flatMap((match): readonly Used[] => {
    const thing = thingNamed(ofRelay && match.of === "ignition coil supply" ? "contactor supply" : match.of);
    return thing === undefined ? [] : [{ match, thing }];
  });
  const isWeak = ({ match }: Used): boolean =>
    match.at.length === 1 && WEAK.has(tokens[match.at[0] ?? 0]?.word ?? "");
  const isAside = ({ match }: Used): boolean => match.at.every((place) => asidePlaces.has(place));
  const isPotentiometer = tokens.some(({ word }) =>
    /^(potentiometer|accelerator|throttle|pedal)$/.test(word),
  );
  const isCylinderHead = tokens.some(
    ({ word }, i) => word === "head" && /^(cylinder|tachometer)$/.test(tokens[i - 1]?.word ?? ""),
  );
  const notLevel = all.filter(
    (one) =>
      !isLevelWord(one, tokens) &&
      !(isCylinderHead && one.thing.name === "headlamp feed") &&
      !(isPotentiometer && one.thing.family === "wiper"),
  );
  const real = notLevel.filter(({ thing }) => !isGeneric(thing));
  const strong = real.filter((one) => !isWeak(one));
  const front = strong.filter((one) => !isAside(one));
  const chosen =
    front.length > 0 ? front : real.some((one) => !isAside(one)) ? real.filter((one) => !isAside(one)) : [];
  const names = new Set<string>();
  const once = (list: readonly Used[]): readonly Thing[] =>
    list.flatMap(({ thing }) => {
      if (names.has(thing.name)) return [];
      names.add(thing.name);
      return [thing];
    });
  // The longest phrase says it best; of equal ones the first.
  const ranked = [...chosen].sort((a, b) => b.match.at.length - a.match.at.length);
  const things = once(ranked);
  const aside = once(real.filter((one) => isAside(one) && !isWeak(one)));
  return {
    things,
    vague: chosen.length > 0 && front.length === 0,
    aside,
    used: [...chosen, ...all.filter(({ thing }) => isGeneric(thing))],
  };
}

/** "Low speed", "2nd speed": a level, not the speed of the car. */
const isLevelWord = ({ match, thing }: Used, tokens: readonly Token[]): boolean => {
  const [at] = match.at;
  if (
    match.at.length !== 1 ||
    at === undefined ||
    tokens[at]?.word !== "speed" ||
    thing.name !== "vehicle speed"
  )
    return false;
  const beside = `${tokens[at - 1]?.word ?? ""} ${tokens[at + 1]?.word ?? ""}`;
  return /\b(low|high|fast|first|second|third|1|2|3|normal|half|full|one|two|variable|fan|blower|wiper|motor)\b/.test(
    beside,
  );
};

/** Words that turn a text are heard even within the name of a thing. */
const isOutsideName = (tokens: readonly Token[], place: number): boolean =>
  /^(left|right|front|rear|inner|outer|up|down)$/.test(tokens[place]?.word ?? "");

/** A sign inside a longer name says nothing ("battery sensor"), but ground, return and how it is switched are never lost. */
function isFree(
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

const CONTACTS = /^(30|85|86|87)$/;
function contactOf(tokens: readonly Token[]): string | null {
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
function poleOf(
  tokens: readonly Token[],
  signs: readonly Match[],
  contained: ReadonlySet<number>,
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
    pole ??= word;
  });
  return pole;
}

const SPARE_FIRST =
  /^(spare|blank|plugged|nc|unused|not|empty|vacant|reserved|no|blanked|nothing|free|dummy|none|unassigned)$/;
/** Whether the whole text says that nothing is connected here. */
function isSpare(
  tokens: readonly Token[],
  signs: readonly Match[],
  things: readonly Thing[],
  contact: string | null,
): boolean {
  const found = signs.filter(({ of }) => of === "none");
  const [first] = found;
  if (first === undefined) return false;
  const start = first.at[0] ?? 0;
  if (start === 0 && SPARE_FIRST.test(tokens[0]?.word ?? "")) return true;
  if (contact === "87a") return true;
  const inBrackets = tokens[start]?.inBrackets === true;
  if (inBrackets) return false;
  // "Clutch switch plug, nothing now": said of the whole, in a clause of its own.
  const { clause } = tokens[start] as Token;
  const alone = tokens.filter((token) => token.clause === clause).length <= first.at.length + 2;
  const opens = tokens[start - 1] !== undefined && tokens[start - 1]?.clause !== clause;
  return (alone || opens) && first.at.length > 1 && (things.length === 0 || clause > 0);
}

function bestOf(classes: ReadonlyMap<SignalClass, number>): readonly [SignalClass, number] {
  let best: readonly [SignalClass, number] = ["unknown", 0];
  for (const [signal, share] of classes) if (signal !== "unknown" && share > best[1]) best = [signal, share];
  return best[1] >= 0.3 ? best : ["unknown", classes.get("unknown") ?? 0];
}

const SUPPLY_THINGS: Readonly<Partial<Record<SignalClass, string>>> = {
  battery: "constant supply",
  ignition: "ignition supply",
  "run-not-crank": "run supply",
  accessory: "accessory supply",
  start: "crank signal",
  ground: "ground",
  "sensor-return": "sensor return",
  "sensor-supply": "sensor supply",
  shield: "shield",
  "can-h": "can high",
  "can-l": "can low",
  lin: "lin bus",
  "k-line": "diagnostic line",
  "switched-ground": "switched ground",
};

/** What the wire serves: as named, else what the plug's own name tells, else the supply or bus that it is. */
function namedBy(
  things: readonly Thing[],
  aside: readonly Thing[],
  generic: readonly Thing[],
  signal: SignalClass,
  { plug = "", module = "" }: MeaningContext,
  tokens: readonly Token[],
): readonly Thing[] {
  if (things.length > 0) return things;
  const supply =
    generic.find((thing) => thing.signal === signal && thing.name !== "ground")?.name ??
    SUPPLY_THINGS[signal];
  if (tokens.length > 0 && (plug !== "" || module !== "") && tokens.length <= 4) {
    const outer = readMeaning(plug);
    const own = outer.things.filter((thing) => !isGeneric(thing) && thing.name !== "spare");
    const fromModule =
      own.length > 0
        ? own
        : readMeaning(module).things.filter((thing) => !isGeneric(thing) && isLowSensor(thing));
    if (own.length === 1 || fromModule.length === 1) return own.length === 1 ? own : fromModule;
  }
  if (supply !== undefined && signal !== "switched-ground") return [present(supply)];
  if (aside.length > 0 && signal !== "unknown") return aside.slice(0, 1);
  return supply === undefined ? [] : [present(supply)];
}
const isLowSensor = ({ signal }: Thing): boolean =>
  ["analog", "resistive-sensor", "hall", "vr-pair"].includes(signal);

function voltsOf(tokens: readonly Token[]): number {
  for (const { word } of tokens) {
    const volts = /^(\d+(?:[.,]\d+)?)v$/.exec(word);
    if (volts !== null) return Number((volts[1] ?? "0").replace(",", "."));
    if (word === "range5v") return 5;
  }
  return 0;
}

/** Potentiometers and pressure sensors run on 5 V unless somebody says otherwise (common practice). */
const isFiveVolt = ([thing]: readonly Thing[]): boolean => thing?.signal === "analog";

/** Words that carry no meaning of their own count for nothing here. */
const NEUTRAL = new Set(
  "and in on at to from with for when or via 1amp 1amount 1ohm pin end side only terminal".split(" "),
);
function understoodOf(
  tokens: readonly Token[],
  used: readonly Used[],
  signs: readonly Match[],
  remarks: readonly Match[],
): number {
  const read = new Set([...used.map(({ match }) => match), ...signs, ...remarks].flatMap(({ at }) => at));
  let [got, all] = [0, 0];
  tokens.forEach(({ word, kind }, i) => {
    if (NEUTRAL.has(word) || kind === "number" || kind === "amount") return;
    all++;
    got += read.has(i) ? (kind === "near" ? 0.5 : 1) : kind === "known" ? 0.75 : kind === "near" ? 0.4 : 0;
  });
  return all === 0 ? (tokens.length > 0 && read.size > 0 ? 1 : 0) : got / all;
}

function givenBy(
  tokens: readonly Token[],
  used: readonly Used[],
  signs: readonly Match[],
  remarks: readonly Match[],
  which: Meaning["which"],
): readonly GivenBy[] {
  const words = (at: readonly number[]): string =>
    [...new Set(at.map((place) => tokens[place]?.raw ?? ""))].join(" ");
  return [
    ...used.map(({ match, thing }): GivenBy => ({
      slot: "thing",
      value: thing.name,
      words: words(match.at),
    })),
    ...signs.map(({ of, at }): GivenBy => ({ slot: "carries", value: of, words: words(at) })),
    ...remarks.map(({ of, at }): GivenBy => ({ slot: "remark", value: of, words: words(at) })),
    ...[...which].map(([dimension, values]): GivenBy => ({
      slot: "which",
      value: `${dimension} ${[...values].join(" and ")}`,
      words: [...values].join(" and "),
    })),
  ];
}
