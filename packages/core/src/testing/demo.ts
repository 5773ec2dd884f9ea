import demo from "../../../server/demo/levelling.trevin.json" with { type: "json" };
import { readJobValue } from "../contract/index.ts";
import {
  blankPoint,
  indexPins,
  joinPointId,
  pinName,
  plainSupply,
  type Dossier,
  type JoinPoint,
  type PinId,
} from "../model/index.ts";

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

/** The spare fuse that the demo's memory supply is taken from. */
export const F22: JoinPoint = {
  ...blankPoint(joinPointId("F22"), "F22", "supply"),
  supply: { ...plainSupply("battery"), fuse: { amps: 5, fitted: false } },
};
