import type { Connector, Pin, PinId } from "../model/index.ts";
import { once } from "../util/index.ts";
import type { Meaning } from "./meaning.ts";
import { lampsByHue } from "./hues.ts";
import { borrowedIn, readRow, type Borrowed, type Row } from "./neighbours.ts";
import {
  CHANNEL_LED,
  COLOUR_LED,
  IGNITION_NUMBER,
  STOP,
  NUMBER_LED,
  SPEAKER,
  type ListHabits,
  type MeaningContext,
} from "./tokensIn.ts";

const BARE = /(?:^|[\s/,(])(?:58[LRKdk]|56[abd]|53[abce]|49[aLR]|54|31b)(?![\p{L}\p{N}])/u;
const NAMED = /\b(?:kl|klemme|term|terminal)\b/i;
const BARE_FIRST = /^(?:15|30|31|50|54|56|58|61|75|85|86|87)\s+\p{L}/u;
const [LOW_BEAM, HIGH_BEAM] = [/\b(?:low|dip(?:ped)?) beam\b/i, /\b(?:high|main) beam\b/i];
const LAMPS =
  /\b(?:lamps?|lights?|turn|flasher|indicator|tail|stop|fog|beam|58[lr]?|54|bl|br|nsl|leuchte|blinker|licht)\b/i;

const CORNER = /(?<![\p{L}])(FL|FR|RL|RR|LF|RF|LR)(?![\p{L}])/giu;
/** "RR LH" is the rear on the left; beside it RR names no corner. */
const END_BESIDE_SIDE =
  /(?<![\p{L}])(?:FR|RR)[ .,(-]*(?:[LR]\/?H|left|right)(?![\p{L}])|(?<![\p{L}])(?:[LR]\/?H|left|right)[ .,(-]*(?:FR|RR)(?![\p{L}])/iu;

/** Whether a list names corners in two letters: three of them at least, one of which cannot be anything else. */
function namesCorners(texts: readonly string[]): boolean {
  if (texts.some((text) => END_BESIDE_SIDE.test(text))) return false;
  const named = new Set(
    texts.flatMap((text) => [...text.matchAll(CORNER)].map(([corner]) => corner.toUpperCase())),
  );
  return named.size >= 3 && ["FL", "LF", "RF"].some((corner) => named.has(corner));
}

const ELECTRIC =
  /\b(?:ksi|phase [abc]|hall [abc]|phase (?:yellow|green|blue)|contactor|pre-?charge|encoder|em brake|traction|inching|pack ?[+-]|motor controller|throttle (?:wiper|pot)|key ?switch \(ksi|seat interlock|main driver)\b/i;
const CAM = /^\s*(?:cam|cmp)\b/i;
const CRANK = /^\s*crank\s*[+-]?\s*$/i;
/** What only the plug of an engine's computer has, and a feed that the key switches by another name than "IGN". */
const PICKUP = /\b(?:crank|ckp|trig(?:ger)?|vr)\b|\binj(?:ector)?[ _]?\d/i;
const INJECTOR = /^\s*inj(?:ector)?[ _]?\d/i;
const COIL_OUT = /^\s*ign(?:ition)?[ _]?\d[ _]out/i;
const KEYED = /12 ?v[ _]?sw|\bswitched|\bign(?:ition)?[ _](?:sw|in|feed|on|supply)\b|\bkl\.? ?15\b|\bvign\b/i;
const CRANK_POLE = /^\s*crank\s*[+-]\s*$/i;

const CLUSTER =
  /\b(?:tach(?:o|ometer)?|spe?e?d(?:o|ometer)?|fu(?:el)?|temp|ill(?:um)?|hi-?bm|beam|turn|chg|charge|mil)\b/i;
/** What cranks an engine or reads its flywheel: no cluster. */
const STARTS =
  /^\s*(?:(?:engine )?start|crank|mpu[ +-]*)\s*(?:sw(?:itch)?|button|in(?:put)?|out(?:put)?|rly|relay|port|stbd|starboard)?\s*$/i;
const CLIMATE =
  /\b(?:blower|evap(?:orator)?|recirc|(?:mix|temp(?:erature)?) (?:door|flap)|thermostat|binary|heater (?:tap|valve)|demist|water valve|face vent|footwell vent)\b/i;
/** A fan of several speeds is a blower. */
const BLOWER = /\bfan (?:speed )?(?:med(?:ium)?|[34]|ml|mh)\b/i;
const GEARBOX =
  /\b(?:shift (?:valve|solenoid|sol)|ss ?[1-4ab]|epc|line pressure|lock-?up|tcc|turbine|output shaft|oss|tss|selector|kick-?down|overdrive|range)\b/i;
const ZERO = /^\s*0 ?v\s*$/i;
const FIVE = /^\s*\+?5 ?v\b/i;
const POWER_GROUND =
  /^\s*(?:gnd|ground|pgnd|p(?:ower|wr) gnd|gnd p(?:ower|wr)|power ground|31|b-|vbat-|batt? ?-)/i;
const GEAR = /^\s*([PRND])\s*$/i;

/** "(-)" or "(+)" behind what a wire does. */
const MARKED = /[\p{L}\p{N}]\s*\(\s*([-–−+])\s*\)/u;
/** Whether a list marks the polarity that its module gives or wants: three times at least, and never both poles of one thing. */
function marksTriggers(texts: readonly string[]): boolean {
  const marked = texts.filter((text) => MARKED.test(text));
  const bare = marked.map((text) =>
    text
      .replace(MARKED, "")
      .replace(/[^\p{L}\p{N}]+/gu, " ")
      .trim(),
  );
  return marked.length >= 3 && new Set(bare).size === bare.length;
}

/** A list that speaks of ships. */
const STARBOARD = /\b(?:starboard|stbd|stb|bilge|masthead|anchor|helm)\b/i;

/** A text without its last word and without the number of its channel. */
const stemOf = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replace(/^(?:ch|out)[ _]?\d+[ _]/, "")
    .replace(/[\s_]*[^\s_]+$/, "");
/** Whether two texts of a list differ in their last word only, one ending as the first says and one as the second. */
function endsBothWays(texts: readonly string[], one: RegExp, other: RegExp): boolean {
  const stems = new Set(texts.filter((text) => one.test(text)).map(stemOf));
  return texts.some((text) => other.test(text) && stemOf(text) !== "" && stems.has(stemOf(text)));
}
/** "LED red" and "LED black": two leads of one part, told by their colour. */
const [RED, BLACK] = [/\S\s+red\s*$/i, /\S\s+(?:black|blk)\s*$/i];
/** "Reel raise" and "reel lower": the two ways of one ram. */
const [RAISES, LOWERS] = [
  /\b(?:raise|lift|up|fore|forward|heben|hoch)\s*$/i,
  /\b(?:lower|drop|aft|back|senken|runter)\s*$/i,
];

/** Whether a list numbers its lines before what each does: most of them, each number once and none beyond the list, and what follows tells them apart. */
function numbersLines(texts: readonly string[]): boolean {
  const led = texts.flatMap((text) => {
    const found = NUMBER_LED.exec(text);
    return found === null ? [] : [{ number: Number(found[1]), rest: text.slice(found[0].length) }];
  });
  return (
    led.some(({ number }) => number <= 3) &&
    led.length >= 4 &&
    led.length >= texts.length * 0.8 &&
    new Set(led.map(({ number }) => number)).size === led.length &&
    Math.max(...led.map(({ number }) => number)) <= texts.length * 1.5 + 3 &&
    new Set(led.map(({ rest }) => rest.toLowerCase())).size >= led.length * 0.8
  );
}
/** Whether at least three lines of a list begin with one letter and a number of their own, and what follows tells them apart: names of channels. */
function channelsLead(texts: readonly string[]): boolean {
  const led = new Map<string, Map<string, string>>();
  for (const text of texts) {
    const [all = "", letter = "", number = ""] = CHANNEL_LED.exec(text) ?? [];
    if (all !== "")
      led.set(letter, (led.get(letter) ?? new Map<string, string>()).set(number, text.slice(all.length)));
  }
  return [...led.values()].some((rests) => rests.size >= 3 && new Set(rests.values()).size === rests.size);
}
/** Whether most lines of a list begin with the colour of the wire. */
function colourLeads(texts: readonly string[]): boolean {
  const led = texts.filter((text) => COLOUR_LED.test(text)).length;
  return led >= 4 && led >= texts.length * 0.6;
}

/** Reads the habits of the texts of one plug: bare DIN numbers count where at least two stand there, "IGN n" is a coil where three or more stand in a row, or two beside a pickup and a feed from the key, a radio has two speakers at least. */
function habitsOf(texts: readonly string[]): ListHabits {
  const bare = texts.filter((text) => (BARE.test(text) || BARE_FIRST.test(text)) && !NAMED.test(text)).length;
  const ignition = new Set(texts.flatMap((text) => IGNITION_NUMBER.exec(text)?.[1] ?? []));
  const lamps = texts.filter((text) => LAMPS.test(text)).length;
  return {
    bareTerminals: bare >= 2,
    ignitionCoils:
      ignition.size >= 3 ||
      (ignition.size === 2 &&
        texts.some((text) => PICKUP.test(text)) &&
        texts.some((text) => KEYED.test(text))) ||
      (texts.some((text) => COIL_OUT.test(text)) &&
        texts.some((text) => PICKUP.test(text)) &&
        texts.some((text) => INJECTOR.test(text))),
    lampPlug:
      (lamps >= 3 && lamps * 3 >= texts.length) ||
      (texts.some((text) => LOW_BEAM.test(text)) && texts.some((text) => HIGH_BEAM.test(text))),
    corners: namesCorners(texts),
    audioPlug: texts.filter((text) => SPEAKER.test(text)).length >= 4,
    electricDrive: texts.filter((text) => ELECTRIC.test(text)).length >= 2,
    cluster:
      texts.filter((text) => CLUSTER.test(text)).length >= 5 && !texts.some((text) => STARTS.test(text)),
    climate:
      texts.some((text) => BLOWER.test(text)) || texts.filter((text) => CLIMATE.test(text)).length >= 3,
    gearLetters: new Set(texts.flatMap((text) => GEAR.exec(text)?.[1]?.toUpperCase() ?? [])).size >= 3,
    zeroOfSensors:
      texts.some((text) => ZERO.test(text)) &&
      texts.some((text) => FIVE.test(text)) &&
      texts.some((text) => POWER_GROUND.test(text)),
    numbered: numbersLines(texts),
    colourFirst: colourLeads(texts),
    channelFirst: channelsLead(texts),
    startAndStop: texts.some((text) => STARTS.test(text)) && texts.some((text) => STOP.test(text)),
    redAndBlack: endsBothWays(texts, RED, BLACK),
    gearboxPlug: texts.filter((text) => GEARBOX.test(text)).length >= 4,
    triggerMarks: marksTriggers(texts),
    lampHues: lampsByHue(texts),
    extendsAndRetracts: endsBothWays(texts, /[ _]ext\s*$/i, /[ _]ret\s*$/i),
    portAndStarboard:
      endsBothWays(texts, /[ _]p\s*$/i, /[ _]s\s*$/i) && texts.some((text) => STARBOARD.test(text)),
    raisesAndLowers: endsBothWays(texts, RAISES, LOWERS),
    pickups:
      texts.filter((text) => CRANK_POLE.test(text)).length === 2 ||
      (texts.some((text) => CRANK.test(text)) && texts.some((text) => CAM.test(text))),
  };
}

/** The lines of a table, each in the light of the whole. */
export function readRows(rows: readonly Row[]): readonly Meaning[] {
  const habits = habitsOf(rows.map((row) => row.function));
  return borrowedIn(rows, habits).map((borrowed, i) =>
    readRow(rows[i]?.function ?? "", { ...habits, ...borrowed }),
  );
}

interface ReadList {
  readonly whole: MeaningContext;
  readonly rows: ReadonlyMap<PinId, RowContext>;
}
/** What helps to read one line: its plug, the list's habits, and what the line takes over from its neighbours. */
export type RowContext = MeaningContext & Borrowed;

const listOf = once(({ name, place, pins }: Connector): ReadList => {
  const whole = { ...habitsOf(pins.map((pin) => pin.function)), plug: name, module: place };
  const rows = borrowedIn(pins, whole);
  return { whole, rows: new Map(pins.map(({ id }, i) => [id, { ...whole, ...rows[i] }])) };
});

/** What a connector tells of the text of one of its pins: its name, the part that it is on, how its list speaks, and what the line takes over from its neighbours. Worked out once for each connector. */
export function contextOf(connector: Connector, pin: Pick<Pin, "id">): RowContext {
  const { whole, rows } = listOf(connector);
  return rows.get(pin.id) ?? whole;
}
