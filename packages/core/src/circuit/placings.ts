import { farEnd, plugEnd, type HarnessState, type Net, type Nets } from "../harness/index.ts";
import { type pinReader } from "../pairing/index.ts";
import { isAtItsPart } from "../proposals/index.ts";
import {
  allPins,
  decisionByPin,
  counterpartIn,
  isKept,
  isSupply,
  namedPins,
  type Connector,
  type Decision,
  type Dossier,
  type PinId,
} from "../model/index.ts";
import { unionFind } from "../util/index.ts";
import { givingEnds, type Giving, type Placing } from "./directions.ts";
import { RAILS, type PortEnd } from "./ports.ts";

type Reader = ReturnType<typeof pinReader>;

/** The part that a plug goes into, by its name or by the plug's. */
export const partOf = ({ side, module, name }: Connector): string =>
  `${side} ${module === "" ? name : module}`;

/** Decisions that make no circuit: what they are about ends there on purpose. */
const APART: ReadonlySet<Decision["kind"]> = new Set(["leave", "forbid", "cap", "remove"]);
/** The nets of every pin that a decision is about, and of the terminals of what was fitted. */
export function touchedNets(dossier: Dossier, state: HarnessState, nets: Nets): ReadonlySet<Net> {
  const touched = new Set<Net>();
  const add = (net: Net | undefined): void => void (net !== undefined && touched.add(net));
  const pins = new Set(dossier.decisions.filter(({ kind }) => !APART.has(kind)).flatMap(namedPins));
  for (const pin of pins) {
    add(nets.ofAnchor({ at: "beyond", pin }));
    add(nets.ofCavity(pin));
    add(nets.ofEnd(plugEnd(pin)));
    add(nets.ofEnd(farEnd(pin)));
  }
  for (const net of nets.all)
    if (net.anchors.some((anchor) => anchor.at === "terminal" && state.devices[anchor.device] !== undefined))
      add(net);
  return touched;
}

/** The nets of the supplies in front of those that are in the circuit. */
export function behindThem(dossier: Dossier, nets: Nets, touched: ReadonlySet<Net>): readonly Net[] {
  const points = new Map(dossier.points.map((point) => [point.id, point]));
  const line = [...touched];
  const found: Net[] = [];
  const seen = new Set<Net>(touched);
  for (const net of line)
    for (const anchor of net.anchors) {
      const behind = anchor.at === "point" ? (points.get(anchor.point)?.supply?.behind ?? null) : null;
      const next = behind === null ? undefined : nets.ofAnchor({ at: "point", point: behind });
      if (next === undefined || seen.has(next)) continue;
      seen.add(next);
      found.push(next);
      line.push(next);
    }
  return found;
}

export interface PlacedEnd {
  readonly placing: Placing;
  readonly end: PortEnd;
  readonly net: Net;
}

/** The ends of wires in the circuit. A part is there where its plug is plugged in, and an incoming one always in the end. */
export function placingsIn(
  dossier: Dossier,
  {
    state,
    nets,
    touched,
    read,
  }: {
    readonly state: HarnessState;
    readonly nets: Nets;
    readonly touched: ReadonlySet<Net>;
    readonly read: Reader;
  },
): readonly PlacedEnd[] {
  const several = severalAtDiodes(state, nets);
  const series = new Set(
    dossier.decisions.flatMap((one) => (one.kind === "series" ? [one.into, one.back] : [])),
  );
  return allPins(dossier).flatMap((placed): readonly PlacedEnd[] => {
    const { pin, connector } = placed;
    if (pin.content === "empty" || series.has(pin.id)) return [];
    const into = state.plugged[connector.id] ?? null;
    // A lead of the vehicle ends in the hand: the vehicle itself is behind its plug.
    const isOwnLead = connector.side === "vehicle" && connector.leads === "flying";
    const behindPlug = isOwnLead && into !== null ? nets.ofCavity(pin.id) : undefined;
    const beyond = connector.leads === "loom" ? nets.ofAnchor({ at: "beyond", pin: pin.id }) : behindPlug;
    const hasPart =
      into === "own" || (connector.side === "incoming" && into === null && connector.matesWith === null);
    // Its function went with the wire to another cavity of the plug.
    const at = state.ends[plugEnd(pin.id)];
    const moved = at?.at === "cavity" && state.cavities[at.cavity]?.connector === connector.id;
    const seat = hasPart ? nets.ofCavity(moved ? at.cavity : pin.id) : undefined;
    // Whether a part that nobody has spoken of stays is not known: it counts where its wire is whole.
    const isThere =
      (connector.side === "incoming" && isAtItsPart(connector)) ||
      (connector.side === "vehicle" &&
        (isKept(dossier, connector) || counterpartIn(dossier, connector) === "comes")) ||
      seat === beyond;
    const part = isThere && !isOwnLead ? seat : undefined;
    const ends = [
      ...(beyond !== undefined && touched.has(beyond) ? [["beyond", beyond] as const] : []),
      ...(part !== undefined && touched.has(part) && (part.ends.size > 0 || part !== beyond)
        ? [["part", part] as const]
        : []),
    ];
    const placing: Placing = {
      read: read(placed),
      ends: ends.map(([end]) => end),
      speaksOf: speaksOf(
        connector,
        ends.map(([end]) => end),
      ),
      isOneOfSeveral: ends.some(([, net]) => several.has(net)),
    };
    return ends.map(([end, net]) => ({ placing, end, net }));
  });
}

