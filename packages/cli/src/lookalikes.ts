import {
  colourInWords,
  likenessWords,
  lookAlikes,
  nameLookAlikes,
  pinName,
  shellLookAlikes,
  type JobDocument,
} from "@trevin/core";

/** Wires that can be taken for each other, with all connectors taken as open together, names one character apart, and shells that look alike. */
export function lookAlikesReport({ dossier }: JobDocument): unknown {
  return {
    wires: lookAlikes(
      dossier,
      dossier.connectors.map((connector) => connector.id),
    ).map(({ scope, kind, sights, pair, colours }) => ({
      scope,
      kind,
      sights,
      pins: pair.map(pinName),
      colours: colours.map(colourInWords),
    })),
    names: nameLookAlikes(dossier),
    shells: shellLookAlikes(dossier).map(({ pair: [a, b], likeness }) => ({
      connectors: [a.name, b.name],
      likeness,
      words: likenessWords(likeness, a.name, b.name),
    })),
  };
}
