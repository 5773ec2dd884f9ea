import { faceOf, meetings } from "../face/index.ts";
import {
  connectorsInOrder,
  indexPins,
  type Connector,
  type Dossier,
  type JoinPoint,
  type LoomWire,
  type LoomWireId,
  type Mating,
  type PinId,
  type PlacedPin,
  type WireEnd,
} from "../model/index.ts";
import { once, oncePerText } from "../util/index.ts";

/** A place that copper runs to. */
export type Spot =
  | { readonly at: "pin"; readonly placed: PlacedPin }
  | { readonly at: "point"; readonly point: JoinPoint }
  | { readonly at: "loose"; readonly end: "bare" | "capped" | "insulated" }
  | { readonly at: "loom" };

/** What joins two spots: a wire, a plug pushed into its other half, or the bridge inside a junction connector. */
export type WiringLink =
  | { readonly by: "wire"; readonly wire: LoomWire }
  | { readonly by: "mated" }
  | { readonly by: "bridge"; readonly connector: Connector };

export interface WiringGraph {
  readonly spots: ReadonlyMap<string, Spot>;
  readonly links: ReadonlyMap<string, readonly { readonly to: string; readonly link: WiringLink }[]>;
}

export const pinSpot = (pin: PinId): string => `pin ${pin}`;
export const pointSpot = (point: string): string => `point ${point}`;
const spotOf = (wire: LoomWireId, end: WireEnd, index: number): string => {
  if (end.at === "pin") return pinSpot(end.pin);
  return end.at === "point" ? pointSpot(end.point) : `${end.at} ${wire} ${index}`;
};

/** Each pair of connectors that is plugged together once the job's own are mated. */
export function allMatings(dossier: Dossier): readonly Mating[] {
  const known = new Set(dossier.connectors.map((connector) => connector.id));
  const seen = new Set<string>();
  return connectorsInOrder(dossier).flatMap(({ id, matesWith }): Mating[] => {
    if (matesWith === null || !known.has(matesWith) || matesWith === id) return [];
    const key = [id, matesWith].sort().join("\n");
    if (seen.has(key)) return [];
    seen.add(key);
    return [[id, matesWith]];
  });
}

/**
 * Pins, join points and open ends, and what joins them while these connectors are mated. A junction connector bridges its
 * groups only while it is mated itself; one whose other half is not in the job counts as mated when `bridges` names it.
 */
export function wiringGraph(
  dossier: Dossier,
  mated: readonly Mating[],
  bridges: ReadonlySet<string> = new Set(),
): WiringGraph {
  const key = JSON.stringify([mated, [...bridges].sort()]);
  return graphsOf(dossier)(key, () => buildGraph(dossier, mated, bridges));
}
const MOST_GRAPHS = 100;
const graphsOf = once((_: Dossier) => oncePerText<WiringGraph>(MOST_GRAPHS));

function buildGraph(dossier: Dossier, mated: readonly Mating[], bridges: ReadonlySet<string>): WiringGraph {
  const pins = indexPins(dossier);
  const points = new Map(dossier.points.map((point) => [point.id, point]));
  const spots = new Map<string, Spot>();
  const links = new Map<string, { readonly to: string; readonly link: WiringLink }[]>();
  const add = (from: string, to: string, link: WiringLink): void => {
    if (from === to) return;
    for (const [a, b] of [
      [from, to],
      [to, from],
    ] as const) {
      const known = links.get(a);
      if (known === undefined) links.set(a, [{ to: b, link }]);
      else known.push({ to: b, link });
    }
  };
  for (const placed of pins.values()) spots.set(pinSpot(placed.pin.id), { at: "pin", placed });
  for (const point of points.values()) spots.set(pointSpot(point.id), { at: "point", point });
  for (const wire of dossier.wires) {
    const ends = wire.ends.map((end, index) => ({ end, key: spotOf(wire.id, end, index) }));
    for (const { end, key } of ends) if (end.at === "loose" || end.at === "loom") spots.set(key, end);
    const held = ends.filter(({ key }) => spots.has(key));
    held.forEach(({ key }, i) => {
      for (const other of held.slice(i + 1)) add(key, other.key, { by: "wire", wire });
    });
  }
  const byId = new Map(dossier.connectors.map((connector) => [connector.id, connector]));
  const plugged = new Set<string>([...bridges, ...mated.flat()]);
  for (const [a, b] of mated) {
    const [left, right] = [byId.get(a), byId.get(b)];
    if (left === undefined || right === undefined) continue;
    for (const [one, other] of meetingPins(left, right)) add(pinSpot(one), pinSpot(other), { by: "mated" });
  }
  for (const connector of dossier.connectors) {
    if (!plugged.has(connector.id)) continue;
    for (const [first, ...rest] of bridgedPins(connector))
      for (const pin of rest)
        if (first !== undefined) add(pinSpot(first), pinSpot(pin), { by: "bridge", connector });
  }
  return { spots, links };
}

/** The pins of two connectors that meet when they are plugged together: by place where both faces are known and fit, else by the same label. */
export function meetingPins(a: Connector, b: Connector): readonly (readonly [PinId, PinId])[] {
  const [left, right] = [faceOf(a), faceOf(b)];
  const byPlace = left === null || right === null ? null : meetings(left, right);
  if (byPlace !== null)
    return byPlace.flatMap((meeting) =>
      meeting.a.pin === null || meeting.b.pin === null ? [] : [[meeting.a.pin.id, meeting.b.pin.id] as const],
    );
  const labels = new Map(b.pins.map((pin) => [pin.cavity, pin.id]));
  return a.pins.flatMap((pin) => {
    const other = labels.get(pin.cavity);
    return other === undefined ? [] : [[pin.id, other] as const];
  });
}

/** The pins of each group that a junction connector joins inside its mated half. */
export function bridgedPins(connector: Connector): readonly (readonly PinId[])[] {
  const labels = new Map(connector.pins.map((pin) => [pin.cavity, pin.id]));
  return (connector.shell?.joined ?? [])
    .map((group) => group.flatMap((label) => labels.get(label) ?? []))
    .filter((group) => group.length > 1);
}
