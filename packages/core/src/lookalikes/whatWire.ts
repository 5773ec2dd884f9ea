import {
  COLOUR_SYSTEMS,
  likenessOf,
  parseColour,
  sameColour,
  type ColourSystem,
  type Likeness,
  type WireColour,
} from "../colour/index.ts";
import { allPins, pinColour, type Dossier, type PlacedPin } from "../model/index.ts";

export interface WireHit {
  readonly placed: PlacedPin;
  readonly likeness: Likeness;
  /** Other wires of exactly this colour in the same connector. */
  readonly twins: number;
}

/** One way to read what was typed, with every wire of the job that it could be. */
export interface WireAnswer {
  readonly colour: WireColour;
  readonly systems: readonly ColourSystem[];
  readonly hits: readonly WireHit[];
}

/**
 * "What is this wire?": reads a colour in every system and lists each place where the job has it, the same ones first, then
 * the near ones. Readings that the job's own systems give come first. Empty when no system reads the text.
 */
export function whatIsThisWire(dossier: Dossier, text: string): readonly WireAnswer[] {
  const readings: { colour: WireColour; systems: ColourSystem[] }[] = [];
  for (const system of COLOUR_SYSTEMS) {
    const parsed = parseColour(text, system);
    if (!parsed.ok) continue;
    const known = readings.find((reading) => sameColour(reading.colour, parsed.value));
    if (known === undefined) readings.push({ colour: parsed.value, systems: [system] });
    else known.systems.push(system);
  }
  const wires = allPins(dossier).flatMap((placed) => {
    const colour = placed.pin.content === "empty" ? null : pinColour(placed.pin, placed.connector);
    return colour === null ? [] : [{ placed, colour }];
  });
  const used = (systems: readonly ColourSystem[]): number =>
    dossier.connectors.filter((connector) => systems.includes(connector.colourSystem)).length;
  return readings
    .map((reading): WireAnswer => {
      const alike = wires.flatMap(({ placed, colour }) => {
        const likeness = likenessOf(reading.colour, colour);
        return likeness === null ? [] : [{ placed, likeness }];
      });
      const same = alike.filter((hit) => hit.likeness.kind === "same");
      const hits = [...same, ...alike.filter((hit) => hit.likeness.kind === "near")];
      return {
        ...reading,
        hits: hits.map((hit) => ({
          ...hit,
          twins: same.filter(
            (other) => other !== hit && other.placed.connector.id === hit.placed.connector.id,
          ).length,
        })),
      };
    })
    .sort((a, b) => used(b.systems) - used(a.systems) || b.hits.length - a.hits.length);
}
