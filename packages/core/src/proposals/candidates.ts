import { pinsOfSide, type Dossier, type PlacedPin } from "../model/index.ts";
import { explained, pinReader, samePlace, type Explanation } from "../pairing/index.ts";
import { firstDifference } from "../util/index.ts";
import { deviceBetween, type ProposedDevice } from "./devices.ts";

/** A pin of the other side with the case for it, best first; what "fix to…" offers. */
export interface Candidate extends Explanation {
  readonly pin: PlacedPin;
  readonly device: ProposedDevice | null;
}

/**
 * Every pin of the other side, by the case for a join with this one; of equal cases first those of its own signal class, then
 * those in its own place. Then those that are kept apart, and empty cavities last.
 */
export function candidatesFor(dossier: Dossier, placed: PlacedPin): readonly Candidate[] {
  const read = pinReader(dossier);
  const own = read(placed);
  const isVehicle = placed.connector.side === "vehicle";
  const { nominalVolts } = dossier.head;
  const all = pinsOfSide(dossier, isVehicle ? "incoming" : "vehicle")
    .filter(({ pin }) => pin.content !== "empty" || isVehicle)
    .map((other) => {
      const theirs = read(other);
      const [vehicle, incoming] = isVehicle ? [own, theirs] : [theirs, own];
      const candidate: Candidate = {
        pin: other,
        ...explained(own, theirs),
        device: deviceBetween(vehicle, incoming, nominalVolts),
      };
      const rank = [
        other.pin.content === "empty" ? 1 : 0,
        candidate.strength === null ? 1 : 0,
        -(candidate.strength ?? 0),
        theirs.signal === own.signal ? 0 : 1,
        // A new pigtail or housing takes the old one's place cavity by cavity.
        samePlace(theirs, own) ? 0 : 1,
      ];
      return { candidate, rank };
    });
  return all
    .sort((a, b) => firstDifference(...a.rank.map((value, i) => value - (b.rank[i] ?? 0))))
    .map(({ candidate }) => candidate);
}
