import { pinOf, portsAt, type CircuitFinding, type Solved } from "./finding.ts";

/** Less than that through its charge lamp does not wake an alternator for certain, A: a bulb of 1.2 W draws twice as much at 12 V (common practice, no source). */
const WAKES = 0.05;

/** Alternators that get no current over their charge lamp's wire with the key at run: they do not charge until the engine is revved, or not at all. */
export const excitationIn = ({ network, states }: Solved): readonly CircuitFinding[] =>
  network.drivers.flatMap(({ element, port }): readonly CircuitFinding[] => {
    if (port.read.signal !== "charge-indicator" || port.kind.kind !== "pulls") return [];
    const point = states.find(({ key, drive }) => key === "run" && drive === "all")?.point;
    const amps = Math.abs(point?.amps.get(element) ?? 0);
    return amps < WAKES
      ? [
          {
            kind: "not-excited",
            severity: "caution",
            pins: [...new Set([pinOf(port), ...portsAt(network, port.net)])],
            amps,
          },
        ]
      : [];
  });
