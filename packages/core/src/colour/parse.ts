import { fail, ok, type Result, oncePerText } from "../util/index.ts";
import { ringsInWords, sameColour, type ColourName, type Rings, type WireColour } from "./colour.ts";
import {
  CODE_TABLES,
  COLOUR_SYSTEMS,
  COLOUR_WORDS,
  type CodeTable,
  type ColourSystem,
} from "./codeTables.ts";

export type ColourProblem =
  | {
      readonly code: "colour-unknown";
      readonly text: string;
      readonly system: ColourSystem;
      readonly knownIn: readonly ColourSystem[];
    }
  | { readonly code: "colour-too-many-stripes"; readonly text: string }
  | { readonly code: "colour-empty" };

/** The same letters read another way: by other systems, or in the same one with the letters divided otherwise. */
export interface OtherReading {
  readonly colour: WireColour;
  readonly systems: readonly ColourSystem[];
}

export interface ColourInterpretation {
  readonly colour: WireColour;
  readonly others: readonly OtherReading[];
  /** A size that stood with the code ("0.75 SW/GN"), as written, or null. */
  readonly sizeText: string | null;
}

/** What is known of how a list is written: with `separated`, its stripes stand behind a mark, so letters in one run are one code. */
export interface CodeHabit {
  readonly separated: boolean;
}

const MAX_STRIPES = 2;
/** Three codes of three letters; longer runs are words. */
const LONGEST_RUN = 9;
/** No colour is written so long; a paragraph in the column of colours is not searched for one. */
const LONGEST_TEXT = 80;
const SEPARATORS = /[/\\\-–—.,+;:|&*()_]+/;
const SIZE =
  /^((?:\d+(?:[.,]\d+)?|[.,]\d+)\s*(?:mm2|mm²|sq\.?\s?mm|awg|ga\b)?)[\s,;]+(?=\p{L})|[\s,;]+((?:\d+(?:[.,]\d+)?|[.,]\d+)\s*(?:mm2|mm²|sq\.?\s?mm|awg|ga)?)$/iu;
const RINGS =
  /(?:\b(one|two|three|four|\d)\s+)?\b((?:(?:light|dark|sky)\s+)?[a-z]+)\s+(?:rings?|dots?|bands?|(?:tracer\s+)?marks?)\b/i;
const COUNT_WORDS: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3, four: 4 };
const STRIPE_ON = /^(.+?)\s+(?:stripes?|tracers?|trace)\s+on\s+(.+)$/i;

/** One colour of a reading, with the code that stood for it; null for a plain word. */
export interface Piece {
  readonly name: ColourName;
  readonly code: string | null;
}

/** One colour by code or word. */
function lookUp(text: string, table: CodeTable): Piece | undefined {
  const clean = text.trim().replace(/\s+/g, " ");
  const code = clean.toUpperCase();
  const coded = table[code];
  if (coded !== undefined) return { name: coded, code };
  const word = COLOUR_WORDS[clean.toLowerCase()];
  return word === undefined ? undefined : { name: word, code: null };
}

type Way = readonly Piece[];

/** Every way to divide a run of letters into up to three codes of the table, the longest first code first. */
function divisions(run: string, table: CodeTable, depth: number): readonly Way[] {
  const found: Way[] = [];
  const whole = lookUp(run, table);
  if (whole !== undefined) found.push([whole]);
  if (depth === 1 || run.length > LONGEST_RUN) return found;
  for (let length = Math.min(run.length - 1, 3); length >= 1; length--) {
    const code = run.slice(0, length).toUpperCase();
    const name = table[code];
    if (name === undefined) continue;
    for (const tail of divisions(run.slice(length), table, depth - 1))
      if (tail[0]?.name !== name) found.push([{ name, code }, ...tail]);
  }
  return found;
}

