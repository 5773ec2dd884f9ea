import {
  allPins,
  blockWords,
  colourProblemWords,
  parseColour,
  pinName,
  pinNamer,
  pinSystem,
  planWork,
  type JobDocument,
} from "@trevin/core";

/** A file that could be read is valid; what it leaves open is listed. */
export function validateReport({ dossier, ledger }: JobDocument): unknown {
  const colours = allPins(dossier).flatMap(({ pin, connector }) => {
    const read = parseColour(pin.colour, pinSystem(pin, connector));
    return read.ok || read.error.code === "colour-empty"
      ? []
      : [{ pin: pinName({ pin, connector }), problem: colourProblemWords(read.error) }];
  });
  return {
    valid: true,
    connectors: dossier.connectors.length,
    pins: allPins(dossier).length,
    decisions: dossier.decisions.length,
    ledgerEntries: ledger.length,
    unreadColours: colours,
    blocks: planWork(dossier).blocks.map((block) => blockWords(block, pinNamer(dossier))),
  };
}
