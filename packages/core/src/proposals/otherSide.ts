import {
  decisionByPin,
  decisionId,
  indexPins,
  leadPin,
  namedPins,
  pinName,
  pinsOfSide,
  type Decision,
  type Dossier,
  type PinId,
  type PlacedPin,
  type Side,
} from "../model/index.ts";
import { compareText, present } from "../util/index.ts";
import { keepOutOf } from "../brief/index.ts";
import { sideOf } from "../meaning/index.ts";
import { pinReader, type ReadPin } from "../pairing/index.ts";

export interface SideDifference {
  readonly pin: PlacedPin;
  readonly fact: "place" | "colour" | "size" | "signal";
  readonly here: string;
  readonly there: string;
}

/** A decision of one side of the car and what the same would be on the other. */
export interface OtherSide {
  readonly like: Decision;
  /** The decision for the other side, as a copy; sure is "check" until somebody has confirmed what differs. */
  readonly copy: Decision;
  /** The decision that the other side has already, where it is the same in kind; null while it is open. */
  readonly decided: Decision | null;
  /** Places, colours and values in which the second side is not the mirror image of the first. */
  readonly differences: readonly SideDifference[];
}

const OPPOSITE: Readonly<Record<string, string>> = { left: "right", right: "left" };

/**
 * For every decision about left wires its counterpart about right ones, and the other way round: the pins of the same function
 * with the sides exchanged, each only where it is the only one. Where the second side is decided alike, only the right one is
 * listed, with its differences. A merge of both sides has no counterpart.
 */
export function otherSide(dossier: Dossier): readonly OtherSide[] {
  const pins = indexPins(dossier);
  const read = pinReader(dossier);
  const byMeaning = {
    vehicle: meanings(dossier, "vehicle", read),
    incoming: meanings(dossier, "incoming", read),
  };
  const decisionOf = decisionByPin(dossier);
  const twinOf = (id: PinId): PlacedPin | null => {
    const placed = present(pins.get(id), `pin ${id}`);
    const own = read(placed);
    const meaning = meaningOf(own, true);
    if (meaning === null) return null;
    const twins = (byMeaning[placed.connector.side].get(meaning) ?? []).filter((twin) => twin.pin.id !== id);
    return twins.length === 1 ? (twins[0] ?? null) : null;
  };
  const sided = (id: PinId): boolean => meaningOf(read(present(pins.get(id), `pin ${id}`)), false) !== null;
  return dossier.decisions.flatMap((like): readonly OtherSide[] => {
    const own = namedPins(like);
    if (own.length === 0 || !own.some(sided)) return [];
    // What both sides share, like a common ground, stays out of a copy.
    const twins = new Map<PinId, PlacedPin>();
    for (const id of own) {
      const twin = twinOf(id);
      if (twin === null || own.includes(twin.pin.id) || keepOutOf(twin) !== null) return [];
      twins.set(id, twin);
    }
    const turn = (id: PinId): PinId => present(twins.get(id), "twin").pin.id;
    const copy = {
      ...turned(like, turn),
      sure: "check",
      answers: [],
      reason: "copied from the other side",
    } as Decision;
    const standing = [...new Set([...twins.values()].flatMap(({ pin }) => decisionOf.get(pin.id) ?? []))];
    const decided = standing.find((one) => decisionId(one) === decisionId(copy)) ?? null;
    if (decided === null && standing.length > 0) return [];
    // Both sides decided: told once, at the right one.
    if (decided !== null && sideOf(read(present(pins.get(leadPin(decided)), "pin")).reading) !== "right")
      return [];
    return [
      {
        like,
        copy,
        decided,
        differences: [...twins].flatMap(([id, twin]) =>
          differencesOf(present(pins.get(id), "pin"), twin, read),
        ),
      },
    ];
  });
}

function turned(decision: Decision, turn: (id: PinId) => PinId): Decision {
  switch (decision.kind) {
    case "join":
    case "forbid":
      return { ...decision, vehicle: turn(decision.vehicle), incoming: turn(decision.incoming) };
    case "merge":
      return { ...decision, vehicle: decision.vehicle.map(turn), incoming: turn(decision.incoming) };
    case "split":
    case "tap":
      return { ...decision, vehicle: turn(decision.vehicle), incoming: decision.incoming.map(turn) };
    case "mate":
      return { ...decision, vehicle: decision.vehicle.map(turn), incoming: decision.incoming.map(turn) };
    case "move":
      return { ...decision, pin: turn(decision.pin), to: turn(decision.to) };
    case "populate":
      return { ...decision, lead: turn(decision.lead), cavity: turn(decision.cavity) };
    case "jumper":
      return { ...decision, pins: decision.pins.map(turn) };
    case "series":
      return {
        ...decision,
        vehicle: turn(decision.vehicle),
        into: turn(decision.into),
        back: turn(decision.back),
      };
    case "cap":
    case "re-end":
    case "remove":
    case "leave":
    case "feed":
      return { ...decision, pin: turn(decision.pin) };
  }
}

/** What a wire is for, with its side as it is or exchanged; null when its words name no side, or both. */
function meaningOf({ reading, signal }: ReadPin, exchanged: boolean): string | null {
  const side = sideOf(reading);
  if (side === null) return null;
  const which = [...reading.which]
    .map(
      ([dimension, values]) =>
        `${dimension} ${dimension === "side" && exchanged ? OPPOSITE[side] : [...values].sort(compareText).join(" ")}`,
    )
    .sort(compareText);
  return JSON.stringify([reading.thing?.name ?? reading.unread, which, reading.pole, signal]);
}

function meanings(
  dossier: Dossier,
  side: Side,
  read: (placed: PlacedPin) => ReadPin,
): ReadonlyMap<string, readonly PlacedPin[]> {
  const map = new Map<string, PlacedPin[]>();
  for (const placed of pinsOfSide(dossier, side)) {
    const key = placed.pin.content === "occupied" ? meaningOf(read(placed), false) : null;
    if (key !== null) map.set(key, [...(map.get(key) ?? []), placed]);
  }
  return map;
}

function differencesOf(
  one: PlacedPin,
  other: PlacedPin,
  read: (placed: PlacedPin) => ReadPin,
): readonly SideDifference[] {
  const [a, b] = [read(one), read(other)];
  const facts = [
    ["place", pinName(one), pinName(other)],
    ["colour", a.look || one.pin.colour, b.look || other.pin.colour],
    ["size", one.pin.size?.toString() ?? "", other.pin.size?.toString() ?? ""],
    ["signal", a.signal, b.signal],
  ] as const;
  return facts.flatMap(([fact, there, here]) =>
    there === here ? [] : [{ pin: other, fact, here: here || "not noted", there: there || "not noted" }],
  );
}
