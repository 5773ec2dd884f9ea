import {
  decisionId,
  decisionPins,
  indexPins,
  isJoining,
  isTapping,
  namedPins,
  pinName,
  pointLabel,
  rankPins,
  seatOf,
  type Decision,
  type DecisionId,
  type Dossier,
  type InsertedDevice,
  type Merged,
  type PinId,
  type PlacedPin,
  type Sureness,
} from "../model/index.ts";
import {
  decisionFromAlone,
  decisionFromGroup,
  decisionFromJumper,
  decisionFromPair,
  type ProposedDevice,
  type SuggestedAlone,
  type SuggestedPair,
} from "../proposals/index.ts";
import type { Hazard } from "../hazards/index.ts";
import type { Analysis } from "../analysis/index.ts";
import { DEVICE_NAMES } from "../words/index.ts";

/** What is done between the two sides; it says which mark stands on the line. */
export type Act =
  | "move"
  | "splice"
  | "adapter"
  | "shift"
  | "split"
  | "tap"
  | "merge"
  | "mate"
  | "series"
  | "populate"
  | "re-end"
  | "jumper"
  | "cap"
  | "remove"
  | "leave"
  | "feed"
  | "undecided";

/** One circuit of the crosswalk: what stands on the vehicle's side, what on the other, and what is decided between. */
export interface CircuitRow {
  readonly key: string;
  readonly vehicle: readonly PlacedPin[];
  readonly incoming: readonly PlacedPin[];
  readonly decision: Decision | null;
  readonly id: DecisionId | null;
  readonly act: Act;
  /** Where a wire that moves within its own side goes, or what it is fed from; empty for all others. */
  readonly seat: string;
  readonly sure: Sureness;
  readonly device: InsertedDevice | null;
  /** Why a suggestion wants a part between. */
  readonly proposed: ProposedDevice | null;
  /** Suggested pairs, with their reasons and margins. */
  readonly pairs: readonly SuggestedPair[];
  readonly alone: SuggestedAlone | null;
  /** What taking the suggestion decides; null for what is decided. */
  readonly offer: Decision | null;
  readonly hazards: readonly Hazard[];
}

export const pinsOfRow = (row: Pick<CircuitRow, "vehicle" | "incoming">): readonly PlacedPin[] => [
  ...row.vehicle,
  ...row.incoming,
];
/** The pin that a row is listed at. */
export const leadOf = (row: CircuitRow): PlacedPin | undefined => row.vehicle[0] ?? row.incoming[0];

/** A hazard among all others: its rule, the decision it is about, and its pins. */
export const hazardKey = (hazard: Hazard): string =>
  `${hazard.rule} ${hazard.decision ?? ""} ${hazard.pins.join(" ")}`;
/** Whether a hazard still asks for something: neither cured by what is decided nor accepted. */
export const isOpenHazard = (hazard: Hazard): boolean =>
  hazard.severity !== "note" && !hazard.cured && hazard.answered === null;
/** The gravest hazard of a row that still asks for something; what is said once for all rows is not said again. */
export const worstOf = (row: CircuitRow, shared: ReadonlySet<string> = new Set()): Hazard | undefined =>
  row.hazards.find((hazard) => hazard.severity === "stop" && isOpenHazard(hazard)) ??
  row.hazards.find((hazard) => isOpenHazard(hazard) && !shared.has(sharedKey(hazard)));

/** Hazards of one matter: the same rule, title and cure. */
const sharedKey = ({ rule, title, cure }: Hazard): string => JSON.stringify([rule, title, cure]);
export interface SharedHazard {
  readonly key: string;
  readonly hazard: Hazard;
  readonly rows: number;
}
/** On so many rows a caution is said once, over the list. */
const ON_MANY_ROWS = 5;
/** Cautions that many rows have in common: one missing tool, one sealed connector. A stop is always said at its row. */
export function sharedHazards(rows: readonly CircuitRow[]): readonly SharedHazard[] {
  const found = new Map<string, { hazard: Hazard; rows: number }>();
  for (const row of rows) {
    const own = new Map(
      row.hazards
        .filter((hazard) => hazard.severity === "caution" && isOpenHazard(hazard))
        .map((hazard) => [sharedKey(hazard), hazard] as const),
    );
    for (const [key, hazard] of own) found.set(key, { hazard, rows: (found.get(key)?.rows ?? 0) + 1 });
  }
  return [...found].flatMap(([key, one]) => (one.rows >= ON_MANY_ROWS ? [{ key, ...one }] : []));
}

