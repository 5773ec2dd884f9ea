import {
  builtShell,
  cutFarEnd,
  cutPlugEnd,
  endsByCavity,
  farEnd,
  netOf,
  plugEnd,
  wireOfEnd,
  type Anchor,
  type CavityState,
  type EndPlace,
  type HarnessState,
  type Net,
  type Nets,
} from "../harness/index.ts";
import { signalOf } from "../meaning/index.ts";
import {
  connectorsInOrder,
  indexPins,
  pinName,
  pinsInOrder,
  pointLabel,
  speaksOfPart,
  type Dossier,
  type EndId,
  type JoinPointId,
  type Pin,
  type PinId,
  type PlacedPin,
  type Side,
  type SignalClass,
} from "../model/index.ts";
import { deviceWords } from "../proposals/index.ts";
import { present } from "../util/index.ts";

/** One cavity as it is now. */
export interface AsBuiltRow {
  readonly connector: string;
  readonly cavity: string;
  readonly state: CavityState;
  /** The wire in it, the pin it was first read at, and what it does now; or null. */
  readonly wire: {
    readonly pin: Pin;
    readonly signal: SignalClass;
    readonly was: string;
    readonly function: string;
  } | null;
  /** Everything it is joined to: other cavities, points of the loom, supplies, in words. */
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
  const nets = netOf(state);
  const seated = endsByCavity(state);
  const words = anchorWords(dossier, state, nets, pins);
  return connectorsInOrder(dossier).flatMap((connector) =>
    pinsInOrder(connector).map((pin): AsBuiltRow => {
      const [end] = seated.get(pin.id) ?? [];
      const wire =
        end === undefined ? undefined : state.wires[present(wireOfEnd(state, end), `wire of ${end}`)];
      const net = end === undefined ? undefined : nets.ofEnd(end);
      const source = wire === undefined ? undefined : pins.get(wire.pin);
      return {
        connector: connector.name,
        cavity: pin.cavity,
        state: present(state.cavities[pin.id], `cavity ${pin.id}`).state,
        wire:
          source === undefined
            ? null
            : {
                pin: source.pin,
                signal: signalOf(source, dossier.words),
                was: pinName(source),
                function: functionNow(net, source, pins),
              },
        joinedTo: [
          ...(net === undefined ? [] : joinedTo(net, pin, pins, words)),
          ...loomHalf(state, nets, pin, net).flatMap((far) =>
            joinedTo(withoutOwn(far, pin), pin, pins, words).map((text) => `its loom half to ${text}`),
          ),
        ],
        loose: looseEnds(state, { pin, connector }),
      };
    }),
  );
}

/** The half in the loom of a wire that was cut here, where it goes on without its own plug. */
function loomHalf(state: HarnessState, nets: Nets, pin: Pin, own: Net | undefined): readonly Net[] {
  const end = cutFarEnd(pin.id);
  const place = state.ends[end];
  const net = place === undefined || place.at === "loose" ? undefined : nets.ofEnd(end);
  return net === undefined || net === own ? [] : [net];
}

const withoutOwn = (net: Net, { id }: Pin): Net => ({
  ...net,
  anchors: net.anchors.filter((anchor) => anchor.at !== "beyond" || anchor.pin !== id),
});

/** The cavities, points, supplies and devices that a net leads to. The cavities of an adapter lead on to those that they meet. */
function joinedTo(
  net: Net,
  here: Pin,
  pins: ReadonlyMap<PinId, PlacedPin>,
  words: (anchor: Anchor) => readonly string[],
): readonly string[] {
  const cavities = [...net.cavities].flatMap((id) => {
    const other = id === here.id ? undefined : pins.get(id);
    return other === undefined ? [] : [pinName(other)];
  });
  // A followed loom is told by the cavities that it runs to; only what is cut off from its own has another name.
  const told = net.anchors.filter(
    (anchor) => anchor.at !== "beyond" || anchor.pin === here.id || !net.cavities.has(anchor.pin),
  );
  return [...cavities, ...told.flatMap(words)];
}

function anchorWords(
  dossier: Dossier,
  state: HarnessState,
  nets: Nets,
  pins: ReadonlyMap<PinId, PlacedPin>,
): (anchor: Anchor) => readonly string[] {
  const placed = (id: PinId): PlacedPin => present(pins.get(id), `pin ${id}`);
  const points = new Map(dossier.points.map((point) => [point.id, pointLabel(point)]));
  const pointWords = (id: JoinPointId): string => points.get(id) ?? id;
  const terminals = new Map<string, Set<string>>();
  for (const place of Object.values<EndPlace>(state.ends))
    if (place.at === "device")
      terminals.set(place.device, (terminals.get(place.device) ?? new Set()).add(place.terminal));
  /** What the other terminals of a part lead to. */
  const across = (device: string, terminal: string): readonly string[] => {
    const what = state.devices[device];
    const through = what === undefined ? "the part between" : deviceWords(what);
    return [...(terminals.get(device) ?? [])]
      .filter((other) => other !== terminal)
      .flatMap((other) => {
        const net = nets.ofAnchor({ at: "terminal", device, terminal: other });
        const cavities = [...(net?.cavities ?? [])].flatMap((id) => pins.get(id) ?? []).map(pinName);
        const beyond = (net?.anchors ?? []).flatMap((anchor) => {
          if (anchor.at === "supply") return [anchor.supply];
          if (anchor.at === "point") return [pointWords(anchor.point)];
          return anchor.at === "beyond" && net?.cavities.has(anchor.pin) === false
            ? [pinName(placed(anchor.pin))]
            : [];
        });
        return [...cavities, ...beyond].map((name) => `through ${through} to ${name}`);
      });
  };
  return (anchor) => {
    switch (anchor.at) {
      case "supply":
        return [anchor.supply];
      case "point":
        return [pointWords(anchor.point)];
      case "terminal":
        return across(anchor.device, anchor.terminal);
      case "beyond": {
        const { connector } = placed(anchor.pin);
        return [
          `${connector.side === "vehicle" ? "vehicle loom" : "incoming loom"}, was ${pinName(placed(anchor.pin))}`,
        ];
      }
      case "part":
        return [];
    }
  };
}

/**
 * What a wire does now, by what it leads to: what is said of the incoming part that it reaches, else of the vehicle. A table of a
 * loom speaks of where its wire runs on, that of a pigtail or a module of the part itself; what is cut off from there says nothing.
 */
function functionNow(net: Net | undefined, own: PlacedPin, pins: ReadonlyMap<PinId, PlacedPin>): string {
  // A cavity that was empty has a wire that this job brought, and no table speaks of it.
  const unspoken = own.pin.content === "empty" ? "new wire" : own.pin.function;
  if (net === undefined) return unspoken;
  const said = (side: Side): readonly string[] => {
    const beyond = net.anchors.flatMap((anchor) => (anchor.at === "beyond" ? [anchor.pin] : []));
    const parts = [...net.cavities].filter((id) => {
      const placed = pins.get(id);
      return placed !== undefined && speaksOfPart(placed.connector);
    });
    return [
      ...new Set([
        ...parts,
        ...beyond.filter((id) => {
          const placed = pins.get(id);
          return placed !== undefined && !speaksOfPart(placed.connector);
        }),
      ]),
    ].flatMap((id) => {
      const placed = pins.get(id);
      return placed?.connector.side === side && placed.pin.function !== "" ? [placed.pin.function] : [];
    });
  };
  const [now] = [...said("incoming"), ...said("vehicle")];
  return now ?? unspoken;
}
