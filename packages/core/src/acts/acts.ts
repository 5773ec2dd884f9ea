import {
  decisionId,
  decisionPins,
  methodOf,
  seatsOf,
  isJoining,
  isLeftOpen,
  linkedPairs,
  rankPins,
  type Connector,
  type Decision,
  type DecisionId,
  type DeviceKind,
  type Method,
  type Dossier,
  type InsertedDevice,
  type LeavingOpen,
  type JoinPoint,
  type PinId,
  type PlacedPin,
} from "../model/index.ts";
import { meetingPins } from "../wiring/index.ts";
import { leftOpenOf, readFunction } from "../meaning/index.ts";
import {
  halfOfMerged,
  halfOfOurs,
  halfOfTheirs,
  joined,
  ledThrough,
  leftOpen,
  staysWhole,
} from "../proposals/index.ts";
import { waysIn } from "../plan/index.ts";
import { isUnmatched, pinsOfRow, type CircuitRow } from "./rows.ts";

/** One edit of the decisions, which undo takes back as one. */
export interface Edit {
  readonly put: readonly Decision[];
  readonly remove: readonly DecisionId[];
  /** Supplies and ground points that the decisions name and that are new. */
  readonly points?: readonly JoinPoint[];
}

export const common = { reason: "", answers: [] } as const;
/** Pins in the order of their plugs, so that the same choice is the same decision. */
export function inOrder(dossier: Dossier, pins: readonly PinId[]): readonly PinId[] {
  const rank = rankPins(dossier);
  return [...pins].sort((a, b) => (rank.get(a) ?? 0) - (rank.get(b) ?? 0));
}
/** Without a wire in it a cavity can only be filled, not spliced to. */
export const hasWire = (dossier: Dossier, pin: PinId): boolean =>
  dossier.connectors.some(({ pins }) => pins.some((one) => one.id === pin && one.content !== "empty"));
const idsOf = (rows: readonly CircuitRow[]): readonly DecisionId[] => rows.flatMap((row) => row.id ?? []);

/** Suggestions of these rows as they stand. A feed without a place is left out: it has to be asked for. */
export const takeOffers = (rows: readonly CircuitRow[]): Edit => ({
  put: rows.flatMap((row) =>
    row.offer === null || isUnmatched(row) || (row.offer.kind === "feed" && row.offer.supply === null)
      ? []
      : [row.offer],
  ),
  remove: [],
});

/** Sure suggestions that meet no open stop. */
export const sureOffers = (rows: readonly CircuitRow[]): readonly CircuitRow[] =>
  rows.filter(
    (row) =>
      row.offer !== null &&
      row.alone === null &&
      row.sure === "sure" &&
      row.hazards.every((hazard) => hazard.severity !== "stop" || hazard.cured),
  );

/** Never these pins: a suggestion is turned down, a decision taken back, and the next best looked for. */
export function rejectRows(rows: readonly CircuitRow[], reason: string): Edit {
  const pairs = rows.flatMap((row) =>
    row.decision?.kind === "mate"
      ? linkedPairs(row.decision)
      : row.vehicle.flatMap(({ pin }) => row.incoming.map((other) => [pin.id, other.pin.id] as const)),
  );
  return {
    put: pairs.map(([vehicle, incoming]): Decision => ({
      kind: "forbid",
      vehicle,
      incoming,
      sure: "sure",
      ...common,
      reason,
    })),
    remove: idsOf(rows),
  };
}

/** Nothing is connected to these pins. Of a pair that is only suggested, that is said of the vehicle's wire. */
export function leaveOpen(
  rows: readonly CircuitRow[],
  kind: LeavingOpen["kind"],
  { words }: Pick<Dossier, "words">,
): Edit {
  const pins = rows.flatMap((row) => {
    if (row.decision === null && row.incoming.length > 0)
      return row.vehicle.length > 0 ? row.vehicle : row.incoming;
    return pinsOfRow(row);
  });
  const open = ({ pin, connector }: PlacedPin) =>
    kind === "leave" && connector.side === "vehicle" ? null : leftOpenOf(readFunction(pin.function, words));
  return { put: pins.map((placed) => leftOpen(kind, placed.pin.id, open(placed))), remove: idsOf(rows) };
}

export const takeBack = (rows: readonly CircuitRow[]): Edit => ({ put: [], remove: idsOf(rows) });

