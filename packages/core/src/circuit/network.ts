import type { Amps, Ohms, Volts } from "../util/index.ts";
/** The node that all voltages are measured from. */
export const GROUND = "0";

/** Thermal voltage kT/q at 27 °C, V: k and q of CODATA 2014, as circuit simulators have them, so that both give the same figures. */
export const THERMAL_VOLTS = (1.38064852e-23 * 300.15) / 1.6021766208e-19;

interface Placed {
  readonly name: string;
  /** Its first node: currents are counted from here, through the element, to `b`. */
  readonly a: string;
  readonly b: string;
}

/** What works a contact: the voltage between two nodes. Between the two thresholds it stays as it was. */
export interface Control {
  readonly plus: string;
  readonly minus: string;
  /** V; above it the winding has pulled in. */
  readonly pullIn: number;
  /** V; below it the winding has let go. */
  readonly dropOut: number;
  /** A winding without a diode works with its plus at either end. */
  readonly eitherWay?: boolean;
}

/**
 * One element between two nodes, in V, A and Ω. `source`: a stands `volts` above b. `current`: drives `amps` from a through itself to b.
 * `diode`: a is the anode; I = saturation · (exp(V / (ideality · kT/q)) − 1). `lamp`: a filament, I = amps · (V / volts)^exponent.
 * `switch`: `on` Ω while closed, `off` Ω while open, which may be infinite; one with a control closes when its winding has pulled in, or opens then where it is closed `atRest`.
 */
export type Element = Placed &
  (
    | { readonly kind: "resistor"; readonly ohms: Ohms }
    | { readonly kind: "source"; readonly volts: Volts }
    | { readonly kind: "current"; readonly amps: Amps }
    | { readonly kind: "diode"; readonly saturation: number; readonly ideality: number }
    | { readonly kind: "lamp"; readonly volts: Volts; readonly amps: Amps; readonly exponent: number }
    | {
        readonly kind: "switch";
        readonly on: Ohms;
        readonly off: Ohms;
        /** As it stands before anything works it. */
        readonly closed: boolean;
        readonly control: (Control & { readonly atRest: boolean }) | null;
      }
  );
export type ElementOf<K extends Element["kind"]> = Extract<Element, { kind: K }>;

/** What had to be said of a network beside its numbers. */
export type CircuitNote =
  /** Ideal sources or bare wires in a ring that cannot all hold: nothing that hangs on them has a voltage. */
  | { readonly kind: "contradiction"; readonly elements: readonly string[]; readonly volts: number }
  | { readonly kind: "no-ground" }
  /** A current source whose current has no way back. */
  | { readonly kind: "no-return"; readonly elements: readonly string[] }
  /** Bare wires in a ring: how they share their current is not told. */
  | { readonly kind: "free-division"; readonly elements: readonly string[] }
  /** Contacts that settle only one after the other: which comes first decides. */
  | { readonly kind: "race"; readonly elements: readonly string[] }
  /** Contacts that never settle. */
  | { readonly kind: "buzzes"; readonly elements: readonly string[] }
  /** No answer: the iteration did not come to rest. */
  | { readonly kind: "not-settled" }
  /** No answer: currents do not add up at a node; `worst` as a share of the current there. */
  | { readonly kind: "inexact"; readonly worst: number };

export interface OperatingPoint {
  /** V of each node; null where it floats, or where nothing can be said. */
  readonly volts: ReadonlyMap<string, Volts | null>;
  /** A through each element, from a to b; null where it is not determined. */
  readonly amps: ReadonlyMap<string, Amps | null>;
  /** Whether each switch is closed. */
  readonly closed: ReadonlyMap<string, boolean>;
  readonly floating: readonly string[];
  readonly notes: readonly CircuitNote[];
  /** Largest sum of currents at a node as a share of the currents there. */
  readonly residual: number;
}
