import { invariant } from "../util/index.ts";
import { pinsInOrder, type Connector, type FaceView, type Pin } from "./connector.ts";
import type { PinId } from "./ids.ts";

/** A cavity on the drawn face: row 0 is next to the lock, column 0 at the left, both in the view asked for. */
export interface Place {
  readonly pin: Pin;
  readonly row: number;
  readonly column: number;
}

/** The cavity in words' numbers: row 1 next to the lock; place counted among the row's cavities from each end. */
export interface Locator {
  readonly row: number;
  readonly rows: number;
  readonly fromLeft: number;
  readonly fromRight: number;
}

/**
 * Where each cavity is seen in a view with the lock up; null when no layout was given, since a guessed face misleads.
 * The mating view is the wire view mirrored left to right. Pins beyond the layout have no place.
 */
export function placesOf(connector: Connector, view: FaceView): readonly Place[] | null {
  const { layout } = connector;
  if (layout === null) return null;
  const width = Math.max(0, ...layout.rows.map((row) => row.offset + row.places));
  const slots = layout.rows.flatMap((row, r) => Array.from({ length: row.places }, (_, i) => ({ row: r, column: row.offset + i })));
  return pinsInOrder(connector).flatMap((pin, index) => {
    const slot = slots[index];
    if (slot === undefined) return [];
    return [{ pin, row: slot.row, column: view === layout.view ? slot.column : width - 1 - slot.column }];
  });
}

/** The locator of one cavity in a view, lock up; null without a layout or a place in it. */
export function locate(connector: Connector, pin: PinId, view: FaceView): Locator | null {
  const places = placesOf(connector, view);
  const here = places?.find((place) => place.pin.id === pin);
  if (!places || here === undefined || connector.layout === null) return null;
  const row = places.filter((place) => place.row === here.row).map((place) => place.column).sort((a, b) => a - b);
  const index = row.indexOf(here.column);
  invariant(index >= 0, "a place is in its own row");
  return { row: here.row + 1, rows: connector.layout.rows.length, fromLeft: index + 1, fromRight: row.length - index };
}
