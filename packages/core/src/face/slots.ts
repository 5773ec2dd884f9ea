import {
  pinsInOrder,
  type Connector,
  type FaceView,
  type Grip,
  type Pin,
  type PinId,
  type Shell,
} from "../model/index.ts";
import { once } from "../util/index.ts";
import { ringLabels, rowLabels } from "./numbering.ts";

/** A cavity of a shell: centre and extent in units of its smallest cavity, in the shell's own view with the mark up. */
export interface Slot {
  /** Null where the shell prints none and the pin table gives it. */
  readonly label: string | null;
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
  /** Row from the mark's side down, or ring from outside in; from 0. */
  readonly line: number;
}

/** How the part is held. */
export interface Hold {
  readonly view: FaceView;
  readonly grip: Grip;
}

/** How wide a cavity is drawn for a contact of so many mm, beside one of 0.64 mm (common practice, no source). */
function extent(size: number | null): number {
  if (size === null || size <= 0.8) return 1;
  if (size <= 1.6) return 1.25;
  if (size <= 3) return 1.55;
  if (size <= 5) return 1.9;
  return size <= 6.5 ? 2.3 : 2.8;
}

const RING_STEP = 1.35;
const FLAT = { w: 1.35, h: 0.75 };
const ROUND = 1e-6;

/** Every cavity of a shell in geometric order: row by row from the top left, or ring by ring. Empty for a part without a face. */
export const slotsOf = once(({ pattern }: Shell): readonly Slot[] => {
  switch (pattern.kind) {
    case "none":
      return [];
    case "points": {
      const smallest = Math.min(...pattern.points.map((point) => extent(point.size)));
      const lines = linesOf(pattern.points.map((point) => point.y));
      return pattern.points.map(({ label, x, y, size, blade }, i) => {
        const own = extent(size) / smallest;
        // A blade that lies flat has a cavity that lies too.
        return {
          label,
          x,
          y,
          w: own * (blade === "flat" ? FLAT.w : 1),
          h: own * (blade === "flat" ? FLAT.h : 1),
          line: lines[i] ?? 0,
        };
      });
    }
    case "rings":
      return ringSlots(pattern);
    case "rows": {
      const labels = rowLabels(pattern.rows, pattern.numbering);
      const smallest = Math.min(...pattern.rows.map((row) => extent(row.size)));
      let top = 0;
      return pattern.rows.flatMap((row, line) => {
        const w = extent(row.size) / smallest;
        const h = Math.min(w, 1.6);
        const y = top + h / 2;
        top += h;
        return Array.from({ length: row.places }, (_, i): Slot => ({
          label: labels[line]?.[i] ?? null,
          x: row.offset + (i + 0.5) * w,
          y,
          w,
          h,
          line,
        }));
      });
    }
  }
});

function ringSlots(pattern: Extract<Shell["pattern"], { kind: "rings" }>): readonly Slot[] {
  const labels = ringLabels(pattern);
  const radii: number[] = [];
  let inner = 0;
  for (const ring of [...pattern.rings].reverse()) {
    const chord = ring.places <= 1 ? 0 : RING_STEP / 2 / Math.sin(Math.PI / ring.places);
    inner = radii.length === 0 ? chord : Math.max(chord, inner + RING_STEP);
    radii.unshift(inner);
  }
  return pattern.rings.flatMap((ring, line) =>
    Array.from({ length: ring.places }, (_, i): Slot => {
      const turn =
        ((ring.at + ((pattern.direction === "clockwise" ? 1 : -1) * 360 * i) / ring.places) * Math.PI) / 180;
      const radius = radii[line] ?? 0;
      return {
        label: labels[line]?.[i] ?? null,
        x: radius * Math.sin(turn),
        y: -radius * Math.cos(turn),
        w: 1,
        h: 1,
        line,
      };
    }),
  );
}

/** Rows of centres that stand level, from the top. */
function linesOf(ys: readonly number[]): readonly number[] {
  const levels: number[] = [];
  for (const y of [...ys].sort((a, b) => a - b)) if (y - (levels.at(-1) ?? -Infinity) > 0.3) levels.push(y);
  return ys.map((y) => levels.findLastIndex((level) => y >= level - ROUND));
}

/** What surrounds the cavities, in the shell's own frame. */
export interface Bounds {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}
export function boundsOf(slots: readonly Slot[]): Bounds {
  return {
    left: Math.min(...slots.map((slot) => slot.x - slot.w / 2)),
    right: Math.max(...slots.map((slot) => slot.x + slot.w / 2)),
    top: Math.min(...slots.map((slot) => slot.y - slot.h / 2)),
    bottom: Math.max(...slots.map((slot) => slot.y + slot.h / 2)),
  };
}

/** A point of the shell's own frame as it is seen in a hold: mirrored when the other side is looked at, then turned with the grip; the top left of what is seen is 0, 0. */
export function seenFrom(
  shell: Shell,
  { view, grip }: Hold,
): (point: { readonly x: number; readonly y: number }) => { readonly x: number; readonly y: number } {
  const { left, top, right, bottom } = boundsOf(slotsOf(shell));
  const [width, height] = [right - left, bottom - top];
  return (point) => {
    const x = view === shell.view ? point.x - left : right - point.x;
    const y = point.y - top;
    if (grip === "up") return { x, y };
    if (grip === "right") return { x: height - y, y: x };
    return grip === "down" ? { x: width - x, y: height - y } : { x: y, y: width - x };
  };
}

export const isSideways = (grip: Grip): boolean => grip === "left" || grip === "right";

/** A cavity of a connector with the pin in it. */
export interface Place {
  readonly slot: Slot;
  readonly label: string;
  /** Null when the pin table does not mention this cavity. */
  readonly pin: Pin | null;
}

/** The cavities of a connector with their pins, and the pins that its shell has no cavity for. */
export interface Face {
  readonly shell: Shell;
  readonly places: readonly Place[];
  readonly unplaced: readonly Pin[];
}

const plainLabel = (label: string): string =>
  label
    .trim()
    .toUpperCase()
    .replace(/^0+(?=\d)/, "");

/** How many cavities a connector has: those of its shell where that is known, else as many as its table. */
export const cavityCount = (connector: Pick<Connector, "shell" | "pins">): number => {
  const face = faceOf(connector);
  return Math.max(connector.pins.length, face === null ? 0 : face.places.length + face.unplaced.length);
};

/** Whether a plug has cavities that its table does not have: what is in them is not known, and it is never taken for empty. */
export const isPartlyRecorded = (connector: Pick<Connector, "shell" | "pins">): boolean =>
  cavityCount(connector) > connector.pins.length;

/** The face of a connector; null while no shell is known or it has no face, since a guessed one misleads. */
export const faceOf = once((connector: Pick<Connector, "shell" | "pins">): Face | null => {
  const { shell } = connector;
  if (shell === null || shell.pattern.kind === "none") return null;
  const slots = slotsOf(shell);
  const pins = pinsInOrder(connector);
  const byLabel = new Map<string, Pin>();
  for (const pin of pins) if (!byLabel.has(plainLabel(pin.cavity))) byLabel.set(plainLabel(pin.cavity), pin);
  const listed = slots.every((slot) => slot.label === null);
  const places = slots.map((slot, index): Place => {
    const pin = listed ? pins[index] : byLabel.get(plainLabel(slot.label ?? ""));
    return { slot, label: pin?.cavity ?? slot.label ?? "", pin: pin ?? null };
  });
  const placed = new Set<PinId>(places.flatMap((place) => place.pin?.id ?? []));
  return { shell, places, unplaced: pins.filter((pin) => !placed.has(pin.id)) };
});
