import {
  pinColour,
  type Dossier,
  type JoinPointId,
  type Mating,
  type PinId,
  type PlacedPin,
} from "../model/index.ts";
import { parseColour, type WireColour } from "../colour/index.ts";
import { compareText, present, unionFind } from "../util/index.ts";
import {
  allMatings,
  pinSpot,
  pointSpot,
  wiringGraph,
  type WiringLink,
  type Spot,
  type WiringGraph,
} from "./graph.ts";

/** One stretch of a followed wire: the spot reached, over what, and everything beyond it. `again`: copper that was reached another way already. */
export interface Stretch {
  readonly key: string;
  readonly spot: Spot;
  readonly link: WiringLink | null;
  readonly depth: number;
  readonly again: boolean;
  readonly beyond: readonly Stretch[];
}

/** Everything joined to a spot, nearest first. Each stretch of copper is gone along once; a loop ends, marked, where it closes. */
function follow(graph: WiringGraph, from: string): Stretch | null {
  const start = graph.spots.get(from);
  if (start === undefined) return null;
  interface Growing extends Stretch {
    readonly beyond: Growing[];
  }
  const root: Growing = { key: from, spot: start, link: null, depth: 0, again: false, beyond: [] };
  const reached = new Set([from]);
  const gone = new Set<string>();
  const queue = [root];
  for (let here = queue.shift(); here !== undefined; here = queue.shift()) {
    const ways = (graph.links.get(here.key) ?? [])
      .map((way) => ({ ...way, name: linkName(way.link, here.key, way.to) }))
      .filter(({ name }) => !gone.has(name));
    for (const { name } of ways) gone.add(name);
    for (const { to, link } of ways) {
      const stretch: Growing = {
        key: to,
        spot: present(graph.spots.get(to), to),
        link,
        depth: here.depth + 1,
        again: reached.has(to),
        beyond: [],
      };
      here.beyond.push(stretch);
      if (stretch.again) continue;
      reached.add(to);
      queue.push(stretch);
    }
  }
  return root;
}

const linkName = (link: WiringLink, a: string, b: string): string =>
  link.by === "wire" ? `wire ${link.wire.id}` : [link.by, ...[a, b].sort()].join("\n");

/** A pin's copper followed to all its other ends, with the job's connectors mated as given (all of them when left out). */
export const trace = (
  dossier: Dossier,
  pin: PinId,
  mated: readonly Mating[] = allMatings(dossier),
): Stretch | null => follow(wiringGraph(dossier, mated), pinSpot(pin));

/** Everything joined at a point where wires meet, the plugs of the job mated as given. */
export const traceFrom = (
  dossier: Dossier,
  point: JoinPointId,
  mated: readonly Mating[] = allMatings(dossier),
): Stretch | null => follow(wiringGraph(dossier, mated), pointSpot(point));

/** A followed wire as a list, in the order of reaching outwards. */
export const stretches = (stretch: Stretch): readonly Stretch[] => [
  stretch,
  ...stretch.beyond.flatMap(stretches),
];

/** The sets of pins and points that are joined, each sorted, largest first; those that stand alone are left out. */
export function nets(
  dossier: Dossier,
  mated: readonly Mating[] = allMatings(dossier),
): readonly (readonly string[])[] {
  const graph = wiringGraph(dossier, mated);
  const joined = unionFind();
  for (const [from, links] of graph.links) for (const { to } of links) joined.join(from, to);
  const sets = new Map<string, string[]>();
  for (const key of graph.links.keys())
    sets.set(joined.find(key), [...(sets.get(joined.find(key)) ?? []), key]);
  return [...sets.values()]
    .map((keys) => keys.sort())
    .sort((a, b) => b.length - a.length || compareText(a[0] ?? "", b[0] ?? ""));
}

/** The other pins of the same loom copper, where there are any: what a shared ground or supply goes to. Plugs are taken as pulled apart. */
export function sharedWith(dossier: Dossier, pin: PinId): readonly PinId[] {
  const whole = trace(dossier, pin, []);
  return whole === null
    ? []
    : stretches(whole).flatMap(({ spot, depth, again }) =>
        depth > 0 && !again && spot.at === "pin" ? [spot.placed.pin.id] : [],
      );
}

/** The colour of a stretch: the wire's own, else that of a pin at one of its ends. */
export function stretchColour(
  link: WiringLink | null,
  pins: ReadonlyMap<PinId, PlacedPin>,
): WireColour | null {
  if (link === null || link.by !== "wire") return null;
  const first = link.wire.ends.flatMap((end) => (end.at === "pin" ? (pins.get(end.pin) ?? []) : []));
  if (link.wire.colour === "")
    return (
      first.map(({ pin, connector }) => pinColour(pin, connector)).find((colour) => colour !== null) ?? null
    );
  const parsed = parseColour(
    link.wire.colour,
    link.wire.colourSystem ?? first[0]?.connector.colourSystem ?? "iec",
  );
  return parsed.ok ? parsed.value : null;
}
