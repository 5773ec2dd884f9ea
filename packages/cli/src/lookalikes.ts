import { colourInWords, lookAlikes, nameLookAlikes, pinColour, pinName, type JobDocument, type PlacedPin } from "@trevin/core";

const words = ({ pin, connector }: PlacedPin): string => {
  const colour = pinColour(pin, connector);
  return colour === null ? pin.colour : colourInWords(colour);
};

/** Wires that can be taken for each other, with all connectors taken as open together, and names one character apart. */
export function lookAlikesReport({ dossier }: JobDocument): unknown {
  return {
    wires: lookAlikes(dossier, dossier.connectors.map((connector) => connector.id)).map(({ scope, kind, sights, pair }) => ({ scope, kind, sights, pins: pair.map(pinName), colours: pair.map(words) })),
    names: nameLookAlikes(dossier),
  };
}