/** The end that a pin's table speaks of. An incoming wire with one end only is spoken of at that end. */
function speaksOf(connector: Connector, ends: readonly PortEnd[]): PortEnd {
  const [only] = ends;
  if (connector.side === "incoming" && ends.length === 1 && only !== undefined) return only;
  return isAtItsPart(connector) ? "part" : "beyond";
}

/** Copper that is one of several anodes or cathodes of one set of diodes. */
function severalAtDiodes(state: HarnessState, nets: Nets): ReadonlySet<Net> {
  const at = new Map<string, Net[]>();
  for (const net of nets.all)
    for (const anchor of net.anchors)
      if (anchor.at === "terminal" && state.devices[anchor.device]?.kind === "diodes") {
        const key = `${anchor.device} ${anchor.terminal.charAt(0)}`;
        at.set(key, [...(at.get(key) ?? []), net]);
      }
  return new Set([...at.values()].filter(({ length }) => length > 1).flat());
}

/** Which end gives, by pin. */
export type Givings = ReadonlyMap<PinId, Giving>;
/** Which end of each pin drives its wire, circuit by circuit: nets that a part between ties together are one. */
export function givenIn(placings: readonly PlacedEnd[], state: HarnessState, nets: Nets): Givings {
  const joined = unionFind();
  const keys = new Map<Net, string>();
  const keyOf = (net: Net): string => {
    const known = keys.get(net) ?? String(keys.size);
    keys.set(net, known);
    return known;
  };
  for (const net of nets.all)
    for (const anchor of net.anchors)
      if (anchor.at === "terminal" && state.devices[anchor.device]?.kind !== "relay")
        joined.join(keyOf(net), `device ${anchor.device}`);
  const circuits = new Map<string, Set<Placing>>();
  for (const { placing, net } of placings) {
    const root = joined.find(keyOf(net));
    circuits.set(root, (circuits.get(root) ?? new Set<Placing>()).add(placing));
  }
  return new Map(
    [...circuits.values()].flatMap((circuit) =>
      givingEnds([...circuit]).map((one) => [one.pin, one] as const),
    ),
  );
}

/** Parts that have a ground wire of their own: their loads lead back there and nowhere else. What stays in the vehicle is grounded as it was. */
export function ownGrounds(
  dossier: Dossier,
  placings: readonly PlacedEnd[],
  given: Givings,
  read: Reader,
): ReadonlySet<string> {
  // What is not decided yet counts as right.
  const decided = decisionByPin(dossier);
  const wired = placings.flatMap(({ placing: { read: one }, end }) =>
    end === "part" && one.signal === "ground" && given.get(one.placed.pin.id)?.gives !== "part"
      ? [partOf(one.placed.connector)]
      : [],
  );
  const incoming = allPins(dossier).flatMap((placed) =>
    placed.connector.side === "incoming" &&
    decided.has(placed.pin.id) &&
    isAtItsPart(placed.connector) &&
    read(placed).signal === "ground"
      ? [partOf(placed.connector)]
      : [],
  );
  return new Set([...wired, ...incoming]);
}

/** The node that each part takes its supply at, the battery's before others: what it drives comes from there. */
export function ownSupplies(placings: readonly PlacedEnd[], given: Givings): ReadonlyMap<string, string> {
  const found = new Map<string, { readonly node: string; readonly rank: number }>();
  for (const { placing, end } of placings) {
    const { pin, connector } = placing.read.placed;
    const { signal } = placing.read;
    if (end !== "part" || !isSupply(signal) || given.get(pin.id)?.gives === "part") continue;
    const rank = RAILS.findIndex((rail) => rail === signal);
    const part = partOf(connector);
    if (rank < (found.get(part)?.rank ?? Infinity)) found.set(part, { node: `part ${pin.id}`, rank });
  }
  return new Map([...found].map(([part, { node }]) => [part, node]));
}