/** The first words, so many of them, as a way to read them: one word may hold several codes, several are one phrase. */
function headOf(words: readonly string[], length: number, table: CodeTable, depth: number): Way | undefined {
  if (length === 1) return divisions(words[0] ?? "", table, depth)[0];
  const phrase = lookUp(words.slice(0, length).join(" "), table);
  return phrase === undefined ? undefined : [phrase];
}

/** Words with spaces between them: the longest phrase that is a colour first, "dk blu wht" is dark blue and white. */
function phrases(text: string, table: CodeTable, depth: number): readonly Way[] {
  const words = text.split(" ");
  if (words.length === 1) return divisions(text, table, depth);
  for (let length = Math.min(words.length, 2); length >= 1; length--) {
    const head = headOf(words, length, table, depth);
    if (head === undefined) continue;
    if (length === words.length) return [head];
    const tail = phrases(words.slice(length).join(" "), table, depth)[0];
    if (tail !== undefined) return [[...head, ...tail]];
  }
  return [];
}

interface Parts {
  readonly parts: readonly string[];
  readonly rings: Rings | null;
  readonly sizeText: string | null;
}

/** Takes size, tracer marks and joining words out, and cuts at the marks between base and stripes. */
function takeApart(text: string, table: CodeTable): Parts {
  let body = text.normalize("NFC").trim().replace(/\s+/g, " ");
  const size = SIZE.exec(body);
  if (size !== null) body = body.replace(size[0], " ").trim();
  const ringMatch = RINGS.exec(body);
  const ringColour = ringMatch === null ? undefined : lookUp(ringMatch[2] ?? "", table)?.name;
  if (ringColour !== undefined && ringMatch !== null) body = body.replace(ringMatch[0], " ");
  const count = (ringMatch?.[1] ?? "").toLowerCase();
  const on = STRIPE_ON.exec(body);
  if (on !== null) body = `${on[2] ?? ""}/${on[1] ?? ""}`;
  const parts = body
    .replace(/\sw\/\s*/g, "/")
    .replace(/\b(striped?|stripes|tracers?|trace|and|with|wire|mit)\b/gi, "/")
    .replace(/\b(lt|dk|light|dark|sky|pale)[.\s-]+(?=\p{L})/giu, "$1 ")
    .replace(/\b(lt|dk)(?=(?:blu|grn|blue|green)\b)/gi, "$1 ")
    .replace(
      /\b(lt|dk) (blue|green)\b/gi,
      (_, shade: string, name: string) => `${shade.toLowerCase() === "lt" ? "light" : "dark"} ${name}`,
    )
    .replace(/\b([dl])[\s-](?=(?:bu|gn)\b)/gi, (prefix, letter: string) =>
      "D BU" in table ? `${letter}\u0000` : prefix,
    )
    .split(SEPARATORS)
    .map((part) => part.replace("\u0000", " ").trim())
    .filter((part) => part !== "");
  const rings =
    ringColour === undefined
      ? null
      : { colour: ringColour, count: count === "" ? null : (COUNT_WORDS[count] ?? Number(count)) };
  return { parts, rings, sizeText: (size?.[1] ?? size?.[2])?.trim() ?? null };
}

/** All readings in one table, the preferred one first: a code that is whole before one that is divided. */
export function readingsIn(
  text: string,
  table: CodeTable,
  habit: CodeHabit,
): readonly { readonly colour: WireColour; readonly pieces: Way }[] {
  if (text.length > LONGEST_TEXT) return [];
  const { parts, rings } = takeApart(text, table);
  if (parts.length === 0) return [];
  let combined: readonly Way[] = [[]];
  // Where colours are marked off from each other, letters in one run are one code.
  const depth = habit.separated || parts.length > 1 ? 1 : MAX_STRIPES + 1;
  for (const part of parts) {
    const ways = phrases(part, table, depth);
    combined = combined.flatMap((head) => ways.map((way) => [...head, ...way]));
  }
  return combined.flatMap((pieces) => {
    const [base, ...stripes] = pieces.map((piece) => piece.name);
    return base === undefined ? [] : [{ colour: { base, stripes, rings }, pieces }];
  });
}
const coloursIn = (text: string, system: ColourSystem, habit: CodeHabit): readonly WireColour[] =>
  readingsIn(text, CODE_TABLES[system], habit).map((reading) => reading.colour);

