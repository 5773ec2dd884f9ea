import { connectorsInOrder, endId, pinsInOrder, wireId, type ConnectorId, type Dossier, type EndId, type PinId, type WireId } from "../model/index.ts";

/** Where one end of a wire is. `terminal`: it still carries a crimped terminal; `covered`: capped or insulated. */
export type EndPlace =
  | { readonly at: "cavity"; readonly cavity: PinId }
  | { readonly at: "loom" }
  | { readonly at: "joint"; readonly joint: string }
  | { readonly at: "supply"; readonly supply: string }
  | { readonly at: "loose"; readonly terminal: boolean; readonly covered: boolean };

export type CavityState = "unknown" | "empty" | "occupied" | "vacated" | "plugged";

/** A run of copper between two ends. A cut turns one into two, both still named after the pin they were read at. */
export interface Wire {
  readonly pin: PinId;
  readonly ends: readonly [EndId, EndId];
  readonly aboard: boolean;
}

/** The physical harness. Ends that a cut makes do not exist before it. */
export interface HarnessState {
  readonly battery: "on" | "off";
  readonly locks: Readonly<Record<ConnectorId, "closed" | "open">>;
  readonly cavities: Readonly<Record<PinId, { readonly connector: ConnectorId; readonly state: CavityState }>>;
  readonly wires: Readonly<Record<WireId, Wire>>;
  readonly ends: Readonly<Record<EndId, EndPlace>>;
}

/** The wire found at a pin, and the names of its ends and of the parts that a cut leaves. */
export const wireOf = (pin: PinId): WireId => wireId(`${pin}#`);
export const plugEnd = (pin: PinId): EndId => endId(`${pin}#plug`);
export const farEnd = (pin: PinId): EndId => endId(`${pin}#far`);
export const cutPlugEnd = (pin: PinId): EndId => endId(`${pin}#cut-plug`);
export const cutFarEnd = (pin: PinId): EndId => endId(`${pin}#cut-far`);
export const plugPart = (pin: PinId): WireId => wireId(`${pin}#plug-part`);
export const farPart = (pin: PinId): WireId => wireId(`${pin}#far-part`);

/** The harness as the dossier describes it before any work: locked, battery on, every wire whole and in its cavity. */
export function initialState(dossier: Dossier): HarnessState {
  const locks: Record<ConnectorId, "closed" | "open"> = {};
  const cavities: Record<PinId, { connector: ConnectorId; state: CavityState }> = {};
  const wires: Record<WireId, Wire> = {};
  const ends: Record<EndId, EndPlace> = {};
  for (const connector of connectorsInOrder(dossier)) {
    locks[connector.id] = "closed";
    for (const pin of pinsInOrder(connector)) {
      cavities[pin.id] = { connector: connector.id, state: pin.content };
      if (pin.content !== "occupied") continue;
      wires[wireOf(pin.id)] = { pin: pin.id, ends: [plugEnd(pin.id), farEnd(pin.id)], aboard: true };
      ends[plugEnd(pin.id)] = { at: "cavity", cavity: pin.id };
      ends[farEnd(pin.id)] = connector.leads === "loom" ? { at: "loom" } : { at: "loose", terminal: false, covered: false };
    }
  }
  return { battery: "on", locks, cavities, wires, ends };
}

/** The ends now sitting in a cavity; more than one only where a shell allows a double. */
export function endsInCavity(state: HarnessState, cavity: PinId): readonly EndId[] {
  return (Object.entries(state.ends) as [EndId, EndPlace][]).flatMap(([end, place]) => (place.at === "cavity" && place.cavity === cavity ? [end] : []));
}

export function wireOfEnd(state: HarnessState, end: EndId): WireId | undefined {
  return (Object.entries(state.wires) as [WireId, Wire][]).find(([, wire]) => wire.ends.includes(end))?.[0];
}
