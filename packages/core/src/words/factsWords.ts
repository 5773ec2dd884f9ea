import { COLOUR_SYSTEM_NAMES } from "../colour/index.ts";
import { indexPins, indexSources, type Dossier, type Pin, type PinId } from "../model/index.ts";
import { rowAt, type PinFacts } from "../ledger/index.ts";

/** What it means that a wire is found in another cavity: "The table has “Fan request”, GN, in 4. That wire is taken to be in 3: check there too." */
export function placeEffectWords(dossier: Dossier, pin: PinId, place: string): string {
  const pins = indexPins(dossier);
  const believed = pins.get(pin)?.pin.cavity ?? "";
  const row = rowAt(dossier, pin, place);
  const there = row === null ? undefined : pins.get(row)?.pin;
  if (there === undefined)
    return `The table has no cavity ${place} yet; the row of ${believed} gets that label.`;
  if (there.content !== "occupied")
    return `The table has no wire in ${place}. ${believed} is then the one without.`;
  return `The table has ${wireWords(there)} in ${place}. That wire is taken to be in ${believed}: check there too.`;
}

/** A wire by what it does and its colour code, within a sentence: "“Fan request”, GN,". */
export function wireWords({ function: text, colour }: Pick<Pin, "function" | "colour">): string {
  const named = text === "" ? "a wire" : `“${text}”`;
  return colour === "" ? named : `${named}, ${colour},`;
}

/** What was found about a pin, in a line: "colour L, read as Japanese letters, 0.75 mm²". */
export function factsWords(facts: PinFacts, dossier: Pick<Dossier, "sources">): string {
  const sources = indexSources(dossier.sources);
  const parts = [
    ...(["function", "signal", "colour", "circuit", "note"] as const).flatMap((field) =>
      facts[field] === undefined ? [] : [`${field} ${facts[field] || "not known"}`],
    ),
    ...(facts.size === undefined ? [] : [facts.size === null ? "size not known" : `${facts.size} mm²`]),
    ...(facts.condition === undefined
      ? []
      : [facts.condition === "" ? "there in every case" : `only when: ${facts.condition}`]),
    ...(facts.colourSystem === undefined || facts.colourSystem === null
      ? []
      : [`colour read as ${COLOUR_SYSTEM_NAMES[facts.colourSystem]}`]),
    ...(facts.identified === undefined ? [] : [facts.identified ? "identified" : "not identified after all"]),
    ...(facts.sources === undefined
      ? []
      : [
          Object.entries(facts.sources)
            .map(([fact, id]) => `${fact} from ${sources.get(id)?.title ?? id}`)
            .join(", ") || "no source",
        ]),
    ...(facts.doubts === undefined
      ? []
      : [
          Object.entries(facts.doubts)
            .map(([fact, why]) => `${fact} in doubt (${why})`)
            .join(", ") || "no doubt left",
        ]),
    ...(facts.claims === undefined
      ? []
      : [
          facts.claims
            .map(
              (claim) =>
                `${claim.fact} ${claim.value} by another source${claim.when === "" ? "" : ` ${claim.when}`}`,
            )
            .join(", ") || "no source says otherwise",
        ]),
  ];
  return parts.join(", ");
}
