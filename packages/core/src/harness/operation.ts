import type { ConnectorId, EndId, InsertedDevice, JointKind, PinId, WireId } from "../model/index.ts";
import type { PluggedInto } from "./state.ts";

/** A pure change of the harness. Each kind has its own file with its precondition, effect and reverse. */
export type Operation =
  | { readonly kind: "battery"; readonly to: "on" | "off" }
  | { readonly kind: "lock"; readonly connector: ConnectorId; readonly to: "open" | "closed" }
  | { readonly kind: "release"; readonly end: EndId; readonly cavity: PinId }
  | { readonly kind: "insert"; readonly end: EndId; readonly cavity: PinId }
  | { readonly kind: "cut"; readonly pin: PinId }
  | {
      readonly kind: "splice";
      readonly ends: readonly EndId[];
      readonly joint: string;
      /** How; older records do not say. */ readonly by?: JointKind | undefined;
    }
  | { readonly kind: "part"; readonly ends: readonly EndId[]; readonly joint: string }
  /** A branch hung on a wire that stays whole, or taken off it again. `mid`: on its run behind any cut; older records lack it. */
  | {
      readonly kind: "tap";
      readonly pin: PinId;
      readonly ends: readonly EndId[];
      readonly joint: string;
      readonly mid?: true | undefined;
      readonly to: "on" | "off";
      readonly by?: JointKind | undefined;
    }
  /** A device put between bare ends, each at the terminals named, or taken out again. */
  | {
      readonly kind: "fit";
      readonly device: string;
      readonly what: InsertedDevice;
      readonly terminals: readonly FittedTerminal[];
      readonly to: "in" | "out";
    }
  | { readonly kind: "cap"; readonly end: EndId; readonly to: "covered" | "open" }
  | { readonly kind: "feed"; readonly end: EndId; readonly supply: string }
  | { readonly kind: "unfeed"; readonly end: EndId; readonly supply: string }
  | { readonly kind: "take-out"; readonly wire: WireId; readonly to: "out" | "back" }
  /** A plug that leads nowhere any more leaves with the stubs in it, or comes back. */
  | { readonly kind: "discard"; readonly connector: ConnectorId; readonly to: "out" | "back" }
  | { readonly kind: "plug"; readonly cavity: PinId; readonly to: "plugged" | "open" }
  | { readonly kind: "pierce"; readonly cavity: PinId }
  | { readonly kind: "connect"; readonly connector: ConnectorId; readonly into: PluggedInto }
  | { readonly kind: "disconnect"; readonly connector: ConnectorId; readonly from: PluggedInto }
  | { readonly kind: "crimp"; readonly end: EndId; readonly to: "fitted" | "cut-off" }
  | { readonly kind: "fuse"; readonly supply: string; readonly to: "in" | "out" }
  | {
      readonly kind: "build-shell";
      readonly connector: ConnectorId;
      readonly cavities: readonly BuiltCavity[];
      readonly to: "there" | "gone";
    }
  | { readonly kind: "build-wire"; readonly pin: PinId; readonly to: "there" | "gone" };

/** A terminal of a device and the ends that meet at it. */
export interface FittedTerminal {
  readonly terminal: string;
  readonly ends: readonly EndId[];
}

/** A cavity of a shell that is built, and the one that it meets. */
export interface BuiltCavity {
  readonly cavity: PinId;
  readonly meets: PinId;
}
export type OperationKind = Operation["kind"];

export type Residue = "joint-left-in-wire" | "wire-shortened" | "membrane-pierced" | "insulation-opened";

/** How an operation that was done is taken back on the car; copper is not text. */
export type Reverse =
  | { readonly kind: "exact"; readonly op: Operation }
  | { readonly kind: "equivalent"; readonly op: Operation; readonly residue: Residue };

/** Why an operation cannot be done in a state. */
export type OperationProblem =
  | { readonly code: "no-such-end"; readonly end: EndId }
  | { readonly code: "no-such-cavity"; readonly cavity: PinId }
  | { readonly code: "no-such-wire"; readonly pin: PinId }
  | { readonly code: "battery-is-on" }
  | { readonly code: "battery-already"; readonly to: "on" | "off" }
  | { readonly code: "lock-already"; readonly connector: ConnectorId; readonly to: "open" | "closed" }
  | { readonly code: "lock-closed"; readonly connector: ConnectorId }
  | { readonly code: "end-not-in-cavity"; readonly end: EndId; readonly cavity: PinId }
  | { readonly code: "cavity-not-free"; readonly cavity: PinId }
  | { readonly code: "end-not-loose"; readonly end: EndId }
  | { readonly code: "end-covered"; readonly end: EndId }
  | { readonly code: "end-already-covered"; readonly end: EndId }
  | { readonly code: "end-not-covered"; readonly end: EndId }
  | { readonly code: "wire-out"; readonly end: EndId }
  | { readonly code: "end-without-terminal"; readonly end: EndId }
  | { readonly code: "end-carries-terminal"; readonly end: EndId }
  | { readonly code: "already-cut"; readonly pin: PinId }
  | { readonly code: "joined-to-itself"; readonly end: EndId }
  | { readonly code: "joint-needs-two-ends" }
  | { readonly code: "joint-in-use"; readonly joint: string }
  | { readonly code: "not-joined-there"; readonly end: EndId }
  | { readonly code: "wire-still-held"; readonly wire: WireId }
  | { readonly code: "wire-already"; readonly wire: WireId; readonly to: "out" | "back" }
  | { readonly code: "no-stubs"; readonly connector: ConnectorId; readonly to: "out" | "back" }
  | { readonly code: "cavity-not-vacated"; readonly cavity: PinId }
  | { readonly code: "membrane-closed"; readonly cavity: PinId }
  | { readonly code: "cavity-not-blank"; readonly cavity: PinId }
  | { readonly code: "connector-plugged"; readonly connector: ConnectorId }
  | { readonly code: "connector-not-there"; readonly connector: ConnectorId; readonly at: PluggedInto }
  | { readonly code: "lock-open"; readonly connector: ConnectorId }
  | { readonly code: "supply-not-there"; readonly supply: string }
  | { readonly code: "fuse-already"; readonly supply: string; readonly to: "in" | "out" }
  | { readonly code: "built-already"; readonly what: string }
  | { readonly code: "built-in-use"; readonly what: string }
  | { readonly code: "device-already"; readonly device: string; readonly to: "in" | "out" }
  | { readonly code: "terminal-without-wire"; readonly device: string; readonly terminal: string }
  | { readonly code: "live-bare-end"; readonly end: EndId };

export type OperationOf<K extends OperationKind> = Extract<Operation, { kind: K }>;
