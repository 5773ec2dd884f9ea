import type { PinId } from "../model/index.ts";
import type { Proof } from "./proof.ts";
import { faresAt } from "./states.ts";

/** What goes on drawing from the battery with the key out and everything off. */
export interface Standby {
  readonly known: readonly { readonly pin: PinId; readonly amps: number }[];
  /** Pins that are live all the time and of which nobody has said what they draw asleep. */
  readonly unknown: readonly PinId[];
  /** The sum of the known ones, A. */
  readonly amps: number;
}

/** The parts of a solved circuit that have their voltage with the key off and every switch open, and what they draw asleep. */
export function standbyOf({ network, loads }: Pick<Proof, "network" | "loads">): Standby {
  const pins = new Map(
    loads.flatMap(({ port, atRest }) => {
      const { kind, read } = port;
      const takes = kind.kind === "load" && kind.load.kind !== "listens";
      const isLive = faresAt(Math.abs(atRest.off) / network.battery) === "full";
      return takes && isLive ? [[read.placed.pin.id, read.placed.pin] as const] : [];
    }),
  );
  const known = [...pins.values()].flatMap(({ id, standby }) =>
    standby === null ? [] : [{ pin: id, amps: standby }],
  );
  return {
    known,
    unknown: [...pins.values()].flatMap(({ id, standby }) => (standby === null ? [id] : [])),
    amps: known.reduce((sum, { amps }) => sum + amps, 0),
  };
}
