import { meetingPins } from "../wiring/index.ts";
import type { HarnessState } from "../harness/index.ts";
import type { Connector } from "../model/index.ts";

/**
 * What is joined to what, found the plain way: a list of pairs that touch, gone through again and again until nothing new is met.
 * Independent of the real one; slow, for tests only. Nodes are texts.
 */
export function touchingPairs(state: HarnessState): readonly (readonly [string, string])[] {
  const pairs: [string, string][] = [];
  const ends = Object.entries(state.ends);
  for (const wire of Object.values(state.wires)) {
    pairs.push([`end ${wire.ends[0]}`, `end ${wire.ends[1]}`]);
    for (const end of wire.ends)
      if (state.ends[end]?.at === "loom") pairs.push([`end ${end}`, `beyond ${wire.pin}`]);
  }
  for (const [end, place] of ends) {
    if (place.at === "joint") pairs.push([`end ${end}`, `joint ${place.joint}`]);
    if (place.at === "cavity") pairs.push([`end ${end}`, `cavity ${place.cavity}`]);
    if (place.at === "supply") pairs.push([`end ${end}`, supplyNode(state, place.supply)]);
    if (place.at === "device")
      pairs.push([`end ${end}`, `terminal ${JSON.stringify([place.device, place.terminal])}`]);
  }
  for (const { pins, points } of state.runs) {
    const all = [...pins.map((pin) => `beyond ${pin}`), ...points.map((point) => `point ${point}`)];
    for (const one of all) for (const other of all) pairs.push([one, other]);
    for (const pin of pins) if (`${pin}#far` in state.ends) pairs.push([`end ${pin}#far`, `beyond ${pin}`]);
  }
  const connectors: readonly Connector[] = Object.values(state.connectors);
  for (const a of connectors) {
    for (const b of connectors)
      if (state.plugged[a.id] === b.id)
        for (const [one, other] of meetingPins(a, b)) pairs.push([`cavity ${one}`, `cavity ${other}`]);
    const holder = (state.holders as Record<string, string>)[a.id];
    for (const group of holder === undefined ? [] : (a.shell?.joined ?? [])) {
      const members = a.pins.filter(({ cavity }) => group.includes(cavity)).map(({ id }) => id);
      for (const one of members)
        for (const other of members) {
          if (holder === "own") pairs.push([`part ${one}`, `part ${other}`]);
          else if (state.plugged[a.id] === holder) pairs.push([`cavity ${one}`, `cavity ${other}`]);
        }
    }
  }
  for (const [cavity, hole] of Object.entries(state.cavities)) {
    if (state.plugged[hole.connector] === "own") pairs.push([`cavity ${cavity}`, `part ${cavity}`]);
    const other = hole.meets === undefined ? undefined : state.cavities[hole.meets];
    if (other !== undefined && state.plugged[hole.connector] === other.connector)
      pairs.push([`cavity ${cavity}`, `cavity ${hole.meets}`]);
  }
  return pairs;
}

function supplyNode({ points, aliases }: HarnessState, name: string): string {
  const [known] = Object.keys(points).filter((id) => id === name || aliases[name] === id);
  return known === undefined ? `supply ${name}` : `point ${known}`;
}

/** Everything that some nodes are joined to over these pairs, themselves among them. */
export function spread(
  from: Iterable<string>,
  pairs: readonly (readonly [string, string])[],
  stop: (node: string) => boolean = () => false,
): ReadonlySet<string> {
  const reached = new Set(from);
  for (let before = -1; before !== reached.size;) {
    before = reached.size;
    for (const [a, b] of pairs) {
      if (reached.has(a) && !stop(b)) reached.add(b);
      if (reached.has(b) && !stop(a)) reached.add(a);
    }
  }
  return reached;
}

/** Whether a supply of the job can reach an end: over copper, and through parts and devices from any terminal to any other, till ground. */
export function slowlyLive(state: HarnessState): ReadonlySet<string> {
  const copper = touchingPairs(state);
  const pins = new Map<string, { readonly pin: Connector["pins"][number]; readonly side: string }>(
    Object.values<Connector>(state.connectors).flatMap((connector) =>
      connector.pins.map((pin) => [`beyond ${pin.id}`, { pin, side: connector.side }]),
    ),
  );
  const points = new Map<string, string>(
    Object.entries<string>(state.points).map(([id, kind]) => [`point ${id}`, kind]),
  );
  const isEarth = (node: string): boolean => {
    const at = pins.get(node);
    return (
      points.get(node) === "ground" ||
      (at?.side === "vehicle" && (at.pin.signal === "ground" || at.pin.signal === "shield"))
    );
  };
  const nodes = [...new Set(copper.flat())];
  const grounded = spread(nodes.filter(isEarth), copper);
  const loomEnds = nodes.filter((node) => node.startsWith("beyond "));
  const sources = nodes.filter((node) => {
    const at = pins.get(node);
    return (
      node.startsWith("supply ") ||
      points.get(node) === "supply" ||
      (loomEnds.includes(node) && at?.side === "vehicle" && !isEarth(node))
    );
  });
  const through: (readonly [string, string])[] = [];
  const links = (group: readonly string[]): void => {
    for (const node of group.slice(1)) through.push([group[0]!, node]);
  };
  for (const connector of Object.values<Connector>(state.connectors))
    links(
      Object.keys(state.cavities)
        .filter((id) => state.cavities[id as keyof typeof state.cavities]?.connector === connector.id)
        .map((id) => `part ${id}`),
    );
  for (const device of Object.keys(state.devices))
    links(
      nodes.filter(
        (node) =>
          node.startsWith("terminal ") && (JSON.parse(node.slice(9)) as [string, string])[0] === device,
      ),
    );
  links(loomEnds.filter((node) => pins.get(node)?.side === "incoming"));
  // A net that is grounded may be a source, but nothing passes into it through a part.
  let live = spread(sources, copper);
  for (let before = -1; before !== live.size;) {
    before = live.size;
    const over = new Set(live);
    for (const [a, b] of through) {
      if (live.has(a) || live.has(b)) for (const node of [a, b]) if (!grounded.has(node)) over.add(node);
    }
    // The link of a part runs over its first terminal, which a ground may hold: its other ends are still one part.
    for (const [a, b] of through)
      for (const [c, d] of through)
        if (a === c && (live.has(a) || live.has(b) || live.has(d)))
          for (const node of [a, b, d]) if (!grounded.has(node)) over.add(node);
    live = spread(over, copper);
  }
  return live;
}
