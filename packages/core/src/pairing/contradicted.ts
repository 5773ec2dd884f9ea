import type { ReadPin } from "./readPin.ts";
import { isSupply, type Connector, type PinId, type PlacedPin } from "../model/index.ts";
import { bridgedPins } from "../wiring/index.ts";

type Read = (placed: PlacedPin) => ReadPin | undefined;

/**
 * Groups of cavities that a bar joins although one of them is read as a supply and another as a ground: one of the two is not what
 * the table says.
 */
export const contradictedBars = (connector: Connector, read: Read): readonly (readonly PinId[])[] =>
  barsOfSupplies(connector, read, isGround);

/** Groups for which nothing is proposed: contradicted ones, and a supply with a wire whose class somebody gave as unknown. */
export const doubtfulBars = (connector: Connector, read: Read): readonly (readonly PinId[])[] =>
  barsOfSupplies(connector, read, (pin) => isGround(pin) || pin.placed.pin.signal === "unknown");

const isGround = ({ signal }: ReadPin): boolean => signal === "ground";

const barsOfSupplies = (
  connector: Connector,
  read: Read,
  isAgainst: (pin: ReadPin) => boolean,
): readonly (readonly PinId[])[] =>
  bridgedPins(connector).filter((group) => {
    const pins = connector.pins.flatMap((pin) =>
      group.includes(pin.id) && pin.content !== "empty" ? (read({ pin, connector }) ?? []) : [],
    );
    return pins.some(({ signal }) => isSupply(signal)) && pins.some(isAgainst);
  });
