import { isSupply, type Connector } from "../model/index.ts";
import type { ReadPin } from "./readPin.ts";

/** The part that an incoming plug is on: plugs of one module are one part, and so are those of which nobody has said what they are on. */
const partOf = ({ module }: Connector): string => module;

/** It gives, as was stated or as its own words say. */
const gives = ({ placed: { pin }, reading }: ReadPin): boolean =>
  (pin.direction ?? reading.direction) === "source";

/** Incoming parts that take a supply of their own. */
export const poweredParts = (incoming: readonly ReadPin[]): ReadonlySet<string> =>
  new Set(
    incoming.flatMap((pin) =>
      isSupply(pin.signal) && pin.signal !== "start" && !gives(pin) ? [partOf(pin.placed.connector)] : [],
    ),
  );

/**
 * Whether an incoming part gives a feed itself and wants it from nobody: an output ("5 V OUT", "accessory heater output"), or the
 * reference and the ground of its sensors where the part has a supply of its own (common practice).
 */
export function givesItself(pin: ReadPin, powered: ReadonlySet<string>): boolean {
  if (pin.placed.connector.side !== "incoming") return false;
  if (pin.signal === "sensor-supply" || pin.signal === "sensor-return")
    return gives(pin) || powered.has(partOf(pin.placed.connector));
  return isSupply(pin.signal) && gives(pin);
}
