import type { Amps, SquareMillimetres, Volts } from "../util/index.ts";
import type { Dossier, PinId } from "../model/index.ts";
import type { JobNetwork } from "./jobNetwork.ts";
import type { OperatingPoint } from "./network.ts";
import type { Port, Rail } from "./ports.ts";
import type { Key } from "./keys.ts";
import type { LoadRow, SolvedState } from "./states.ts";

/** What the solved circuit shows, worst first. Voltages V, currents A, times s; pins: where it is seen, the first of them the one that it is about. */
export type CircuitFinding = {
  readonly severity: "stop" | "caution" | "note";
  readonly pins: readonly PinId[];
} & (
  | {
      readonly kind: "short";
      readonly amps: Amps;
      readonly key: Key;
      readonly fuse: string | null;
      readonly within: number | null;
    }
  | {
      readonly kind: "fuse-blows";
      readonly fuse: string;
      readonly rating: Amps;
      readonly amps: Amps;
      readonly within: number | null;
    }
  | { readonly kind: "fuse-loaded"; readonly fuse: string; readonly rating: Amps; readonly amps: Amps }
  /** A supply that is switched off is held up by what hangs on its wire. */
  | { readonly kind: "back-feed"; readonly rail: Rail; readonly key: Key; readonly volts: Volts }
  /** An output that is off sees voltage from another one. */
  | { readonly kind: "output-back-fed"; readonly volts: Volts }
  | { readonly kind: "level"; readonly volts: Volts; readonly most: Volts; readonly key: Key }
  | { readonly kind: "dark"; readonly why: "no-source" | "no-return" | "diode-blocks" | "relay-never-pulls" }
  | { readonly kind: "dim"; readonly volts: Volts; readonly fares: "dim" | "glows" }
  /** Its ground stands on the supply, or its supply on the ground. */
  | { readonly kind: "reversed"; readonly volts: Volts; readonly key: Key }
  /** The lamp's current is too little to wake the alternator. */
  | { readonly kind: "not-excited"; readonly amps: Amps }
  /** A turn signal's output sees less than the lamps that its flasher was made for. */
  | { readonly kind: "flasher-light"; readonly amps: Amps; readonly wants: Amps }
  /** It is fed where its supply should be off. */
  | { readonly kind: "never-off"; readonly volts: Volts; readonly key: Key }
  /** It works, but much of the voltage is lost on the way. */
  | { readonly kind: "drop"; readonly lost: Volts; readonly share: number; readonly stated: boolean }
  /** While it starts it draws so much that little is left for it, or that a fuse may open before it runs. */
  | { readonly kind: "starts-weak"; readonly amps: Amps; readonly volts: Volts }
  | {
      readonly kind: "fuse-at-start";
      readonly fuse: string;
      readonly rating: Amps;
      readonly amps: Amps;
      readonly within: number;
    }
  | {
      readonly kind: "wire-overloaded";
      readonly amps: Amps;
      readonly size: SquareMillimetres;
      readonly carries: Amps;
    }
);
export interface Solved {
  readonly dossier: Dossier;
  readonly network: JobNetwork;
  readonly loads: readonly LoadRow[];
  readonly states: readonly SolvedState[];
  readonly across: (point: OperatingPoint, port: Port) => number;
}

/** What names a finding from one circuit of a job to another: what it is, and where it is seen. */
export const findingKey = ({ kind, pins }: CircuitFinding): string => `${kind} ${pins[0] ?? ""}`;

export type DarkBecause = Extract<CircuitFinding, { kind: "dark" }>["why"];

export const pinOf = ({ read }: Port): PinId => read.placed.pin.id;
export const portsAt = (network: JobNetwork, net: string): readonly PinId[] => [
  ...new Set(network.ports.filter((port) => port.net === net).map(pinOf)),
];

/** A port's pin, then the others on its copper. */
export const pinsAround = (network: JobNetwork, port: Port): readonly PinId[] => [
  ...new Set([pinOf(port), ...portsAt(network, port.net)]),
];

/** What a port feeds into its wire while its supply or output is on, A. */
export const given = (point: OperatingPoint, { element }: Port): number => point.amps.get(element) ?? 0;
