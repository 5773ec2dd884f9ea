import { readColour } from "../../colour/index.ts";
import { pinColour, pinSystem, type Connector, type LoomWire, type PinId } from "../../model/index.ts";
import type { CavityLook } from "./cavity.ts";

/** What a connector's pin table says of each cavity, for drawing: colours, doubts with their second reading, further wires in the same terminal. */
export function looksOf(
  connector: Connector,
  wires: readonly LoomWire[] = [],
): ReadonlyMap<PinId, CavityLook> {
  const atPin = new Map<PinId, LoomWire[]>();
  for (const wire of wires)
    for (const end of wire.ends)
      if (end.at === "pin") atPin.set(end.pin, [...(atPin.get(end.pin) ?? []), wire]);
  return new Map(
    connector.pins.map((pin): [PinId, CavityLook] => {
      const colour = pinColour(pin, connector);
      const doubt = pin.doubts.colour !== undefined;
      const read = doubt ? readColour(pin.colour, pinSystem(pin, connector)) : null;
      const other = read?.ok ? read.value.others[0] : undefined;
      const more = (atPin.get(pin.id) ?? [])
        .slice(1)
        .map((wire) =>
          wire.colour === ""
            ? colour
            : pinColour(
                { ...pin, colour: wire.colour, colourSystem: wire.colourSystem ?? pin.colourSystem },
                connector,
              ),
        );
      return [
        pin.id,
        {
          state: pin.content,
          readings: colour === null ? [] : [colour, ...(other === undefined ? [] : [other.colour])],
          size: pin.size,
          doubt,
          more,
        },
      ];
    }),
  );
}
