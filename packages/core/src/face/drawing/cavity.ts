import type { WireColour } from "../../colour/index.ts";
import type { Blank } from "../../model/index.ts";
import { area, band, circle, hatch, line, rect, words, type DrawnCavity, type Shape } from "./shapes.ts";

/** What a cavity holds, for drawing. `readings`: the colour, or two while it is in doubt which. */
export interface CavityLook {
  readonly state: "unknown" | "empty" | "occupied" | "vacated" | "plugged";
  readonly readings: readonly WireColour[];
  /** mm², null when not known. */
  readonly size: number | null;
  readonly doubt: boolean;
  /** Colours of further wires in the same terminal; null where not known. */
  readonly more: readonly (WireColour | null)[];
}
export const UNKNOWN_LOOK: CavityLook = {
  state: "unknown",
  readings: [],
  size: null,
  doubt: false,
  more: [],
};

export interface CavityMarks {
  /** The colour code to print instead of the wire; empty for the drawn wire. */
  readonly code: string;
  readonly inHand: boolean;
  readonly twin: boolean;
  /** A meter shows voltage in it. */
  readonly live: boolean;
  readonly keepOut: boolean;
  readonly blank: Blank;
  /** Contact of the other gender than its shell's. */
  readonly reversed: boolean;
  /** Count from the nearer end of the row, along the way to the cavity in hand. */
  readonly count: number | null;
}

type Box = DrawnCavity["box"];

/** Size of a label that still fits a cavity: above its wire in an upright one, beside it in a wide one. Below 11 it is not drawn. */
export function labelSize(w: number, h: number, label: string): number {
  const letters = 0.61 * Math.max(1, Math.min(label.length, 5));
  return w > h ? Math.min(h * 0.62, (w * 0.48 - 4) / letters, 30) : Math.min(h * 0.38, (w - 3) / letters, 30);
}
export const LEGIBLE = 11;

/** Radius of a wire's end for a conductor of so many mm² in a cavity so wide. */
const wireRadius = (size: number | null, w: number): number =>
  Math.min(0.36, 0.2 + Math.sqrt(size ?? 0.5) / 11) * w;

/** Edges of two stripes on a wire's end, in radii. */
const TWO_STRIPES = [
  [-0.6, -0.1],
  [0.14, 0.6],
] as const;

/**
 * Where a cavity's wire is drawn, in shares of its box, how much room it has, and where the hatch begins: the label is
 * beside the wire in a wide cavity, above it in an upright one, and the hatch leaves it alone.
 */
function roomFor(w: number, h: number, legible: boolean) {
  if (!legible) return { along: 0.5, down: 0.5, room: Math.min(w, h), free: 0, over: 0 };
  if (w > h) return { along: 0.74, down: 0.5, room: Math.min(h, w * 0.5), free: w * 0.48, over: 0 };
  return { along: 0.5, down: 0.65, room: Math.min(w, h * 0.62), free: 0, over: h * 0.4 };
}

/** One cavity: its frame, its label, and what is in it. */
export function drawCavity(
  label: string,
  box: Box,
  look: CavityLook,
  marks: CavityMarks,
  legible: boolean,
): Pick<DrawnCavity, "wire" | "shapes"> {
  const { x, y, w, h } = box;
  const gap = Math.min(2, w * 0.06);
  const size = labelSize(w, h, label);
  const wide = w > h;
  const { along, down, room, free, over } = roomFor(w, h, legible);
  const wire = { x: x + w * along, y: y + h * down, r: wireRadius(look.size, room) };
  const shapes: Shape[] = [
    rect(
      x + gap,
      y + gap,
      w - 2 * gap,
      h - 2 * gap,
      "cavity",
      look.state === "empty" ? "rule" : "ink",
      marks.inHand ? 3.5 : 1.1,
    ),
  ];

  if (marks.keepOut)
    shapes.push(
      ...hatch(
        x + gap + free,
        y + gap + over,
        w - 2 * gap - free,
        h - 2 * gap - over,
        Math.max(5, w / 5),
        "ink",
        1.1,
      ),
    );
  if (marks.inHand && legible)
    shapes.push(
      wide
        ? rect(x + gap, y + gap, w * 0.49, h - 2 * gap, "ink", null, 0)
        : rect(x + gap, y + gap, w - 2 * gap, h * 0.38, "ink", null, 0),
    );
  if (marks.twin) shapes.push(rect(x - 1, y - 1, w + 2, h + 2, null, "ink", 2.5, "6 4"));
  const plain = look.state === "empty" ? "ink2" : "ink";
  if (legible)
    shapes.push(
      words(
        x + w * (wide ? 0.26 : 0.5),
        y + h * (wide ? 0.5 : 0.215) + size * 0.35,
        label.length > 5 ? `${label.slice(0, 4)}…` : label,
        size,
        marks.inHand ? "on-ink" : plain,
      ),
    );
  // In grey two colours look alike: on paper the code stands where the wire is drawn on the screen.
  const code = look.state === "occupied" ? marks.code : "";
  if (code === "")
    shapes.push(
      ...content(look, wire, wide && legible ? Math.min(w * 0.62, h) : Math.min(w, h), marks.blank),
    );
  else {
    const room = wide ? w * 0.42 : w * 0.8;
    const tall = Math.min(h * 0.3, room / (Math.max(2, code.length) * 0.62));
    shapes.push(words(wire.x, wire.y + tall * 0.35, code, tall, "ink"));
  }
  if (marks.reversed)
    shapes.push(rect(x + w - gap - w * 0.24, y + h - gap - w * 0.24, w * 0.2, w * 0.2, "ink", null, 0));
  if (marks.live) {
    const tall = Math.max(8, Math.min(w, h) * 0.36);
    const left = marks.reversed ? x + gap + 1 : x + w - gap - tall * 0.8 - 1;
    shapes.push(bolt(left, y + h - gap - tall - 1, tall));
  }
  if (marks.count !== null && legible && Math.min(w, h) >= 40)
    shapes.push(
      words(
        wide ? x + w - gap - 3 : x + gap + 3,
        y + h - gap - 3,
        String(marks.count),
        Math.max(12, Math.min(w, h) * 0.24),
        "ink2",
        wide ? "end" : "start",
        "label",
      ),
    );
  if (marks.inHand && !legible) shapes.push(rect(x - 1.5, y - 1.5, w + 3, h + 3, null, "ink", 3));
  return { wire, shapes };
}

