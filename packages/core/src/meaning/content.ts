import type { Token } from "./lex.ts";

/** A word of a text that may name something, as the lexicon writes it. */
export interface ContentWord {
  readonly word: string;
  readonly known: boolean;
}

/** Words that turn a text or say how a wire works, and the parts that hang on any wire: they name nothing that two texts could share. */
const NAMELESS = new Set(
  (
    "left right front rear inner outer upper lower up down low high in out input output request sense number first second third one two fast slow full half " +
    "plus minus on off open close closed opened when with at from to via for and or not only side end pin terminal new old " +
    "relay coil winding switch contact trigger sensor motor lamp telltale gauge valve solenoid heater pump contactor indicator " +
    "ground supply feed power return signal common live hot constant permanent keyed switched battery ignition accessory start bplus chassis " +
    "control command driver drive output positive negative earthed active main auxiliary crank cranking dead electric electrical unit"
  ).split(" "),
);

/** The words of a text that may name something, each once, at the places that count. */
export function contentOf(
  tokens: readonly Token[],
  counts: (place: number) => boolean = () => true,
): readonly ContentWord[] {
  const words = new Map<string, boolean>();
  tokens.forEach(({ word, kind }, i) => {
    if (kind === "number" || kind === "amount" || word.length < 2 || NAMELESS.has(word)) return;
    if (/^t\d/.test(word) || !counts(i)) return;
    words.set(stem(word, kind === "unknown"), kind !== "unknown");
  });
  return [...words].map(([word, known]) => ({ word, known }));
}
/** What a feed or a ground may be meant for: the same by whichever of its names. */
const FED: ReadonlyMap<string, string> = new Map([
  ["valve", "valve"],
  ["solenoid", "valve"],
  ["electronic", "electronic"],
  ["control unit", "electronic"],
  ["logic", "electronic"],
  ["lamp", "lamp"],
  ["motor", "motor"],
  ["pump", "pump"],
]);
/** "Power ground" and "control ground" of one part are two wires. */
const GROUNDED: ReadonlyMap<string, string> = new Map([
  ...FED,
  ["power", "power"],
  ["control", "electronic"],
]);
/** What a feed is for, where no more is named than a kind of part. */
export function fedBy(tokens: readonly Token[], isGround: boolean): readonly ContentWord[] {
  const fed = isGround ? GROUNDED : FED;
  const words = new Set(
    tokens.flatMap(({ word }, i) => fed.get(word) ?? fed.get(`${tokens[i - 1]?.word ?? ""} ${word}`) ?? []),
  );
  return [...words].map((word) => ({ word, known: true }));
}

/** Words that tell no wire from another one of its name: what a part is mounted in, how it is worked, codes of parts in a maker's diagram. */
const TELLS_NOTHING = new Set(
  (
    "unit digital hash meter dash engine vehicle bank cylinder wants combination twisted pair tw screened applied depressed engaged pulled pushed pressed both sub wave square sq sae type " +
    "strut tower bolt pillar box connector loom kit base inside panel ring flow pick proximity channel circuit cluster instrument detect connects device block plug socket harness " +
    "activate send stays come shared before after standing electronic logic insulation bar tube pipe bearing carrier per self hold"
  ).split(" "),
);
const PART_CODE = /^[a-z]{1,2}\d{1,4}$/;
/** Whether a word may tell a wire from another one of its name. */
export const tellsApart = (word: string): boolean => !TELLS_NOTHING.has(word) && !PART_CODE.test(word);

const stem = (word: string, isUnknown: boolean): string =>
  isUnknown && word.length > 4 && word.endsWith("s") && !word.endsWith("ss") ? word.slice(0, -1) : word;

const SHORTEST_START = 4;
const SHORTEST_SKELETON = 3;

/**
 * How far two words may be one, 0 to 1: the same, or one that the lexicon does not know cut short ("remind" for "reminder") or written without
 * some of its letters ("opnr" for "opener").
 */
export function wordLikeness(a: ContentWord, b: ContentWord): number {
  if (a.word === b.word) return 1;
  if (a.known && b.known) return 0;
  const [short, long] = a.word.length < b.word.length ? [a, b] : [b, a];
  if (short.known || short.word[0] !== long.word[0]) return 0;
  if (short.word.length >= SHORTEST_START && long.word.startsWith(short.word)) return 0.8;
  return short.word.length >= SHORTEST_SKELETON && isCutFrom(short.word, long.word) ? 0.6 : 0;
}
/** Whether a word is another one with letters left out, its last letter kept. */
function isCutFrom(short: string, long: string): boolean {
  if (short.at(-1) !== long.at(-1) || short.length * 3 < long.length) return false;
  let at = 0;
  for (const letter of long) if (letter === short[at]) at++;
  return at === short.length;
}
