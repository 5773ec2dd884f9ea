import {
  isGrounded,
  joinPointId,
  pinId,
  type Connector,
  type ConnectorId,
  type EndId,
  type JoinPointId,
  type PinId,
} from "../model/index.ts";
import { unionFind, type UnionFind } from "../util/index.ts";
import { bridgedPins, meetingPins } from "../wiring/index.ts";
import {
  farEnd,
  type Cavity,
  type EndPlace,
  type HarnessState,
  type PluggedInto,
  type Wire,
} from "./state.ts";

/**
 * A place that copper leads to and that stays nameable while wires come and go. `beyond`: where the loom of a pin runs on,
 * unseen. `part`: the terminal of the unlisted part that a cavity goes into. `terminal`: of a device that was fitted.
 */
export type Anchor =
  | { readonly at: "beyond"; readonly pin: PinId }
  | { readonly at: "part"; readonly cavity: PinId }
  | { readonly at: "point"; readonly point: JoinPointId }
  | { readonly at: "supply"; readonly supply: string }
  | { readonly at: "terminal"; readonly device: string; readonly terminal: string };

/** Everything that is one piece of copper: devices, fuses included, are between nets and never in one. */
export interface Net {
  readonly ends: ReadonlySet<EndId>;
  /** Cavities whose contact is in it, and empty ones that only their other half reaches. */
  readonly cavities: ReadonlySet<PinId>;
  readonly anchors: readonly Anchor[];
}

/** What is joined to what. */
export interface Nets {
  readonly all: readonly Net[];
  readonly ofEnd: (end: EndId) => Net | undefined;
  readonly ofAnchor: (anchor: Anchor) => Net | undefined;
  readonly ofCavity: (cavity: PinId) => Net | undefined;
}

/** The key of an anchor: made of its fields, never taken apart. */
export const anchorKey = (anchor: Anchor): string => {
  switch (anchor.at) {
    case "beyond":
      return `beyond ${anchor.pin}`;
    case "part":
      return `part ${anchor.cavity}`;
    case "point":
      return `point ${anchor.point}`;
    case "supply":
      return `supply ${anchor.supply}`;
    case "terminal":
      return `terminal ${JSON.stringify([anchor.device, anchor.terminal])}`;
  }
};

/** Where a wire that is fed hangs: a supply of the job, or one that only an older record knows. */
function supplyAnchor(state: HarnessState, supply: string): Anchor {
  const point = state.aliases[supply] ?? joinPointId(supply);
  return state.points[point] === undefined ? { at: "supply", supply } : { at: "point", point };
}

/**
 * The only answer to what is joined to what: conductors, joints, studs and splices of the loom, contacts of plugs that are
 * mated, and the bars inside their other halves.
 */
export function netOf(state: HarnessState): Nets {
  const joined = unionFind();
  const anchors = new Map<string, Anchor>();
  const anchor = (one: Anchor): string => {
    const key = anchorKey(one);
    anchors.set(key, one);
    return key;
  };
  const wiresOfEnds = new Map<EndId, PinId>();
  for (const { pin, ends } of Object.values<Wire>(state.wires)) {
    joined.join(`end ${ends[0]}`, `end ${ends[1]}`);
    for (const end of ends) wiresOfEnds.set(end, pin);
  }
  for (const [id, place] of Object.entries<EndPlace>(state.ends)) {
    const end = `end ${id}`;
    switch (place.at) {
      case "cavity":
        joined.join(end, `cavity ${place.cavity}`);
        break;
      case "joint":
        joined.join(end, `joint ${place.joint}`);
        break;
      case "supply":
        joined.join(end, anchor(supplyAnchor(state, place.supply)));
        break;
      case "device":
        joined.join(end, anchor({ at: "terminal", device: place.device, terminal: place.terminal }));
        break;
      case "loom":
        joined.join(end, anchor({ at: "beyond", pin: wiresOfEnds.get(id as EndId) ?? pinId(id) }));
        break;
      case "loose":
        break;
    }
  }
  for (const { pins, points } of state.runs) {
    for (const pin of pins)
      if (state.ends[farEnd(pin)] !== undefined)
        joined.join(`end ${farEnd(pin)}`, anchor({ at: "beyond", pin }));
    const keys = [
      ...pins.map((pin) => anchor({ at: "beyond", pin })),
      ...points.map((point) => anchor({ at: "point", point })),
    ];
    for (const key of keys.slice(1)) joined.join(keys[0] ?? key, key);
  }
  for (const [a, b] of meetingCavities(state)) joined.join(`cavity ${a}`, `cavity ${b}`);
  for (const [id, { connector }] of Object.entries<Cavity>(state.cavities)) {
    const part = anchor({ at: "part", cavity: pinId(id) });
    if (state.plugged[connector] === "own") joined.join(`cavity ${id}`, part);
  }
  for (const connector of Object.values<Connector>(state.connectors)) {
    const into = state.plugged[connector.id] ?? null;
    const holder = state.holders[connector.id];
    for (const [first, ...rest] of holder === undefined ? [] : bridgedPins(connector))
      for (const pin of rest) {
        if (first === undefined) continue;
        if (holder === "own")
          joined.join(anchor({ at: "part", cavity: first }), anchor({ at: "part", cavity: pin }));
        else if (into === holder) joined.join(`cavity ${first}`, `cavity ${pin}`);
      }
  }
  return gathered(state, joined, anchors);
}

