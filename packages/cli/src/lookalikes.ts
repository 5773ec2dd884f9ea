import { colourInWords, lookAlikes, nameLookAlikes, pinName, type JobDocument } from "@trevin/core";

/** Wires that can be taken for each other, with all connectors taken as open together, and names one character apart. */
export function lookAlikesReport({ dossier }: JobDocument): unknown {
  return {
    wires: lookAlikes(dossier, dossier.connectors.map((connector) => connector.id)).map(({ scope, kind, sights, pair, colours }) => ({ scope, kind, sights, pins: pair.map(pinName), colours: colours.map(colourInWords) })),
    names: nameLookAlikes(dossier),
  };
}
