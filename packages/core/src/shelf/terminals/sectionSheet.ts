import { area, drawnWords as words, line, rect, type Shape } from "../../face/index.ts";

export const [WIDTH, HEIGHT] = [520, 226];
/** The shell from the mating face to the wire side, its walls, and the bore between them. */
export const SHELL = { left: 90, right: 400, top: 52, bottom: 158 };
export const BORE = { top: 74, bottom: 136 };
export const BOX = { left: 112, right: 206, top: 91, bottom: 119 };
export const AXIS = 105;
/** Where the terminal is caught. */
export const CATCH = 232;

/** A number on the drawing. */
export const badge = (x: number, y: number, number: number): readonly Shape[] => [
  rect(x - 9, y - 10, 18, 20, "ink", null, 0),
  words(x, y + 5, String(number), 14, "on-ink"),
];
export const arrow = (from: readonly [number, number], to: readonly [number, number]): readonly Shape[] => {
  const turn = Math.atan2(to[1] - from[1], to[0] - from[0]);
  const wing = (angle: number): readonly [number, number] => [
    to[0] - 9 * Math.cos(turn + angle),
    to[1] - 9 * Math.sin(turn + angle),
  ];
  return [line([from, to], "ink", 2), area([to, wing(0.45), wing(-0.45)], "ink", null, 0)];
};
