import { isFeed, type Direction, type SignalClass } from "../model/index.ts";
import { oncePerText } from "../util/index.ts";
import { chooseThings, lexiconThing, ofBeam, placesAside, type Used } from "./chooseThings.ts";
import { classesOf } from "./classes.ts";
import { contentOf, fedBy } from "./content.ts";
import { wayOf } from "./direction.ts";
import { isGeneric } from "./generic.ts";
import type { Token } from "./lex.ts";
import type { Thing } from "./lexicon/index.ts";
import { contactOf, forbidden, isFree, isSpare, markOf, poleOf, voltsOf } from "./marks.ts";
import type { GivenBy, Meaning } from "./meaning.ts";
import { partsIn } from "./partsIn.ts";
import { phrasesIn, remarkTable, signTable, thingTable, turningPlaces, type Match } from "./phrases.ts";
import { asWay, sensesOf, TRAVELS } from "./senses.ts";
import { HABITS, tokensIn, type MeaningContext } from "./tokensIn.ts";
import { doubtOf, understoodOf } from "./understood.ts";
import { whichOne } from "./whichOne.ts";

const readBefore = oncePerText<Meaning>(30_000);

/**
 * What a text says of a wire, slot by slot, each with the words that gave it. What is not understood stays open: a text of unknown words
 * has no thing, the class "unknown", and lists its words. Reads up to 48 words of up to 600 letters.
 */
export function readMeaning(text: string, context: MeaningContext = {}): Meaning {
  const habits = HABITS.map((habit) => (context[habit] === true ? 1 : 0)).join("");
  return readBefore([text, context.plug ?? "", context.module ?? "", habits].join("\u0000"), () =>
    read(text, context),
  );
}

