import { FACTS, sourceWords, surenessOf, valueOf, type Pin, type Source, type SourceId } from "@trevin/core";

type Sources = ReadonlyMap<SourceId, Source>;
export function sourceTitle(id: SourceId | undefined, sources: Sources): string {
  const source = id === undefined ? undefined : sources.get(id);
  return source === undefined ? "no source" : sourceWords(source);
}

/** The values of a pin that are known, claimed otherwise or in doubt, each with its source. */
export const pinFacts = (pin: Pin, sources: Sources) =>
  FACTS.flatMap((fact) => {
    const claims = pin.claims.filter((claim) => claim.fact === fact);
    const value = valueOf(pin, fact);
    const doubt = pin.doubts[fact];
    if (value === "" && claims.length === 0 && doubt === undefined) return [];
    return [
      {
        fact,
        value: fact === "size" && value !== "" ? `${value} mm²` : value,
        source: sourceTitle(pin.sources[fact], sources),
        sure: surenessOf(pin, fact, sources),
        doubt,
        claims,
      },
    ];
  });
