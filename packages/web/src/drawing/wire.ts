import type { ColourName } from "@trevin/core";

export interface Point {
  readonly x: number;
  readonly y: number;
}

const TOKENS: Readonly<Record<ColourName, string>> = {
  black: "bk",
  white: "wh",
  grey: "gy",
  red: "rd",
  orange: "og",
  yellow: "ye",
  green: "gn",
  blue: "bu",
  violet: "vt",
  brown: "bn",
  pink: "pk",
  turquoise: "tq",
  gold: "gd",
  silver: "sv",
  "light green": "lg",
  "dark green": "dg",
  "light blue": "lb",
  "sky blue": "sb",
  "dark blue": "db",
  tan: "tn",
  beige: "be",
  natural: "nt",
  "dark brown": "db2",
  lavender: "la",
};

export const insulation = (name: ColourName): string => `var(--w-${TOKENS[name]})`;

/** Drawn width in px for a conductor of so many mm²; unknown sizes are drawn as 0.5. */
export function wireWidth(size: number | null): number {
  const mm2 = size ?? 0.5;
  const steps: readonly (readonly [number, number])[] = [
    [0.35, 5.5],
    [0.5, 6.5],
    [0.75, 8],
    [1.25, 10],
    [1.5, 11],
    [2, 13],
    [4, 15],
    [6, 17],
  ];
  return steps.find(([limit]) => mm2 <= limit * 1.02)?.[1] ?? 19;
}

export const pathOf = (points: readonly Point[]): string =>
  points.map(({ x, y }, i) => `${i === 0 ? "M" : "L"}${x.toFixed(1)} ${y.toFixed(1)}`).join("");

/** Points of a cubic curve, ends included. */
export function curve(a: Point, b: Point, c: Point, d: Point, steps = 24): readonly Point[] {
  return Array.from({ length: steps + 1 }, (_, i) => {
    const t = i / steps;
    const s = 1 - t;
    const mix = (k: "x" | "y"): number =>
      s * s * s * a[k] + 3 * s * s * t * b[k] + 3 * s * t * t * c[k] + t * t * t * d[k];
    return { x: mix("x"), y: mix("y") };
  });
}

/** A walker along a polyline: position and unit normal at a length. */
function walker(points: readonly Point[]): {
  readonly length: number;
  readonly at: (s: number, offset: number) => Point;
} {
  const marks = [0];
  for (let i = 1; i < points.length; i++) {
    const a = points[i - 1]!;
    const b = points[i]!;
    marks.push(marks[i - 1]! + Math.hypot(b.x - a.x, b.y - a.y));
  }
  const length = marks.at(-1) ?? 0;
  const at = (s: number, offset: number): Point => {
    const clamped = Math.min(Math.max(s, 0), length);
    let i = marks.findIndex((mark) => mark > clamped);
    if (i <= 0) i = points.length - 1;
    const a = points[i - 1]!;
    const b = points[i]!;
    const run = marks[i]! - marks[i - 1]! || 1;
    const t = (clamped - marks[i - 1]!) / run;
    const [dx, dy] = [(b.x - a.x) / run, (b.y - a.y) / run];
    return { x: a.x + (b.x - a.x) * t - dy * offset, y: a.y + (b.y - a.y) * t + dx * offset };
  };
  return { length, at };
}

/**
 * Stripe bands along a wire: each a true half turn round the insulation, so that the band leans and thins at the edges as a
 * spiral does. `phase` in pitches sets a second stripe half a pitch later. Gives SVG path data.
 */
export function stripePath(points: readonly Point[], width: number, phase = 0): string {
  const line = walker(points);
  const pitch = Math.max(3.3 * width, 19);
  const lean = 0.4 * pitch;
  const band = Math.max(0.72 * width, 3.6);
  const steps = 8;
  let path = "";
  for (let start = (phase - 1) * pitch + 0.35 * pitch; start < line.length; start += pitch) {
    const edge = (shift: number): Point[] =>
      Array.from({ length: steps + 1 }, (_, i) =>
        line.at(start + shift + (lean * i) / steps, (width / 2) * Math.cos((Math.PI * i) / steps)),
      );
    if (start + lean + band <= 0) continue;
    path += `${pathOf([...edge(0), ...edge(band).reverse()])}Z`;
  }
  return path;
}

/** Pairs of rings round a wire, for tracer marks. */
export function ringPath(points: readonly Point[], width: number): string {
  const line = walker(points);
  const pitch = Math.max(5 * width, 40);
  let path = "";
  for (let s = pitch * 0.45; s < line.length; s += pitch) {
    for (const shift of [0, Math.max(4, width * 0.45)])
      path += pathOf([line.at(s + shift, -width / 2), line.at(s + shift, width / 2)]);
  }
  return path;
}
