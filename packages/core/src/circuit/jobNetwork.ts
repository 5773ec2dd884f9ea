import { farEnd, netOf, plugEnd, type HarnessState, type Net, type Nets } from "../harness/index.ts";
import { isAtItsPart, pinReader, type ReadPin } from "../matching/index.ts";
import {
  allPins,
  feedOf,
  isKept,
  isSupply,
  namedPins,
  polarityOf,
  type Connector,
  type Decision,
  type Dossier,
  type InsertedDevice,
  type JoinPoint,
  type PinId,
} from "../model/index.ts";
import { unionFind } from "../util/index.ts";
import { deviceElements } from "./deviceElements.ts";
import { givingEnds, type Placing, type PortEnd } from "./directions.ts";
import { GROUND, type Element } from "./network.ts";
import { portOf, RAILS, type PortKind, type Rail } from "./ports.ts";
import { fuseOhms, wireOhms } from "./usual.ts";

/** An end of a wire in the network: what stands there, and the element that carries its current. */
export interface Port {
  /** Its node. */
  readonly node: string;
  readonly read: ReadPin;
  readonly end: PortEnd;
  readonly kind: PortKind;
  /** Which end drives this wire was only assumed. */
  readonly assumed: boolean;
  /** The copper that it hangs on. */
  readonly net: string;
  /** The element that works here, by name; the wire that leads to it is `wire …`. */
  readonly element: string;
}

/** A fuse in the network. */
export interface FuseElement {
  readonly element: string;
  readonly name: string;
  readonly amps: number | null;
}

export interface JobNetwork {
  readonly elements: readonly Element[];
  readonly ports: readonly Port[];
  readonly fuses: readonly FuseElement[];
  /** Devices that were fitted, by the names of their elements. */
  readonly devices: readonly {
    readonly device: string;
    readonly what: InsertedDevice;
    readonly elements: readonly string[];
  }[];
  /** Switches by what closes them. */
  readonly keys: ReadonlyMap<Rail, string>;
  readonly drivers: readonly { readonly element: string; readonly port: Port }[];
  /** Contacts of a part that wires are led through, and switches of the loop. */
  readonly passes: readonly string[];
  /** The node of each supply. */
  readonly railNode: ReadonlyMap<Rail, string>;
  readonly battery: number;
  /** Copper behind a bought converter: what it puts out is not known here. */
  readonly closedToView: ReadonlySet<string>;
}

/** A rested battery stands so far above its nominal voltage (12.6 V for 12 V, common practice), and has about this inside, Ω. */
const RESTED = 1.05;
const [INNER, CONTACT, DRIVER, STRAP] = [0.01, 0.003, 0.05, 0.002];
/** Ω that hold a driven wire down while nothing drives it. */
const REST = 1000;
const SWITCHED = ["drives", "pulls"];

