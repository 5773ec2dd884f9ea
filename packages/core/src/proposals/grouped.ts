import { sideOf } from "../meaning/index.ts";
import { worse, type PinId, type Sureness } from "../model/index.ts";
import {
  pairSureness,
  reasonsOf,
  SURCHARGE,
  type MatchProblem,
  type ReadPin,
  type Reason,
} from "../pairing/index.ts";
import { present } from "../util/index.ts";
import type { ChosenLink } from "./chosenLinks.ts";
import { deviceBetween, deviceOfMerge, type ProposedDevice } from "./devices.ts";
import { givingHalf, throughOf } from "./through.ts";

export interface SuggestedPair {
  readonly vehicle: PinId;
  readonly incoming: PinId;
  readonly sure: Sureness;
  /**
   * The pair's own case and the lead over the best arrangement without it, in tenths of a log-odds unit. The lead counts no further
   * than it matters: to what makes a pair sure, or to the pair's own case where that is weaker.
   */
  readonly strength: number;
  readonly margin: number;
  readonly reasons: readonly Reason[];
  /** What belongs between them, where they must not meet directly. */
  readonly device: ProposedDevice | null;
}

/**
 * One wire of one side with several of the other; `split` when the vehicle has the one, `merge` when the incoming side has. `series`: a
 * wire of the vehicle is led through a part, its loom's half to the first pair's pin, the half in its plug to the second's.
 */
export interface SuggestedGroup {
  readonly kind: "split" | "merge" | "series";
  readonly pairs: readonly SuggestedPair[];
  readonly sure: Sureness;
  readonly device: ProposedDevice | null;
  /** Nothing tells which half of the wire drives it. */
  readonly findLive?: boolean;
}

export function pairOf(
  { row, column, further, strength, margin }: ChosenLink,
  match: MatchProblem,
  nominalVolts: number,
  contested: ReadonlySet<ReadPin>,
): SuggestedPair {
  const reasons = reasonsOf(present(match.evidence(row, column), "evidence of a chosen pair"), row, column);
  return {
    vehicle: row.placed.pin.id,
    incoming: column.placed.pin.id,
    sure: pairSureness(Math.min(strength, margin), row, column, contested),
    strength,
    margin,
    reasons: further ? [...reasons, { kind: "shared-wire", weight: -SURCHARGE } as const] : reasons,
    device: deviceBetween(row, column, nominalVolts),
  };
}

/**
 * One lamp for both turn signals ("TURN L and R") takes the wire of each side: where one of them is paired with it and the other is left
 * over, both go onto it. Asked for, never sure: a beep test tells whether the two are one lamp.
 */
export function joinBothSides(
  pairs: SuggestedPair[],
  groups: SuggestedGroup[],
  match: MatchProblem,
  nominalVolts: number,
  contested: ReadonlySet<ReadPin>,
): void {
  const taken = new Set([...pairs, ...groups.flatMap((group) => group.pairs)].map(({ vehicle }) => vehicle));
  const rows = match.rows.flatMap(({ pin, of }) => (of === null ? [pin] : []));
  for (const { pin: column, of } of match.columns) {
    if (
      of !== null ||
      column.reading.thing?.family !== "turn" ||
      column.reading.which.get("side")?.size !== 2
    )
      continue;
    const at = pairs.findIndex(({ incoming }) => incoming === column.placed.pin.id);
    const own = pairs[at];
    const row = rows.find(({ placed }) => placed.pin.id === own?.vehicle);
    const other = rows.find(
      (one) =>
        !taken.has(one.placed.pin.id) &&
        one.reading.thing?.family === "turn" &&
        row !== undefined &&
        sideOf(one.reading) !== null &&
        sideOf(one.reading) !== sideOf(row.reading),
    );
    if (
      own === undefined ||
      row === undefined ||
      other === undefined ||
      match.evidence(other, column) === null
    )
      continue;
    const link = { row: other, column, further: true, strength: own.strength, margin: own.margin };
    pairs.splice(at, 1);
    groups.push({
      kind: "merge",
      pairs: [own, pairOf(link, match, nominalVolts, contested)],
      sure: "guess",
      device: deviceOfMerge(column, [row, other]),
    });
  }
}

/**
 * A wire of the vehicle that meets both ends of one part, or one end of it while nobody wants the other, is led through the part.
 * Null where it is not so. Never surer than "check": which half drives is measured before anything is cut.
 */
export function seriesOf(
  links: readonly ChosenLink[],
  made: readonly SuggestedPair[],
  match: MatchProblem,
  nominalVolts: number,
  contested: ReadonlySet<ReadPin>,
  free: readonly ReadPin[],
): SuggestedGroup | null {
  const [first, second] = links;
  const [own] = made;
  if (first === undefined || own === undefined || links.length > 2 || own.device !== null) return null;
  const { row, column } = first;
  const others = second === undefined ? free : [second.column];
  if (second !== undefined && second.row !== row) return null;
  for (const other of others) {
    const through = throughOf(column, other);
    const evidence = through === null ? null : match.evidence(row, other);
    if (through === null || evidence === null) continue;
    const strength = Math.min(first.strength, evidence.strength);
    const link = { row, column: other, further: false, strength, margin: first.margin };
    const pair =
      second === undefined ? pairOf(link, match, nominalVolts, contested) : present(made[1], "pair");
    const giving = givingHalf(row);
    const [entry, exit] = through.entry === column ? [own, pair] : [pair, own];
    return {
      kind: "series",
      pairs: giving === "plug" ? [exit, entry] : [entry, exit],
      sure: giving === null ? "guess" : (worse(worse(own.sure, pair.sure), "check") ?? "check"),
      device: null,
      ...(giving === null ? { findLive: true } : {}),
    };
  }
  return null;
}

export function grouped(links: readonly ChosenLink[], pairs: readonly SuggestedPair[]): SuggestedGroup {
  const kind = new Set(links.map((link) => link.row)).size > 1 ? "merge" : "split";
  const [first] = links;
  const device =
    pairs.find((pair) => pair.device !== null)?.device ??
    (kind === "merge" && first !== undefined
      ? deviceOfMerge(
          first.column,
          links.map(({ row }) => row),
        )
      : null);
  return {
    kind,
    pairs,
    sure: pairs.map(({ sure }) => sure).reduce<Sureness | null>(worse, null) ?? "guess",
    device,
  };
}
