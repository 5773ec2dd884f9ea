import type { WireColour } from "../colour/index.ts";
import type { CavityLook } from "../face/index.ts";
import type { Pin, PinId, PlacedPin } from "../model/index.ts";

/** Wires of the same base colour that sit in the connector now: worth a second look before the pick goes in. In the order of the table. */
export const mistakenFor = (
  { pin: own, connector }: PlacedPin,
  colour: WireColour,
  now: ReadonlyMap<PinId, CavityLook>,
): readonly { readonly pin: Pin; readonly colour: WireColour }[] =>
  connector.pins.flatMap((pin) => {
    const other = pin.id === own.id ? undefined : now.get(pin.id);
    const [seen] = other?.readings ?? [];
    return other?.state === "occupied" && seen?.base === colour.base ? [{ pin, colour: seen }] : [];
  });
