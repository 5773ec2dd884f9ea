import {
  TAUGHT_SLOTS,
  type Dossier,
  type OwnWord,
  type TaughtSlot,
  type TaughtSlots,
} from "../model/index.ts";
import { once } from "../util/index.ts";
import { thingNamed, type Thing } from "./lexicon/index.ts";
import type { Meaning } from "./meaning.ts";
import type { RowContext } from "./habits.ts";
import { readRow } from "./neighbours.ts";

interface Taught {
  readonly exact: ReadonlyMap<string, OwnWord>;
  readonly like: ReadonlyMap<string, OwnWord>;
}
const keyOf = (text: string): string =>
  text
    .toLowerCase()
    .match(/[\p{L}\p{N}+-]+/gu)
    ?.join(" ") ?? "";

/** Words that tell one of several like wires from the others. */
const WHICH =
  /^(?:[a-h]|\d+|left|right|lh|rh|[lr][fr]|f[lr]|r[lr]|front|rear|upper|lower|inner|outer|driver|passenger|bank|number|no|nr|cyl|cylinder|links|rechts|vorne|hinten|vorn|1st|2nd|3rd)$/;
/** Numbers of terminals (DIN 72552, from memory) say what a wire is, not which one of several. */
const TERMINAL = /^(?:15|30|31|49|50|53|54|55|56|57|58|61|75|76|8[1-8])$/;
const AMOUNT = /(\d+(?:[.,]\d+)?)\s*(v|volts?|a|amps?|ma|w|ohms?|hz)(?![\p{L}\p{N}])/giu;
/**
 * A text without what tells it from its like: "Left sender 2" and "Right sender 1" are both "sender"; empty where nothing else
 * is left. Terminals and amounts stay: 5 V is not 12 V, and 30 is not 31.
 */
export const likeKey = (text: string): string =>
  keyOf(text.replace(AMOUNT, (_, amount: string, unit: string) => `${amount.replace(/[.,]/, "p")}${unit}`))
    .split(" ")
    .map((word) => word.replace(/(?<=^\p{L}{2,})\d+$/u, ""))
    .filter((word) => TERMINAL.test(word) || !WHICH.test(word))
    .join(" ");

const taughtBy = once((words: readonly OwnWord[]): Taught => ({
  exact: new Map(words.map((word) => [keyOf(word.text), word])),
  like: new Map(
    words.flatMap((word) =>
      word.like === true && likeKey(word.text) !== "" ? [[likeKey(word.text), word] as const] : [],
    ),
  ),
}));

function ownWord(words: readonly OwnWord[], text: string): OwnWord | undefined {
  if (words.length === 0 || text === "") return undefined;
  const { exact, like } = taughtBy(words);
  return exact.get(keyOf(text)) ?? (like.size === 0 ? undefined : like.get(likeKey(text)));
}

/** A thing that the shop has its own word for and the lexicon does not know. */
const ownThing = ({ text, signal }: OwnWord): Thing => ({
  name: text,
  family: text,
  signal,
  direction: "both",
  open: "nothing",
  vital: false,
  keepOut: null,
  startInterlock: false,
  phrases: [],
});

/** What a text says, with what the user taught for it: the taught thing and class stand, the rest of the reading stays. */
export function readFunction(
  text: string,
  words: readonly OwnWord[] = [],
  context: RowContext = {},
): Meaning {
  const read = readRow(text, context);
  const own = ownWord(words, text);
  if (own === undefined) return read;
  const thing = (own.term === null ? undefined : thingNamed(own.term)) ?? ownThing(own);
  return {
    ...read,
    things: [thing],
    either: [],
    vague: false,
    thing,
    signal: own.signal === "unknown" ? thing.signal : own.signal,
    classes: new Map([[own.signal === "unknown" ? thing.signal : own.signal, 1]]),
    certain: 1,
    unread: [],
    understood: 1,
    fuzzy: false,
    ...withSlots(read, taughtSlots(words, text)),
  };
}

const WHICH_SLOTS = ["side", "end", "level", "bank", "number"] as const satisfies readonly TaughtSlot[];
type WhichSlot = (typeof WHICH_SLOTS)[number];

/** What a reading says in a slot that can be taught; null where it says nothing, or two things at once. */
export function slotOf({ which, kinds, roles, pole, direction }: Meaning, slot: TaughtSlot): string | null {
  const only = (values: Iterable<string>): string | null => {
    const [first, ...rest] = values;
    return first === undefined || rest.length > 0 ? null : first;
  };
  const told: Readonly<Partial<Record<TaughtSlot, string | null>>> = {
    kind: only(kinds),
    role: only(roles),
    pole,
    direction,
  };
  const said = slot in told ? told[slot] : only(which.get(slot as WhichSlot) ?? []);
  return typeof said === "string" && (TAUGHT_SLOTS[slot] as readonly string[]).includes(said) ? said : null;
}

/** What was taught of a text beside its thing and class: all of it for the very text, no side or number for one like it. */
export function taughtSlots(words: readonly OwnWord[], text: string): TaughtSlots {
  const own = ownWord(words, text);
  if (own?.slots === undefined || keyOf(own.text) === keyOf(text)) return own?.slots ?? {};
  const holds = ([slot]: readonly [string, unknown]): boolean =>
    !(WHICH_SLOTS as readonly string[]).includes(slot);
  return Object.fromEntries(Object.entries(own.slots).filter(holds));
}

function withSlots(
  { which, kinds, roles, pole, direction }: Meaning,
  slots: TaughtSlots,
): Pick<Meaning, "which" | "kinds" | "roles" | "pole" | "direction"> {
  const told = new Map(which);
  for (const slot of WHICH_SLOTS) {
    const value = slots[slot];
    if (value === null) told.delete(slot);
    else if (value !== undefined) told.set(slot, new Set([value]));
  }
  const asSet = <T>(value: T | null | undefined, read: ReadonlySet<T>): ReadonlySet<T> =>
    value === undefined ? read : new Set(value === null ? [] : [value]);
  return {
    which: told,
    kinds: asSet(slots.kind, kinds),
    roles: asSet(slots.role, roles),
    pole: slots.pole === undefined ? pole : slots.pole,
    direction: slots.direction === undefined ? direction : slots.direction,
  };
}

/**
 * A job with those of the shop's words that speak of its labels and that it has none of its own for: a job is read the same wherever
 * it goes.
 */
export function withShopWords(dossier: Dossier, shop: readonly OwnWord[]): Dossier {
  if (shop.length === 0) return dossier;
  const taken = new Set(
    dossier.connectors.flatMap(({ pins }) =>
      pins.flatMap(({ function: text }) =>
        ownWord(dossier.words, text) === undefined ? (ownWord(shop, text) ?? []) : [],
      ),
    ),
  );
  return taken.size === 0 ? dossier : { ...dossier, words: [...taken, ...dossier.words] };
}

/** The own words with one more; a text means what it was last given. */
export function learn(words: readonly OwnWord[], word: OwnWord): readonly OwnWord[] {
  const key = keyOf(word.text);
  return [...words.filter(({ text }) => keyOf(text) !== key), { ...word, text: word.text.trim() }];
}
