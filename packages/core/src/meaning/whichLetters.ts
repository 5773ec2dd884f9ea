import type { Token } from "./lex.ts";

/** "Signal A", "phase C": the letter that ends a text tells which one; those of terminals and pins do not. */
export function letterPlace(tokens: readonly Token[]): string | null {
  // "Coil B-", "step A1": the end of a winding.
  const end = tokens.findIndex(({ word }) => word === "windingend");
  if (end > 0) return tokens[end - 1]?.word ?? null;
  const last = tokens.length - 1;
  const [own, before] = [tokens[last], tokens[last - 1]];
  if (own === undefined || before === undefined || !/^[a-fuvw]$/.test(own.word)) return null;
  return /^(terminal|pin|cavity|type|class|way|t\w*)$/.test(before.word) || before.kind === "number"
    ? null
    : own.word;
}

const REST: Readonly<Record<string, string>> = { nc: "breaks", no: "makes" };
const MAKERS_REST: Readonly<Record<string, string>> = {
  closer: "makes",
  schließer: "makes",
  schliesser: "makes",
  opener: "breaks",
  öffner: "breaks",
  oeffner: "breaks",
};
/**
 * A switch that makes and one that breaks are two wires of one pedal: "NO" and "NC", "normally open" and "normally closed", a German
 * closer and opener. A lamp that is lit without pressure hangs on the one that pressure opens.
 */
export function restOf(tokens: readonly Token[]): string | null {
  const made = MAKERS_REST[tokens.at(-1)?.raw.toLowerCase() ?? ""];
  if (made !== undefined) return made;
  if (/\b(?:on|lit) (?:with|at) (?:no|low) pressure/.test(tokens.map(({ word }) => word).join(" ")))
    return "breaks";
  const at = tokens.findIndex(({ word }) => word === "normally");
  const rest = tokens[at + 1]?.word;
  if (at >= 0 && rest !== undefined) return /^clos/.test(rest) ? "breaks" : "makes";
  if (!tokens.some(({ word }) => /^(switch|pedal|contact)$/.test(word))) return null;
  const last = tokens.at(-1)?.raw;
  return REST[last ?? ""] ?? null;
}

/** "Gear position R lamp": a letter of the selector, no side. */
export function gearLetter(tokens: readonly Token[]): string | null {
  if (
    !tokens.some(
      ({ word }, i) =>
        (word === "position" && tokens[i - 1]?.word === "gear") || /^(selector|prndl)$/.test(word),
    )
  )
    return null;
  const letters = new Set(tokens.flatMap(({ raw }) => (/^[prndlms]$/.test(raw) ? [raw] : [])));
  const [only] = letters;
  return letters.size === 1 ? (only ?? null) : null;
}
