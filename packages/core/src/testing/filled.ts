import { slotsOf } from "../face/index.ts";
import {
  blankConnector,
  blankPin,
  connectorId,
  pinId,
  type Connector,
  type Shell,
  type Side,
} from "../model/index.ts";

/** A connector with every cavity of a shell filled with a 0.5 mm² wire. */
export function filled(shell: Shell, name = "C", side: Side = "vehicle"): Connector {
  const labels = slotsOf(shell).map((slot, index) => slot.label ?? String(index + 1));
  return {
    ...blankConnector(connectorId(name), name, side),
    shell,
    pins: labels.map((label, order) => ({
      ...blankPin(pinId(`${name}.${label}`), label, order),
      content: "occupied" as const,
      size: 0.5,
    })),
  };
}
