import { firstDifference } from "../util/index.ts";
import { THINGS, type Thing } from "./lexicon/index.ts";
import { readMeaning } from "./readMeaning.ts";
import type { WhichOne } from "./whichOne.ts";

/** What a text that is being typed may become. */
export interface Suggestion {
  readonly thing: Thing;
  /** What the field would hold: the thing with the side, end or number that was typed. */
  readonly text: string;
}

interface Entry {
  readonly thing: Thing;
  readonly phrase: string;
  readonly order: number;
}
const ENTRIES: readonly Entry[] = THINGS.flatMap((thing, order) =>
  thing.phrases.map((phrase) => ({ thing, phrase: phrase.toLowerCase(), order })),
);

/** Things that a text being typed may become, best first: what it reads as, then what its letters begin. */
export function suggestThings(text: string, limit = 8): readonly Suggestion[] {
  const typed = text.trim().toLowerCase();
  if (typed === "") return [];
  const read = readMeaning(text);
  const scores = new Map<Thing, number>();
  const offer = (thing: Thing, score: number): void => {
    if (score > (scores.get(thing) ?? 0)) scores.set(thing, score);
  };
  const asRead = read.understood === 1 && !read.fuzzy ? 3.2 : 1.5 + 0.5 * read.understood;
  for (const thing of read.things) offer(thing, asRead);
  for (const thing of read.either) offer(thing, asRead - 0.1);
  for (const { thing, phrase } of ENTRIES) {
    if (phrase === typed) offer(thing, 3);
    else if (thing.name.startsWith(typed)) offer(thing, 2.2 + typed.length / thing.name.length);
    else if (phrase.startsWith(typed)) offer(thing, 1 + typed.length / phrase.length);
    else if (` ${phrase}`.includes(` ${typed}`)) offer(thing, 0.9);
  }
  const order = new Map(THINGS.map((thing, index) => [thing, index]));
  return [...scores]
    .sort(([a, x], [b, y]) => firstDifference(y - x, (order.get(a) ?? 0) - (order.get(b) ?? 0)))
    .slice(0, limit)
    .map(([thing]) => ({ thing, text: [thing.name, ...placesOf(read.which, thing.name)].join(", ") }));
}

/** Side, end and number of a text in words, but for those that the name of the thing holds itself. */
function placesOf(which: WhichOne, name: string): readonly string[] {
  const own = new Set(name.split(" "));
  return [...which]
    .filter(([dimension]) => dimension !== "opening" && dimension !== "lock")
    .flatMap(([dimension, values]) =>
      [...values].map((value) =>
        dimension === "bank" || dimension === "sensor" ? `${dimension} ${value}` : value,
      ),
    )
    .filter((value) => !own.has(value));
}
