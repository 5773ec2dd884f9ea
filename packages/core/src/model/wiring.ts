import type { Amps, Millimetres, SquareMillimetres, Volts } from "../util/index.ts";
import type { ColourSystem } from "../colour/index.ts";
import type { ConnectorId, JoinPointId, LoomWireId, PinId } from "./ids.ts";
import type { FeedClass } from "./signal.ts";

/** Points where wires meet away from a connector. `stud` and `ground` take ring terminals; `device` is one terminal of a part without a connector: its terminals are not joined to each other. */
export const JOIN_POINT_KINDS = ["splice", "ground", "stud", "supply", "device"] as const;
export type JoinPointKind = (typeof JOIN_POINT_KINDS)[number];

/** Switches that keep an engine from cranking in gear. */
export const INTERLOCKS = ["clutch", "neutral"] as const;
export type Interlock = (typeof INTERLOCKS)[number];

/** The fuse of a supply, named as the supply is. */
export interface Fuse {
  /** A; null while nobody has read it. */
  readonly amps: Amps | null;
  /** It is in its holder already, and goes on feeding what it fed. */
  readonly fitted: boolean;
}

/** A new wire with branches: what hangs on its end draws its current through it. */
export interface Trunk {
  readonly size: SquareMillimetres | null;
  readonly length: Millimetres | null;
}

/** What a supply or a ground point gives, behind its fuse. */
export interface Supply {
  readonly feed: FeedClass;
  /** V, null for what its class usually has. */
  readonly volts: Volts | null;
  /** Null where there is none, or none is known. */
  readonly fuse: Fuse | null;
  /** The supply or battery post in front of the fuse; null where it is not recorded. */
  readonly behind: JoinPointId | null;
  /** The new wire that leads to it from there, where this job brings it: mm² and mm, null where not known. */
  readonly trunk: Trunk | null;
  /** The switch that it comes through, where one keeps the engine from cranking in gear. */
  readonly through: Interlock | null;
  /** What older records call it. */
  readonly aliases: readonly string[];
}

export interface JoinPoint {
  readonly id: JoinPointId;
  /** As on the diagram or the tag: "S104", "G2"; two of one name are one point, so names differ. */
  readonly name: string;
  readonly kind: JoinPointKind;
  /** Where it is found: "under the left sill trim, 12 cm behind B12". */
  readonly place: string;
  /** Thread of a stud or ground point in mm, null when not known. */
  readonly thread: Millimetres | null;
  /** What it gives; null where it feeds nothing, or nobody has said. */
  readonly supply: Supply | null;
}

/** A point of which only its name and kind are known. */
export const blankPoint = (id: JoinPointId, name: string, kind: JoinPointKind): JoinPoint => ({
  id,
  name,
  kind,
  place: "",
  thread: null,
  supply: null,
});

/** Where an end of a wire is. `loom`: it runs on, and nobody has followed it yet. */
export type WireEnd =
  | { readonly at: "pin"; readonly pin: PinId }
  | { readonly at: "point"; readonly point: JoinPointId }
  | { readonly at: "loom" }
  | { readonly at: "loose"; readonly end: "bare" | "capped" | "insulated" };

/** Wires that belong together and must stay so. */
export interface Bundle {
  readonly kind: "twist" | "shield";
  readonly name: string;
}

/** A wire as it runs in the loom: two ends, or more where it forks without a named splice. */
export interface LoomWire {
  readonly id: LoomWireId;
  readonly ends: readonly WireEnd[];
  /** As written; empty when it is the colour at its pin. */
  readonly colour: string;
  /** System of the colour; null for that of its first pin, or IEC where it has none. */
  readonly colourSystem: ColourSystem | null;
  /** mm², null when it is the size at its pin, or not known. */
  readonly size: SquareMillimetres | null;
  /** Printed circuit number. */
  readonly circuit: string;
  readonly bundle: Bundle | null;
}

/** Two connectors as plugged into each other. */
export type Mating = readonly [ConnectorId, ConnectorId];

/** Whether ends make a wire: two at least, one of them at a cavity or a point. */
export const areEndsOfWire = (ends: readonly WireEnd[]): boolean =>
  ends.length >= 2 && ends.some((end) => end.at === "pin" || end.at === "point");
