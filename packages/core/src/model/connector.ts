import { parseColour, type ColourSystem, type WireColour } from "../colour/index.ts";
import {
  compareNatural,
  compareText,
  firstDifference,
  type Amps,
  type SquareMillimetres,
  type Volts,
  once,
} from "../util/index.ts";
import type { Claim, Fact } from "./fact.ts";
import type { ConnectorId, PinId, SourceId } from "./ids.ts";
import { labelsOwnCavities, type Blank, type Shell } from "./shell.ts";
import type { Direction, SignalClass } from "./signal.ts";

/** `vehicle` stays in the car; `incoming` is the donor loom, the aftermarket part or the module. */
export const SIDES = ["vehicle", "incoming"] as const;
export type Side = (typeof SIDES)[number];

/** `unknown`: nobody looked; `empty`: never populated; `occupied`: a wire sits in it. */
export const CAVITY_CONTENTS = ["unknown", "empty", "occupied"] as const;
export type CavityContent = (typeof CAVITY_CONTENTS)[number];

/** One cavity of a connector with what the technician knows of the wire in it. */
export interface Pin {
  readonly id: PinId;
  /** Label as printed on the shell: number, letter, contact number or name. */
  readonly cavity: string;
  /** Place in the table; only the order counts. */
  readonly order: number;
  readonly content: CavityContent;
  readonly function: string;
  /** As written in the source; read in the connector's colour system. */
  readonly colour: string;
  /** Conductor cross-section in mm², or null when not known. */
  readonly size: SquareMillimetres | null;
  /** As somebody gave it; null for what the words tell. */
  readonly signal: SignalClass | null;
  readonly note: string;
  /** Circuit number printed on the wire or the diagram. */
  readonly circuit: string;
  /** Which way the wire works, seen from this connector; null when nobody said. */
  readonly direction: Direction | null;
  /** Highest voltage in V that the source gives or the input takes; null for what its class usually has. */
  readonly level: Volts | null;
  /** Current in A that a load draws or a source can give; null when not known. */
  readonly amps: Amps | null;
  /** The most that it draws for a moment, in A: a motor starting, a capacitor filling; null when not known. */
  readonly peak: Amps | null;
  /** Current that it goes on drawing asleep, with everything off, in A; null when not known. */
  readonly standby: Amps | null;
  /** When the pin is there at all: "only with air conditioning"; empty for always. */
  readonly condition: string;
  /** System of this one colour where it differs from the connector's; null for the connector's. */
  readonly colourSystem: ColourSystem | null;
  /** Ticked by a person: this wire has been found and named. */
  readonly identified: boolean;
  /** Which source each value was taken from. */
  readonly sources: Readonly<Partial<Record<Fact, SourceId>>>;
  /** Why a single value is in doubt. */
  readonly doubts: Readonly<Partial<Record<Fact, string>>>;
  readonly claims: readonly Claim[];
}

/** A cavity nobody has looked into. */
export const blankPin = (id: PinId, cavity: string, order: number): Pin => ({
  id,
  cavity,
  order,
  content: "unknown",
  function: "",
  colour: "",
  size: null,
  signal: null,
  note: "",
  circuit: "",
  direction: null,
  level: null,
  amps: null,
  peak: null,
  standby: null,
  condition: "",
  colourSystem: null,
  identified: false,
  sources: {},
  doubts: {},
  claims: [],
});

export interface Connector {
  readonly id: ConnectorId;
  readonly name: string;
  readonly side: Side;
  /** Where it is found: "body, left sill". */
  readonly place: string;
  /** Leg of the loom that it ends: "engine, left bank". */
  readonly branch: string;
  /** The module it plugs into, where it is at the module end of its loom; empty at the other end. */
  readonly module: string;
  readonly colourSystem: ColourSystem;
  /** `loom`: the wires run on into a loom; `flying`: a pigtail whose far ends are free. */
  readonly leads: "loom" | "flying";
  readonly sealed: boolean;
  /** Null while nobody has said what it looks like; then no place is claimed. */
  readonly shell: Shell | null;
  /** The connector that it plugs into, where that one is in the job. */
  readonly matesWith: ConnectorId | null;
  /** Why it stays shut: restraint system, high voltage; empty for one that is worked on. */
  readonly keepOut: string;
  readonly pins: readonly Pin[];
}

/** A connector of which only the name and the side are known. */
export const blankConnector = (id: ConnectorId, name: string, side: Side): Connector => ({
  id,
  name,
  side,
  place: "",
  branch: "",
  module: "",
  colourSystem: "iec",
  leads: side === "vehicle" ? "loom" : "flying",
  sealed: false,
  shell: null,
  matesWith: null,
  keepOut: "",
  pins: [],
});

const byLabel = once((pins: readonly Pin[]): readonly Pin[] =>
  [...pins].sort((a, b) => firstDifference(compareNatural(a.cavity, b.cavity), a.order - b.order)),
);

/** The pins in the order of their labels where the housing says which it has; else, and where the table fills it, in table order. */
export function pinsInOrder({
  pins,
  shell,
}: Pick<Connector, "pins"> & Partial<Pick<Connector, "shell">>): readonly Pin[] {
  if (shell === undefined || shell === null || !labelsOwnCavities(shell))
    return [...pins].sort((a, b) => firstDifference(a.order - b.order, compareNatural(a.cavity, b.cavity)));
  return byLabel(pins);
}

/** The order of the last pin of the table; -1 while there is none. */
export const lastOrder = (connector: Connector): number =>
  Math.max(-1, ...connector.pins.map((pin) => pin.order));

/** The system that a pin's colour is written in. */
export const pinSystem = (pin: Pin, connector: Pick<Connector, "colourSystem">): ColourSystem =>
  pin.colourSystem ?? connector.colourSystem;

/** The wire's colour, or null while the code is empty or unreadable. */
export function pinColour(pin: Pin, connector: Pick<Connector, "colourSystem">): WireColour | null {
  const parsed = parseColour(pin.colour, pinSystem(pin, connector));
  return parsed.ok ? parsed.value : null;
}

/** Whom a pin table speaks of: the part that the plug goes into, for a pigtail or where a module is named; else the loom behind. */
export const speaksOfPart = ({ leads, module }: Pick<Connector, "leads" | "module">): boolean =>
  leads === "flying" || module !== "";

/** A shell that holds no wire: a new one that wires are to go into. */
export const isNewShell = ({ pins }: Pick<Connector, "pins">): boolean =>
  pins.length > 0 && pins.every(({ content }) => content === "empty");

/**
 * How an empty cavity of a sealed plug is closed. A new shell comes open, its plugs apart, unless it is said to have membranes; in a
 * plug that has been on the car every empty cavity is closed, by a membrane where nobody says otherwise (common practice).
 */
export function blankOf({ sealed, shell, pins }: Pick<Connector, "sealed" | "shell" | "pins">): Blank {
  if (!sealed) return "open";
  const said = shell?.blank ?? "open";
  if (isNewShell({ pins })) return said === "membrane" ? "membrane" : "open";
  return said === "plug" ? "plug" : "membrane";
}

/** A pin whose use is known: empty, or with a function. */
export const isKnown = (pin: Pin): boolean => pin.content === "empty" || pin.function !== "";

/** Side, then connector name, then table order: the order in which ties break everywhere. */
export function compareConnectors(a: Connector, b: Connector): number {
  return firstDifference(
    SIDES.indexOf(a.side) - SIDES.indexOf(b.side),
    compareNatural(a.name, b.name),
    compareText(a.id, b.id),
  );
}