/** The circuit of a job in one state: every wire that a decision touches, with what stands at its ends. Wires that nothing was decided of stay out. */
export function jobNetwork(dossier: Dossier, state: HarnessState): JobNetwork {
  const nets = netOf(state);
  const volts = dossier.head.nominalVolts;
  const battery = RESTED * volts;
  const elements: Element[] = [];
  const fuses: FuseElement[] = [];
  const names = new Map<Net, string>();
  const hub = (net: Net): string => {
    const known = names.get(net) ?? `net ${names.size + 1}`;
    names.set(net, known);
    return known;
  };
  const touched = touchedNets(dossier, state, nets);
  const placings = placingsIn(dossier, state, nets, touched);
  const railNode = new Map(RAILS.map((rail) => [rail, `supply ${rail}`]));
  const rail = (one: Rail): string => railNode.get(one) ?? "";
  const keys = new Map<Rail, string>();
  elements.push(
    { kind: "source", name: "battery", a: "battery post", b: GROUND, volts: battery },
    { kind: "resistor", name: "battery inside", a: "battery post", b: rail("battery"), ohms: INNER },
  );
  for (const one of RAILS) {
    if (one === "battery") continue;
    keys.set(one, `key ${one}`);
    elements.push(openSwitch(`key ${one}`, rail("battery"), rail(one), CONTACT));
  }

  const given = givenIn(placings, state, nets);
  const parts = ownGrounds(placings, given);
  const fed = ownSupplies(placings, given);
  const ports: Port[] = [];
  const drivers: { element: string; port: Port }[] = [];
  for (const { placing, end, net } of placings) {
    const giving = given.get(placing.read.placed.pin.id);
    const kind = portOf(placing.read, giving?.gives === end, volts);
    if (kind === null) continue;
    const { pin, connector } = placing.read.placed;
    const id = `${end} ${pin.id}`;
    const port: Port = {
      node: id,
      read: placing.read,
      end,
      kind,
      assumed: giving?.assumed ?? false,
      net: hub(net),
      element: `${kind.kind} ${id}`,
    };
    ports.push(port);
    elements.push({
      kind: "resistor",
      name: `wire ${id}`,
      a: hub(net),
      b: id,
      ohms: wireOhms(pin.size, null),
    });
    const part = end === "part" ? partOf(connector) : null;
    const back = part !== null && parts.has(part) ? `ground of ${part}` : GROUND;
    const from = part === null ? rail("battery") : (fed.get(part) ?? rail("battery"));
    elements.push(...portElements(port, { back, from, rail }, volts));
    if (kind.kind === "own-ground" && part !== null)
      elements.push({ kind: "resistor", name: port.element, a: id, b: `ground of ${part}`, ohms: STRAP });
    if (SWITCHED.includes(kind.kind)) drivers.push({ element: port.element, port });
  }

  for (const net of new Set([...touched, ...behindThem(dossier, nets, touched)]))
    for (const anchor of net.anchors) {
      if (anchor.at === "supply")
        elements.push({
          kind: "resistor",
          name: `supply ${anchor.supply}`,
          a: rail("battery"),
          b: hub(net),
          ohms: CONTACT,
        });
      const point = anchor.at === "point" ? dossier.points.find(({ id }) => id === anchor.point) : undefined;
      if (point !== undefined)
        elements.push(...pointElements(point, hub(net), { dossier, nets, hub, rail, fuses }));
    }

  const devices = Object.entries<InsertedDevice>(state.devices).map(([device, what]) => {
    const terminals = new Map(
      nets.all.flatMap((net) =>
        net.anchors.flatMap((anchor) =>
          anchor.at === "terminal" && anchor.device === device ? [[anchor.terminal, hub(net)] as const] : [],
        ),
      ),
    );
    const made = deviceElements(device, what, terminals, volts);
    elements.push(...made);
    if (what.kind === "fuse")
      fuses.push({ element: made[0]?.name ?? "", name: "the fuse between", amps: what.amps });
    return { device, what, elements: made.map(({ name }) => name) };
  });
  const passes = passesOf(dossier, nets, hub);
  elements.push(...passes);
  return {
    elements,
    ports,
    fuses,
    devices,
    keys,
    drivers,
    passes: [
      ...passes.map(({ name }) => name),
      ...devices.filter(({ what }) => what.kind === "switch").flatMap((one) => one.elements),
    ],
    railNode,
    battery,
    closedToView: new Set(
      nets.all
        .filter(({ anchors }) =>
          anchors.some((one) => one.at === "terminal" && state.devices[one.device]?.kind === "converter"),
        )
        .map(hub),
    ),
  };
}

const openSwitch = (name: string, a: string, b: string, on: number): Element => ({
  kind: "switch",
  name,
  a,
  b,
  on,
  off: Infinity,
  closed: false,
  control: null,
});

/** The part that a plug goes into, by its name or by the plug's. */
const partOf = ({ side, module, name }: Connector): string => `${side} ${module === "" ? name : module}`;

