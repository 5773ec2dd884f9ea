import type { ColourName } from "../../colour/index.ts";
import type { PinId } from "../../model/index.ts";

/** A paint by its role on the sheet, or the insulation of a wire. The screen gives them light and dark values, a printed file fixed ones. */
export type Paint =
  | "ink"
  | "ink2"
  | "rule"
  | "shell"
  | "shell2"
  | "cavity"
  | "sheet"
  | "on-ink"
  | "wire-edge"
  | { readonly insulation: ColourName };

/** What a drawing is made of; lengths in px. */
export type Shape =
  | {
      readonly kind: "path";
      readonly d: string;
      readonly fill: Paint | null;
      readonly stroke: Paint | null;
      readonly width: number;
      readonly dash?: string | undefined;
    }
  | {
      readonly kind: "circle";
      readonly x: number;
      readonly y: number;
      readonly r: number;
      readonly fill: Paint | null;
      readonly stroke: Paint | null;
      readonly width: number;
      readonly dash?: string | undefined;
    }
  | {
      readonly kind: "text";
      readonly x: number;
      readonly y: number;
      readonly text: string;
      readonly size: number;
      readonly fill: Paint;
      readonly anchor: "start" | "middle" | "end";
      readonly font: "code" | "label";
    };

export interface DrawnCavity {
  readonly label: string;
  readonly pin: PinId | null;
  readonly box: { readonly x: number; readonly y: number; readonly w: number; readonly h: number };
  /** Where its wire goes in, and how thick it is drawn. */
  readonly wire: { readonly x: number; readonly y: number; readonly r: number };
  readonly shapes: readonly Shape[];
}

/** A face as drawn: the shell behind, then each cavity, then what lies over them. `legible`: cavities are wide enough for their labels. */
export interface FaceDrawing {
  readonly width: number;
  readonly height: number;
  readonly pitch: number;
  readonly legible: boolean;
  readonly shell: readonly Shape[];
  readonly cavities: readonly DrawnCavity[];
  readonly front: readonly Shape[];
}

const n = (value: number): string => String(Math.round(value * 10) / 10);
export const rect = (
  x: number,
  y: number,
  w: number,
  h: number,
  fill: Paint | null,
  stroke: Paint | null,
  width: number,
  dash?: string,
): Shape => ({ kind: "path", d: `M${n(x)} ${n(y)}h${n(w)}v${n(h)}h${n(-w)}z`, fill, stroke, width, dash });
export const line = (
  points: readonly (readonly [x: number, y: number])[],
  stroke: Paint,
  width: number,
  dash?: string,
): Shape => ({
  kind: "path",
  d: points.map(([x, y], i) => `${i === 0 ? "M" : "L"}${n(x)} ${n(y)}`).join(""),
  fill: null,
  stroke,
  width,
  dash,
});
export const area = (
  points: readonly (readonly [x: number, y: number])[],
  fill: Paint | null,
  stroke: Paint | null,
  width: number,
  dash?: string,
): Shape => ({
  kind: "path",
  d: `${points.map(([x, y], i) => `${i === 0 ? "M" : "L"}${n(x)} ${n(y)}`).join("")}Z`,
  fill,
  stroke,
  width,
  dash,
});
export const circle = (
  x: number,
  y: number,
  r: number,
  fill: Paint | null,
  stroke: Paint | null,
  width: number,
  dash?: string,
): Shape => ({ kind: "circle", x, y, r, fill, stroke, width, dash });
export const words = (
  x: number,
  y: number,
  text: string,
  size: number,
  fill: Paint = "ink",
  anchor: "start" | "middle" | "end" = "middle",
  font: "code" | "label" = "code",
): Shape => ({ kind: "text", x, y, text, size, fill, anchor, font });

/** A band across a circle: what a stripe looks like on the cut end of a wire. Distances from the centre across the band, turned by `degrees`. */
export function band(
  x: number,
  y: number,
  r: number,
  from: number,
  to: number,
  degrees: number,
  fill: Paint,
): Shape {
  const turn = (degrees * Math.PI) / 180;
  const at = (d: number, side: 1 | -1): string => {
    const half = Math.sqrt(Math.max(0, r * r - d * d)) * side;
    return `${n(x + half * Math.cos(turn) - d * Math.sin(turn))} ${n(y + half * Math.sin(turn) + d * Math.cos(turn))}`;
  };
  return {
    kind: "path",
    d: `M${at(from, -1)}L${at(from, 1)}A${n(r)} ${n(r)} 0 0 1 ${at(to, 1)}L${at(to, -1)}A${n(r)} ${n(r)} 0 0 1 ${at(from, -1)}Z`,
    fill,
    stroke: null,
    width: 0,
  };
}

/** Strokes slanting through a box, cut at its edges. */
export function hatch(
  x: number,
  y: number,
  w: number,
  h: number,
  step: number,
  stroke: Paint,
  width: number,
): readonly Shape[] {
  const strokes: Shape[] = [];
  for (let c = step / 2; c < w + h; c += step) {
    const [x0, y0] = c <= h ? [x, y + c] : [x + c - h, y + h];
    const [x1, y1] = c <= w ? [x + c, y] : [x + w, y + c - w];
    strokes.push(
      line(
        [
          [x0, y0],
          [x1, y1],
        ],
        stroke,
        width,
      ),
    );
  }
  return strokes;
}
