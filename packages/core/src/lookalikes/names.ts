import { connectorsInOrder, pinsInOrder, type Connector, type Dossier } from "../model/index.ts";

/** Two names that the eye or a pencil mixes up. `at` is the connector that both are in, empty for connector names. */
export interface NameLookAlike {
  readonly what: "connector" | "cavity" | "circuit";
  readonly names: readonly [string, string];
  readonly at: string;
}

/**
 * One character apart: one changed, added or left out, or two neighbours exchanged (Damerau's four slips, Communications of
 * the ACM 7, 1964). Equal names are not.
 */
export function oneCharacterApart(a: string, b: string): boolean {
  if (a === b || Math.abs(a.length - b.length) > 1) return false;
  let start = 0;
  while (start < a.length && a[start] === b[start]) start++;
  let end = 0;
  while (end < Math.min(a.length, b.length) - start && a[a.length - 1 - end] === b[b.length - 1 - end]) end++;
  const left = a.slice(start, a.length - end);
  const right = b.slice(start, b.length - end);
  if (left.length <= 1 && right.length <= 1) return true;
  return left.length === 2 && right.length === 2 && left[0] === right[1] && left[1] === right[0];
}

/** Characters that are read for each other on a worn shell or a faint scan (common practice, no source). */
const READ_FOR: Readonly<Record<string, string>> = {
  I: "1",
  L: "1",
  "|": "1",
  O: "0",
  Q: "0",
  D: "0",
  B: "8",
  S: "5",
  Z: "2",
  G: "6",
};
const asRead = (name: string): string =>
  [...name.toUpperCase()].map((letter) => READ_FOR[letter] ?? letter).join("");
const isNumber = (name: string): boolean => /^\d+$/.test(name);

/** Counted labels are one character apart by nature: 1 and 2, A and B. Only what misleads beyond that is named. */
function misleading(a: string, b: string): boolean {
  if (asRead(a) === asRead(b)) return true;
  if (isNumber(a) && isNumber(b))
    return a.length > 2 && [...a].sort().join("") === [...b].sort().join("") && oneCharacterApart(a, b);
  return Math.min(a.length, b.length) >= 2 && oneCharacterApart(a, b) && !sameCount(a, b);
}

/** "A1" and "A2" count on; "87" and "87a" do not. */
const sameCount = (a: string, b: string): boolean =>
  a.replace(/\d+$/, "") === b.replace(/\d+$/, "") && /\d$/.test(a) && /\d$/.test(b);

function pairsOf(
  names: readonly string[],
  alike: (a: string, b: string) => boolean,
): readonly (readonly [string, string])[] {
  const distinct = [...new Set(names.filter((name) => name !== ""))];
  return distinct.flatMap((a, i) =>
    distinct.slice(i + 1).flatMap((b) => (alike(a, b) ? [[a, b] as const] : [])),
  );
}

/** Labels of cavities within a connector; of a thousand numbered ones only those with letters are compared. */
function cavitiesOf(connector: Connector): readonly (readonly [string, string])[] {
  const labels = pinsInOrder(connector).map((pin) => pin.cavity);
  const lettered = labels.filter((label) => !isNumber(label));
  if (lettered.length === 0) return [];
  return pairsOf(labels.length > 200 ? lettered : labels, misleading);
}

/** Digits that a worn print turns into each other (common practice, no source). */
const WORN = new Set(["17", "38", "56", "08", "69"]);
/** Names of connectors count on by nature too (X4 and X9); worn digits and exchanged ones mislead. */
function connectorsApart(a: string, b: string): boolean {
  if (asRead(a) === asRead(b)) return true;
  if (!oneCharacterApart(a, b) || Math.min(a.length, b.length) < 3) return false;
  if (a.length !== b.length) return !sameCount(a, b);
  const apart = [...a].flatMap((letter, i) => (letter === b[i] ? [] : [[letter, b[i]].sort().join("")]));
  return apart.length === 2 || WORN.has(apart[0] ?? "") || !sameCount(a, b);
}

/** Names of connectors one character apart; cavity labels and circuit numbers of one connector that are read for each other. */
export function nameLookAlikes(dossier: Dossier): readonly NameLookAlike[] {
  const connectors = connectorsInOrder(dossier);
  return [
    ...pairsOf(
      connectors.map((one) => one.name),
      connectorsApart,
    ).map((names): NameLookAlike => ({ what: "connector", names, at: "" })),
    ...connectors.flatMap((connector) => [
      ...cavitiesOf(connector).map((names): NameLookAlike => ({ what: "cavity", names, at: connector.name })),
      ...pairsOf(
        pinsInOrder(connector).map((pin) => pin.circuit),
        misleading,
      ).map((names): NameLookAlike => ({ what: "circuit", names, at: connector.name })),
    ]),
  ];
}
