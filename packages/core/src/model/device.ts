import type { Amps, Ohms, Volts } from "../util/index.ts";
import type { Side } from "./connector.ts";
import type { JoinPointId } from "./ids.ts";
import type { FeedClass } from "./signal.ts";

/** What a terminal of a part between hangs on beside the two wires that meet in it; `open`: insulated, on purpose. */
export interface DeviceLeg {
  readonly terminal: string;
  readonly to:
    | { readonly kind: "feed"; readonly feed: FeedClass; readonly supply: JoinPointId | null }
    | { readonly kind: "open" };
}

/** A part that goes between two wires that must not be joined directly. Ohms, volts and amperes. */
export type InsertedDevice =
  /** One in each of the wires that meet, its band towards the side named. */
  (
    | { readonly kind: "diodes"; readonly band: Side }
    /** From the source over `upper` to the input, and from there over `lower` to the input's own ground. */
    | { readonly kind: "divider"; readonly upper: Ohms; readonly lower: Ohms }
    | { readonly kind: "regulator"; readonly volts: Volts }
    /** `coil`: the side whose wire works the coil; the other side hangs on the contact. */
    | { readonly kind: "relay"; readonly coil: Side }
    | { readonly kind: "resistor"; readonly ohms: Ohms; readonly how: "in series" | "in parallel" }
    | { readonly kind: "fuse"; readonly amps: Amps }
    /** A contact in the loop that must be closed before the engine cranks. */
    | { readonly kind: "switch"; readonly what: "clutch" | "neutral" }
    /** A bought or built module that turns one signal into another. */
    | { readonly kind: "converter"; readonly what: string }
  ) & {
    /** The side that the signal comes from, for a part with an input and an output; left out: the vehicle's. */
    readonly source?: Side | undefined;
    readonly legs?: readonly DeviceLeg[] | undefined;
  };
export type DeviceKind = InsertedDevice["kind"];

/** The terminals of a part between: where each side's wire goes, what else has to be connected, and what may stay open. */
export interface DeviceTerminals {
  readonly vehicle: string;
  readonly incoming: string;
  readonly required: readonly string[];
  readonly optional: readonly string[];
}

/** Terminals by kind: relay as in DIN 72552 (from memory), diode A and K, parts with a signal path in, out and ground. */
export function terminalsOf(device: InsertedDevice): DeviceTerminals {
  const plain = { vehicle: "1", incoming: "2", required: [], optional: [] };
  switch (device.kind) {
    case "diodes":
      return device.band === "vehicle"
        ? { ...plain, vehicle: "K", incoming: "A" }
        : { ...plain, vehicle: "A", incoming: "K" };
    case "relay":
      return {
        ...(device.coil === "vehicle"
          ? { vehicle: "86", incoming: "87" }
          : { vehicle: "87", incoming: "86" }),
        required: ["85", "30"],
        optional: ["87a"],
      };
    case "divider":
    case "regulator":
      return { ...throughIt(device.source), required: ["ground"], optional: [] };
    case "converter":
      return { ...throughIt(device.source), required: [], optional: ["supply", "ground"] };
    case "resistor":
      // Across a load both wires meet at its one end; the other end hangs on what the load hangs on.
      return device.how === "in series" ? plain : { ...plain, incoming: "1", required: ["2"] };
    case "fuse":
    case "switch":
      return plain;
  }
}

const throughIt = (source: Side | undefined): Pick<DeviceTerminals, Side> =>
  source === "incoming" ? { vehicle: "out", incoming: "in" } : { vehicle: "in", incoming: "out" };

/** A terminal that hangs on a supply or a ground of its own. */
export interface FedLeg {
  readonly terminal: string;
  readonly feed: FeedClass;
  readonly supply: JoinPointId;
}

/** The terminals of a part that hang on a supply or a ground, where it is known on which. */
export const fedLegs = (device: InsertedDevice | undefined): readonly FedLeg[] =>
  (device?.legs ?? []).flatMap(({ terminal, to }) =>
    to.kind === "feed" && to.supply !== null ? [{ terminal, feed: to.feed, supply: to.supply }] : [],
  );

/** The terminals that must be connected before the part can work, and are not. */
export function missingLegs(device: InsertedDevice): readonly string[] {
  const known = new Set(fedLegs(device).map(({ terminal }) => terminal));
  return terminalsOf(device).required.filter((terminal) => !known.has(terminal));
}