/** Decisions that make no circuit: what they are about ends there on purpose. */
const APART: ReadonlySet<Decision["kind"]> = new Set(["leave", "forbid", "cap", "remove"]);
/** The nets of every pin that a decision is about, and of the terminals of what was fitted. */
function touchedNets(dossier: Dossier, state: HarnessState, nets: Nets): ReadonlySet<Net> {
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
function behindThem(dossier: Dossier, nets: Nets, touched: ReadonlySet<Net>): readonly Net[] {
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

interface PlacedEnd {
  readonly placing: Placing;
  readonly end: PortEnd;
  readonly net: Net;
}

/** The ends of wires in the circuit. A part is there where its plug is plugged in, and an incoming one always in the end. */
function placingsIn(
  dossier: Dossier,
  state: HarnessState,
  nets: Nets,
  touched: ReadonlySet<Net>,
): readonly PlacedEnd[] {
  const read = pinReader(dossier);
  const several = severalAtDiodes(state, nets);
  const series = new Set(
    dossier.decisions.flatMap((one) => (one.kind === "series" ? [one.into, one.back] : [])),
  );
  return allPins(dossier).flatMap((placed): readonly PlacedEnd[] => {
    const { pin, connector } = placed;
    if (pin.content === "empty" || series.has(pin.id)) return [];
    const beyond = connector.leads === "loom" ? nets.ofAnchor({ at: "beyond", pin: pin.id }) : undefined;
    const into = state.plugged[connector.id] ?? null;
    const hasPart =
      into === "own" || (connector.side === "incoming" && into === null && connector.matesWith === null);
    const seat = hasPart ? nets.ofCavity(pin.id) : undefined;
    // Whether a part that nobody has spoken of stays is not known: it counts where its wire is whole.
    const isThere =
      (connector.side === "incoming" && isAtItsPart(connector)) ||
      (connector.side === "vehicle" && isKept(dossier, connector)) ||
      seat === beyond;
    const part = isThere ? seat : undefined;
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

/** Which end of each pin drives its wire, circuit by circuit: nets that a part between ties together are one. */
function givenIn(placings: readonly PlacedEnd[], state: HarnessState, nets: Nets) {
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

/** Parts that have a ground wire of their own: their loads lead back there and nowhere else. */
function ownGrounds(placings: readonly PlacedEnd[], given: ReturnType<typeof givenIn>): ReadonlySet<string> {
  return new Set(
    placings.flatMap(({ placing: { read }, end }) =>
      end === "part" && read.signal === "ground" && given.get(read.placed.pin.id)?.gives !== "part"
        ? [partOf(read.placed.connector)]
        : [],
    ),
  );
}

/** The node that each part takes its supply at, the battery's before others: what it drives comes from there. */
function ownSupplies(
  placings: readonly PlacedEnd[],
  given: ReturnType<typeof givenIn>,
): ReadonlyMap<string, string> {
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

/** What stands at a port, between its node and what it leads back to. */
function portElements(
  { kind, node, element: name }: Port,
  {
    back,
    from,
    rail,
  }: { readonly back: string; readonly from: string; readonly rail: (one: Rail) => string },
  nominal: number,
): readonly Element[] {
  const between = (a: string, b: string): readonly Element[] => {
    if (kind.kind !== "load" && kind.kind !== "pulled-load") return [];
    const { load } = kind;
    if (load.kind === "lamp")
      return [{ kind: "lamp", name, a, b, volts: nominal, amps: load.watts / nominal, exponent: LAMP }];
    return [{ kind: "resistor", name, a, b, ohms: load.kind === "draws" ? nominal / load.amps : load.ohms }];
  };
  switch (kind.kind) {
    case "feed":
      return [{ kind: "resistor", name, a: rail(kind.rail), b: node, ohms: CONTACT }];
    case "ground":
      return [{ kind: "resistor", name, a: node, b: GROUND, ohms: STRAP }];
    case "load":
      return between(node, back);
    case "pulled-load":
      return between(rail("ignition"), node);
    case "drives":
      // Whatever else hangs on the output holds its wire down while it is off.
      return [
        openSwitch(name, from, node, DRIVER),
        { kind: "resistor", name: `${name} rest`, a: node, b: GROUND, ohms: REST },
      ];
    case "pulls":
      return [openSwitch(name, node, back, DRIVER)];
    case "reference":
      return [
        { kind: "source", name: `${name} volts`, a: `${name} inside`, b: back, volts: kind.volts },
        { kind: "resistor", name, a: `${name} inside`, b: node, ohms: 1 },
      ];
    case "signal":
      return [{ kind: "resistor", name, a: node, b: back, ohms: 100e3 }];
    case "own-ground":
      return [];
  }
}
const LAMP = 0.55;

/** A supply or ground point: it hangs on the supply in front of it over its fuse, or on the battery's rails. */
function pointElements(
  point: JoinPoint,
  node: string,
  {
    dossier,
    nets,
    hub,
    rail,
    fuses,
  }: {
    readonly dossier: Dossier;
    readonly nets: Nets;
    readonly hub: (net: Net) => string;
    readonly rail: (one: Rail) => string;
    readonly fuses: FuseElement[];
  },
): readonly Element[] {
  const name = `point ${point.id}`;
  const polarity = polarityOf(point);
  if (polarity === null) return [];
  if (polarity === "ground") return [{ kind: "resistor", name, a: node, b: GROUND, ohms: STRAP }];
  const feed = feedOf(point) ?? "battery";
  const supply = point.supply;
  if (feed === "sensor-supply")
    return [
      { kind: "source", name: `${name} volts`, a: `${name} inside`, b: GROUND, volts: supply?.volts ?? 5 },
      { kind: "resistor", name, a: `${name} inside`, b: node, ohms: 1 },
    ];
  const behind = dossier.points.find(({ id }) => id === supply?.behind);
  const before = behind === undefined ? undefined : nets.ofAnchor({ at: "point", point: behind.id });
  const from = before === undefined ? rail(isRail(feed) ? feed : "battery") : hub(before);
  if (from === node) return [];
  const fuse = supply?.fuse ?? null;
  if (fuse !== null) fuses.push({ element: name, name: point.name, amps: fuse.amps });
  const lead = supply?.trunk ?? null;
  return [
    {
      kind: "resistor",
      name,
      a: from,
      b: node,
      ohms:
        (fuse === null ? CONTACT : fuseOhms(fuse.amps)) +
        (lead === null ? 0 : wireOhms(lead.size, lead.length)),
    },
  ];
}
const isRail = (feed: string): feed is Rail => (RAILS as readonly string[]).includes(feed);

/** A part that a wire is led through passes it on while it allows it. */
const passesOf = (dossier: Dossier, nets: Nets, hub: (net: Net) => string): readonly Element[] =>
  dossier.decisions.flatMap((decision) => {
    if (decision.kind !== "series") return [];
    const at = (pin: PinId): Net | undefined => nets.ofCavity(pin) ?? nets.ofEnd(plugEnd(pin));
    const [one, other] = [at(decision.into), at(decision.back)];
    return one === undefined || other === undefined
      ? []
      : [openSwitch(`passes ${decision.into} ${decision.back}`, hub(one), hub(other), DRIVER)];
  });
