import { looksOf, type CavityLook } from "../face/index.ts";
import { indexPins, pinColour, type Dossier, type EndId, type PinId } from "../model/index.ts";
import { builtCavity, type EndPlace, type HarnessState, type Wire } from "./state.ts";

/** What is in each cavity of a harness, for drawing faces: of the plugs, and of the halves that were built for an adapter. */
export function cavitiesNow(dossier: Dossier, harness: HarnessState): ReadonlyMap<PinId, CavityLook> {
  const pins = indexPins(dossier);
  const wireOfEnd = new Map(
    Object.values<Wire>(harness.wires).flatMap((wire) => wire.ends.map((end) => [end, wire.pin] as const)),
  );
  /** The pin that the wire in each cavity was read at. */
  const inCavity = new Map(
    (Object.entries(harness.ends) as [EndId, EndPlace][]).flatMap(([end, place]) =>
      place.at === "cavity" ? [[place.cavity, wireOfEnd.get(end) ?? place.cavity] as const] : [],
    ),
  );
  const tables = new Map(
    dossier.connectors.map((connector) => [connector.id, looksOf(connector, dossier.wires)]),
  );
  /** A wire that was made for the adapter has the colour of the one that it goes on from. */
  const madeFor = new Map([...pins.keys()].map((id) => [builtCavity(id), id] as const));
  const sourceOf = (id: PinId): PinId => madeFor.get(id) ?? id;
  const halves = [...madeFor.keys()].filter((id) => harness.cavities[id] !== undefined);
  return new Map(
    [...pins.keys(), ...halves].map((id): [PinId, CavityLook] => {
      const source = pins.get(sourceOf(inCavity.get(id) ?? id));
      const connector = pins.get(id)?.connector;
      const held = harness.cavities[id]?.state ?? "unknown";
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
}
