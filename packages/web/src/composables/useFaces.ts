import { computed, type ComputedRef } from "vue";
import {
  builtCavity,
  cavityCount,
  indexPins,
  looksOf,
  pinColour,
  type CavityLook,
  type Connector,
  type EndId,
  type EndPlace,
  type PinId,
  type Wire,
} from "@trevin/core";
import { useJob } from "../stores/job.ts";

/** What is in each cavity of the harness now, for drawing faces. */
export function useCavitiesNow(): ComputedRef<ReadonlyMap<PinId, CavityLook>> {
  const store = useJob();
  return computed(() => {
    const view = store.analysis?.bench;
    if (view === undefined) return new Map();
    const pins = indexPins(view.dossier);
    const wireOfEnd = new Map(
      Object.values<Wire>(view.state.wires).flatMap((wire) =>
        wire.ends.map((end) => [end, wire.pin] as const),
      ),
    );
    /** The pin that the wire in each cavity was read at. */
    const inCavity = new Map(
      (Object.entries(view.state.ends) as [EndId, EndPlace][]).flatMap(([end, place]) =>
        place.at === "cavity" ? [[place.cavity, wireOfEnd.get(end) ?? place.cavity] as const] : [],
      ),
    );
    const tables = new Map(
      view.dossier.connectors.map((connector) => [connector.id, looksOf(connector, view.dossier.wires)]),
    );
    /** A wire that was made for the adapter has the colour of the one that it goes on from. */
    const madeFor = new Map([...pins.keys()].map((id) => [builtCavity(id), id] as const));
    const sourceOf = (id: PinId): PinId => madeFor.get(id) ?? id;
    const halves = [...madeFor.keys()].filter((id) => view.state.cavities[id] !== undefined);
    return new Map(
      [...pins.keys(), ...halves].map((id): [PinId, CavityLook] => {
        const source = pins.get(sourceOf(inCavity.get(id) ?? id));
        const connector = pins.get(id)?.connector;
        const held = view.state.cavities[id]?.state ?? "unknown";
        const state = held === "blank" ? "empty" : held;
        if (!inCavity.has(id)) return [id, { state, readings: [], size: null, doubt: false, more: [] }];
        // While its own wire is in it, a cavity looks as the pin table says: with its doubts, and every wire in its terminal.
        const own =
          connector !== undefined && source?.pin.id === id ? tables.get(connector.id)?.get(id) : undefined;
        if (own !== undefined) return [id, { ...own, state }];
        const colour = source === undefined ? null : pinColour(source.pin, source.connector);
        return [
          id,
          {
            state,
            readings: colour === null ? [] : [colour],
            size: source?.pin.size ?? null,
            doubt: false,
            more: [],
          },
        ];
      }),
    );
  });
}

/** "14-way, Japanese letters": what the heading of a connector says. */
export const ways = (connector: Connector): string => `${cavityCount(connector)}-way`;
