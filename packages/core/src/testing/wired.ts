import {
  blankPoint,
  emptyDossier,
  joinPointId,
  loomWireId,
  pinId,
  type Connector,
  type Dossier,
  type LoomWire,
  type WireEnd,
} from "../model/index.ts";
import { SHELLS } from "../shelf/index.ts";
import { filled } from "./filled.ts";

export const shelf = (id: string) => SHELLS.find((one) => one.id === id)!.shell;
const named = (connector: Connector, functions: Readonly<Record<string, string>>): Connector => ({
  ...connector,
  pins: connector.pins.map((pin) => ({ ...pin, function: functions[pin.cavity] ?? "" })),
});
export const pin = (name: string): WireEnd => ({ at: "pin", pin: pinId(name) });
export const point = (name: string): WireEnd => ({ at: "point", point: joinPointId(name) });
export const wire = (id: string, ends: readonly WireEnd[], over: Partial<LoomWire> = {}): LoomWire => ({
  id: loomWireId(id),
  ends,
  colour: "",
  colourSystem: null,
  size: null,
  circuit: "",
  bundle: null,
  ...over,
});
export const base = (
  connectors: readonly Connector[],
  wires: readonly LoomWire[],
  points: readonly string[] = [],
): Dossier => ({
  ...emptyDossier({
    name: "t",
    kind: "engine-swap",
    vehicle: "",
    incoming: "",
    nominalVolts: 12,
    method: "move",
  }),
  connectors,
  wires,
  points: points.map((name) =>
    blankPoint(joinPointId(name), name, name.startsWith("G") ? "ground" : "splice"),
  ),
});

/** Three sensors on one ground splice, and a controller. */
export const sensors = base(
  [
    named(filled(shelf("sealed-3"), "T1"), { 1: "Coolant temperature" }),
    named(filled(shelf("sealed-3"), "T2"), { 1: "Oil pressure" }),
    named(filled(shelf("sealed-3"), "T3"), { 1: "Fuel level" }),
    named(filled(shelf("sealed-16"), "K"), { 7: "Sensor return" }),
  ],
  [
    wire("a", [pin("T1.1"), point("S104")]),
    wire("b", [pin("T2.1"), point("S104")]),
    wire("c", [pin("T3.1"), point("S104")]),
    wire("d", [pin("K.7"), point("S104")], { circuit: "212" }),
  ],
  ["S104"],
);
