import {
  allPins,
  decisionByPin,
  decisionId,
  linkedPairs,
  pinName,
  seatOf,
  supplyWordsIn,
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
    const pairs = linkedPairs(decision);
    const across = pairs.flatMap(([vehicle, incoming]) =>
      vehicle === pin.pin.id ? [incoming] : incoming === pin.pin.id ? [vehicle] : [],
    );
    const seat = seatOf(decision);
    const to =
      decision.kind === "series"
        ? pin.pin.id === decision.vehicle
          ? name(decision.into)
          : name(decision.vehicle)
        : across.length > 0
          ? across.map(name).join(", ")
          : decision.kind === "jumper"
            ? decision.pins
                .filter((id) => id !== pin.pin.id)
                .map(name)
                .join(", ")
            : decision.kind === "feed"
              ? supplyWordsIn(dossier.points, decision.supply)
              : seat === null
                ? ""
                : name(seat);
    return [{ pin, decision: decisionId(decision), to }];
  });
}
