import { firstDifference, lazily, present } from "../util/index.ts";
import { lex, type Token } from "./lex.ts";
import { REMARK_PHRASES, SIGN_PHRASES, THINGS } from "./lexicon/index.ts";

interface Phrase {
  readonly of: string;
  /** What else goes by the very same words. */
  readonly also: readonly string[];
  readonly words: readonly string[];
}

/** A phrase of the lexicon found in a text. */
export interface Match {
  readonly of: string;
  /** What else goes by the very same words: "brake" may be the switch or the lamp of the dash. */
  readonly also: readonly string[];
  /** Places of its words in the text, ascending. */
  readonly at: readonly number[];
  /** Its words stand side by side in their order. */
  readonly inOrder: boolean;
}

/** Phrases of one kind, by their rarest word. */
export interface PhraseTable {
  readonly byWord: ReadonlyMap<string, readonly Phrase[]>;
  readonly size: number;
}

/** Amounts of volts are one word to phrases that only ask for some voltage. */
const general = (word: string): string =>
  /^(12|24|36|48|60|64|72|80|96|13\.5|13\.8|14|27|28)v$/.test(word) ? "1v" : word;

function tableOf(
  entries: readonly { readonly of: string; readonly phrases: readonly string[] }[],
): PhraseTable {
  const wordsOf = (phrase: string): readonly string[] => lex(phrase).map(({ word }) => general(word));
  // What a thing is called here is its own; any other phrase may belong to several.
  const named = new Map(entries.map(({ of }) => [wordsOf(of).join(" "), of]));
  const owners = new Map<string, { readonly words: readonly string[]; readonly of: Set<string> }>();
  for (const { of, phrases } of entries)
    for (const phrase of phrases) {
      const words = wordsOf(phrase);
      const key = words.join(" ");
      if (words.length === 0) continue;
      const known = owners.get(key);
      if (known === undefined) owners.set(key, { words, of: new Set([named.get(key) ?? of]) });
      else if (!named.has(key)) known.of.add(of);
    }
  const all = [...owners.values()].map(({ words, of: [of = "", ...also] }): Phrase => ({ of, also, words }));
  const uses = new Map<string, number>();
  for (const { words } of all) for (const word of words) uses.set(word, (uses.get(word) ?? 0) + 1);
  const byWord = new Map<string, Phrase[]>();
  for (const phrase of all) {
    const rarest = phrase.words.reduce((a, b) => (present(uses.get(b), b) < present(uses.get(a), a) ? b : a));
    const list = byWord.get(rarest) ?? [];
    list.push(phrase);
    byWord.set(rarest, list);
  }
  return { byWord, size: all.length };
}

export const thingTable = lazily(() => tableOf(THINGS.map(({ name, phrases }) => ({ of: name, phrases }))));
export const signTable = lazily(() => tableOf(SIGN_PHRASES));
export const remarkTable = lazily(() => tableOf(REMARK_PHRASES));

/** Words that turn a text into its opposite. */
const TURNED = new Map(
  ["low high", "open closed", "lock unlock"].flatMap((pair) => {
    const [one = "", other = ""] = pair.split(" ");
    return [
      [one, other],
      [other, one],
    ] as const;
  }),
);
const keyOf = (name: string, words: readonly (string | undefined)[]): string =>
  `${name}: ${[...words].sort().join(" ")}`;
const saidOfThings = lazily(
  () =>
    new Set(
      [...thingTable().byWord.values()]
        .flat()
        .flatMap(({ of, also, words }) => [of, ...also].map((name) => keyOf(name, words))),
    ),
);
/**
 * Places of a phrase that are no part of the thing's name, since the thing goes by their opposite as well: a high and a low pressure switch are
 * one thing each, and tell two wires apart.
 */
export const turningPlaces = ({ of, at }: Match, tokens: readonly Token[]): readonly number[] =>
  at.filter((place) => {
    const turned = TURNED.get(tokens[place]?.word ?? "");
    if (turned === undefined) return false;
    const words = at.map((one) => (one === place ? turned : tokens[one]?.word));
    return saidOfThings().has(keyOf(of, words));
  });

/** Words that may stand between the words of one phrase and change nothing. */
const BETWEEN = new Set(
  "left right front rear lh rh inner outer upper lower 1 2 3 4 5 6 number bank main sub plus minus high low first second and signal switch sensor lamp".split(
    " ",
  ),
);

/** A phrase with one of these is said in its own order only: "on engine" is not "engine on". */
const PARTICLES = new Set(
  "on in up down out off to not with when at from while if while and 1 2 3 4 a b l d w f number only ground plus minus high low left right".split(
    " ",
  ),
);

const matchOf = ({ of, also }: Phrase, at: readonly number[], inOrder: boolean): Match => ({
  of,
  also,
  at,
  inOrder,
});