/** The sign of voltage (after ISO 7010 W012), so tall. */
const bolt = (x: number, y: number, tall: number): Shape =>
  area(
    BOLT.map(([across, down]) => [x + across * tall * 0.8, y + down * tall] as const),
    "ink",
    "cavity",
    1,
  );
const BOLT = [
  [0.66, 0],
  [0.08, 0.58],
  [0.46, 0.58],
  [0.3, 1],
  [0.94, 0.36],
  [0.54, 0.36],
] as const;

function content(
  look: CavityLook,
  { x, y, r }: DrawnCavity["wire"],
  extent: number,
  blank: Blank,
): readonly Shape[] {
  const arm = extent * 0.19;
  const cross = [
    line(
      [
        [x - arm, y - arm],
        [x + arm, y + arm],
      ],
      "rule",
      1.3,
    ),
    line(
      [
        [x + arm, y - arm],
        [x - arm, y + arm],
      ],
      "rule",
      1.3,
    ),
  ];
  switch (look.state) {
    case "occupied":
      return [
        ...look.more
          .slice(0, 2)
          .flatMap((colour, i) =>
            wireEnd(
              colour === null ? [] : [colour],
              x + r * (i === 0 ? 0.95 : -0.95),
              y - r * 0.55,
              r * 0.72,
              false,
            ),
          ),
        ...wireEnd(look.readings, x, y, r, look.doubt),
      ];
    case "empty":
      // Open: a cross. Membrane: the cross behind a skin. Plug: a closed ring with a cross in it.
      if (blank === "open") return cross;
      return blank === "membrane"
        ? [...cross, circle(x, y, arm * 1.45, null, "rule", 1.2)]
        : [circle(x, y, arm * 1.3, "shell2", "ink", 1.2), ...cross];

    case "vacated":
      return [circle(x, y, arm * 1.1, null, "ink", 1.6, "3 3")];
    case "plugged":
      return [circle(x, y, arm * 1.15, "ink", null, 0), circle(x, y, arm * 0.45, "cavity", null, 0)];
    case "unknown":
      return [words(x, y + extent * 0.12, "?", Math.max(9, extent * 0.34), "ink2")];
  }
}

/** The cut end of a wire: base, stripes as bands, tracer marks as a ring; dotted round it while it is in doubt. */
function wireEnd(
  readings: readonly WireColour[],
  x: number,
  y: number,
  r: number,
  doubt: boolean,
): readonly Shape[] {
  const [first, second] = readings;
  if (first === undefined) return [circle(x, y, r, null, "ink", 1.5, "2 3")];
  const shapes: Shape[] = [circle(x, y, r, { insulation: first.base }, "wire-edge", 1.2)];
  if (second !== undefined) {
    shapes.push(band(x, y, r, 0, r, 90, { insulation: second.base }));
    shapes.push(
      line(
        [
          [x, y - r],
          [x, y + r],
        ],
        "wire-edge",
        1,
      ),
    );
  } else {
    first.stripes.forEach((stripe, i) => {
      const [from, to] = first.stripes.length === 1 ? [-0.28, 0.28] : (TWO_STRIPES[i] ?? [0.14, 0.6]);
      shapes.push(band(x, y, r, from * r, to * r, -30, { insulation: stripe }));
    });
    if (first.rings !== null)
      shapes.push(circle(x, y, r * 0.55, null, { insulation: first.rings.colour }, Math.max(1.5, r * 0.16)));
  }
  shapes.push(circle(x, y, r, null, "wire-edge", 1.2));
  if (doubt) shapes.push(circle(x, y, r + 2.5, null, "ink", 2, "1.5 3"));
  return shapes;
}
