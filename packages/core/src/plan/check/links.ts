import { farEnd, meetingCavities, type Anchor, type HarnessState, type Nets } from "../../harness/index.ts";
import {
  decisionId,
  fedLegs,
  linkedPairs,
  methodOf,
  mateOf,
  namedPins,
  parting,
  seatOf,
  terminalsOf,
  type ConnectorId,
  type Decision,
  type Dossier,
  type PinId,
} from "../../model/index.ts";
import { unionFind } from "../../util/index.ts";
import { bridgedPins, meetingPins } from "../../wiring/index.ts";
import type { Fault } from "./fault.ts";
import { type Node, keyOf, wire, seat, type Link, linksOf, type Links } from "./nodes.ts";

export function expectedLinks(dossier: Dossier, start: HarnessState): readonly Link[] {
  const connectorOf = (pin: PinId): ConnectorId | undefined => start.cavities[pin]?.connector;
  const flying = new Set(
    dossier.connectors.flatMap(({ leads, pins }) => (leads === "flying" ? pins.map(({ id }) => id) : [])),
  );
  const expected = linksOf(start, (pin) => flying.has(pin));
  const followed = new Set(start.runs.flatMap(({ pins }) => pins));
  for (const connector of dossier.connectors)
    for (const { id } of connector.pins) {
      if (expected.isHeld(id)) expected.put(`held ${id}`, seat(id), wire(id));
      if (start.ends[farEnd(id)]?.at === "loom" || followed.has(id))
        expected.put(`loom ${id}`, wire(id), { at: "beyond", pin: id });
      if (start.plugged[connector.id] === "own")
        expected.mate(`mate ${id}`, seat(id), { at: "part", cavity: id }, [connector.id]);
    }
  start.runs.forEach(({ pins, points }, i) => {
    const ends: readonly Anchor[] = [
      ...pins.map((pin) => ({ at: "beyond", pin }) as const),
      ...points.map((point) => ({ at: "point", point }) as const),
    ];
    ends.forEach((one, k) => {
      expected.put(`run ${i} ${k}`, ends[0] ?? one, one);
    });
  });
  for (const [a, b] of meetingCavities(start))
    expected.mate(
      `mate ${a} ${b}`,
      seat(a),
      seat(b),
      [a, b].flatMap((pin) => connectorOf(pin) ?? []),
    );
  for (const connector of dossier.connectors)
    for (const group of bridgedPins(connector))
      group.forEach((pin, k) => {
        const [first = pin] = group;
        const own = start.holders[connector.id] === "own";
        const node = (one: PinId): Node => (own ? { at: "part", cavity: one } : seat(one));
        expected.mate(`bar ${pin} ${k}`, node(first), node(pin), [connector.id]);
      });
  const off = parting(dossier);
  for (const connector of dossier.connectors)
    if (off.has(connector.id) && start.plugged[connector.id] === (mateOf(dossier, connector)?.id ?? "own"))
      expected.unmate(connector.id);
  for (const decision of dossier.decisions) edit(expected, decision, dossier, connectorOf);
  return expected.all();
}

/** The checker's own copy of what each decision takes away and adds. Seats and halves are told apart by the decision alone. */
function edit(
  expected: Links,
  decision: Decision,
  dossier: Dossier,
  connectorOf: (pin: PinId) => ConnectorId | undefined,
): void {
  if (methodOf(decision) === "adapter") {
    adapt(expected, decision, dossier, connectorOf);
    return;
  }
  switch (decision.kind) {
    case "join":
      if (seatOf(decision) === null) {
        meet(expected, decision);
        return;
      }
      expected.part(decision.vehicle);
      expected.part(decision.incoming);
      expected.join(decision, wire(decision.vehicle), seat(decision.incoming));
      return;
    case "merge":
    case "split":
    case "tap":
      meet(expected, decision);
      return;
    case "jumper":
      gather(
        expected,
        decision,
        decision.pins.map((pin) => expected.half(pin, decision.half ?? "loom")),
      );
      return;
    case "series":
      expected.part(decision.vehicle);
      if (decision.method === "move") {
        expected.part(decision.into);
        expected.join(decision, wire(decision.vehicle), seat(decision.into));
        expected.join(decision, expected.half(decision.back, "plug"), seat(decision.vehicle));
      } else {
        const halves = [wire(decision.vehicle), seat(decision.vehicle)] as const;
        const [source, onward] = decision.half === "plug" ? [halves[1], halves[0]] : halves;
        expected.join(decision, source, expected.half(decision.into, "plug"));
        expected.join(decision, onward, expected.half(decision.back, "plug"));
      }
      return;
    case "move":
      expected.part(decision.pin);
      expected.join(decision, wire(decision.pin), seat(decision.to));
      return;
    case "populate":
      expected.join(decision, wire(decision.lead), seat(decision.cavity));
      return;
    case "cap":
      if (!isLead(dossier, decision.pin)) expected.part(decision.pin);
      return;
    case "remove":
      expected.part(decision.pin);
      return;
    case "feed":
      if (decision.supply !== null && (expected.isHeld(decision.pin) || isEmpty(dossier, decision.pin)))
        expected.join(
          decision,
          expected.isHeld(decision.pin)
            ? expected.half(decision.pin, decision.theirHalf ?? "plug")
            : seat(decision.pin),
          {
            at: "point",
            point: decision.supply,
          },
        );
      return;
    case "mate": {
      const [own, other] = [decision.vehicle[0], decision.incoming[0]].map((pin) =>
        pin === undefined ? undefined : connectorOf(pin),
      );
      if (own === undefined || other === undefined) return;
      for (const one of [own, other]) expected.unmate(one);
      for (const [a, b] of meetingOf(dossier, own, other)) expected.join(decision, seat(a), seat(b));
      return;
    }
    case "re-end":
    case "leave":
    case "forbid":
      return;
  }
}

