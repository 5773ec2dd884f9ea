import {
  decisionId,
  decisionPins,
  isJoining,
  isTapping,
  linkedPairs,
  methodOf,
  type Decision,
  type Dossier,
  type Merged,
  type Part,
  type PinId,
  type Side,
} from "../model/index.ts";
import { halfOfTheirs, tappedInstead } from "../proposals/index.ts";
import { common, hasWire, inOrder, type Edit } from "./acts.ts";

const isOfLoom = (dossier: Dossier, wires: readonly PinId[]): boolean =>
  dossier.connectors.some(({ leads, pins }) => leads === "loom" && pins.some(({ id }) => wires.includes(id)));

/** A wire that is tapped is cut through instead, or one that is cut for a joint is tapped; null where there is no such choice. */
export function tapOrCut(decision: Decision, dossier: Dossier): Edit | null {
  const remove = [decisionId(decision)];
  if (decision.kind === "tap") {
    const { kind: _tap, incoming, ...rest } = decision;
    const [first] = incoming;
    if (first === undefined || !isOfLoom(dossier, [decision.vehicle])) return null;
    return incoming.length > 1
      ? { put: [{ kind: "split", incoming, ...rest }], remove }
      : { put: [{ kind: "join", incoming: first, method: "splice", ...rest }], remove };
  }
  if (decision.kind === "merge" && isTapping(decision)) {
    const { half: _whole, ...rest } = decision;
    return { put: [rest], remove: [] };
  }
  const tap = tappedInstead(decision);
  if (tap === null) return null;
  const pairs = linkedPairs(tap);
  const isPossible =
    isOfLoom(
      dossier,
      pairs.map(([vehicle]) => vehicle),
    ) && pairs.every(([, incoming]) => hasWire(dossier, incoming));
  return isPossible ? { put: [tap], remove: remove.filter((id) => id !== decisionId(tap)) } : null;
}

/** Where behind its plug the vehicle's wire is cut or tapped, mm, null while the worklist says; null where it is neither. */
export function placeOfCut(
  decision: Decision,
): { readonly how: "cut" | "tap"; readonly mm: number | null } | null {
  if (!isJoining(decision) && decision.kind !== "series") return null;
  if (methodOf(decision) !== "splice") return null;
  if ("half" in decision && decision.half === "pulled") return null;
  return { how: isTapping(decision) ? "tap" : "cut", mm: decision.cutAt ?? null };
}

/** Which half of the wires of a side goes on where it is not said: the vehicle's loom half and the incoming plug's. */
const USUAL: Readonly<Record<Side, Part>> = { vehicle: "loom", incoming: "plug" };
/** What the key goes through: a vehicle's terminal can also be pulled and cut off, so that its cavity is free. */
const NEXT: Readonly<Record<Merged, Part>> = { whole: "loom", loom: "plug", plug: "pulled", pulled: "loom" };

/** How the wires of a side could be parted instead, with the edit; null where they are not cut, or are one lead. */
export function otherHalf(
  decision: Decision,
  dossier: Dossier,
  side: Side,
): { readonly half: Part; readonly edit: Edit } | null {
  if (decision.kind === "feed") return side === "incoming" ? otherHalfFed(decision, dossier) : null;
  if (decision.kind === "series") return side === "vehicle" ? otherWayRound(decision, dossier) : null;
  if (methodOf(decision) !== "splice" || (side === "vehicle" && isTapping(decision))) return null;
  const wires =
    decision.kind === "jumper"
      ? decision.pins
      : linkedPairs(decision).map(([vehicle, incoming]) => (side === "vehicle" ? vehicle : incoming));
  if (!(isJoining(decision) || (decision.kind === "jumper" && side === "vehicle"))) return null;
  if (!isOfLoom(dossier, wires)) return null;
  const field = side === "vehicle" ? "half" : "theirHalf";
  const usual = decision.kind === "jumper" ? "loom" : USUAL[side];
  const { [field as "half"]: now = usual, ...whole } = decision as Extract<Decision, { half?: unknown }>;
  const both: Part = now === "loom" ? "plug" : "loom";
  const turned = isJoining(decision) && side === "vehicle" ? NEXT[now] : both;
  const put = (turned === usual ? whole : { ...whole, [field]: turned }) as Decision;
  return { half: turned, edit: { put: [put], remove: [] } };
}

/** The other half of the wire that goes into the part. */
function otherWayRound(
  decision: Extract<Decision, { kind: "series" }>,
  dossier: Dossier,
): ReturnType<typeof otherHalf> {
  if (decision.method !== "splice" || !isOfLoom(dossier, [decision.vehicle])) return null;
  const { half = "loom", ...rest } = decision;
  return half === "plug"
    ? { half: "loom", edit: { put: [rest], remove: [] } }
    : { half: "plug", edit: { put: [{ ...rest, half: "plug" }], remove: [] } };
}

/** The other half of an incoming loom's wire that is fed. */
function otherHalfFed(
  decision: Extract<Decision, { kind: "feed" }>,
  dossier: Dossier,
): ReturnType<typeof otherHalf> {
  const { theirHalf = "plug", ...rest } = decision;
  const isTheirs = dossier.connectors.some(
    ({ side, pins }) => side === "incoming" && pins.some(({ id }) => id === decision.pin),
  );
  if (!isTheirs || !isOfLoom(dossier, [decision.pin]) || !hasWire(dossier, decision.pin)) return null;
  return theirHalf === "loom"
    ? { half: "plug", edit: { put: [rest], remove: [] } }
    : { half: "loom", edit: { put: [{ ...rest, theirHalf: "loom" }], remove: [] } };
}

/** Wires hung on a loom's wire that keeps what is decided of it. Null where there is no such wire, or they have a decision of their own. */
export function tapAlso(dossier: Dossier, ours: readonly PinId[], theirs: readonly PinId[]): Edit | null {
  const [vehicle] = ours;
  const taken = new Set(dossier.decisions.flatMap(decisionPins));
  if (
    vehicle === undefined ||
    ours.length > 1 ||
    !isOfLoom(dossier, ours) ||
    !hasWire(dossier, vehicle) ||
    theirs.some((pin) => taken.has(pin) || !hasWire(dossier, pin))
  )
    return null;
  const incoming = inOrder(dossier, theirs);
  return {
    put: [
      {
        kind: "tap",
        vehicle,
        incoming,
        ...halfOfTheirs(dossier, incoming),
        sure: "sure",
        ...common,
        reason: "chosen by hand",
      },
    ],
    remove: [],
  };
}