/** Decisions that stand in the way of one about these pins. */
export const inTheWay = (dossier: Dossier, pins: readonly PinId[]): readonly DecisionId[] =>
  dossier.decisions
    .filter((decision) => decisionPins(decision).some((pin) => pins.includes(pin)))
    .map(decisionId);
/** Decisions that seat a terminal in one of these cavities. */
export const claiming = (dossier: Dossier, seats: readonly PinId[]): readonly DecisionId[] =>
  dossier.decisions
    .filter((decision) => seatsOf(decision).some((seat) => seats.includes(seat)))
    .map(decisionId);

/**
 * These pins of both sides become one circuit: a join, one to several, or several to one. Whatever was decided of them, and that
 * they were to be kept apart, is taken back with it. Null where several meet several.
 */
export function joinPins(dossier: Dossier, ours: readonly PinId[], theirs: readonly PinId[]): Edit | null {
  const [vehicle, incoming] = [inOrder(dossier, ours), inOrder(dossier, theirs)];
  const [first, second] = [vehicle[0], incoming[0]];
  if (first === undefined || second === undefined || (vehicle.length > 1 && incoming.length > 1)) return null;
  const apart = dossier.decisions
    .filter(
      (decision) =>
        decision.kind === "forbid" &&
        vehicle.includes(decision.vehicle) &&
        incoming.includes(decision.incoming),
    )
    .map(decisionId);
  const shared = { sure: "sure" as const, ...common, reason: "chosen by hand" };
  const which = halfOfTheirs(dossier, incoming);
  const decide = (): Decision => {
    if (vehicle.length === 1 && staysWhole(dossier, first))
      return { kind: "tap", vehicle: first, incoming, ...which, ...shared };
    if (vehicle.length > 1)
      return {
        kind: "merge",
        vehicle,
        incoming: second,
        ...halfOfMerged(dossier, vehicle),
        ...which,
        ...shared,
      };
    if (incoming.length > 1)
      return {
        kind: "split",
        vehicle: first,
        incoming,
        ...halfOfOurs(dossier, vehicle),
        ...which,
        ...shared,
      };
    if (!hasWire(dossier, second))
      return { kind: "join", vehicle: first, incoming: second, method: "move", ...shared };
    return { ...joined(dossier, first, second, false), ...shared };
  };
  return {
    put: [decide()],
    remove: [...new Set([...inTheWay(dossier, [...vehicle, ...incoming]), ...apart])],
  };
}

/** Joins and feeds that an edit would undo without being asked: what a second wire takes from the first. */
export function undone(dossier: Dossier, edit: Edit): readonly Decision[] {
  const kept = new Set(edit.put.map(decisionId));
  return dossier.decisions.filter(
    (decision) =>
      edit.remove.includes(decisionId(decision)) &&
      !kept.has(decisionId(decision)) &&
      !isLeftOpen(decision) &&
      decision.kind !== "forbid",
  );
}

/**
 * The wires as one joint with those that they are joined to already. Null where that cannot be: several would meet several, a
 * part sits between, or the wires meet otherwise than by a join.
 */
export function joinAlso(dossier: Dossier, ours: readonly PinId[], theirs: readonly PinId[]): Edit | null {
  const edit = joinPins(dossier, ours, theirs);
  const standing = edit === null ? null : undone(dossier, edit);
  if (standing === null || !standing.every(isJoining)) return null;
  if (standing.some(({ device }) => device !== undefined)) return null;
  const met = standing.flatMap(linkedPairs);
  const all = (own: readonly PinId[], side: 0 | 1): readonly PinId[] => [
    ...new Set([...own, ...met.map((pair) => pair[side])]),
  ];
  return joinPins(dossier, all(ours, 0), all(theirs, 1));
}

export function jumperPins(dossier: Dossier, pins: readonly PinId[]): Edit {
  return {
    put: [
      { kind: "jumper", pins: inOrder(dossier, pins), sure: "sure", ...common, reason: "chosen by hand" },
    ],
    remove: inTheWay(dossier, pins),
  };
}

/** A wire goes to another cavity of its own side; a wire that sits there comes to this one in exchange. */
export function shiftPin(dossier: Dossier, pin: PinId, to: PinId): Edit {
  const move = (from: PinId, into: PinId): Decision => ({
    kind: "move",
    pin: from,
    to: into,
    sure: "sure",
    ...common,
    reason: "chosen by hand",
  });
  const put = hasWire(dossier, to) ? [move(pin, to), move(to, pin)] : [move(pin, to)];
  return {
    put,
    remove: [...new Set([...inTheWay(dossier, [pin, to]), ...claiming(dossier, put.flatMap(seatsOf))])],
  };
}