const isEmpty = ({ connectors }: Dossier, pin: PinId): boolean =>
  connectors.some(({ pins }) => pins.some(({ id, content }) => id === pin && content === "empty"));

const isLead = (dossier: Dossier, pin: PinId): boolean =>
  dossier.connectors.some(({ leads, pins }) => leads === "flying" && pins.some(({ id }) => id === pin));

function meetingOf(dossier: Dossier, own: ConnectorId, other: ConnectorId) {
  const [a, b] = [own, other].map((id) => dossier.connectors.find((one) => one.id === id));
  return a === undefined || b === undefined ? [] : meetingPins(a, b);
}

/** Wires of both sides meet in a joint, or each at its terminal of the part between. */
function meet(
  expected: Links,
  decision: Extract<Decision, { kind: "join" | "merge" | "split" | "tap" }>,
): void {
  const pairs = linkedPairs(decision);
  const [ours, theirs] = [[...new Set(pairs.map(([v]) => v))], [...new Set(pairs.map(([, x]) => x))]];
  const which = "half" in decision && decision.half === "plug" ? "plug" : "loom";
  const isWhole = decision.kind === "tap" || (decision.kind === "merge" && decision.half === "whole");
  const left = ours.map((pin) => (isWhole ? wire(pin) : expected.half(pin, which)));
  const right = theirs.map((pin) => expected.half(pin, decision.theirHalf ?? "plug"));
  if (decision.device === undefined) {
    gather(expected, decision, [...left, ...right]);
    return;
  }
  atDevice(expected, decision, left, right);
}

function gather(expected: Links, decision: Decision, nodes: readonly Node[]): void {
  const [first] = nodes;
  for (const node of nodes.slice(1)) if (first !== undefined) expected.join(decision, first, node);
}

function atDevice(
  expected: Links,
  decision: Extract<Decision, { device?: unknown }>,
  left: readonly Node[],
  right: readonly Node[],
): void {
  const { device } = decision;
  if (device === undefined) return;
  const names = terminalsOf(device);
  const at = (terminal: string): Node => ({ at: "terminal", device: decisionId(decision), terminal });
  const side = (name: string, nodes: readonly Node[]): void => {
    nodes.forEach((node, i) => {
      const several = device.kind === "diodes" && nodes.length > 1;
      expected.join(decision, node, at(several ? `${name}${i + 1}` : name));
    });
  };
  side(names.vehicle, left);
  side(names.incoming, right);
  for (const { terminal, supply } of fedLegs(device))
    expected.join(decision, at(terminal), { at: "point", point: supply });
}

/** Plugs of looms go into the adapter and no longer into their own halves; a pigtail's lead ends in it. */
function adapt(
  expected: Links,
  decision: Decision,
  dossier: Dossier,
  connectorOf: (pin: PinId) => ConnectorId | undefined,
): void {
  const node = (pin: PinId): Node => {
    if (isLead(dossier, pin)) return wire(pin);
    const connector = connectorOf(pin);
    if (connector !== undefined) expected.unmate(connector);
    return seat(pin);
  };
  const pairs = linkedPairs(decision);
  if ("device" in decision && decision.device !== undefined) {
    const [ours, theirs] = [[...new Set(pairs.map(([v]) => v))], [...new Set(pairs.map(([, x]) => x))]];
    atDevice(expected, decision, ours.map(node), theirs.map(node));
    return;
  }
  gather(expected, decision, namedPins(decision).map(node));
}

/** The first two anchors that are joined and should not be, or the other way about. What left with its part is not among them. */
export function changedNet(links: readonly Link[], nets: Nets): Fault | null {
  const joined = unionFind();
  const anchors = new Map<string, Anchor>();
  for (const { from, to } of links)
    for (const node of [from, to]) {
      if (node.at !== "wire" && node.at !== "seat") anchors.set(keyOf(node), node);
    }
  for (const { from, to } of links) joined.join(keyOf(from), keyOf(to));
  const expected = new Map<string, { readonly anchor: Anchor; readonly net: unknown }>();
  const actual = new Map<unknown, { readonly anchor: Anchor; readonly root: string }>();
  for (const [key, anchor] of anchors) {
    // One that nothing leads to is alone.
    const net = nets.ofAnchor(anchor) ?? key;
    const at = joined.find(key);
    const together = expected.get(at);
    if (together === undefined) expected.set(at, { anchor, net });
    else if (together.net !== net) return { code: "cut-off", anchors: [together.anchor, anchor] };
    const beside = actual.get(net);
    if (beside === undefined) actual.set(net, { anchor, root: at });
    else if (beside.root !== at) return { code: "joined-undecided", anchors: [beside.anchor, anchor] };
  }
  return null;
}