/** Decided joins, suggestions and loners in the order of the vehicle's pins, then the rest of the incoming side. */
export function circuitRows(
  dossier: Dossier,
  { crosswalk, hazards }: Pick<Analysis, "crosswalk" | "hazards">,
): readonly CircuitRow[] {
  const pins = indexPins(dossier);
  const rank = rankPins(dossier);
  const at = new Map<PinId, Hazard[]>();
  /** Hazards of several pairs on one card, by each of their pins. */
  const among = new Map<PinId, Hazard[]>();
  const note = (index: Map<PinId, Hazard[]>, pin: PinId, hazard: Hazard): void =>
    void index.set(pin, [...(index.get(pin) ?? []), hazard]);
  for (const hazard of hazards) {
    const [first] = hazard.pins;
    if (first !== undefined) note(at, first, hazard);
    if (hazard.pins.length > 2) for (const pin of hazard.pins) note(among, pin, hazard);
  }
  /** A card of several pairs belongs to the row of each of them. */
  const ofPair = (vehicle: readonly PlacedPin[], incoming: readonly PlacedPin[]): readonly Hazard[] =>
    vehicle.flatMap(({ pin }) => {
      const own = new Set(among.get(pin.id));
      return incoming.flatMap((other) => (among.get(other.pin.id) ?? []).filter((one) => own.has(one)));
    });
  const sides = (ids: readonly PinId[]) => {
    const placed = ids.flatMap((id) => pins.get(id) ?? []);
    const of = (side: string): readonly PlacedPin[] =>
      placed.filter(({ connector }) => connector.side === side);
    const [vehicle, incoming] = [of("vehicle"), of("incoming")];
    const own = [...ids.flatMap((id) => at.get(id) ?? []), ...ofPair(vehicle, incoming)];
    return { vehicle, incoming, hazards: [...new Set(own)] };
  };
  const base = {
    decision: null,
    id: null,
    device: null,
    proposed: null,
    pairs: [],
    alone: null,
    offer: null,
    seat: "",
  };
  const seatName = (decision: Decision): string => {
    if (decision.kind === "feed") {
      const point = dossier.points.find(({ id }) => id === decision.supply);
      return point === undefined ? "" : pointLabel(point);
    }
    const to = decision.kind === "populate" ? decision.cavity : seatOf(decision);
    const seat = to === null || decision.kind === "join" ? undefined : pins.get(to);
    return seat === undefined ? "" : pinName(seat);
  };
  const offered = (offer: Decision, sure: Sureness, more: Partial<CircuitRow>): CircuitRow => ({
    ...base,
    ...sides(namedPins(offer)),
    key: decisionId(offer),
    offer,
    act: actOf(offer),
    seat: seatName(offer),
    sure,
    device: isJoining(offer) ? (offer.device ?? null) : null,
    ...more,
  });
  const rows: readonly CircuitRow[] = [
    ...dossier.decisions
      .filter((decision) => decision.kind !== "forbid")
      .map((decision): CircuitRow => ({
        ...base,
        ...sides(decisionPins(decision)),
        key: decisionId(decision),
        decision,
        id: decisionId(decision),
        act: actOf(decision),
        seat: seatName(decision),
        sure: decision.sure,
        device: isJoining(decision) ? (decision.device ?? null) : null,
      })),
    ...crosswalk.pairs.map((pair) =>
      offered(decisionFromPair(pair, dossier), pair.sure, { pairs: [pair], proposed: pair.device }),
    ),
    ...crosswalk.groups.map((group) =>
      offered(decisionFromGroup(group, dossier), group.sure, { pairs: group.pairs, proposed: group.device }),
    ),
    ...crosswalk.jumpers.map((jumper) => offered(decisionFromJumper(jumper), jumper.sure, {})),
    ...crosswalk.alone.map((alone): CircuitRow => {
      const offer = decisionFromAlone(alone, dossier);
      const open = { alone, act: "undecided" } as const;
      return offer === null
        ? { ...base, ...sides([alone.pin]), ...open, key: `identify ${alone.pin}`, sure: "guess" }
        : offered(offer, "sure", open);
    }),
  ];
  const place = (row: CircuitRow): number => rank.get(leadOf(row)?.pin.id as PinId) ?? 0;
  return [...rows].sort((a, b) => place(a) - place(b));
}

const actOf = (decision: Decision): Act => {
  if (decision.kind === "join")
    return decision.device === undefined || decision.method === "adapter" ? decision.method : "splice";
  if (decision.kind === "forbid") return "leave";
  return decision.kind === "move" ? "shift" : decision.kind;
};

