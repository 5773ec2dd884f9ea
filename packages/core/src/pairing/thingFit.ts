import { isGeneric, kinOf, thingNamed, type Meaning, type Thing } from "../meaning/index.ts";

/** How the things of two meanings go together. */
export type ThingFit =
  "same" | "shared" | "aside" | "shows" | "related" | "kin" | "other" | "open" | "neither";

const namesOf = (things: readonly Thing[]): readonly string[] =>
  things.flatMap((thing) => (isGeneric(thing) ? [] : [thing.name]));

/** Supplies that are not the one that a plain "battery" means. */
const ODD_SUPPLIES = new Set(["second battery supply", "second battery ground", "half tap"]);

/** Whether a thing is one of those that another's name means: a fresh water pump is a pump, a refrigerant pressure switch a pressure switch. */
const isKindOf = (thing: string, kind: string): boolean =>
  (!kind.includes(" ") || KINDS.has(kind)) && thing.endsWith(` ${kind}`);
const KINDS = new Set(["pressure switch", "pressure sensor", "temperature switch"]);

/** Whether a thing is any lamp of the dash that somebody earths ("WARN LAMP"), or one of them. */
export function tellTaleOf(name: string): "any" | "one" | null {
  if (name === "fault lamp") return "any";
  const isEarthed = thingNamed(name)?.signal === "switched-ground";
  return isEarthed && / (?:lamp|warning)$/.test(name) ? "one" : null;
}
/** "WARN LAMP" and no more: it may be the lamp that the other names. */
const isAnyTellTale = (
  { things, aside }: Pick<Meaning, "things" | "aside">,
  theirs: readonly string[],
): boolean =>
  things.length === 1 &&
  tellTaleOf(things[0]?.name ?? "") === "any" &&
  aside.length === 0 &&
  theirs.some((name) => tellTaleOf(name) === "one");

/** Whether two meanings name the same thing, related ones, others, or leave it open. */
export function thingFit(
  a: Pick<Meaning, "things" | "either" | "aside" | "kinds" | "vague">,
  b: Pick<Meaning, "things" | "either" | "aside" | "kinds" | "vague">,
): ThingFit {
  const [own, theirs] = [namesOf(a.things), namesOf(b.things)];
  if (own.length === 0 && theirs.length === 0) return "neither";
  if (own.length > 0 && theirs.length > 0) {
    if (own[0] === theirs[0]) return "same";
    if (own.some((name) => theirs.includes(name))) return "shared";
    // "Brake" may be the switch or the lamp of the dash; "key switch" and "key light" are told apart by what they are.
    const [all, others] = [
      [...own, ...namesOf(a.either)],
      [...theirs, ...namesOf(b.either)],
    ];
    const isTold = (lamp: typeof a, other: typeof a): boolean =>
      (lamp.kinds.has("lamp") || lamp.kinds.has("telltale")) && other.kinds.has("switch");
    if (!isTold(a, b) && !isTold(b, a) && all.some((name) => others.includes(name))) return "shared";
  }
  if (
    own.some((name) => namesOf(b.aside).includes(name)) ||
    theirs.some((name) => namesOf(a.aside).includes(name))
  )
    return "aside";
  if (a.things.some(({ name }) => b.things.some((other) => kinOf(name).has(other.name)))) return "kin";
  if (own.length === 0 || theirs.length === 0)
    return [...own, ...theirs].some((name) => ODD_SUPPLIES.has(name)) ? "other" : "open";
  const families = new Set(a.things.map(({ family }) => family));
  if (own.some((name) => theirs.some((other) => isKindOf(name, other) || isKindOf(other, name))))
    return "related";
  if (isAnyTellTale(a, theirs) || isAnyTellTale(b, own)) return "related";
  if (!b.things.some(({ family }) => families.has(family))) return a.vague || b.vague ? "open" : "other";
  // A lamp and the switch that lights it hang on one wire, and so do a gauge and its sender.
  const tells = [a, b].map(({ kinds }) => kinds.has("telltale") || kinds.has("lamp") || kinds.has("gauge"));
  const senses = [a, b].map(({ kinds }) => kinds.has("switch") || kinds.has("sensor"));
  return (tells[0] === true && senses[1] === true) || (tells[1] === true && senses[0] === true)
    ? "shows"
    : "related";
}
