import { endId, type EndId, type PinId, type WireId } from "../model/index.ts";
import { present, unionFind } from "../util/index.ts";
import type { Cavity, EndPlace, HarnessState, Wire } from "./state.ts";

/** A point of the harness that stays nameable while wires come and go. */
export type Point =
  | { readonly at: "cavity"; readonly cavity: PinId }
  | { readonly at: "loom"; readonly pin: PinId }
  | { readonly at: "supply"; readonly supply: string };

function sets(state: HarnessState) {
  const joined = unionFind();
  for (const wire of Object.values<Wire>(state.wires)) joined.join(wire.ends[0], wire.ends[1]);
  for (const [end, place] of Object.entries<EndPlace>(state.ends)) {
    if (place.at === "joint") joined.join(end, `joint:${place.joint}`);
    if (place.at === "cavity") joined.join(end, `cavity:${place.cavity}`);
  }
  for (const [cavity, { connector, meets }] of Object.entries<Cavity>(state.cavities)) {
    if (meets !== undefined && state.plugged[connector] === state.cavities[meets]?.connector)
      joined.join(`cavity:${cavity}`, `cavity:${meets}`);
  }
  return joined;
}

/** For every end, all ends that it is electrically joined to through wires, joints and the plugs of what was built, itself among them. */
export function connectedEnds(state: HarnessState): ReadonlyMap<EndId, ReadonlySet<EndId>> {
  const joined = sets(state);
  const groups = new Map<string, Set<EndId>>();
  for (const key of Object.keys(state.ends))
    groups.set(joined.find(key), (groups.get(joined.find(key)) ?? new Set()).add(endId(key)));
  return new Map(
    Object.keys(state.ends).map((key) => [endId(key), groups.get(joined.find(key)) ?? new Set()]),
  );
}

/** For every end, the cavities, loom runs and supplies that it is electrically joined to through wires and joints. */
export function connectedPoints(state: HarnessState): ReadonlyMap<EndId, readonly Point[]> {
  const joined = sets(state);
  const pinOfEnd = new Map(
    (Object.entries(state.wires) as [WireId, Wire][]).flatMap(([, wire]) =>
      wire.ends.map((end) => [end, wire.pin] as const),
    ),
  );
  const points = new Map<string, Point[]>();
  for (const [key, place] of Object.entries<EndPlace>(state.ends)) {
    const end = endId(key);
    const point = pointOf(place, () => present(pinOfEnd.get(end), `wire of ${end}`));
    if (point === null) continue;
    const root = joined.find(end);
    points.set(root, [...(points.get(root) ?? []), point]);
  }
  return new Map(Object.keys(state.ends).map((key) => [endId(key), points.get(joined.find(key)) ?? []]));
}

function pointOf(place: EndPlace, pin: () => PinId): Point | null {
  if (place.at === "cavity") return { at: "cavity", cavity: place.cavity };
  if (place.at === "supply") return { at: "supply", supply: place.supply };
  return place.at === "loom" ? { at: "loom", pin: pin() } : null;
}