/** A vehicle's wire is led through the incoming part: it goes into the first of its pins, and the second one leads back to its place. */
export function seriesThrough(dossier: Dossier, vehicle: PinId, into: PinId, back: PinId): Edit {
  return {
    put: [{ ...ledThrough(dossier, vehicle, into, back, "sure"), reason: "chosen by hand" }],
    remove: [
      ...new Set([...inTheWay(dossier, [vehicle, into, back]), ...claiming(dossier, [into, vehicle])]),
    ],
  };
}

/** The wires of two plugs that meet when they go together; a cavity without a wire on one side leaves the other one alone. */
export function meetingWires(a: Connector, b: Connector): readonly (readonly [PinId, PinId])[] {
  const occupied = new Set(
    [...a.pins, ...b.pins].flatMap(({ id, content }) => (content === "occupied" ? [id] : [])),
  );
  return meetingPins(a, b).filter((pair) => pair.every((pin) => occupied.has(pin)));
}

/** Two plugs go together: each wire with the one that it meets there, by their faces, or by their labels while the faces do not say. */
export function matePlugs(dossier: Dossier, vehicle: Connector, incoming: Connector): Edit | null {
  const pairs = meetingWires(vehicle, incoming);
  if (pairs.length === 0) return null;
  const put: Decision = {
    kind: "mate",
    vehicle: pairs.map(([own]) => own),
    incoming: pairs.map(([, other]) => other),
    sure: "sure",
    ...common,
    reason: "chosen by hand",
  };
  const plugs = [vehicle, incoming].flatMap(({ pins }) => pins.map(({ id }) => id));
  const otherwise = dossier.decisions
    .filter(
      (decision) =>
        (decision.kind === "mate" || methodOf(decision) === "adapter") &&
        decisionPins(decision).some((pin) => plugs.includes(pin)),
    )
    .map(decisionId);
  return { put: [put], remove: [...new Set([...inTheWay(dossier, decisionPins(put)), ...otherwise])] };
}

/** The next of the ways in which a decision can be carried out, and around again; null where there is one at most. */
export function nextMethod(decision: Decision, dossier: Dossier): Method | null {
  const ways = waysIn(dossier)(decision);
  const now = methodOf(decision);
  return ways.length < 2 || now === null ? null : (ways[(ways.indexOf(now) + 1) % ways.length] ?? null);
}
export const METHOD_OFFERS: Readonly<Record<Method, string>> = {
  move: "Move instead",
  splice: "Splice instead",
  adapter: "By adapter instead",
};

export const METHOD_NAMES: Readonly<Record<Method, string>> = {
  move: "de-pin",
  splice: "splice",
  adapter: "adapter",
};

/** Whether a loom's wire is cut for a joint, so that its live half can be found in between. */
export const canFindLive = (row: CircuitRow | undefined): boolean =>
  (row?.decision?.kind === "join" || row?.decision?.kind === "series") &&
  (row.decision.method === "splice" || row.device !== null) &&
  row.decision.method !== "adapter" &&
  row.vehicle.every(({ connector }) => connector.leads === "loom");

/** A decision about joined wires with another part between them, or none. A part wants a cut, so a move becomes a splice. */
export function withDevice(decision: Decision, device: InsertedDevice | undefined): Edit {
  if (!isJoining(decision)) return { put: [], remove: [] };
  const { device: _before, ...rest } = decision;
  const spliced =
    rest.kind === "join" && device !== undefined ? { ...rest, method: "splice" as const } : rest;
  return {
    put: [device === undefined ? (spliced as Decision) : ({ ...spliced, device } as Decision)],
    remove: [],
  };
}

/** A part of a kind with values to start from. */
export function blankDevice(kind: DeviceKind): InsertedDevice {
  const blanks: { readonly [K in DeviceKind]: Extract<InsertedDevice, { kind: K }> } = {
    diodes: { kind: "diodes", band: "incoming" },
    divider: { kind: "divider", upper: 22_000, lower: 10_000 },
    regulator: { kind: "regulator", volts: 5 },
    relay: { kind: "relay", coil: "vehicle" },
    resistor: { kind: "resistor", ohms: 1000, how: "in series" },
    fuse: { kind: "fuse", amps: 5 },
    switch: { kind: "switch", what: "clutch" },
    converter: { kind: "converter", what: "a converter" },
  };
  return blanks[kind];
}
