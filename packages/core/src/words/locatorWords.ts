import type { FaceView, Locator } from "../model/index.ts";

const ordinal = (n: number): string => `${n}${n % 100 >= 11 && n % 100 <= 13 ? "th" : (["th", "st", "nd", "rd"][n % 10] ?? "th")}`;

/** "wire side, lock up: row 2 of 3, 4th from the left". */
export function locatorWords({ row, rows, fromLeft, fromRight }: Locator, view: FaceView): string {
  const side = view === "wire" ? "wire side" : "mating face";
  const which = rows === 1 ? "one row" : rows === 2 ? (row === 1 ? "top row" : "bottom row") : `row ${row} of ${rows}`;
  const place = fromLeft === 1 ? "left end" : fromRight === 1 ? "right end" : fromLeft <= fromRight ? `${ordinal(fromLeft)} from the left` : `${ordinal(fromRight)} from the right`;
  return `${side}, lock up: ${which}, ${place}`;
}
