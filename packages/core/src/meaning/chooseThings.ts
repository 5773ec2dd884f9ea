import { isGeneric } from "./generic.ts";
import type { Token } from "./lex.ts";
import { thingNamed, type Thing } from "./lexicon/index.ts";
import type { Meaning } from "./meaning.ts";
import type { Match } from "./phrases.ts";

/** From these words on a clause tells where the wire comes from or goes to; from others only where something stands before them. */
const FROM_WHERE = new Set(["from", "to", "via", "shared", "without", "instead"]);
const ASIDE = new Set(["with", "by", "at", "behind", "near", "used", "use"]);
/** Which places of a text only tell where the wire comes from or goes to: behind such a word, up to the end of its clause; and in brackets. */
export function placesAside(tokens: readonly Token[]): ReadonlySet<number> {
  const places = new Set<number>();
  let since = -1;
  tokens.forEach(({ word, clause, inBrackets }, i) => {
    if (inBrackets) places.add(i);
    if (since >= 0 && tokens[since]?.clause !== clause) since = -1;
    if (since >= 0) places.add(i);
    else if (FROM_WHERE.has(word) || (ASIDE.has(word) && i > 1)) since = i;
  });
  return places;
}

/** Phrases that only name something when nothing else does: any of them may be a word about another thing. */
const WEAK = new Set(
  "potentiometer temperature coil heater valve pump level fault speed pressure start stop park position brake charge head fuel light lamp fan air door lock boot neutral clutch check turn oxygen solenoid alternator generator battery remote reset ignition knock field sense step remove boot dash strap bridge tap address jumper tow trim tilt radio house motor wake enable security alarm status warning telltale indicator camera coolant oil dome fog spark timer clock handset trip set up window seat mirror indicator flasher cornering marker reverse forward arm timing mode program data bus rear front programmer diagnostic position tank throttle accelerator regulator sync starter range lower raise lift shift interlock pass live charger creep".split(
    " ",
  ),
);

/** A phrase of the text with the thing that it names. */
export interface Used {
  readonly match: Match;
  readonly thing: Thing;
}

/** The things that the text is about, the best said first, and those that it names in passing. */
export function chooseThings(
  matches: readonly Match[],
  tokens: readonly Token[],
  asidePlaces: ReadonlySet<number>,
): {
  readonly things: readonly Thing[];
  readonly vague: boolean;
  /** Other things that go by the very words which name the first. */
  readonly either: readonly Thing[];
  readonly aside: readonly Thing[];
  readonly used: readonly Used[];
} {
  const ofRelay = tokens.some(({ word }) => word === "contactor" || word === "relay");
  const all = matches.flatMap((match): readonly Used[] => {
    const thing = thingNamed(ofRelay && match.of === "ignition coil supply" ? "contactor supply" : match.of);
    if (thing === undefined) return [];
    return [{ match, thing: isWayOnly({ match, thing }, tokens) ? lexiconThing("vehicle speed") : thing }];
  });
  const isWeak = ({ match }: Used): boolean =>
    match.at.length === 1 && WEAK.has(tokens[match.at[0] ?? 0]?.word ?? "");
  const isAside = ({ match }: Used): boolean => match.at.every((place) => asidePlaces.has(place));
  const isPotentiometer = tokens.some(({ word }) =>
    /^(potentiometer|accelerator|throttle|pedal|knob|dial)$/.test(word),
  );
  const isCylinderHead = tokens.some(
    ({ word }, i) => word === "head" && /^(cylinder|tachometer)$/.test(tokens[i - 1]?.word ?? ""),
  );
  const notLevel = all.filter(
    (one) =>
      !isLevelWord(one, tokens) &&
      !(isCylinderHead && one.thing.name === "headlamp feed") &&
      !(isPotentiometer && one.thing.family === "wiper") &&
      !isPlacing(one, tokens) &&
      !isOfAnother(one, tokens) &&
      // An LED at the dash tells of something; it lights no dial.
      !(
        one.thing.name === "instrument lighting" &&
        one.match.at.some((place) => /^leds?$/.test(tokens[place]?.raw ?? ""))
      ),
  );
  // "Tail/stop bulb, stop filament": of two lamps in one bulb the filament counts.
  const filament = tokens.find(({ raw }) => raw === "filament")?.clause;
  const ofFilament = notLevel.filter(({ match }) =>
    match.at.every((place) => tokens[place]?.clause === filament),
  );
  const real = withoutChannels(
    (ofFilament.length > 0 ? ofFilament : notLevel).filter(({ thing }) => !isGeneric(thing)),
    tokens,
  );
  const strong = real.filter((one) => !isWeak(one));
  const front = strong.filter((one) => !isAside(one));
  const chosen = front.length > 0 ? front : real.filter((one) => !isAside(one));
  const names = new Set<string>();
  const once = (list: readonly Used[]): readonly Thing[] =>
    list.flatMap(({ thing }) => {
      if (names.has(thing.name)) return [];
      names.add(thing.name);
      return [thing];
    });
  // The longest phrase says it best; of equal ones the first, but of a coil and what fires it the latter: "ignition coil 2, IGT".
  const rank = ({ match, thing: { name } }: Used): number =>
    2 * match.at.length + (name === "ignition trigger" ? 1 : 0);
  const ranked = [...chosen].sort((a, b) => rank(b) - rank(a));
  const things = once(ranked);
  const either = (ranked[0]?.match.also ?? []).flatMap((name) => {
    const thing = thingNamed(name);
    return thing === undefined || isGeneric(thing) || thing.name === things[0]?.name ? [] : [thing];
  });
  // "Feed to indicator": where nothing says more, the word counts.
  const aside = once(
    real.filter((one) => isAside(one) && (!isWeak(one) || (real.length === 1 && all.length === 1))),
  );
  return {
    things,
    either,
    vague: chosen.length > 0 && front.length === 0,
    aside,
    used: [...chosen, ...all.filter(({ thing }) => isGeneric(thing))],
  };
}

