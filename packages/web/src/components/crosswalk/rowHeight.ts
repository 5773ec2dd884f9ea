import type { CircuitRow } from "@trevin/core";

/** How high one wire stands in the list, in px. */
export const ROW_HEIGHT = 37;
export const rowHeight = (row: CircuitRow): number =>
  ROW_HEIGHT * Math.max(1, row.vehicle.length, row.incoming.length);
