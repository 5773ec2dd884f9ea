import { isSupply, type Connector, type PinId, type PlacedPin, type SignalClass } from "../model/index.ts";
import { bridgedPins } from "../wiring/index.ts";

/**
 * Groups of cavities that a bar joins although one of them is read as a supply and another as a ground: one of the two is not what
 * the table says, so nothing is proposed for any of them.
 */
export const contradictedBars = (
  connector: Connector,
  signalOf: (placed: PlacedPin) => SignalClass,
): readonly (readonly PinId[])[] =>
  bridgedPins(connector).filter((group) => {
    const signals = connector.pins.flatMap((pin) =>
      group.includes(pin.id) && pin.content !== "empty" ? [signalOf({ pin, connector })] : [],
    );
    return signals.some(isSupply) && signals.includes("ground");
  });
