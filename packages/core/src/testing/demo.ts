import demo from "../../../server/demo/levelling.trevin.json" with { type: "json" };
import { readJobValue } from "../contract/index.ts";
import { indexPins, pinName, type Dossier, type PinId } from "../model/index.ts";

/** The demo job as it ships. */
export function demoDossier(): Dossier {
  const read = readJobValue(demo);
  if (!read.ok) throw new Error(JSON.stringify(read.error));
  return read.value.dossier;
}

/** Pin ids by their printed name, "B12.7". */
export function byName(dossier: Dossier): (name: string) => PinId {
  const ids = new Map([...indexPins(dossier).values()].map((placed) => [pinName(placed), placed.pin.id]));
  return (name) => {
    const id = ids.get(name);
    if (id === undefined) throw new Error(`no pin ${name}`);
    return id;
  };
}