/** "Trigger 1 (reverse)": an input of a module, and no pickup, where the text says what it is for. */
function withoutChannels(all: readonly Used[], tokens: readonly Token[]): readonly Used[] {
  const isChannel = ({ match }: Used): boolean =>
    match.at.length === 2 &&
    tokens[match.at[0] ?? 0]?.word === "trigger" &&
    tokens[match.at[1] ?? 0]?.kind === "number";
  const others = all.filter((one) => !isChannel(one));
  return others.length > 0 ? others : all;
}

/** What has a potentiometer of its own: "lift pot" is not the driver's. */
const OTHER_POTS = /^(?:lift|tilt|steering|boom|arm|height|level|brightness|flap|mirror|fan)$/;
const WOUND = /^(?:relay|contactor|valve|solenoid)$/;
/** "Relay coil", "lighting switch 58", "flasher 49a", "A.D.D. indicator": a word that another one beside it gives another sense. */
function isOfAnother({ match, thing }: Used, tokens: readonly Token[]): boolean {
  const place = match.at[0] ?? -1;
  const has = (pattern: RegExp): boolean => tokens.some(({ word }) => pattern.test(word));
  if (thing.name === "headlamp switch") return has(/^t5[678]/);
  if (thing.name === "ignition coil" && has(WOUND))
    return match.at.every((at) => /^(?:coil|plus|minus)$/.test(tokens[at]?.word ?? ""));
  if (match.at.length > 1) return false;
  const before = tokens[place - 1];
  if (thing.name === "accelerator position" && tokens[place]?.word === "potentiometer")
    return OTHER_POTS.test(before?.word ?? "");
  if (thing.name !== "turn lamp") return false;
  if (tokens[place]?.raw === "flasher") return has(/^t49/);
  return tokens[place]?.word === "indicator" && before?.kind === "unknown";
}

/** "Speed sensor output": which way it goes, no shaft of the gearbox. */
const isWayOnly = ({ match, thing }: Used, tokens: readonly Token[]): boolean =>
  thing.family === "gearbox speeds" &&
  /^(input|output)$/.test(tokens[Math.max(...match.at)]?.word ?? "") &&
  match.at.every((place) => !/^(shaft|gearbox|transmission|turbine)$/.test(tokens[place]?.word ?? ""));

/** "Shift position", "clutch pos": where something stands, no lamp. */
const isPlacing = ({ match, thing }: Used, tokens: readonly Token[]): boolean => {
  const [at] = match.at;
  const others = tokens.filter((_, i) => i !== at).map(({ word }) => word);
  return (
    thing.name === "side lamp" &&
    match.at.length === 1 &&
    tokens[at ?? -1]?.word === "position" &&
    !others.some((word) => /^(left|right|front|rear|lamp)$/.test(word)) &&
    others.some((word) => !/^(plus|output|feed|\d+)$/.test(word))
  );
};

/** "Low speed", "2nd speed": a level, not the speed of the car. */
const isLevelWord = ({ match, thing }: Used, tokens: readonly Token[]): boolean => {
  const [at] = match.at;
  // "Low speed control" steers a fan, no cruise.
  if (
    match.at.length === 2 &&
    at !== undefined &&
    tokens[at]?.word === "speed" &&
    tokens[at + 1]?.word === "control" &&
    /^(low|high|fast|first|second)$/.test(tokens[at - 1]?.word ?? "")
  )
    return true;
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

/** A thing of the lexicon that its own code names. */
export const lexiconThing = (name: string): Thing => thingNamed(name) as Thing;

/** "Head LH high" is the main beam, "head low" the dipped one. */
export function ofBeam(things: readonly Thing[], which: Meaning["which"]): readonly Thing[] {
  const level = [...(which.get("level") ?? [])];
  return things[0]?.name === "headlamp feed" && level.length === 1
    ? [lexiconThing(level[0] === "high" ? "main beam" : "dipped beam"), ...things.slice(1)]
    : things;
}
