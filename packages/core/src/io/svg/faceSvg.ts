import { NOMINAL_SRGB, type ColourName } from "../../colour/index.ts";
import type { FaceDrawing, Paint, Shape } from "../../face/index.ts";

/** Fixed values for paper: everything neutral but the insulation of wires. */
const PAPER: Readonly<Record<Extract<Paint, string>, string>> = {
  ink: "#1d1c1a",
  ink2: "#514e47",
  rule: "#807c71",
  shell: "#e9e6dd",
  shell2: "#cfcabd",
  cavity: "#ffffff",
  sheet: "#ffffff",
  "on-ink": "#ffffff",
  "wire-edge": "#2c2a27",
};
const paint = (value: Paint | null): string => {
  if (value === null) return "none";
  return typeof value === "string" ? PAPER[value] : insulation(value.insulation);
};
const insulation = (name: ColourName): string => NOMINAL_SRGB[name];

const escape = (text: string): string =>
  text
    .replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`)
    .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f]/g, "");
const n = (value: number): string => String(Math.round(value * 10) / 10);

function shapeSvg(shape: Shape): string {
  switch (shape.kind) {
    case "path":
      return `<path d="${shape.d}" fill="${paint(shape.fill)}"${stroke(shape)}/>`;
    case "circle":
      return `<circle cx="${n(shape.x)}" cy="${n(shape.y)}" r="${n(shape.r)}" fill="${paint(shape.fill)}"${stroke(shape)}/>`;
    case "text":
      return `<text x="${n(shape.x)}" y="${n(shape.y)}" font-size="${n(shape.size)}" text-anchor="${shape.anchor}" fill="${paint(shape.fill)}" font-family="${shape.font === "code" ? "Atkinson Hyperlegible Mono, monospace" : "Barlow Condensed, sans-serif"}" font-weight="${shape.font === "code" ? 700 : 500}">${escape(shape.text)}</text>`;
  }
}
const stroke = (shape: {
  readonly stroke: Paint | null;
  readonly width: number;
  readonly dash?: string | undefined;
}): string =>
  shape.stroke === null
    ? ""
    : ` stroke="${paint(shape.stroke)}" stroke-width="${n(shape.width)}" stroke-linejoin="round"${shape.dash === undefined ? "" : ` stroke-dasharray="${shape.dash}"`}`;

interface Title {
  readonly title: string;
  readonly subtitle: string;
}
/** Over the drawing stands connector, side in the hand, grip. */
export interface FaceSvgText extends Title {
  /** What stands in each cavity, in words, by its label. */
  readonly cavities: ReadonlyMap<string, string>;
}

const HEAD = 46;

/** A sheet with a title over a drawing: SVG 1.1, no fonts and no links needed, readable in black and white. */
function sheet(width: number, height: number, { title, subtitle }: Title, body: readonly string[]): string {
  return [
    `<?xml version="1.0" encoding="UTF-8"?>`,
    `<svg xmlns="http://www.w3.org/2000/svg" width="${n(width)}" height="${n(height + HEAD)}" viewBox="0 0 ${n(width)} ${n(height + HEAD)}" role="img" aria-label="${escape(title)}">`,
    `<rect width="${n(width)}" height="${n(height + HEAD)}" fill="#ffffff"/>`,
    `<text x="4" y="18" font-size="17" font-weight="600" font-family="Barlow Condensed, sans-serif" fill="${PAPER.ink}">${escape(title)}</text>`,
    `<text x="4" y="36" font-size="13" font-family="Atkinson Hyperlegible Next, sans-serif" fill="${PAPER.ink2}">${escape(subtitle)}</text>`,
    `<g transform="translate(0 ${HEAD})">`,
    ...body,
    "</g>",
    "</svg>",
    "",
  ].join("\n");
}

/** A face as a file of its own. */
export function faceSvg(drawing: FaceDrawing, text: FaceSvgText): string {
  const cavities = drawing.cavities.map(
    ({ label, shapes }) =>
      `<g><title>${escape(text.cavities.get(label) ?? label)}</title>${shapes.map(shapeSvg).join("")}</g>`,
  );
  return sheet(Math.max(drawing.width, 260), drawing.height, text, [
    drawing.shell.map(shapeSvg).join(""),
    ...cavities,
    drawing.front.map(shapeSvg).join(""),
  ]);
}

/** Any drawing of shapes as a file of its own. */
export const drawingSvg = (
  {
    width,
    height,
    shapes,
  }: { readonly width: number; readonly height: number; readonly shapes: readonly Shape[] },
  title: Title,
): string => sheet(Math.max(width, 260), height, title, [shapes.map(shapeSvg).join("")]);