const fits = (colour: WireColour): boolean => colour.stripes.length <= MAX_STRIPES;

/**
 * Reads a colour code within one declared system: base, then one or two stripes, then tracer marks; parts separated by
 * `/ - . , + : ;` or "with", or run together; plain words are read in every system. "SW/GN" (german) is black with a green
 * stripe. Whatever the same letters could mean otherwise comes with it. Refuses what the system does not know, and more
 * than two stripes.
 */
export function readColour(
  text: string,
  system: ColourSystem,
  habit: CodeHabit = { separated: false },
): Result<ColourInterpretation, ColourProblem> {
  if (text.trim() === "") return fail({ code: "colour-empty" });
  const all = coloursIn(text, system, habit);
  const [colour, ...divided] = all.filter(fits);
  if (colour === undefined) {
    if (all.length > 0) return fail({ code: "colour-too-many-stripes", text });
    const knownIn = COLOUR_SYSTEMS.filter(
      (other) => other !== system && coloursIn(text, other, habit).some(fits),
    );
    return fail({ code: "colour-unknown", text, system, knownIn });
  }
  const others: OtherReading[] = divided.map((other) => ({ colour: other, systems: [system] }));
  for (const other of COLOUR_SYSTEMS) {
    if (other === system) continue;
    const elsewhere = coloursIn(text, other, habit).find(fits);
    if (elsewhere === undefined || sameColour(elsewhere, colour)) continue;
    const at = others.findIndex((known) => sameColour(known.colour, elsewhere));
    if (at < 0) others.push({ colour: elsewhere, systems: [other] });
    else others[at] = { colour: elsewhere, systems: [...(others[at]?.systems ?? []), other] };
  }
  return ok({ colour, others, sizeText: takeApart(text, CODE_TABLES[system]).sizeText });
}

/** Codes read before: a job writes the same few again and again. */
const readBefore = oncePerText<Result<WireColour, ColourProblem>>(5000);

/** The preferred reading alone. */
export const parseColour = (text: string, system: ColourSystem): Result<WireColour, ColourProblem> =>
  readBefore(`${system}\n${text}`, () => preferredReading(text, system));

function preferredReading(text: string, system: ColourSystem): Result<WireColour, ColourProblem> {
  const colour = coloursIn(text, system, { separated: false }).find(fits);
  if (colour !== undefined) return ok(colour);
  const read = readColour(text, system);
  return read.ok ? ok(read.value.colour) : read;
}

/**
 * How a list writes its stripes: separated when at least two codes carry a mark between colours and none makes sense only
 * with its letters divided. "BR" in such a list is brown, not black with a red stripe.
 */
export function habitOf(codes: readonly string[], system: ColourSystem): CodeHabit {
  const table = CODE_TABLES[system];
  const distinct = new Set(codes.map((code) => code.trim()).filter((code) => code !== ""));
  let marked = 0;
  for (const code of distinct) {
    const [first, ...more] = takeApart(code, table).parts;
    if (more.length > 0) marked++;
    else if (
      first !== undefined &&
      !first.includes(" ") &&
      lookUp(first, table) === undefined &&
      divisions(first, table, MAX_STRIPES + 1).length > 0
    )
      return { separated: false };
  }
  return { separated: marked >= 2 };
}

/** Writes a colour in a system, parts joined with "/"; a colour that the system has no code for is written as its word. */
export function formatColour(colour: WireColour, system: ColourSystem): string {
  const codes = Object.entries(CODE_TABLES[system]);
  const one = (name: ColourName): string => codes.find(([, value]) => value === name)?.[0] ?? name;
  return [
    [colour.base, ...colour.stripes].map(one).join("/"),
    ...(colour.rings === null ? [] : [ringsInWords(colour.rings)]),
  ].join(", ");
}
