import { colourInWords } from "../colour/index.ts";
import {
  contextOf,
  directionOf,
  givenSignal,
  leaningOf,
  readFunction,
  type ContentWord,
  type Meaning,
} from "../meaning/index.ts";
import {
  pinColour,
  SIDES,
  usualLevel,
  type Connector,
  type ConnectorId,
  type Direction,
  type Dossier,
  type Pin,
  type PlacedPin,
  type SignalClass,
} from "../model/index.ts";

/** A pin with its texts read once, so that a table of all pairs stays cheap. */
export interface ReadPin {
  readonly placed: PlacedPin;
  readonly reading: Meaning;
  /** The class that was given, else the likeliest that the words tell. */
  readonly signal: SignalClass;
  /** How likely each class is: one of them for certain where it was given. */
  readonly classes: ReadonlyMap<SignalClass, number>;
  /** Highest voltage in V, null where nothing is known of it. `stated`: somebody wrote it down for this pin. */
  readonly level: { readonly volts: number | null; readonly stated: boolean };
  /** As written down for this pin. */
  readonly direction: Direction | null;
  /** As written down, else as the words and the plug as a whole tell, with how likely it is. */
  readonly way: { readonly direction: Direction | null; readonly certain: number };
  readonly colour: ReturnType<typeof pinColour>;
  /** Everything that the strength of a pair depends on: equal senses are weighed alike. */
  readonly sense: string;
  /** The words that may name something, each with how rare it is in the job: 1 where each side has it once, a half where one of them has it twice. */
  readonly words: readonly RareWord[];
  /** The colour in words, empty while it is not known. */
  readonly look: string;
  /** The cavity in its shell, empty without one: equal places are the same cavity of the same kind of shell. */
  readonly place: string;
}

export interface RareWord extends ContentWord {
  readonly rarity: number;
  /** No phrase of the lexicon holds it. */
  readonly loose: boolean;
}

interface ReadPlug {
  readonly leaning: number;
  readonly shell: string;
}

/** Reads the pins of a job, each in the light of its plug, with the user's own words before the lexicon's. */
export function pinReader({
  words,
  head,
  connectors,
}: Pick<Dossier, "words" | "head" | "connectors">): (placed: PlacedPin) => ReadPin {
  const readingOf = (connector: Connector, pin: Pin): Meaning =>
    readFunction(pin.function, words, contextOf(connector, pin));
  let rarity: ReadonlyMap<string, number> | null = null;
  const plugs = new Map<ConnectorId, ReadPlug>();
  const plugOf = (connector: Connector): ReadPlug => {
    const known = plugs.get(connector.id);
    if (known !== undefined) return known;
    const read: ReadPlug = {
      leaning: leaningOf(
        connector.pins.flatMap((pin) => (pin.function === "" ? [] : [pin.function])),
        connector.side,
      ),
      shell: connector.shell === null ? "" : JSON.stringify(connector.shell.pattern),
    };
    plugs.set(connector.id, read);
    return read;
  };
  return (placed) => {
    const { pin, connector } = placed;
    const { leaning, shell } = plugOf(connector);
    const reading = readingOf(connector, pin);
    const rarities = (rarity ??= rarityOf(connectors, readingOf));
    const rare = reading.content.map((one) => ({
      ...one,
      rarity: rarities.get(one.word) ?? 1,
      loose: reading.loose.includes(one.word),
    }));
    const given = givenSignal(pin);
    const signal = given ?? reading.signal;
    const classes = given === null ? reading.classes : new Map([[given, 1]]);
    const colour = pinColour(pin, connector);
    const way =
      pin.direction === null
        ? directionOf(reading, signal, leaning)
        : { direction: pin.direction, certain: 1 };
    return {
      placed,
      reading,
      signal,
      classes,
      colour,
      level: { volts: pin.level ?? usualLevel(signal, head.nominalVolts), stated: pin.level !== null },
      direction: pin.direction,
      way,
      words: rare,
      sense: senseOf(reading, signal, classes, way, pin.size, pin.level, rare),
      look: colour === null ? "" : colourInWords(colour),
      place: shell === "" ? "" : `${shell} ${pin.cavity}`,
    };
  };
}

/** How rare each word is: one by the most pins of one side that have it. */
function rarityOf(
  connectors: readonly Connector[],
  readingOf: (connector: Connector, pin: Pin) => Meaning,
): ReadonlyMap<string, number> {
  const most = new Map<string, number>();
  for (const side of SIDES) {
    const uses = new Map<string, number>();
    for (const connector of connectors)
      if (connector.side === side)
        for (const pin of connector.pins)
          if (pin.function !== "")
            for (const { word } of readingOf(connector, pin).content)
              uses.set(word, (uses.get(word) ?? 0) + 1);
    for (const [word, count] of uses) most.set(word, Math.max(most.get(word) ?? 0, count));
  }
  return new Map([...most].map(([word, count]) => [word, 1 / count]));
}

const round = (value: number): number => Math.round(value * 100) / 100;
const senseOf = (
  {
    said,
    things,
    either,
    aside,
    vague,
    kinds,
    which,
    pole,
    contact,
    volts,
    unread,
    understood,
    fuzzy,
    doubt,
  }: Meaning,
  signal: SignalClass,
  classes: ReadPin["classes"],
  way: ReadPin["way"],
  size: number | null,
  level: number | null,
  rare: readonly RareWord[],
): string =>
  JSON.stringify([
    said,
    things.map(({ name }) => name),
    either.map(({ name }) => name),
    aside.map(({ name }) => name),
    vague,
    [...kinds].sort(),
    [...which].map(([dimension, values]) => [dimension, [...values].sort()]),
    pole,
    contact,
    volts,
    unread,
    round(understood),
    fuzzy,
    signal,
    [...classes].map(([one, share]) => [one, round(share)]),
    way.direction,
    round(way.certain),
    size,
    level,
    round(doubt),
    rare.map(({ word, rarity, loose }) => [word, round(rarity), loose]),
  ]);
