import {
  pinsOfSide,
  signalFit,
  type Dossier,
  type PinId,
  type SignalClass,
  type Side,
} from "../model/index.ts";
import { keepOutOf } from "../brief/index.ts";
import { levelsDiffer, weigh, pinReader, CHECK, type ReadPin } from "../pairing/index.ts";
import { once } from "../util/index.ts";

export type ColourOutcome = "works" | "dead" | "damage";

export interface ColourJoin {
  readonly vehicle: PinId;
  readonly incoming: PinId;
  readonly outcome: ColourOutcome;
  /** The classes that would meet, which say why. */
  readonly signals: readonly [SignalClass, SignalClass];
}

/**
 * What joining colour for colour would have done, as its own assignment: as many joins as there are wires of the same colour
 * on both sides; colours do not mix, so each is paired apart. "damage" by signal class or level, "works"
 * when the case for the pair is good and nothing stands against it, "dead" otherwise.
 */
export const colourForColour = once((dossier: Dossier): readonly ColourJoin[] => {
  const read = pinReader(dossier);
  const wires = (side: Side): readonly ReadPin[] =>
    pinsOfSide(dossier, side)
      .filter((placed) => placed.pin.content === "occupied" && keepOutOf(placed) === null)
      .map(read)
      .filter(({ look }) => look !== "");
  const left = wires("vehicle");
  const right = wires("incoming");
  const byLook = groupBy(left, ({ look }) => look);
  const theirs = groupBy(right, ({ look }) => look);
  const joins = [...byLook].flatMap(([look, ours]) => pairUp(ours, theirs.get(look) ?? []));
  const rank = new Map(left.map((pin, index) => [pin.placed.pin.id, index]));
  return joins.sort((a, b) => (rank.get(a.vehicle) ?? 0) - (rank.get(b.vehicle) ?? 0));
});

/** Wires of one colour pair as a hand would take them: those in the same cavity of the same kind of shell, then in the order of the tables. */
function pairUp(ours: readonly ReadPin[], theirs: readonly ReadPin[]): readonly ColourJoin[] {
  const placed = groupBy(
    theirs.filter(({ place }) => place !== ""),
    ({ place }) => place,
  );
  const taken = new Map<ReadPin, ReadPin>();
  const used = new Set<ReadPin>();
  for (const own of ours) {
    const twin = placed.get(own.place)?.find((other) => !used.has(other));
    if (twin === undefined) continue;
    taken.set(own, twin);
    used.add(twin);
  }
  const rest = theirs.filter((other) => !used.has(other));
  let next = 0;
  return ours.flatMap((own): readonly ColourJoin[] => {
    const other = taken.get(own) ?? rest[next++];
    return other === undefined
      ? []
      : [
          {
            vehicle: own.placed.pin.id,
            incoming: other.placed.pin.id,
            outcome: outcomeOf(own, other),
            signals: [own.signal, other.signal],
          },
        ];
  });
}

function outcomeOf(left: ReadPin, right: ReadPin): ColourOutcome {
  const fit = signalFit(left.signal, right.signal);
  if (fit === "damage" || fit === "device" || levelsDiffer(left, right)) return "damage";
  const evidence = weigh(left, right);
  // Two feeds of one key position for different uses are alike, and do not stand for each other.
  const isSameUse = evidence !== null && !evidence.reasons.some(({ kind }) => kind === "same-feed");
  return isSameUse && evidence.strength > CHECK ? "works" : "dead";
}

function groupBy<T>(items: readonly T[], key: (item: T) => string): ReadonlyMap<string, readonly T[]> {
  const groups = new Map<string, T[]>();
  for (const item of items) {
    const group = groups.get(key(item));
    if (group === undefined) groups.set(key(item), [item]);
    else group.push(item);
  }
  return groups;
}
