import {
  decisionId,
  isJoining,
  linkedPairs,
  methodOf,
  tappedInstead,
  type Decision,
  type Dossier,
  type Half,
  type PinId,
  type Side,
} from "@trevin/core";
import { hasWire, type Edit } from "./acts.ts";

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
  const tap = tappedInstead(decision);
  if (tap === null || !isOfLoom(dossier, [tap.vehicle])) return null;
  return tap.incoming.every((pin) => hasWire(dossier, pin)) ? { put: [tap], remove } : null;
}

/** Which half of the wires of a side goes on: where it is not said, the vehicle's loom half and the incoming plug's. */
const USUAL: Readonly<Record<Side, Half>> = { vehicle: "loom", incoming: "plug" };

/** The half that the wires of a side could be joined by instead, with the edit; null where they are not cut, or are one lead. */
export function otherHalf(
  decision: Decision,
  dossier: Dossier,
  side: Side,
): { readonly half: Half; readonly edit: Edit } | null {
  if (!isJoining(decision) || methodOf(decision) !== "splice") return null;
  if (side === "vehicle" && decision.kind === "tap") return null;
  const wires = linkedPairs(decision).map(([vehicle, incoming]) => (side === "vehicle" ? vehicle : incoming));
  if (!isOfLoom(dossier, wires)) return null;
  const field = side === "vehicle" ? "half" : "theirHalf";
  const { [field as "theirHalf"]: now = USUAL[side], ...whole } = decision;
  const half: Half = now === "loom" ? "plug" : "loom";
  const put: Decision = half === USUAL[side] ? whole : { ...whole, [field]: half };
  return { half, edit: { put: [put], remove: [] } };
}
