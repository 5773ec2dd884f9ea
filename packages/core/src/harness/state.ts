import {
  connectorId,
  endId,
  pinId,
  wireId,
  type Connector,
  type ConnectorId,
  type EndId,
  type InsertedDevice,
  type JoinPointId,
  type PinId,
  type WireId,
} from "../model/index.ts";

/** Where one end of a wire is. `terminal`: it still carries a crimped terminal; `covered`: capped or insulated. */
export type EndPlace =
  | { readonly at: "cavity"; readonly cavity: PinId }
  | { readonly at: "loom" }
  | { readonly at: "joint"; readonly joint: string }
  | { readonly at: "supply"; readonly supply: string }
  | { readonly at: "device"; readonly device: string; readonly terminal: string }
  | { readonly at: "loose"; readonly terminal: boolean; readonly covered: boolean };

/** `blank`: never populated and closed by a membrane, which has to be pierced first. */
export type CavityState = "unknown" | "empty" | "blank" | "occupied" | "vacated" | "plugged";

/** What a connector is plugged into: another one of the job, or its own counterpart on the car; null while it is apart. */
export type PluggedInto = ConnectorId | "own";

export interface Cavity {
  readonly connector: ConnectorId;
  readonly state: CavityState;
  /** The cavity that it meets when plugged in; only a shell that was built knows it. */
  readonly meets?: PinId;
}

/** A run of copper between two ends. A cut turns one into two, both still named after the pin they were read at. */
export interface Wire {
  readonly pin: PinId;
  readonly ends: readonly [EndId, EndId];
  readonly aboard: boolean;
}

/** What a point is to the copper around it: `joint` where it neither feeds nor leads back; the terminals of a part are not joined to each other. */
export type PointRole = "supply" | "ground" | "joint";

/** Copper of a loom that was followed: the pins whose wires run into it, and the points that it runs to. */
export interface LoomRun {
  readonly pins: readonly PinId[];
  readonly points: readonly JoinPointId[];
}

/** The physical harness. Ends that a cut makes do not exist before it. */
export interface HarnessState {
  /** The connectors as they are, for what meets in them when they are mated. */
  readonly connectors: Readonly<Record<ConnectorId, Connector>>;
  /** What holds the bars of a connector that joins cavities: what it was plugged into. */
  readonly holders: Readonly<Record<ConnectorId, PluggedInto>>;
  readonly runs: readonly LoomRun[];
  readonly points: Readonly<Record<JoinPointId, PointRole>>;
  /** Supplies by what older records call them. */
  readonly aliases: Readonly<Record<string, JoinPointId>>;
  /** Devices that were fitted between wires. */
  readonly devices: Readonly<Record<string, InsertedDevice>>;
  /** Ends that were bare, and that a supply could reach, before any work began. */
  readonly bareBefore: readonly EndId[];
  readonly battery: "on" | "off";
  readonly locks: Readonly<Record<ConnectorId, "closed" | "open">>;
  readonly plugged: Readonly<Record<ConnectorId, PluggedInto | null>>;
  readonly cavities: Readonly<Record<PinId, Cavity>>;
  readonly wires: Readonly<Record<WireId, Wire>>;
  readonly ends: Readonly<Record<EndId, EndPlace>>;
  /** The ends in every joint that is made. */
  readonly joints: Readonly<Record<string, readonly EndId[]>>;
  /** Fuses of the supplies that were brought in; one that is not named is not fitted. */
  readonly fuses: Readonly<Record<string, "in">>;
}

/** The wire found at a pin, and the names of its ends and of the parts that a cut leaves. */
export const wireOf = (pin: PinId): WireId => wireId(`${pin}#`);
export const plugEnd = (pin: PinId): EndId => endId(`${pin}#plug`);
export const farEnd = (pin: PinId): EndId => endId(`${pin}#far`);
export const cutPlugEnd = (pin: PinId): EndId => endId(`${pin}#cut-plug`);
export const cutFarEnd = (pin: PinId): EndId => endId(`${pin}#cut-far`);
export const plugPart = (pin: PinId): WireId => wireId(`${pin}#plug-part`);
export const farPart = (pin: PinId): WireId => wireId(`${pin}#far-part`);

/** What a tap makes of the run that it hangs on: an end on each side of the joint, and the part beyond it. */
export const tapNearEnd = (pin: PinId, joint: string): EndId => endId(`${pin}#tap-near ${joint}`);
export const tapFarEnd = (pin: PinId, joint: string): EndId => endId(`${pin}#tap-far ${joint}`);
export const tapPart = (pin: PinId, joint: string): WireId => wireId(`${pin}#tap-part ${joint}`);

/** The shell that is built to meet a connector, and its cavity that meets a pin; a wire made for an adapter is named after it. */
export const builtShell = (connector: ConnectorId): ConnectorId => connectorId(`${connector}~`);
export const isBuilt = (connector: string): boolean => connector.endsWith("~");
export const builtCavity = (pin: PinId): PinId => pinId(`${pin}~`);

/** The ends now sitting in each cavity; more than one only where a shell allows a double. */
export function endsByCavity(state: HarnessState): ReadonlyMap<PinId, readonly EndId[]> {
  const seated = new Map<PinId, EndId[]>();
  for (const [end, place] of Object.entries(state.ends) as [EndId, EndPlace][]) {
    if (place.at !== "cavity") continue;
    const ends = seated.get(place.cavity);
    if (ends === undefined) seated.set(place.cavity, [end]);
    else ends.push(end);
  }
  return seated;
}

/** The wire that an end belongs to; ends and the parts of a cut are named after the pin that the wire was read at. */
export function wireOfEnd(state: HarnessState, end: EndId): WireId | undefined {
  const pin = pinId(end.slice(0, end.lastIndexOf("#")));
  const holds = (wire: WireId): boolean => state.wires[wire]?.ends.includes(end) === true;
  return (
    [wireOf(pin), plugPart(pin), farPart(pin)].find(holds) ??
    // Behind a tap the parts are named after its joint.
    (Object.keys(state.wires) as WireId[]).find(holds)
  );
}
