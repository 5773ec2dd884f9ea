import {
  COLOUR_SYSTEMS,
  colourInWords,
  colourProblemWords,
  formatColour,
  habitOf,
  rankSystems,
  readColour,
  sameColour,
  type CodeHabit,
  type ColourSystem,
  type WireColour,
} from "@trevin/core";
import { InputError } from "./failure.ts";

const shape = (colour: WireColour): object => ({
  base: colour.base,
  stripes: colour.stripes,
  rings: colour.rings,
  words: colourInWords(colour),
});

/** One code in a declared system, or every way to read it; written out in all four. */
export function colourReport(text: string, declared: ColourSystem | null): unknown {
  const readings: { colour: WireColour; systems: ColourSystem[] }[] = [];
  for (const system of declared === null ? COLOUR_SYSTEMS : [declared]) {
    const read = readColour(text, system);
    if (!read.ok) continue;
    for (const { colour, systems } of [
      { colour: read.value.colour, systems: [system] },
      ...read.value.others.filter((other) => declared !== null || other.systems.includes(system)),
    ]) {
      const known = readings.find((one) => sameColour(one.colour, colour));
      if (known === undefined) readings.push({ colour, systems: [...systems] });
      else known.systems = [...new Set([...known.systems, ...systems])];
    }
  }
  const [first] = readings;
  if (first === undefined) {
    if (declared === null) throw new InputError(`“${text}” is not a colour in any of the four systems`);
    const read = readColour(text, declared);
    throw new InputError(read.ok ? "" : colourProblemWords(read.error));
  }
  const sized = readColour(text, declared ?? first.systems[0] ?? "iec");
  return {
    text,
    system: declared,
    ...(declared === null ? {} : shape(first.colour)),
    ambiguous: readings.length > 1,
    size: sized.ok ? sized.value.sizeText : null,
    readings: readings.map(({ colour, systems }) => ({
      systems,
      ...shape(colour),
      codes: Object.fromEntries(COLOUR_SYSTEMS.map((system) => [system, formatColour(colour, system)])),
    })),
  };
}

/** A column of codes, one a line: which system it is written in, and what each code is in it. */
export function columnReport(text: string, declared: ColourSystem | null): unknown {
  const lines = text
    .replace(/^\ufeff/, "")
    .split(/\r\n|\r|\n/)
    .flatMap((code, index) => (code.trim() === "" ? [] : [{ line: index + 1, code: code.trim() }]));
  if (lines.length === 0) throw new InputError("there is no code in the column");
  const codes = lines.map(({ code }) => code);
  const systems = rankSystems(codes);
  const system = declared ?? systems[0]?.system ?? "iec";
  const habit = habitOf(codes, system);
  return {
    system,
    declared: declared !== null,
    systems,
    codes: lines.map(({ line, code }) => ({ line, code, ...codeReport(code, system, habit) })),
  };
}

function codeReport(code: string, system: ColourSystem, habit: CodeHabit): object {
  const read = readColour(code, system, habit);
  if (!read.ok)
    return {
      words: null,
      problem: colourProblemWords(read.error),
      knownIn: read.error.code === "colour-unknown" ? read.error.knownIn : [],
    };
  return {
    ...shape(read.value.colour),
    otherwise: read.value.others.map(({ colour, systems }) => ({ words: colourInWords(colour), systems })),
  };
}
