import {
  BLANK_WORDS,
  GENDER_WORDS,
  LOCK_WORDS,
  numberingWords,
  viewWords,
  type Shell,
  type TerminalSystem,
} from "@trevin/core";

function labelWords({ pattern, mark }: Shell): string {
  if (pattern.kind === "rows") return numberingWords(pattern.numbering);
  if (pattern.kind === "rings") return `round, ${pattern.direction} from the ${mark}`;
  return pattern.kind === "points" ? "set one by one" : "";
}
/** What is known of a shell, as lines of a name and its value; empty ones are left out. */
export function shellFacts(
  one: Shell,
  systems: readonly TerminalSystem[],
): readonly (readonly [string, string])[] {
  return [
    ["standard", one.standard],
    ["labels", labelWords(one)],
    ["given for", one.pattern.kind === "none" ? "" : `the ${viewWords(one.view)}, ${one.mark} up`],
    [
      "contacts",
      one.gender === null
        ? ""
        : `${GENDER_WORDS[one.gender]}${one.reversed.length ? `; ${one.reversed.join(", ")} the other gender` : ""}`,
    ],
    ["empty", one.pattern.kind === "none" ? "" : BLANK_WORDS[one.blank]],
    ["locks", one.locks.map((lock) => LOCK_WORDS[lock]).join(", ")],
    ["bridged while mated", one.joined.map((group) => group.join(" ")).join("; ")],
    [
      "terminals",
      one.terminals.map((id) => systems.find((system) => system.id === id)?.name ?? id).join("; "),
    ],
  ].filter((line): line is [string, string] => line[1] !== "");
}
