import { indexPins, type Dossier, type PinId } from "../model/index.ts";
import { present } from "../util/index.ts";
import { pinReader, reasonsOf, weigh, type Reason } from "./evidence.ts";

/** What speaks for and against a pair, whoever made it. */
export interface Explanation {
  /** In tenths of a log-odds unit; null where a direct join does damage. */
  readonly strength: number | null;
  readonly reasons: readonly Reason[];
}

/** Explains any pair of pins of a job, suggested or decided by hand. */
export function explainer(dossier: Dossier): (vehicle: PinId, incoming: PinId) => Explanation {
  const pins = indexPins(dossier);
  const read = pinReader(dossier);
  return (vehicle, incoming) => {
    const [left, right] = [
      read(present(pins.get(vehicle), `pin ${vehicle}`)),
      read(present(pins.get(incoming), `pin ${incoming}`)),
    ];
    const evidence = weigh(left, right);
    if (evidence !== null) return { strength: evidence.strength, reasons: reasonsOf(evidence, left, right) };
    return {
      strength: null,
      reasons: [{ kind: "signal", fit: "damage", left: left.signal, right: right.signal, weight: 0 }],
    };
  };
}
