import { briefLines, type BriefLine, type BriefState } from "../brief/index.ts";
import type { Dossier, PinId } from "../model/index.ts";
import type { CircuitFinding } from "./finding.ts";
import type { Proof } from "./proof.ts";
import type { Key } from "./keys.ts";
import type { LoadRow } from "./states.ts";

/** A line of the brief held against the solved circuit. */
export interface Asked {
  readonly line: BriefLine;
  /** `outside`: none of its wires is in the circuit, as with data. What is not served by the decisions stays what the brief calls it. */
  readonly result: "works" | "fails" | "outside" | Exclude<BriefState, "served">;
  /** Positions of the key in which its parts work, everything that works them on; null where nobody has said what feeds the output or switch that works them. */
  readonly keys: readonly Key[] | null;
  /** Whether those are all the positions that the key has. */
  readonly wherever: boolean;
  /** What speaks against it, or null. */
  readonly finding: CircuitFinding | null;
}

const WORKS: ReadonlySet<LoadRow["fares"]> = new Set(["full", "within"]);

/** Each line of the brief: does it work, with the key where, and if not why. A line works when every part that hangs on its copper does. */
export function askedOf(
  dossier: Dossier,
  { network, loads, findings }: Pick<Proof, "network" | "loads" | "findings">,
): readonly Asked[] {
  const netsOf = new Map<PinId, Set<string>>();
  for (const { read, net } of network.ports) {
    const { id } = read.placed.pin;
    netsOf.set(id, (netsOf.get(id) ?? new Set()).add(net));
  }
  const lit = network.battery * LIT;
  return briefLines(dossier).map((line): Asked => {
    if (line.state !== "served")
      return { line, result: line.state, keys: [], wherever: false, finding: null };
    const nets = new Set(line.pins.flatMap(({ pin }) => [...(netsOf.get(pin.id) ?? [])]));
    const own = new Set(line.pins.map(({ pin }) => pin.id));
    const rows = loads.filter(({ port, pin }) => nets.has(port.net) || own.has(pin));
    if (nets.size === 0) return { line, result: "outside", keys: [], wherever: false, finding: null };
    const about = new Set([...own, ...rows.map(({ pin }) => pin)]);
    const finding =
      findings.find(({ pins, severity }) => severity !== "note" && pins.some((pin) => about.has(pin))) ??
      null;
    const workers = new Set(rows.flatMap(({ workedBy }) => workedBy));
    const isFedSomehow = network.drivers.some(
      ({ element, port, fed }) => workers.has(element) && port.kind.kind === "drives" && !fed,
    );
    const isFine = rows.every(({ fares }) => WORKS.has(fares)) && finding?.severity !== "stop";
    const judged = isFine ? "works" : "fails";
    const keys = isFedSomehow
      ? null
      : network.positions.filter((key) =>
          rows.some(
            ({ port, on, fares }) =>
              port.kind.kind !== "signal" && fares === "full" && Math.abs(on[key]) >= lit,
          ),
        );
    return {
      line,
      result: rows.length === 0 && finding === null ? "outside" : judged,
      keys,
      wherever: keys?.length === network.positions.length,
      finding,
    };
  });
}
/** From this share of the battery's voltage on a part is taken to work in a position of the key (common practice, no source). */
const LIT = 0.8;
