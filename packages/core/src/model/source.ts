import type { ColourSystem } from "../colour/index.ts";
import type { Pin } from "./connector.ts";
import type { Sureness } from "./decision.ts";
import { FACTS, type Fact } from "./fact.ts";
import type { SourceId } from "./ids.ts";

export const SOURCE_KINDS = [
  "diagram",
  "sheet",
  "other-owner",
  "recalled",
  "read-off",
  "measured",
  "guessed",
] as const;
export type SourceKind = (typeof SOURCE_KINDS)[number];

/** Where values come from, and how far it is trusted as a whole. */
export interface Source {
  readonly id: SourceId;
  readonly kind: SourceKind;
  readonly title: string;
  readonly page: string;
  /** The years and markets it was made for: "from model year 3, Europe". */
  readonly appliesTo: string;
  /** How it writes colours, where somebody declared it. */
  readonly colourSystem: ColourSystem | null;
  readonly sure: Sureness;
}

const own = (kind: SourceKind, title: string, sure: Sureness): Source => ({
  id: kind as string as SourceId,
  kind,
  title,
  page: "",
  appliesTo: "",
  colourSystem: null,
  sure,
});

/** Sources that need no document; every job has them. */
export const OWN_SOURCES: readonly Source[] = [
  own("read-off", "read off the part", "sure"),
  own("measured", "measured", "sure"),
  own("recalled", "recalled", "check"),
  own("guessed", "guessed", "guess"),
];

/** The job's documents, then the sources that need none; a document of the same id stands for the latter. */
export function allSources(documents: readonly Source[]): readonly Source[] {
  return [...documents, ...OWN_SOURCES.filter((one) => documents.every((other) => other.id !== one.id))];
}

const ORDER: readonly (Sureness | null)[] = ["guess", "check", "sure", null];
/** The less sure of two; not stated counts as nothing against it. */
export const worse = (a: Sureness | null, b: Sureness | null): Sureness | null =>
  ORDER.indexOf(a) < ORDER.indexOf(b) ? a : b;

/**
 * How sure one value is: in doubt when somebody marked it so or another source contradicts it, else as sure as its source;
 * null when no source was stated.
 */
export function surenessOf(pin: Pin, fact: Fact, sources: ReadonlyMap<SourceId, Source>): Sureness | null {
  const source = pin.sources[fact];
  const stated = source === undefined ? null : (sources.get(source)?.sure ?? null);
  const contradicted = pin.claims.some((claim) => claim.fact === fact && claim.when === "");
  return pin.doubts[fact] === undefined && !contradicted ? stated : worse(stated, "check");
}

/** The least sure of a pin's values; null when none has a source and none is in doubt. */
export function leastSure(pin: Pin, sources: ReadonlyMap<SourceId, Source>): Sureness | null {
  return FACTS.map((fact) => surenessOf(pin, fact, sources)).reduce(worse, null);
}

export const indexSources = (documents: readonly Source[]): ReadonlyMap<SourceId, Source> =>
  new Map(allSources(documents).map((source) => [source.id, source]));

/** The same pin with some values vouched for by a source: their doubts are settled and contradictions on them dropped. */
export function vouched(pin: Pin, facts: readonly Fact[], source: SourceId): Pin {
  const settled = (fact: Fact): boolean => facts.includes(fact);
  return {
    ...pin,
    sources: { ...pin.sources, ...Object.fromEntries(facts.map((fact) => [fact, source])) },
    doubts: Object.fromEntries(Object.entries(pin.doubts).filter(([fact]) => !settled(fact as Fact))),
    claims: pin.claims.filter((claim) => !settled(claim.fact) || claim.when !== ""),
  };
}
