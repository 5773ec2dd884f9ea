import {
  builtShell,
  connectedPoints,
  cutFarEnd,
  cutPlugEnd,
  endsByCavity,
  farEnd,
  plugEnd,
  wireOfEnd,
  type CavityState,
  type HarnessState,
} from "../harness/index.ts";
import {
  connectorsInOrder,
  indexPins,
  pinName,
  pinsInOrder,
  type Dossier,
  type EndId,
  type Pin,
  type PlacedPin,
} from "../model/index.ts";
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
  /** Where the loose ends of the wire lie that was read at this cavity, in words; empty while it has none. */
  readonly loose: readonly string[];
}

/** Every loose end of the wire of a pin, and where to look for it: a capped end that nobody finds again is a fault to come. */
function looseEnds(state: HarnessState, { pin, connector }: PlacedPin): readonly string[] {
  const behind = `${connector.name}${connector.place === "" ? "" : `, ${connector.place}`}`;
  const ends: readonly (readonly [EndId, string, string])[] = [
    [plugEnd(pin.id), "its wire", `tied back behind ${behind}`],
    [cutPlugEnd(pin.id), "the connector-side stub", `at the back of ${behind}`],
    [cutFarEnd(pin.id), "the loom-side half", `in the loom behind ${behind}`],
    [farEnd(pin.id), "its free end", `on the lead of ${behind}`],
  ];
  const words = ends.flatMap(([end, which, where]) => {
    const place = state.ends[end];
    const wire = place?.at === "loose" ? wireOfEnd(state, end) : undefined;
    if (place?.at !== "loose" || wire === undefined) return [];
    if (state.wires[wire]?.aboard === false) return ["its wire: taken out"];
    const cover = place.covered ? "capped" : "bare";
    return [`${which}: ${cover}${place.terminal ? ", terminal still on" : ""}, ${where}`];
  });
  return [...new Set(words)];
}

/** What each connector is plugged into now, by its name: another one of the job, the adapter, its own counterpart, or nothing. */
export function pluggedNow(dossier: Dossier, state: HarnessState): ReadonlyMap<string, string> {
  const names = new Map<string, string>([
    ["own", "its own counterpart"],
    ...dossier.connectors.flatMap(
      ({ id, name }) =>
        [
          [id, name],
          [builtShell(id), "the adapter"],
        ] as const,
    ),
  ]);
  return new Map(
    dossier.connectors.map(({ id, name }) => [name, names.get(state.plugged[id] ?? "") ?? "nothing"]),
  );
}

/** The pin tables of a harness state. */
export function asBuilt(dossier: Dossier, state: HarnessState): readonly AsBuiltRow[] {
  const pins = indexPins(dossier);
  const placed = (id: Parameters<typeof pins.get>[0]): PlacedPin => present(pins.get(id), `pin ${id}`);
  const points = connectedPoints(state);
  const seated = endsByCavity(state);
  const named = (end: EndId, here: Pin): readonly string[] =>
    (points.get(end) ?? []).flatMap((point) => {
      // The cavities of an adapter lead on to those that they meet, which are named themselves.
      if (point.at === "cavity") {
        const other = point.cavity === here.id ? undefined : pins.get(point.cavity);
        return other === undefined ? [] : [pinName(other)];
      }
      if (point.at === "supply") return [point.supply];
      const { connector } = placed(point.pin);
      return [
        `${connector.side === "vehicle" ? "vehicle loom" : "incoming loom"}, was ${pinName(placed(point.pin))}`,
      ];
    });
  return connectorsInOrder(dossier).flatMap((connector) =>
    pinsInOrder(connector).map((pin): AsBuiltRow => {
      const [end] = seated.get(pin.id) ?? [];
      const wire =
        end === undefined ? undefined : state.wires[present(wireOfEnd(state, end), `wire of ${end}`)];
      const source = wire === undefined ? null : placed(wire.pin);
      return {
        connector: connector.name,
        cavity: pin.cavity,
        state: present(state.cavities[pin.id], `cavity ${pin.id}`).state,
        wire: source === null ? null : { pin: source.pin, was: pinName(source) },
        joinedTo: end === undefined ? [] : named(end, pin),
        loose: looseEnds(state, { pin, connector }),
      };
    }),
  );
}
