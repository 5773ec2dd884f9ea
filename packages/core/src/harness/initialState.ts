import {
  blankOf,
  connectorsInOrder,
  matesIn,
  pinsInOrder,
  polarityOf,
  type Blank,
  type Connector,
  type ConnectorId,
  type Dossier,
  type EndId,
  type OwnWord,
  type PinId,
  type WireId,
} from "../model/index.ts";
import { signalOf } from "../meaning/index.ts";
import { present } from "../util/index.ts";
import { liveEnds } from "./netOf.ts";
import {
  farEnd,
  plugEnd,
  wireOf,
  type Cavity,
  type CavityState,
  type EndPlace,
  type HarnessState,
  type PluggedInto,
  type Wire,
} from "./state.ts";

/**
 * The harness as the dossier describes it before any work: locked, battery on, every wire whole and in its cavity, the
 * vehicle's connectors plugged in, the incoming ones on the mat unless they are said to mate with one of the job.
 */
export function initialState(dossier: Dossier): HarnessState {
  const locks: Record<ConnectorId, "closed" | "open"> = {};
  const plugged: Record<ConnectorId, PluggedInto | null> = {};
  const cavities: Record<PinId, Cavity> = {};
  const wires: Record<WireId, Wire> = {};
  const ends: Record<EndId, EndPlace> = {};
  const holders: Record<ConnectorId, PluggedInto> = {};
  const mates = matesIn(dossier);
  for (const connector of connectorsInOrder(dossier)) {
    locks[connector.id] = "closed";
    plugged[connector.id] = mates.get(connector.id)?.id ?? (connector.side === "vehicle" ? "own" : null);
    if ((connector.shell?.joined.length ?? 0) > 0) holders[connector.id] = plugged[connector.id] ?? "own";
    const blank = connector.sealed ? blankOf(connector) : "unsealed";
    for (const pin of pinsInOrder(connector)) {
      cavities[pin.id] = {
        connector: connector.id,
        state: pin.content === "empty" ? EMPTY[blank] : pin.content,
      };
      if (pin.content !== "occupied") continue;
      wires[wireOf(pin.id)] = { pin: pin.id, ends: [plugEnd(pin.id), farEnd(pin.id)], aboard: true };
      ends[plugEnd(pin.id)] = { at: "cavity", cavity: pin.id };
      ends[farEnd(pin.id)] =
        connector.leads === "loom" ? { at: "loom" } : { at: "loose", terminal: false, covered: false };
    }
  }
  const state: HarnessState = {
    connectors: Object.fromEntries(
      dossier.connectors.map((connector) => [connector.id, withClasses(connector, dossier.words)]),
    ),
    holders,
    runs: [
      ...dossier.wires.map((wire) => ({
        pins: wire.ends.flatMap((end) => (end.at === "pin" ? [end.pin] : [])),
        points: wire.ends.flatMap((end) => (end.at === "point" ? [end.point] : [])),
      })),
      // A new wire to a supply is one piece with what is in front of it, unless a fuse is between. Nothing hangs on it yet.
      ...dossier.points.flatMap(({ id, supply }) =>
        supply !== null && supply.trunk !== null && supply.fuse === null && supply.behind !== null
          ? [{ pins: [], points: [id, supply.behind] }]
          : [],
      ),
    ],
    points: Object.fromEntries(dossier.points.map((point) => [point.id, polarityOf(point) ?? "joint"])),
    aliases: Object.fromEntries(
      dossier.points.flatMap(({ id, supply }) => (supply?.aliases ?? []).map((alias) => [alias, id])),
    ),
    devices: {},
    bareBefore: [],
    battery: "on",
    locks,
    plugged,
    cavities,
    wires,
    ends,
    joints: {},
    fuses: {},
  };
  return { ...state, bareBefore: bareAndLive(state) };
}

/** What the words tell of the classes is written down: from here on nobody reads them again. */
const withClasses = (connector: Connector, words: readonly OwnWord[]): Connector => ({
  ...connector,
  pins: connector.pins.map((pin) => ({ ...pin, signal: signalOf({ pin, connector }, words) })),
});

/** What an empty cavity is by how it is closed; one that is open in a sealed shell wants a wire with its seal, or a plug. */
const EMPTY: Readonly<Record<Blank | "unsealed", CavityState>> = {
  membrane: "blank",
  plug: "plugged",
  open: "vacated",
  unsealed: "empty",
};

/** Leads of a pigtail that is plugged in already; on the mat no supply reaches any. */
function bareAndLive(state: HarnessState): readonly EndId[] {
  const bare = Object.values<Wire>(state.wires).flatMap(({ pin, ends: [, far] }) => {
    const isPlugged = state.plugged[present(state.cavities[pin], pin).connector] !== null;
    return isPlugged && state.ends[far]?.at === "loose" ? [far] : [];
  });
  if (bare.length === 0) return [];
  const live = liveEnds(state);
  return bare.filter((end) => live.has(end));
}