/** Where the words of a phrase stand: side by side in order, or within one clause in any order with at most two words between. */
function placeOf(
  phrase: Phrase,
  tokens: readonly Token[],
  words: readonly string[],
  anchor: number,
  anyOrder: boolean,
): Match | null {
  const { length } = phrase.words;
  for (let start = anchor - length + 1; start <= anchor; start++) {
    if (start < 0 || start + length > words.length) continue;
    if (
      phrase.words.every((word, i) => words[start + i] === word) &&
      isOneClause(tokens, start, start + length - 1)
    )
      return matchOf(
        phrase,
        phrase.words.map((_, i) => start + i),
        true,
      );
  }
  const counted = length > 1 ? overNumbers(phrase, tokens, words, anchor) : null;
  if (counted !== null) return counted;
  if (!anyOrder || length === 1 || length > 4 || phrase.words.some((word) => PARTICLES.has(word)))
    return null;
  const { clause } = present(tokens[anchor], "token");
  // "Temperature contact, cooling water 98 °C": in a short text a comma parts nothing.
  const isShort =
    tokens[anchor]?.inBrackets === false &&
    tokens.filter(({ kind, inBrackets }) => (kind === "known" || kind === "unknown") && !inBrackets).length <=
      4;
  const at: number[] = [];
  for (const word of phrase.words) {
    const found = nearest(
      words,
      word,
      anchor,
      at,
      (i) => tokens[i]?.clause === clause || (isShort && tokens[i]?.inBrackets === false),
    );
    if (found === null) return null;
    at.push(found);
  }
  const sorted = [...at].sort((a, b) => a - b);
  const [first, last] = [present(sorted[0], "first"), present(sorted[length - 1], "last")];
  if (last - first > length + 1) return null;
  for (let i = first; i <= last; i++)
    if (!sorted.includes(i) && !BETWEEN.has(words[i] as string) && tokens[i]?.kind !== "number") return null;
  return matchOf(phrase, sorted, false);
}
/** The words in order with the numbers of channels between: "relay 2 common", "pump 1 relay". */
function overNumbers(
  phrase: Phrase,
  tokens: readonly Token[],
  words: readonly string[],
  anchor: number,
): Match | null {
  const own = phrase.words.indexOf(words[anchor] as string);
  const at = [anchor];
  const walk = (from: number, step: 1 | -1, wanted: readonly string[]): boolean => {
    let place = from;
    for (const word of wanted) {
      place += step;
      while (tokens[place]?.kind === "number" && words[place] !== word) place += step;
      if (words[place] !== word) return false;
      at.push(place);
    }
    return true;
  };
  if (
    !walk(anchor, 1, phrase.words.slice(own + 1)) ||
    !walk(anchor, -1, phrase.words.slice(0, own).reverse())
  )
    return null;
  const sorted = at.sort((a, b) => a - b);
  return isOneClause(tokens, present(sorted[0], "first"), present(sorted[sorted.length - 1], "last"))
    ? matchOf(phrase, sorted, true)
    : null;
}
const isOneClause = (tokens: readonly Token[], from: number, to: number): boolean =>
  tokens[from]?.clause === tokens[to]?.clause || tokens.length <= 4;

function nearest(
  words: readonly string[],
  word: string,
  anchor: number,
  taken: readonly number[],
  fits: (at: number) => boolean,
): number | null {
  for (let distance = 0; distance <= 5; distance++)
    for (const at of [anchor - distance, anchor + distance])
      if (words[at] === word && !taken.includes(at) && fits(at)) return at;
  return null;
}

/** The phrases of a table that a text holds: the longest first, each word in one phrase only. */
export function phrasesIn(table: PhraseTable, tokens: readonly Token[]): readonly Match[] {
  const anyOrder = table === thingTable();
  const words = tokens.map(({ word }) => general(word));
  const held = new Set(words);
  const found: Match[] = [];
  words.forEach((word, anchor) => {
    for (const phrase of table.byWord.get(word) ?? []) {
      if (!phrase.words.every((one) => held.has(one))) continue;
      const match = placeOf(phrase, tokens, words, anchor, anyOrder);
      if (match !== null) found.push(match);
    }
  });
  const span = ({ at }: Match): number => (at[at.length - 1] ?? 0) - (at[0] ?? 0);
  found.sort((a, b) =>
    firstDifference(
      b.at.length - a.at.length,
      (a.inOrder ? 0 : 1) - (b.inOrder ? 0 : 1),
      span(a) - span(b),
      (a.at[0] ?? 0) - (b.at[0] ?? 0),
    ),
  );
  const taken = new Set<number>();
  const kept = found.filter(({ at }) => {
    if (at.some((place) => taken.has(place))) return false;
    for (const place of at) taken.add(place);
    return true;
  });
  return kept.sort((a, b) => (a.at[0] ?? 0) - (b.at[0] ?? 0));
}

/** How many phrases the lexicon knows. */
export const phraseCount = (): number => thingTable().size + signTable().size + remarkTable().size;
