import type { Direction, OpenEffect, SignalClass } from "../../model/index.ts";
import { DIRECTIONS, OPEN_EFFECTS, SIGNAL_CLASSES } from "../../model/index.ts";
import { invariant, present } from "../../util/index.ts";
import { BODY } from "./body.ts";
import { ENGINE } from "./engine.ts";
import { EQUIPMENT } from "./equipment.ts";
import { KIN } from "./kin.ts";
import { REMARKS, SIGNS } from "./signs.ts";
import { SUPPLIES } from "./supplies.ts";
import { WORD_FORMS } from "./words.ts";

/** What a wire serves, with what is usual for it (common practice, no source; the maker's sheet decides). */
export interface Thing {
  readonly name: string;
  /** Things of one family are related, but not the same wire: a lamp and its tell-tale. */
  readonly family: string;
  readonly signal: SignalClass;
  /** Seen from the module or part that the wire serves. */
  readonly direction: Direction;
  readonly open: OpenEffect;
  /** The part is dead or unsafe without it. */
  readonly vital: boolean;
  /** The kind of circuit that nobody works on here, where it is one. */
  readonly keepOut: "restraint" | "high-voltage" | null;
  /** It keeps the engine from being cranked in gear. */
  readonly startInterlock: boolean;
  readonly phrases: readonly string[];
}

const linesOf = (table: string): readonly string[] =>
  table
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "");
const listOf = (text: string, mark: string): readonly string[] =>
  text
    .split(mark)
    .map((part) => part.trim())
    .filter((part) => part !== "");

function oneOf<T extends string>(all: readonly T[], value: string | undefined, line: string): T {
  const found = all.find((one) => one === value);
  invariant(found !== undefined, `lexicon: ${value ?? "nothing"} in “${line}”`);
  return found;
}

const KEEP_OUT = ["restraint", "high-voltage"] as const;
/** What may stand behind the consequence of a thing. */
const MARKS = ["vital", "interlock", ...KEEP_OUT] as const;

function thingsOf(table: string): readonly Thing[] {
  let family = "";
  return linesOf(table).flatMap((line): readonly Thing[] => {
    if (line.startsWith("#")) {
      // "# - climate" heads things that merely stand together: each is a family of its own.
      family = line.startsWith("# -") ? "" : line.slice(1).trim();
      return [];
    }
    const [name = "", usual = "", phrases = ""] = listOf(line, "|");
    const [signal, direction, open, ...marks] = usual.split(" ");
    for (const mark of marks) oneOf(MARKS, mark, line);
    return [
      {
        name,
        family: family === "" ? name : family,
        signal: oneOf(SIGNAL_CLASSES, signal, line),
        direction: oneOf(DIRECTIONS, direction, line),
        open: oneOf(OPEN_EFFECTS, open, line),
        vital: marks.includes("vital"),
        keepOut: KEEP_OUT.find((what) => marks.includes(what)) ?? null,
        startInterlock: marks.includes("interlock"),
        phrases: [name, ...listOf(phrases, ";")],
      },
    ];
  });
}

/** Every thing that a wire may serve. */
export const THINGS: readonly Thing[] = [SUPPLIES, ENGINE, BODY, EQUIPMENT].flatMap(thingsOf);
const BY_NAME = new Map(THINGS.map((thing) => [thing.name, thing]));
export const thingNamed = (name: string): Thing | undefined => BY_NAME.get(name);

export interface Listed {
  readonly of: string;
  readonly phrases: readonly string[];
}
const listed = (table: string): readonly Listed[] =>
  linesOf(table).map((line) => {
    const [of = "", phrases = ""] = listOf(line, "|");
    return { of, phrases: listOf(phrases, ";") };
  });
/** Signs of what a wire carries, by signal class. */
export const SIGN_PHRASES = listed(SIGNS);
/** Remarks around a function, by what they tell. */
export const REMARK_PHRASES = listed(REMARKS);

const kin = new Map<string, Set<string>>();
for (const { of, phrases } of listed(KIN))
  for (const other of phrases)
    for (const [one, far] of [
      [of, other],
      [other, of],
    ] as const) {
      invariant(BY_NAME.has(one), `lexicon: no thing “${one}” to be kin of “${far}”`);
      kin.set(one, (kin.get(one) ?? new Set<string>()).add(far));
    }
const NO_KIN: ReadonlySet<string> = new Set();
/** Things of other families that the wire of a thing may go by at its other end. Symmetric. */
export const kinOf = (thing: string): ReadonlySet<string> => kin.get(thing) ?? NO_KIN;

/** Written forms and the words of the lexicon that they stand for. */
const FORMS = new Map<string, string>();
for (const line of linesOf(WORD_FORMS)) {
  if (line.startsWith("#")) continue;
  const [words = "", forms = ""] = listOf(line, ":");
  for (const form of forms.split(" ")) if (form !== "" && !FORMS.has(form)) FORMS.set(form, words);
}
for (const line of linesOf(WORD_FORMS)) {
  if (line.startsWith("#")) continue;
  for (const word of present(listOf(line, ":")[0], "words").split(" "))
    if (!FORMS.has(word)) FORMS.set(word, word);
}
// A form may be written with forms: "malfunction indicator lamp" is "fault indicator lamp".
for (const [form, words] of FORMS)
  FORMS.set(
    form,
    words
      .split(" ")
      .flatMap((word) => (word === form ? [word] : [FORMS.get(word) ?? word]))
      .join(" "),
  );
const written = /[\p{L}]+/gu;
for (const phrase of [
  ...THINGS.flatMap((thing) => thing.phrases),
  ...[...SIGN_PHRASES, ...REMARK_PHRASES].flatMap((one) => one.phrases),
])
  for (const [word] of phrase.matchAll(written))
    if (!FORMS.has(word) && !FORMS.has(word.replace(/s$/, ""))) FORMS.set(word, word);

/** The words of the lexicon that a written form stands for; undefined for one that it does not list. */
export const formOf = (word: string): string | undefined => FORMS.get(word);
/** How many written forms the lexicon lists. */
export const FORM_COUNT = FORMS.size;
