import { pinsAround, type CircuitFinding, type Solved } from "./finding.ts";
import type { Key } from "./keys.ts";

/** Parts that get their voltage the wrong way round. A module dies of it; a motor runs backwards. */
export const reversedIn = ({ network, loads }: Solved): readonly CircuitFinding[] =>
  loads.flatMap((row): readonly CircuitFinding[] => {
    if (row.fares !== "reversed") return [];
    const { port, rail } = row;
    const worst = (key: Key): number => Math.min(row.atRest[key], row.on[key]);
    const key = network.positions.reduce((lowest, one) => (worst(one) < worst(lowest) ? one : lowest));
    return [
      {
        kind: "reversed",
        severity: rail === null ? "caution" : "stop",
        pins: pinsAround(network, port),
        volts: worst(key),
        key,
      },
    ];
  });
