import { farEnd, netOf, type Anchor, type HarnessState, type Nets } from "../../harness/index.ts";
import { signalOf } from "../../meaning/index.ts";
import {
  decisionId,
  indexPins,
  isGrounded,
  isSupply,
  namedPins,
  parting,
  polarityOf,
  type ConnectorId,
  type Dossier,
} from "../../model/index.ts";
import type { Fault } from "./fault.ts";
import { expectedLinks, changedNet } from "./links.ts";
import type { Node } from "./nodes.ts";

/**
 * Conservation of copper: what was joined at the start is joined at the end unless a decision parts it, and what was apart is apart
 * unless a decision joins it; part by part, supply by supply, device terminal by terminal. The first place where the end is
 * otherwise, or null. A plug on the mat is taken as plugged into its own part, before and after.
 */
export function copperFault(dossier: Dossier, start: HarnessState, end: HarnessState): Fault | null {
  const mat = new Set(
    Object.entries(start.plugged).flatMap(([id, into]) => (into === null ? [id as ConnectorId] : [])),
  );
  const off = parting(dossier);
  const stays = [...mat].filter((id) => !off.has(id));
  const nets = netOf(asPlugged(end, new Set(stays)));
  const before = asPlugged(start, mat);
  const links = expectedLinks(dossier, before);
  for (const { from, to, decision } of links) {
    if (decision === null) continue;
    const [one, other] = [netAt(nets, from), netAt(nets, to)];
    if (one === undefined || one !== other)
      return {
        code: "decision-not-carried-out",
        decision: decisionId(decision),
        pins: namedPins(decision),
      };
  }
  return changedNet(links, nets) ?? shorted(dossier, before, nets);
}

/** A supply and a ground of the vehicle that were apart and end on one piece of copper, unless that was accepted with a reason. */
function shorted(dossier: Dossier, start: HarnessState, after: Nets): Fault | null {
  const pins = indexPins(dossier);
  const points = new Map(dossier.points.map((point) => [point.id, polarityOf(point)]));
  const classOf = (anchor: Anchor): "supply" | "ground" | null => {
    if (anchor.at === "supply") return "supply";
    if (anchor.at === "point") return points.get(anchor.point) ?? null;
    const placed = anchor.at === "beyond" ? pins.get(anchor.pin) : undefined;
    if (placed?.connector.side !== "vehicle") return null;
    const signal = signalOf(placed, dossier.words);
    if (isGrounded(signal)) return "ground";
    return isSupply(signal) ? "supply" : null;
  };
  const accepted = new Set(
    dossier.decisions
      .filter(({ answers }) => answers.some(({ rule }) => rule === "supply-onto-ground"))
      .flatMap(namedPins),
  );
  let nets: Nets | null = null;
  for (const net of after.all) {
    const told = net.anchors.filter((one) => one.at !== "beyond" || !accepted.has(one.pin));
    const supply = told.find((one) => classOf(one) === "supply");
    const ground = told.find((one) => classOf(one) === "ground");
    if (supply === undefined || ground === undefined) continue;
    nets ??= netOf(start);
    const was = nets.ofAnchor(supply);
    if (was === undefined || was !== nets.ofAnchor(ground))
      return { code: "short-circuit", anchors: [supply, ground] };
  }
  return null;
}

const asPlugged = (state: HarnessState, mat: ReadonlySet<ConnectorId>): HarnessState => ({
  ...state,
  plugged: Object.fromEntries(
    Object.entries(state.plugged).map(([id, into]) => [
      id,
      into === null && mat.has(id as ConnectorId) ? "own" : into,
    ]),
  ),
});

function netAt(nets: Nets, node: Node) {
  if (node.at === "wire") return nets.ofEnd(farEnd(node.pin));
  return node.at === "seat" ? nets.ofCavity(node.cavity) : nets.ofAnchor(node);
}