const NOTHING: ReadonlyMap<SignalClass, number> = new Map([["none", 1]]);
function read(text: string, context: MeaningContext): Meaning {
  const tokens = tokensIn(text, context);
  const remarks = phrasesIn(remarkTable(), tokens);
  // The other end of a winding or lamp tells nothing of this one.
  const silenced = new Set(
    remarks.filter(({ of }) => of === "other-side" || of === "place").flatMap(({ at }) => at),
  );
  for (const place of forbidden(tokens)) silenced.add(place);
  const open = (match: Match): boolean => match.at.every((place) => !silenced.has(place));
  const thingMatches = phrasesIn(thingTable(), tokens).filter(open);
  const signs = phrasesIn(signTable(), tokens).filter(open);
  const asidePlaces = placesAside(tokens);
  const { things, either, vague, aside, used } = chooseThings(thingMatches, tokens, asidePlaces);
  const contained = new Set(
    used
      .filter(({ match, thing }) => match.at.length > 1 && !isGeneric(thing))
      .flatMap(({ match }) => match.at),
  );
  const nameWords = new Set(used.filter(({ thing }) => !isGeneric(thing)).flatMap(({ match }) => match.at));
  // "Telescope -": one of its ways, and no ground.
  const isWay = ({ at }: Match): boolean =>
    TRAVELS.has(things[0]?.name ?? "") &&
    at.every((place) => /^(plus|minus)$/.test(tokens[place]?.word ?? ""));
  const freeSigns = signs.filter((sign) => isFree(sign, tokens, contained, nameWords) && !isWay(sign));
  const { kinds, roles } = partsIn(tokens, { things, silenced, asidePlaces, contained });
  const isOxygen = things.some(({ name }) => name.startsWith("oxygen"));
  const telling = new Set(used.flatMap(({ match }) => turningPlaces(match, tokens)));
  const levelWords = new Set(
    [...contained].filter((place) => !telling.has(place) && !isOutsideName(tokens, place)),
  );
  const said = whichOne(tokens, levelWords, isOxygen);
  const { which, pole } = sensesOf(tokens, things, {
    which: context.raisesAndLowers === true ? asWay(tokens, said) : said,
    pole: poleOf(tokens, freeSigns, contained, asidePlaces),
  });
  const contact = contactOf(tokens);
  const heard = (place: number): boolean => !silenced.has(place);
  const phrases = [...used.map(({ match }) => match), ...signs, ...remarks].flatMap(({ at }) => at);
  const held = new Set(phrases.map((place) => tokens[place]?.word));
  const isLoose = (place: number): boolean => heard(place) && !held.has(tokens[place]?.word);
  // Where a wire comes from and goes to tells nothing of what it is.
  const isOwn = (place: number): boolean => !asidePlaces.has(place);
  const doubt = doubtOf(
    contentOf(tokens, (i) => heard(i) && isOwn(i)).length,
    contentOf(tokens, (i) => isLoose(i) && isOwn(i)).length,
    used,
  );
  const mark = markOf(text, kinds, things, context.triggerMarks);
  const spare = isSpare(tokens, signs, things, contact);
  const classes = spare
    ? NOTHING
    : classesOf({
        tokens,
        signs: freeSigns,
        things,
        either,
        aside,
        kinds,
        pole,
        contact,
        mark,
        doubt,
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
  const meant = spare ? [lexiconThing("spare")] : named;
  const isFirst = !spare && meant[0] === things[0];
  const meaning: Omit<Meaning, "direction"> = {
    text,
    said: tokens.map(({ word }) => word).join(" "),
    things: meant,
    either: isFirst ? either : [],
    // "DIM": what is dimmed, or what dims it.
    vague: isFirst && (vague || isQualified(tokens, used, meant[0]) || /^dim$/i.test(text.trim())),
    thing: meant[0] ?? null,
    aside: aside.filter((thing) => !named.includes(thing)),
    kinds,
    roles,
    which,
    pole,
    contact,
    volts: voltsOf(tokens) || (signal === "sensor-supply" && isFiveVolt(named) ? 5 : 0),
    classes,
    signal,
    certain,
    unread: tokens.filter(({ kind }) => kind === "unknown").map(({ raw }) => raw),
    content: [
      ...contentOf(tokens, heard),
      ...(isFeed(signal) && things.every(isGeneric) ? fedBy(tokens, signal === "ground") : []),
    ],
    // What a feed is for may stand in brackets; it is one feed all the same.
    loose: contentOf(tokens, (i) => isLoose(i) && !(isFeed(signal) && tokens[i]?.inBrackets === true)).map(
      ({ word }) => word,
    ),
    doubt,
    understood,
    fuzzy: tokens.some(({ kind }) => kind === "near"),
    givenBy: givenBy(tokens, used, freeSigns, remarks, which),
  };
  return { ...meaning, direction: wayOf(tokens, meaning) satisfies Direction | null };
}

/** "Dust indicator switch": an unknown word right before a name may make it another thing. */
function isQualified(tokens: readonly Token[], used: readonly Used[], thing: Thing | undefined): boolean {
  const own = used.find((one) => one.thing === thing);
  const first = own?.match.at[0] ?? 0;
  const before = tokens[first - 1];
  return (
    before?.kind === "unknown" && before.clause === tokens[first]?.clause && /^[a-z]{4,}$/.test(before.raw)
  );
}

/** Words that turn a text are heard even within the name of a thing. */
const isOutsideName = (tokens: readonly Token[], place: number): boolean =>
  /^(left|right|front|rear|inner|outer|up|down|increase|decrease|cushion|backrest)$/.test(
    tokens[place]?.word ?? "",
  );

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

/** A plug's name that says something; "LB" and "HL" are where it sits or what a drawing calls it. */
const WORD = /[a-z]{3}/i;

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
    const outer = readMeaning(WORD.test(plug) ? plug : "");
    const own = outer.things.filter((thing) => !isGeneric(thing) && thing.name !== "spare");
    const told =
      own.length > 0
        ? own
        : readMeaning(module).things.filter((thing) => !isGeneric(thing) && isLowSensor(thing));
    if (told.length === 1) return told;
  }
  if (supply !== undefined && signal !== "switched-ground") return [lexiconThing(supply)];
  if (aside.length > 0 && signal !== "unknown") return aside.slice(0, 1);
  return supply === undefined ? [] : [lexiconThing(supply)];
}
const isLowSensor = ({ signal }: Thing): boolean =>
  ["analog", "resistive-sensor", "hall", "vr-pair"].includes(signal);

/** Potentiometers and pressure sensors run on 5 V unless somebody says otherwise (common practice). */
const isFiveVolt = ([thing]: readonly Thing[]): boolean => thing?.signal === "analog";

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
