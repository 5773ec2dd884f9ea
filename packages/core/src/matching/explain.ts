import { indexPins, type Dossier, type PinId } from "../model/index.ts";
import { present } from "../util/index.ts";
import { apartBy, pinReader, reasonsOf, weigh, type Reason } from "./evidence.ts";

/** What speaks for and against a pair, whoever made it. */
export interface Explanation {
  /** In tenths of a log-odds unit; null where the two are kept apart: a direct join does damage, or they are opposites. */
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
    const apart = apartBy(left, right);
    return { strength: null, reasons: apart === null ? [] : [apart] };
  };
}
