import { aloneWords, colourForColour, findHazards, indexPins, pinName, planWork, pinNamer, blockWords, reasonWords, suggest, type JobDocument, type PinId } from "@trevin/core";

/** Pairs, what becomes of the rest, hazards, the verdict on joining by colour, and what blocks. */
export function matchReport({ dossier }: JobDocument): unknown {
  const pins = indexPins(dossier);
  const name = (id: PinId): string => {
    const placed = pins.get(id);
    return placed === undefined ? id : pinName(placed);
  };
  const walk = suggest(dossier);
  const verdict = colourForColour(dossier);
  return {
    decided: dossier.decisions.map((decision) => (decision.kind === "join" ? { ...decision, vehicle: name(decision.vehicle), incoming: name(decision.incoming) } : { ...decision, pin: name(decision.pin) })),
    pairs: walk.pairs.map((pair) => ({ vehicle: name(pair.vehicle), incoming: name(pair.incoming), sure: pair.sure, strength: pair.strength, margin: pair.margin, reasons: pair.reasons.map(reasonWords) })),
    alone: walk.alone.map((alone) => ({ pin: name(alone.pin), proposal: alone.proposal, reason: aloneWords(alone) })),
    hazards: findHazards(dossier, walk.pairs).map((hazard) => ({ ...hazard, pins: hazard.pins.map(name) })),
    colourForColour: {
      works: verdict.filter((join) => join.outcome === "works").length,
      dead: verdict.filter((join) => join.outcome === "dead").length,
      damage: verdict.filter((join) => join.outcome === "damage").length,
      joins: verdict.map((join) => ({ vehicle: name(join.vehicle), incoming: name(join.incoming), outcome: join.outcome })),
    },
    blocks: planWork(dossier).blocks.map((block) => blockWords(block, pinNamer(dossier))),
  };
}
