import { connectedPoints, endsInCavity, wireOfEnd, type CavityState, type HarnessState } from "../harness/index.ts";
import { connectorsInOrder, indexPins, pinName, pinsInOrder, type Dossier, type EndId, type Pin, type PlacedPin } from "../model/index.ts";
import { present } from "../util/index.ts";

/** One cavity as it is now. */
export interface AsBuiltRow {
  readonly connector: string;
  readonly cavity: string;
  readonly state: CavityState;
  /** The wire in it and the pin it was first read at, or null. */
  readonly wire: { readonly pin: Pin; readonly was: string } | null;
  /** Everything it is joined to: other cavities, loom runs, supplies, in words. */
  readonly joinedTo: readonly string[];
}

/** The pin tables of a harness state. */
export function asBuilt(dossier: Dossier, state: HarnessState): readonly AsBuiltRow[] {
  const pins = indexPins(dossier);
  const placed = (id: Parameters<typeof pins.get>[0]): PlacedPin => present(pins.get(id), `pin ${id}`);
  const points = connectedPoints(state);
  const named = (end: EndId, here: Pin): readonly string[] =>
    (points.get(end) ?? []).flatMap((point) => {
      if (point.at === "cavity") return point.cavity === here.id ? [] : [pinName(placed(point.cavity))];
      if (point.at === "supply") return [point.supply];
      const { connector } = placed(point.pin);
      return [`${connector.side === "vehicle" ? "vehicle loom" : "incoming loom"}, was ${pinName(placed(point.pin))}`];
    });
  return connectorsInOrder(dossier).flatMap((connector) =>
    pinsInOrder(connector).map((pin): AsBuiltRow => {
      const [end] = endsInCavity(state, pin.id);
      const wire = end === undefined ? undefined : state.wires[present(wireOfEnd(state, end), `wire of ${end}`)];
      const source = wire === undefined ? null : placed(wire.pin);
      return {
        connector: connector.name,
        cavity: pin.cavity,
        state: present(state.cavities[pin.id], `cavity ${pin.id}`).state,
        wire: source === null ? null : { pin: source.pin, was: pinName(source) },
        joinedTo: end === undefined ? [] : named(end, pin),
      };
    }),
  );
}
