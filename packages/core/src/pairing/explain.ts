import { indexPins, type Dossier, type PinId } from "../model/index.ts";
import { present } from "../util/index.ts";
import { explained, type Explanation } from "./evidence.ts";
import { pinReader } from "./readPin.ts";

/** Explains any pair of pins of a job, suggested or decided by hand. */
export function explainer(dossier: Dossier): (vehicle: PinId, incoming: PinId) => Explanation {
  const pins = indexPins(dossier);
  const read = pinReader(dossier);
  const readPin = (id: PinId) => read(present(pins.get(id), `pin ${id}`));
  return (vehicle, incoming) => explained(readPin(vehicle), readPin(incoming));
}
