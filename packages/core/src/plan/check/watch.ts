import {
  cutFarEnd,
  cutPlugEnd,
  farEnd,
  plugEnd,
  tapFarEnd,
  tapNearEnd,
  type HarnessState,
  type Operation,
} from "../../harness/index.ts";
import type {
  ConnectorId,
  DecisionId,
  EndId,
  JoinPointId,
  PinId,
  PlacedPin,
  StepId,
} from "../../model/index.ts";
import type { Step } from "../step.ts";

/** An end that lies open: with its terminal or bare, and for which decision. Parked ones are insulated and wait to be seated; what is capped for good is not open. */
interface Loose {
  readonly pin: PinId;
  readonly terminal: boolean;
  readonly parked: boolean;
  readonly decision: DecisionId | null;
}

/** What the rules remember from step to step. */
export interface Watch {
  readonly pins: ReadonlyMap<PinId, PlacedPin>;
  readonly doubtful: ReadonlySet<DecisionId>;
  readonly evenings: ReadonlySet<StepId>;
  /** Plugs that the plan takes away in the end. */
  readonly aside: ReadonlySet<ConnectorId>;
  /** Connectors that are to stay shut. */
  readonly shut: ReadonlySet<ConnectorId>;
  readonly loose: Map<EndId, Loose>;
  readonly checked: Set<DecisionId>;
  readonly photographed: Set<ConnectorId>;
  readonly labelled: Set<PinId>;
  /** Supplies that a new wire leads to, as long as it is not laid. */
  readonly unlaid: Set<JoinPointId>;
  readonly stripped: Set<string>;
  readonly sealed: Set<string>;
  readonly untugged: Set<ConnectorId>;
  /** Where the wires of a connector were cut last, mm behind it. */
  readonly lastCut: Map<ConnectorId, number>;
  /** Where each wire is cut, and where something is hung on it, mm behind its plug. */
  readonly reach: Readonly<Record<"cut" | "tap", Map<PinId, number>>>;
  /** Wiring was changed since the last measurement without power. */
  unmeasured: boolean;
}

/** Plugs that the plan takes away: a stub in one that is apart is no end that lies open. */
const leavesWithItsPlug = (watch: Watch, end: EndId, state: HarnessState): boolean => {
  const pin = pinOfEnd(end);
  const connector = watch.pins.get(pin)?.connector.id;
  return (
    end === cutPlugEnd(pin) &&
    connector !== undefined &&
    watch.aside.has(connector) &&
    (state.plugged[connector] ?? null) === null
  );
};

export const newWatch = (
  pins: Watch["pins"],
  doubtful: Watch["doubtful"],
  evenings: Watch["evenings"],
  unlaid: Watch["unlaid"],
  aside: Watch["aside"],
): Watch => ({
  aside,
  unlaid,
  pins,
  doubtful,
  evenings,
  shut: new Set(
    [...pins.values()].flatMap(({ connector }) => (connector.keepOut === "" ? [] : [connector.id])),
  ),
  loose: new Map(),
  checked: new Set(),
  photographed: new Set(),
  labelled: new Set(),
  stripped: new Set(),
  sealed: new Set(),
  untugged: new Set(),
  lastCut: new Map(),
  reach: { cut: new Map(), tap: new Map() },
  unmeasured: false,
});

/** The ends that an operation touches. */
function touched(op: Operation, state: HarnessState): readonly EndId[] {
  switch (op.kind) {
    case "release":
    case "insert":
    case "cap":
    case "feed":
    case "unfeed":
    case "crimp":
      return [op.end];
    case "splice":
    case "part":
      return op.ends;
    case "tap":
      return [...op.ends, tapNearEnd(op.pin, op.joint), tapFarEnd(op.pin, op.joint)];
    case "fit":
      return op.terminals.flatMap(({ ends }) => ends);
    case "cut":
      return [cutPlugEnd(op.pin), cutFarEnd(op.pin)];
    case "build-wire":
      return [plugEnd(op.pin), farEnd(op.pin)];
    case "take-out":
      return state.wires[op.wire]?.ends ?? [];
    default:
      return [];
  }
}

const pinOfEnd = (end: EndId): PinId => end.slice(0, end.lastIndexOf("#")) as PinId;
export const inWindow = ({ group }: Step): boolean => /^window(~\d+)?$/.test(group);
export const jointKey = ({ decision, wire, at }: Step): string => `${decision}|${wire}|${at}`;

/** Follows the loose ends through an operation that was done. */
export function follow(watch: Watch, step: Step, op: Operation, state: HarnessState): void {
  for (const end of touched(op, state)) {
    const place = state.ends[end];
    const out = op.kind === "take-out" && op.to === "out";
    const parked = place?.at === "loose" && place.covered && step.kind === "park";
    if (
      place?.at !== "loose" ||
      out ||
      (place.covered && !parked) ||
      (!inWindow(step) && leavesWithItsPlug(watch, end, state))
    )
      watch.loose.delete(end);
    else
      watch.loose.set(end, { pin: pinOfEnd(end), terminal: place.terminal, parked, decision: step.decision });
  }
}

const CHANGES_WIRING: readonly Operation["kind"][] = [
  "release",
  "insert",
  "cut",
  "splice",
  "part",
  "tap",
  "fit",
  "feed",
  "unfeed",
  "crimp",
];
const HOUSEKEEPING: readonly Operation["kind"][] = [
  "battery",
  "lock",
  "connect",
  "disconnect",
  "plug",
  "fuse",
  "build-shell",
  "discard",
];

/** To insulate an end never needs a decision. */
export const isHousekeeping = (op: Operation): boolean =>
  HOUSEKEEPING.includes(op.kind) || (op.kind === "cap" && op.to === "covered");

/** What a step that was done is remembered for. */
export function remember(watch: Watch, step: Step): void {
  if (step.kind === "check" && step.decision !== null) watch.checked.add(step.decision);
  if (step.kind === "photograph" && step.connector !== null) watch.photographed.add(step.connector);
  if (step.kind === "label")
    for (const pin of [step.wire, ...step.others]) if (pin !== null) watch.labelled.add(pin);
  if (step.text === "trunk" && step.supply !== null) watch.unlaid.delete(step.supply);
  if (step.kind === "strip") watch.stripped.add(jointKey(step));
  if (step.kind === "seal") watch.sealed.add(jointKey(step));
  if (step.kind === "tug" && step.connector !== null) watch.untugged.delete(step.connector);
  if (step.kind === "measure") watch.unmeasured = false;
  if (step.op === null) return;
  if (step.op.kind === "insert" && step.connector !== null) watch.untugged.add(step.connector);
  if ((step.op.kind === "cut" || step.op.kind === "tap") && step.wire !== null && step.length !== null)
    watch.reach[step.op.kind].set(step.wire, step.length);
  if ((step.op.kind === "cut" || step.op.kind === "tap") && step.connector !== null && step.length !== null)
    watch.lastCut.set(step.connector, step.length);
  if (CHANGES_WIRING.includes(step.op.kind) && !inWindow(step)) watch.unmeasured = true;
}
