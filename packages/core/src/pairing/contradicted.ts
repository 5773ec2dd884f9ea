import type { ReadPin } from "./readPin.ts";
import { isSupply, type Connector, type PinId, type PlacedPin } from "../model/index.ts";
import { bridgedPins } from "../wiring/index.ts";

/**
 * Groups of cavities that a bar joins although one of them is read as a supply and another as a ground: one of the two is not what
 * the table says.
 */
export const contradictedBars = (
  connector: Connector,
  read: (placed: PlacedPin) => ReadPin | undefined,
): readonly (readonly PinId[])[] =>
  barsOf(connector, read).flatMap(({ group, pins }) =>
    pins.some(({ signal }) => signal === "ground") && pins.some(({ signal }) => isSupply(signal))
      ? [group]
      : [],
  );

/** Groups for which nothing is proposed: contradicted ones, and a supply with a wire of which somebody said that its class is not known. */
export const doubtfulBars = (
  connector: Connector,
  read: (placed: PlacedPin) => ReadPin | undefined,
): readonly (readonly PinId[])[] => [
  ...contradictedBars(connector, read),
  ...barsOf(connector, read).flatMap(({ group, pins }) =>
    pins.some(({ placed }) => placed.pin.signal === "unknown") && pins.some(({ signal }) => isSupply(signal))
      ? [group]
      : [],
  ),
];

const barsOf = (connector: Connector, read: (placed: PlacedPin) => ReadPin | undefined) =>
  bridgedPins(connector).map((group) => ({
    group,
    pins: connector.pins.flatMap((pin) =>
      group.includes(pin.id) && pin.content !== "empty" ? (read({ pin, connector }) ?? []) : [],
    ),
  }));