function gathered(state: HarnessState, joined: UnionFind, anchors: ReadonlyMap<string, Anchor>): Nets {
  const nets = new Map<string, { ends: Set<EndId>; cavities: Set<PinId>; anchors: Anchor[] }>();
  const netAt = (key: string) => {
    const root = joined.find(key);
    const known = nets.get(root);
    if (known !== undefined) return known;
    const made = { ends: new Set<EndId>(), cavities: new Set<PinId>(), anchors: [] };
    nets.set(root, made);
    return made;
  };
  for (const end of Object.keys(state.ends)) netAt(`end ${end}`).ends.add(end as EndId);
  for (const cavity of Object.keys(state.cavities)) netAt(`cavity ${cavity}`).cavities.add(pinId(cavity));
  for (const [key, anchor] of anchors) netAt(key).anchors.push(anchor);
  const find = (key: string): Net | undefined => nets.get(joined.find(key));
  return {
    all: [...nets.values()],
    ofEnd: (end) => find(`end ${end}`),
    ofAnchor: (anchor) => find(anchorKey(anchor)),
    ofCavity: (cavity) => find(`cavity ${cavity}`),
  };
}

/** Each pair of cavities that meet in plugs that are mated now: those of the job by their faces or labels, built shells by how they were built. */
export function meetingCavities(state: HarnessState): readonly (readonly [PinId, PinId])[] {
  const built = Object.entries<Cavity>(state.cavities).flatMap(([cavity, { connector, meets }]) =>
    meets !== undefined && state.plugged[connector] === state.cavities[meets]?.connector
      ? [[pinId(cavity), meets] as const]
      : [],
  );
  const mated = Object.entries<PluggedInto | null>(state.plugged).flatMap(([id, into]) => {
    const [one, other] = [state.connectors[id as ConnectorId], state.connectors[into as ConnectorId]];
    return one === undefined || other === undefined || one.id > other.id ? [] : meetingPins(one, other);
  });
  return [...built, ...mated];
}

/**
 * The ends that a supply can reach in some key position: from each supply and each wire of the vehicle that is not a ground, over
 * copper, over mated plugs, and through every part and device from any terminal to any other, fuses fitted or not. Ground ends it.
 */
export function liveEnds(state: HarnessState, nets: Nets = netOf(state)): ReadonlySet<EndId> {
  const through = new Map<string, Net[]>();
  const leads = new Map<Net, string[]>();
  const live: Net[] = [];
  const pins = new Map(
    Object.values<Connector>(state.connectors).flatMap((connector) =>
      connector.pins.map((pin) => [pin.id, { pin, connector }] as const),
    ),
  );
  /** Whether a wire of the vehicle is a ground; null for anything else. */
  const groundedWire = (one: Anchor): boolean | null => {
    const placed = one.at === "beyond" ? pins.get(one.pin) : undefined;
    return placed?.connector.side === "vehicle" ? isGrounded(placed.pin.signal ?? "unknown") : null;
  };
  const isGround = (one: Anchor): boolean =>
    one.at === "point" ? state.points[one.point] === "ground" : groundedWire(one) === true;
  const feeds = (one: Anchor): boolean => {
    if (one.at === "supply") return true;
    return one.at === "point" ? state.points[one.point] === "supply" : groundedWire(one) === false;
  };
  /** The part that an anchor belongs to; the unseen rest of the incoming loom is one. */
  const partOf = (one: Anchor): string | null => {
    if (one.at === "part") return `part ${state.cavities[one.cavity]?.connector ?? ""}`;
    if (one.at === "terminal") return `device ${one.device}`;
    return one.at === "beyond" && pins.get(one.pin)?.connector.side === "incoming" ? "incoming" : null;
  };
  const grounds = new Set<Net>();
  for (const net of nets.all) {
    if (net.anchors.some(isGround)) grounds.add(net);
    if (net.anchors.some(feeds)) live.push(net);
    for (const part of new Set(net.anchors.flatMap((one) => partOf(one) ?? []))) {
      through.set(part, [...(through.get(part) ?? []), net]);
      leads.set(net, [...(leads.get(net) ?? []), part]);
    }
  }
  const reached = new Set(live);
  const passed = new Set<string>();
  for (let net = live.pop(); net !== undefined; net = live.pop()) {
    for (const part of leads.get(net) ?? []) {
      if (passed.has(part)) continue;
      passed.add(part);
      for (const next of through.get(part) ?? []) {
        if (reached.has(next) || grounds.has(next)) continue;
        reached.add(next);
        live.push(next);
      }
    }
  }
  return new Set([...reached].flatMap(({ ends }) => [...ends]));
}
