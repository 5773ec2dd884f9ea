import { netOf, type HarnessState, type Net } from "../harness/index.ts";
import { pinReader } from "../pairing/index.ts";
import type { Dossier, InsertedDevice, PinId } from "../model/index.ts";
import { deviceElements } from "./deviceElements.ts";
import { GROUND, type Element, type OperatingPoint } from "./network.ts";
import { behindThem, givenIn, ownGrounds, ownSupplies, partOf, placingsIn, touchedNets } from "./placings.ts";
import { portOf, RAILS, type PointElement, type Port, type Rail } from "./ports.ts";
import { CONTACT, openSwitch, passesOf, pointElements, portElements, STRAP } from "./standing.ts";
import { positionsOf, type Key } from "./keys.ts";
import { wireOhms } from "./usual.ts";

export interface JobNetwork {
  readonly elements: readonly Element[];
  readonly ports: readonly Port[];
  /** Supplies, ground points and fuses. */
  readonly points: readonly PointElement[];
  /** Devices that were fitted, by the names of their elements. */
  readonly devices: readonly {
    readonly device: string;
    readonly what: InsertedDevice;
    readonly elements: readonly string[];
  }[];
  /** The positions of the key. */
  readonly positions: readonly Key[];
  /** Switches by what closes them. */
  readonly keys: ReadonlyMap<Rail, string>;
  /** `fed`: whether the job tells what they take their voltage from; else the battery is taken. */
  readonly drivers: readonly { readonly element: string; readonly port: Port; readonly fed: boolean }[];
  /** Contacts of a part that wires are led through, and switches of the loop. */
  readonly passes: readonly string[];
  /** The node of each supply. */
  readonly railNode: ReadonlyMap<Rail, string>;
  readonly battery: number;
  /** Wires of the circuit whose ends tell nothing that can be solved: data, or a function that is not known. */
  readonly untold: readonly PinId[];
  /** The nodes of the grounds that parts have of their own. */
  readonly partGrounds: readonly string[];
  /** Copper behind a bought converter: what it puts out is not known here. */
  readonly closedToView: ReadonlySet<string>;
}

/** A rested battery stands so far above its nominal voltage (12.6 V for 12 V, common practice), and has about this inside, Ω. */
const RESTED = 1.05;
const INNER = 0.01;
/** Ω of everything else on a supply that the key switches. */
const OTHERS = 100;
const SWITCHED = ["drives", "pulls"];

/** The circuit of a job in one state: every wire that a decision touches, with what stands at its ends. Wires that nothing was decided of stay out. */
export function jobNetwork(dossier: Dossier, state: HarnessState): JobNetwork {
  const nets = netOf(state);
  const volts = dossier.head.nominalVolts;
  const battery = Number((RESTED * volts).toFixed(3));
  const elements: Element[] = [];
  const points: PointElement[] = [];
  const names = new Map<Net, string>();
  const hub = (net: Net): string => {
    const known = names.get(net) ?? `net ${names.size + 1}`;
    names.set(net, known);
    return known;
  };
  const touched = touchedNets(dossier, state, nets);
  const read = pinReader(dossier);
  const placings = placingsIn(dossier, { state, nets, touched, read });
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
    elements.push(
      openSwitch(`key ${one}`, rail("battery"), rail(one), CONTACT),
      // Whatever else hangs on the supply draws from it, and shows when it is fed backwards.
      { kind: "resistor", name: `others on ${one}`, a: rail(one), b: GROUND, ohms: OTHERS },
    );
  }

  const given = givenIn(placings, state, nets);
  const parts = ownGrounds(dossier, placings, given, read);
  const fed = ownSupplies(placings, given);
  const ports: Port[] = [];
  const untold = new Set<PinId>();
  const drivers: { element: string; port: Port; fed: boolean }[] = [];
  for (const { placing, end, net } of placings) {
    const giving = given.get(placing.read.placed.pin.id);
    const kind = portOf(placing.read, giving?.gives === end, volts);
    if (kind === null) {
      untold.add(placing.read.placed.pin.id);
      continue;
    }
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
      wire: `wire ${id}`,
    };
    ports.push(port);
    elements.push({
      kind: "resistor",
      name: port.wire,
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
    if (SWITCHED.includes(kind.kind))
      drivers.push({ element: port.element, port, fed: part !== null && fed.has(part) });
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
        elements.push(...pointElements(point, hub(net), { dossier, nets, hub, rail, points }));
    }

  const terminals = new Map<string, Map<string, string>>();
  for (const net of nets.all)
    for (const anchor of net.anchors) {
      if (anchor.at !== "terminal") continue;
      const known = terminals.get(anchor.device) ?? new Map<string, string>();
      terminals.set(anchor.device, known.set(anchor.terminal, hub(net)));
    }
  const devices = Object.entries<InsertedDevice>(state.devices).map(([device, what]) => {
    const made = deviceElements(device, what, terminals.get(device) ?? new Map(), volts);
    elements.push(...made);
    const [first] = made;
    if (what.kind === "fuse" && first !== undefined)
      points.push({
        element: first.name,
        from: first.a,
        net: first.b,
        name: "the fuse between",
        polarity: "supply",
        fuse: { amps: what.amps },
      });
    return { device, what, elements: made.map(({ name }) => name) };
  });
  const passes = passesOf(dossier, nets, hub);
  elements.push(...passes);
  return {
    elements,
    ports,
    points,
    devices,
    positions: positionsOf(
      dossier.head,
      new Set(ports.flatMap(({ read: { signal } }) => RAILS.filter((one) => one === signal))),
    ),
    keys,
    drivers,
    passes: [
      ...passes.map(({ name }) => name),
      ...devices.filter(({ what }) => what.kind === "switch").flatMap((one) => one.elements),
    ],
    railNode,
    battery,
    untold: [...untold],
    partGrounds: [...parts].map((part) => `ground of ${part}`),
    closedToView: new Set(
      nets.all
        .filter(({ anchors }) =>
          anchors.some((one) => one.at === "terminal" && state.devices[one.device]?.kind === "converter"),
        )
        .map(hub),
    ),
  };
}

/** The elements with every switch left as it stands in a solved state. */
export const frozen = (
  elements: readonly Element[],
  { closed }: Pick<OperatingPoint, "closed">,
): readonly Element[] =>
  elements.map((element) =>
    element.kind === "switch"
      ? { ...element, closed: closed.get(element.name) === true, control: null }
      : element,
  );
