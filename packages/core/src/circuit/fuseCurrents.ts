import { pinOf, portsAt } from "./finding.ts";
import type { JobNetwork } from "./jobNetwork.ts";
import { byKey, type Key } from "./keys.ts";
import { solverOf } from "./states.ts";
import type { PinId } from "../model/index.ts";

/** What flows through a fuse, or out of the battery, with everything on. */
export interface FuseCurrent {
  /** The fuse's name; null for the battery as a whole. */
  readonly name: string | null;
  /** A; null where it is not known, or there is no fuse. */
  readonly rating: number | null;
  /** A, in each position of the key. */
  readonly amps: Readonly<Record<Key, number>>;
  /** What hangs on it. */
  readonly pins: readonly PinId[];
}

/** The battery's current, then that of every supply that has a fuse, in the order of the job; everything is on that the key allows. */
export function fuseCurrents(network: JobNetwork): readonly FuseCurrent[] {
  const solve = solverOf(network);
  const points = byKey(network.positions, (key) => solve(key, "all"));
  const through = (element: string, sign: 1 | -1): Readonly<Record<Key, number>> =>
    byKey(network.positions, (key) => Math.max(0, sign * (points[key].amps.get(element) ?? 0)));
  return [
    {
      name: null,
      rating: null,
      amps: through("battery", -1),
      pins: [...new Set(network.ports.filter(({ kind }) => "load" in kind).map(pinOf))],
    },
    ...network.points.flatMap(({ element, name, net, fuse, polarity }): readonly FuseCurrent[] =>
      polarity === "supply" && fuse !== null
        ? [{ name, rating: fuse.amps, amps: through(element, 1), pins: portsAt(network, net) }]
        : [],
    ),
  ];
}