/** Hazards that belong to no pin: about plugs and names of the whole job. */
export const hazardsOfJob = ({ hazards }: Pick<Analysis, "hazards">): readonly Hazard[] =>
  hazards.filter((hazard) => hazard.pins.length === 0);

export const SHOWN = ["all", "undecided", "hazards", "doubtful"] as const;
export type Shown = (typeof SHOWN)[number];

/** Rows of a kind; doubtful is whatever is not sure yet. */
const IS_SHOWN: Readonly<Record<Shown, (row: CircuitRow) => boolean>> = {
  all: () => true,
  undecided: (row) => row.decision === null,
  hazards: (row) => row.hazards.some(isOpenHazard),
  doubtful: (row) => row.sure !== "sure",
};
export const isShown = (row: CircuitRow, shown: Shown): boolean => IS_SHOWN[shown](row);
/** A wire that merely found no partner: nothing is done to it without a word, its partner is looked for first. */
export const isUnmatched = ({ alone }: CircuitRow): boolean => alone?.why === "no-partner";
/** What a hand goes to next: undecided, doubtful, or with a stop that nobody has answered. */
export const wantsAttention = (row: CircuitRow): boolean =>
  row.decision === null || row.sure !== "sure" || worstOf(row)?.severity === "stop";

/** Rows with a pin at a place: "connector B12", "branch engine loom"; all of them for "all". */
export function isAt(row: CircuitRow, where: string): boolean {
  return (
    where === "all" ||
    pinsOfRow(row).some(
      ({ connector }) => where === `connector ${connector.id}` || where === `branch ${connector.branch}`,
    )
  );
}

const ALONE_WORDS: Partial<Record<string, string>> = {
  "needs-feed": "no feed chosen",
  "keep-out": "keep out",
  "nothing-known": "not identified",
  "ends-at-adapter": "ends at the adapter",
  "one-sided": "one side only",
  "own-loom": "goes on in its loom",
  spare: "spare",
};

const HALF_MARKS: Readonly<Record<Merged, string>> = {
  loom: "",
  whole: "",
  plug: ", plug half",
  pulled: ", pulled",
};

/** Whether the wires of a merge stay whole and only branches of them meet. */
export const isWhole = ({ decision, offer }: CircuitRow): boolean => {
  const how = decision ?? offer;
  return how?.kind === "merge" && isTapping(how);
};

/** The words above the line between the two sides, and below it where wires fork. */
export function lineWords(row: CircuitRow): { readonly above: string; readonly below: string } {
  const trap = row.hazards.some(
    (hazard) => hazard.rule === "same-colour-other-function" && hazard.severity !== "note",
  )
    ? ", not by colour"
    : "";
  const { decision, device } = row;
  const only = (above: string) => ({ above, below: "" });
  if (decision?.kind === "feed")
    return only(
      row.seat === ""
        ? "from where?"
        : `from ${row.seat}${decision.theirHalf === "loom" ? ", loom half" : ""}`,
    );
  if (decision?.kind === "move") return only(`to ${row.seat}`);
  if (decision?.kind === "populate") return only(`into ${row.seat}`);
  if (decision?.kind === "re-end")
    return only(decision.stud === undefined ? "new terminal" : `new ring, M${decision.stud}`);
  if (decision?.kind === "cap") return only("cap and tuck");
  if (decision?.kind === "remove") return only("out of the loom");
  if (decision?.kind === "mate") return only("plugged together");
  if (decision?.kind === "series")
    return { above: "in series", below: decision.method === "splice" ? "spliced" : "" };
  if (decision?.kind === "leave") return only("stays as it is");
  if (row.act === "series") return { above: "in series", below: "" };
  if (row.alone !== null) return only(ALONE_WORDS[row.alone.why] ?? "no partner");
  const part = device === null ? "" : DEVICE_NAMES[device.kind];
  if (row.act === "tap") return only(decision === null ? "suggested: tap" : "tap");
  if (row.act === "split" || row.act === "merge")
    return {
      above: isWhole(row) ? "taps" : row.act,
      below: part,
    };
  if (decision === null)
    return only(
      row.act === "jumper" ? "suggested: jumper" : `suggested${part === "" ? "" : `: ${part}`}${trap}`,
    );
  const half = "half" in decision ? HALF_MARKS[decision.half ?? "loom"] : "";
  return only(`${part === "" ? row.act : part}${half}${trap}`);
}
