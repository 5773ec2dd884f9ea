import {
  allPins,
  decisionByPin,
  decisionId,
  linkedPairs,
  pinName,
  seatOf,
  supplyWordsIn,
  type Decision,
  type DecisionId,
  type Dossier,
  type PinId,
  type PlacedPin,
} from "../model/index.ts";

/** A flag for a wire: where it comes from, where it goes, what it is for. */
export interface Flag {
  readonly pin: PlacedPin;
  readonly decision: DecisionId;
  /** "AL-P.D"; empty for a wire that goes nowhere. */
  readonly to: string;
}

/** One flag for each wire that a decision does something to, in the order of the table. Incoming wires have one where they do not end in a vehicle's joint. */
export function flagsOf(dossier: Dossier): readonly Flag[] {
  const byPin = decisionByPin(dossier);
  const names = new Map(allPins(dossier).map((placed) => [placed.pin.id, pinName(placed)]));
  const name = (id: PinId): string => names.get(id) ?? "";
  return allPins(dossier).flatMap((pin): readonly Flag[] => {
    const decision = byPin.get(pin.pin.id);
    if (
      decision === undefined ||
      decision.kind === "leave" ||
      decision.kind === "mate" ||
      pin.pin.content !== "occupied"
    )
      return [];
    return [{ pin, decision: decisionId(decision), to: goesTo(pin.pin.id, decision, dossier.points, name) }];
  });
}

/** Where a wire goes to, in words; empty where it goes nowhere. */
function goesTo(
  pin: PinId,
  decision: Decision,
  points: Dossier["points"],
  name: (pin: PinId) => string,
): string {
  if (decision.kind === "series") return name(pin === decision.vehicle ? decision.into : decision.vehicle);
  const across = linkedPairs(decision).flatMap(([vehicle, incoming]) => {
    if (vehicle === pin) return [incoming];
    return incoming === pin ? [vehicle] : [];
  });
  if (across.length > 0) return across.map(name).join(", ");
  if (decision.kind === "jumper")
    return decision.pins
      .filter((id) => id !== pin)
      .map(name)
      .join(", ");
  if (decision.kind === "feed") return supplyWordsIn(points, decision.supply);
  const seat = seatOf(decision);
  return seat === null ? "" : name(seat);
}
