import { pinOf, type CircuitFinding, type Solved } from "./finding.ts";
import type { Element } from "./network.ts";
import { liveIn } from "./keys.ts";
import { solverOf } from "./states.ts";
import { opensWithin } from "./usual.ts";

/** Below this share of its nominal voltage a motor may not start, and so long a start may take, s (common practice, no source). */
const STARTS = 0.7;
const START_TAKES = 0.5;

/**
 * Parts of which the starting current is known, each as it starts with everything else running: what is left for it, and whether
 * the fuses on its way hold that long. While the engine cranks the battery itself gives way: a starter is not judged by its volts.
 */
export function startsIn({ network, loads, dossier, across }: Solved): readonly CircuitFinding[] {
  const nominal = dossier.head.nominalVolts;
  return loads.flatMap(({ port, rail, fares }): readonly CircuitFinding[] => {
    const { peak } = port.read.placed.pin;
    if (peak === null || peak <= 0 || fares !== "full" || network.closedToView.has(port.net)) return [];
    const starting = network.elements.map((element): Element =>
      element.name === port.element
        ? { kind: "resistor", name: element.name, a: element.a, b: element.b, ohms: nominal / peak }
        : element,
    );
    const keys = rail === null ? network.positions : liveIn(network, rail);
    const solve = solverOf(network, starting);
    const points = keys.map((key) => solve(key, "all"));
    const volts = Math.max(...points.map((point) => Math.abs(across(point, port))));
    const pins = [pinOf(port)];
    const fuses = network.points.flatMap(({ element, name, fuse }): readonly CircuitFinding[] => {
      const rating = fuse?.amps ?? null;
      if (rating === null) return [];
      const amps = Math.max(...points.map((point) => Math.abs(point.amps.get(element) ?? 0)));
      const within = opensWithin(amps / rating);
      return within !== null && within <= START_TAKES && amps >= peak * HALF
        ? [{ kind: "fuse-at-start", severity: "caution", pins, fuse: name, rating, amps, within }]
        : [];
    });
    const isWeak = volts < STARTS * nominal && keys.some((key) => key !== "crank");
    return [
      ...fuses,
      ...(isWeak ? [{ kind: "starts-weak", severity: "caution", pins, amps: peak, volts } as const] : []),
    ];
  });
}
/** A fuse that carries less of it is not on its way. */
const HALF = 0.5;
