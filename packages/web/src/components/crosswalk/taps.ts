import { decisionId, isJoining, linkedPairs, methodOf, type Decision, type Dossier } from "@trevin/core";
import { hasWire, type Edit } from "./acts.ts";

/** A wire that is tapped is cut through instead, or one that is cut for a joint is tapped; null where there is no such choice. */
export function tapOrCut(decision: Decision, dossier: Dossier): Edit | null {
  const vehicle =
    decision.kind === "join" || decision.kind === "split" || decision.kind === "tap"
      ? decision.vehicle
      : null;
  const isLoom = dossier.connectors.some(
    ({ leads, pins }) => leads === "loom" && pins.some(({ id }) => id === vehicle),
  );
  if (vehicle === null || !isLoom) return null;
  const { sure, reason, answers } = decision;
  const between = "device" in decision && decision.device !== undefined ? { device: decision.device } : {};
  const theirs =
    "theirHalf" in decision && decision.theirHalf !== undefined ? { theirHalf: decision.theirHalf } : {};
  const shared = { sure, reason, answers, ...theirs, ...between };
  const remove = [decisionId(decision)];
  if (decision.kind === "tap") {
    const [first] = decision.incoming;
    if (first === undefined) return null;
    return decision.incoming.length > 1
      ? { put: [{ kind: "split", vehicle, incoming: decision.incoming, ...shared }], remove }
      : { put: [{ kind: "join", vehicle, incoming: first, method: "splice", ...shared }], remove };
  }
  const incoming = linkedPairs(decision).map((pair) => pair[1]);
  return incoming.every((pin) => hasWire(dossier, pin))
    ? { put: [{ kind: "tap", vehicle, incoming, ...shared }], remove }
    : null;
}

/** The other half of a wire that is cut for a joint on the car; null where there is only one. */
export function otherHalf(decision: Decision, dossier: Dossier): Edit | null {
  if (decision.kind !== "join" && decision.kind !== "merge" && decision.kind !== "split") return null;
  const wires = linkedPairs(decision).map(([vehicle]) => vehicle);
  const isLoom = dossier.connectors.some(
    ({ leads, pins }) => leads === "loom" && pins.some(({ id }) => wires.includes(id)),
  );
  if (!isLoom || methodOf(decision) !== "splice") return null;
  const { half, ...whole } = decision;
  return { put: [half === "plug" ? whole : { ...whole, half: "plug" }], remove: [] };
}

/** The other half of incoming wires that are cut for a joint on the car; null where they are not, or are one lead. */
export function theirOtherHalf(decision: Decision, dossier: Dossier): Edit | null {
  if (!isJoining(decision) || methodOf(decision) !== "splice") return null;
  const wires = linkedPairs(decision).map(([, incoming]) => incoming);
  const isLoom = dossier.connectors.some(
    ({ leads, pins }) => leads === "loom" && pins.some(({ id }) => wires.includes(id)),
  );
  if (!isLoom) return null;
  const { theirHalf, ...whole } = decision;
  return { put: [theirHalf === "loom" ? whole : { ...whole, theirHalf: "loom" }], remove: [] };
}
