import { sameColour } from "../colour/index.ts";
import { pinsOfSide, signalFit, type Dossier, type PinId } from "../model/index.ts";
import { pinReader, weigh, type ReadPin } from "./evidence.ts";

export type ColourOutcome = "works" | "dead" | "damage";

export interface ColourJoin {
  readonly vehicle: PinId;
  readonly incoming: PinId;
  readonly outcome: ColourOutcome;
}

/**
 * What joining colour for colour would have done: each vehicle wire goes to the first incoming wire of the same colour
 * that is still free, in table order, as a hand would. "damage" by signal class, "works" when the case for the pair is
 * positive and its function agrees, "dead" otherwise.
 */
export function colourForColour(dossier: Dossier): readonly ColourJoin[] {
  const free = pinsOfSide(dossier, "incoming").filter(({ pin }) => pin.content === "occupied").map(pinReader(dossier));
  return pinsOfSide(dossier, "vehicle").filter(({ pin }) => pin.content === "occupied").map(pinReader(dossier)).flatMap((left): ColourJoin[] => {
    const index = free.findIndex((right) => left.colour !== null && right.colour !== null && sameColour(left.colour, right.colour));
    const [right] = index < 0 ? [] : free.splice(index, 1);
    return right === undefined ? [] : [{ vehicle: left.placed.pin.id, incoming: right.placed.pin.id, outcome: outcomeOf(left, right) }];
  });
}

function outcomeOf(left: ReadPin, right: ReadPin): ColourOutcome {
  const fit = signalFit(left.signal, right.signal);
  if (fit === "damage" || fit === "device") return "damage";
  const evidence = weigh(left, right);
  return evidence !== null && evidence.strength > 20 ? "works" : "dead";
}
