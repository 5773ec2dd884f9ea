import { sameColour, toldBySize } from "../../colour/index.ts";
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
import {
  pinColour,
  type ConnectorId,
  type DecisionId,
  type EndId,
  type JoinPointId,
  type PinId,
  type PlacedPin,
  type StepId,
} from "../../model/index.ts";
import type { Step } from "../step.ts";
import type { Fault } from "./fault.ts";

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
const inWindow = ({ group }: Step): boolean => /^window(~\d+)?$/.test(group);
const jointKey = ({ decision, wire, at }: Step): string => `${decision}|${wire}|${at}`;

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
const isHousekeeping = (op: Operation): boolean =>
  HOUSEKEEPING.includes(op.kind) || (op.kind === "cap" && op.to === "covered");

/** A rule looks at a step before it is done, and says what is wrong with doing it now. */
export type Rule = (step: Step, watch: Watch, state: HarnessState) => Fault | null;

const onOps =
  (kinds: readonly Operation["kind"][], rule: Rule): Rule =>
  (step, watch, state) =>
    step.op !== null && kinds.includes(step.op.kind) ? rule(step, watch, state) : null;

/** The procedure hazards as rules (common practice, no source). */
export const BEFORE: readonly Rule[] = [
  onOps(["feed"], (step, { unlaid }) =>
    step.supply !== null && unlaid.has(step.supply)
      ? { code: "run-not-laid", step: step.id, supply: step.supply }
      : null,
  ),
  // A step without a decision may open, close, power and plug; it may not touch a wire.
  (step) =>
    step.op !== null && step.decision === null && !isHousekeeping(step.op)
      ? { code: "unexplained-step", step: step.id }
      : null,
  (step, { shut }) =>
    step.op !== null && step.connector !== null && shut.has(step.connector)
      ? { code: "keep-out-opened", step: step.id, connector: step.connector }
      : null,
  onOps(["disconnect", "release"], (step, { photographed }) =>
    step.connector !== null && !photographed.has(step.connector)
      ? { code: "not-photographed", step: step.id, connector: step.connector }
      : null,
  ),
  // Only the cuts of a test are made while everything else is still plugged in.
  onOps(["cut", "splice", "fit", "feed", "cap"], (step, _watch, state) =>
    step.connector !== null &&
    step.decision !== null &&
    !inWindow(step) &&
    (state.plugged[step.connector] ?? null) !== null
      ? { code: "still-plugged", step: step.id, connector: step.connector }
      : null,
  ),
  (step, { doubtful, checked }) =>
    step.op !== null && step.decision !== null && doubtful.has(step.decision) && !checked.has(step.decision)
      ? { code: "unchecked-doubt", step: step.id, decision: step.decision }
      : null,
  onOps(["cut", "tap"], (step, { lastCut }) =>
    step.connector !== null && step.length !== null && lastCut.get(step.connector) === step.length
      ? { code: "joints-side-by-side", step: step.id, connector: step.connector, length: step.length }
      : null,
  ),
  // A tap is meant for the half that goes on into the loom.
  onOps(["cut", "tap"], (step, { reach }) => {
    const other = step.op?.kind === "cut" ? reach.tap : reach.cut;
    const at = step.wire === null || step.length === null ? undefined : other.get(step.wire);
    if (at === undefined || step.length === null) return null;
    return (step.op?.kind === "cut" ? step.length < at : step.length > at)
      ? null
      : { code: "tap-before-cut", step: step.id };
  }),
  onOps(["splice", "fit", "tap", "feed", "crimp"], (step, { stripped }) =>
    step.op?.kind === "crimp" && step.op.to === "cut-off"
      ? null
      : stripped.has(jointKey(step))
        ? null
        : { code: "not-stripped", step: step.id },
  ),
  onOps(["crimp"], (step, { sealed, pins }) => {
    const into = step.at === null ? undefined : pins.get(step.at);
    return step.op?.kind === "crimp" &&
      step.op.to === "fitted" &&
      into?.connector.sealed === true &&
      !sealed.has(jointKey(step))
      ? { code: "seal-missing", step: step.id }
      : null;
  }),
  // From an unsealed plug into a sealed one a wire brings no seal; it is cut, sealed and crimped anew.
  onOps(["insert"], (step, { pins, sealed }) => {
    const [from, into] = [step.wire, step.at].map((id) => (id === null ? undefined : pins.get(id)));
    return from !== undefined &&
      into?.connector.sealed === true &&
      !from.connector.sealed &&
      !sealed.has(jointKey(step))
      ? { code: "seal-missing", step: step.id }
      : null;
  }),
  onOps(["connect"], (step, { untugged }) =>
    step.connector !== null && untugged.has(step.connector)
      ? { code: "not-tugged", step: step.id, connector: step.connector }
      : null,
  ),
  onOps(["battery"], (step, { loose, unmeasured }) => {
    if (step.op?.kind !== "battery" || step.op.to === "off") return null;
    const end = [...loose].find(([, one]) => one.terminal);
    if (end !== undefined) return { code: "power-with-end-loose", step: step.id, end: end[0] };
    return unmeasured ? { code: "not-measured", step: step.id } : null;
  }),
  onOps(["fuse"], (step, _watch, state) =>
    step.op?.kind === "fuse" && step.op.to === "in" && state.battery === "off"
      ? { code: "fuse-before-power", step: step.id }
      : null,
  ),
];

/** Rules about what a step leaves open. */
export const AFTER: readonly Rule[] = [
  (step, { loose }) => {
    const held = [...loose].filter(([, one]) => one.terminal && !one.parked).map(([end]) => end);
    return held.length > 1 ? { code: "two-ends-in-the-hand", step: step.id, ends: held } : null;
  },
  (step, { loose, labelled, pins }) => {
    const out = [...loose].filter(([, one]) => one.terminal);
    const twin = out.find(([, one], i) =>
      out
        .slice(0, i)
        .some(
          ([, other]) =>
            !labelled.has(one.pin) &&
            !labelled.has(other.pin) &&
            alike(pins.get(one.pin), pins.get(other.pin)),
        ),
    );
    return twin === undefined ? null : { code: "twins-loose", step: step.id, ends: out.map(([end]) => end) };
  },
  (step, { loose }) => {
    // The cut itself leaves both halves bare; anything else before one is insulated does not.
    const bare =
      step.op?.kind === "cut" || step.op === null
        ? undefined
        : [...loose].find(([end, one]) => end === cutPlugEnd(one.pin) && loose.has(cutFarEnd(one.pin)));
    return bare === undefined ? null : { code: "halves-bare", step: step.id, pin: bare[1].pin };
  },
  (step, { loose }) => {
    const bare = [...loose].filter(([, one]) => !one.terminal);
    const other = bare.find(([, one]) => one.decision !== bare[0]?.[1].decision);
    return other === undefined
      ? null
      : { code: "bare-ends-can-touch", step: step.id, ends: bare.map(([end]) => end) };
  },
  (step, { evenings, loose }) => {
    const [open] = evenings.has(step.id) ? loose.keys() : [];
    return open === undefined ? null : { code: "evening-ends-open", step: step.id, end: open };
  },
];

function alike(a: PlacedPin | undefined, b: PlacedPin | undefined): boolean {
  if (
    a === undefined ||
    b === undefined ||
    a.connector.id !== b.connector.id ||
    toldBySize(a.pin.size, b.pin.size)
  )
    return false;
  const [one, other] = [pinColour(a.pin, a.connector), pinColour(b.pin, b.connector)];
  return one !== null && other !== null && sameColour(one, other);
}

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
