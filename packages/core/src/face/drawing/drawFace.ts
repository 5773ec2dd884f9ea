import type { PinId, Shell } from "../../model/index.ts";
import { locateAll, type Located } from "../locator.ts";
import { boundsOf, isSideways, seenFrom, slotsOf, type Face, type Hold } from "../slots.ts";
import { drawCavity, labelSize, LEGIBLE, UNKNOWN_LOOK, type CavityLook } from "./cavity.ts";
import { bodyOutline, ribFoot } from "./outline.ts";
import { area, circle, line, words, type DrawnCavity, type FaceDrawing, type Shape } from "./shapes.ts";

export interface DrawFaceOptions {
  readonly hold: Hold;
  /** Widest that the drawing may be, and widest that a small cavity may be, in px. */
  readonly width: number;
  readonly maxPitch: number;
  /** Tallest that the drawing may be, in px; not bounded when left out. */
  readonly height?: number | undefined;
  readonly looks: ReadonlyMap<PinId, CavityLook>;
  readonly inHand?: PinId | null | undefined;
  readonly twins?: readonly PinId[] | undefined;
  readonly keepOut?: boolean | undefined;
  /** Row numbers beside the rows, and counts along the way to the cavity in hand. */
  readonly counting?: boolean | undefined;
  /** Not a face but a list in rows: no mark, and a dashed edge. */
  readonly list?: boolean | undefined;
  /** For a thumbnail: no words but what fits into the cavities. */
  readonly bare?: boolean | undefined;
  /** Labels are never left out; used where the drawing is looked at through a window. */
  readonly always?: boolean | undefined;
}

const TALL = 1.26;
const PAD = 0.25;
/** Room for the mark's tab, in px. */
const TAB = 26;

/** A face as it is seen in a hold, fitted into a width. */
export function drawFace(face: Face, options: DrawFaceOptions): FaceDrawing {
  const { shell } = face;
  const { hold } = options;
  const round = shell.pattern.kind === "rings";
  const own = boundsOf(slotsOf(shell));
  const see = seenFrom(shell, hold);
  const sideways = isSideways(hold.grip);
  const [spanX, spanY] = sideways ? [own.bottom - own.top, own.right - own.left] : [own.right - own.left, own.bottom - own.top];
  // Cavities are upright, or lie down with a part that is held sideways; round ones are as wide as they are high.
  const stretch = round || sideways ? TALL : 1;
  const tall = round || !sideways ? TALL : 1;
  const located = locateAll(face, hold);
  /** The pitch that leaves room for the mark's tab and what stands beside the rows, and whether labels fit it. */
  const fit = (gutter: number): { readonly gutter: number; readonly pitch: number; readonly legible: boolean } => {
    const pitch = Math.min(options.maxPitch, ((options.height ?? Infinity) - TAB - 24) / (spanY * tall + 2 * PAD), (options.width - 2 * gutter - (sideways ? TAB + 44 : 8)) / (spanX * stretch + 2 * PAD));
    const smallest = Math.min(...located.map((place) => labelSize((sideways ? place.slot.h : place.slot.w) * pitch * (round ? 1 : stretch), (sideways ? place.slot.w : place.slot.h) * pitch * tall, place.label)));
    return { gutter, pitch, legible: options.always === true || smallest >= LEGIBLE };
  };
  const tight = fit(options.counting === true && !round ? 24 : 0);
  const { gutter, pitch, legible } = tight.legible || round || sideways || options.bare === true ? tight : fit(26);
  const [sx, sy] = [pitch * stretch, pitch * tall];
  const left = gutter + (hold.grip === "left" ? TAB + 40 : 4) + PAD * pitch;
  const top = (hold.grip === "up" && options.list !== true ? TAB : 12) + PAD * pitch + (round ? 4 : 0);
  const px = (point: { readonly x: number; readonly y: number }): readonly [number, number] => { const seen = see(point); return [left + seen.x * sx, top + seen.y * sy]; };
  const hand = located.find((place) => place.pin !== null && place.pin.id === options.inHand);
  const cavities = located.map((place): DrawnCavity => {
    const [w, h] = [(sideways ? place.slot.h : place.slot.w) * pitch * (round ? 1 : stretch), (sideways ? place.slot.w : place.slot.h) * pitch * tall];
    const box = { x: left + place.x * sx - w / 2, y: top + place.y * sy - h / 2, w, h };
    const look = place.pin === null ? UNKNOWN_LOOK : (options.looks.get(place.pin.id) ?? UNKNOWN_LOOK);
    const marks = {
      inHand: place === hand, twin: place.pin !== null && (options.twins ?? []).includes(place.pin.id), keepOut: options.keepOut === true, blank: shell.blank, reversed: shell.reversed.includes(place.label),
      count: options.counting === true && hand !== undefined ? countTo(place, hand) : null,
    };
    return { label: place.label, pin: place.pin?.id ?? null, box, ...drawCavity(place.label, box, look, marks, legible) };
  });
  const right = left + spanX * sx + PAD * pitch;
  const bottom = top + spanY * sy + PAD * pitch;
  return {
    width: Math.ceil(right + gutter + (hold.grip === "right" ? TAB + 40 : 4)),
    height: Math.ceil(bottom + (hold.grip === "down" ? TAB : 10) + (round ? 4 : 0)),
    pitch, legible, cavities,
    shell: [
      ...(options.list === true ? [] : markShapes(shell, hold, px, pitch, options.bare !== true)), ...body(shell, px, sx, pitch, options.list === true), ...ribs(shell, px, pitch), ...bridges(shell, cavities, pitch),
      ...(options.counting === true && !round && legible ? rowNumbers(located, cavities, sideways, { left, right, top, bottom, pad: PAD * pitch }) : []),
      ...(legible || round || sideways || options.bare === true ? [] : rowEnds(cavities, located)),
    ],
  };
}

/** How many places from the nearer end of its row a cavity stands, where it lies on the way to the one in hand. */
function countTo({ locator }: Located, hand: Located): number | null {
  if (locator.kind !== "line" || hand.locator.kind !== "line" || locator.line !== hand.locator.line) return null;
  const { place, places } = hand.locator;
  const fromStart = place <= places + 1 - place;
  if (fromStart ? locator.place > place : locator.place < place) return null;
  return fromStart ? locator.place : places + 1 - locator.place;
}

type Px = (point: { readonly x: number; readonly y: number }) => readonly [number, number];

function body(shell: Shell, px: Px, sx: number, pitch: number, dashed: boolean): readonly Shape[] {
  const outline = bodyOutline(shell, PAD);
  if (outline !== null) return [area(outline.map(([x, y]) => px({ x, y })), "shell", "ink", 2, dashed ? "7 4" : undefined)];
  const [cx, cy] = px({ x: 0, y: 0 });
  const reach = Math.max(...slotsOf(shell).map((slot) => Math.hypot(slot.x, slot.y))) * sx;
  return [circle(cx, cy, reach + pitch * 0.86, "shell", "ink", 2)];
}

function ribs(shell: Shell, px: Px, pitch: number): readonly Shape[] {
  if (shell.pattern.kind === "rings") return [];
  const bounds = boundsOf(slotsOf(shell));
  return shell.keying.map((key) => {
    const { foot, out } = ribFoot(key, bounds, PAD);
    const [x, y] = px({ x: foot[0], y: foot[1] });
    const [tx, ty] = px({ x: foot[0] + out[0], y: foot[1] + out[1] });
    const far = Math.hypot(tx - x, ty - y);
    const [ux, uy] = [(tx - x) / far, (ty - y) / far];
    const [half, reach] = [Math.max(3, pitch * 0.12), Math.max(4, pitch * 0.13)];
    return area([[x - uy * half, y + ux * half], [x - uy * half + ux * reach, y + ux * half + uy * reach], [x + uy * half + ux * reach, y - ux * half + uy * reach], [x + uy * half, y - ux * half]], "shell2", "ink", 1.2);
  });
}

/** The lock's tab, the key's slot, the dovetail or the wide side, on the side that they point to, with its word. */
function markShapes(shell: Shell, hold: Hold, px: Px, pitch: number, named: boolean): readonly Shape[] {
  const slots = slotsOf(shell);
  const bounds = boundsOf(slots);
  const first = shell.pattern.kind === "rows" ? boundsOf(slots.filter((slot) => slot.line === 0)) : bounds;
  const round = shell.pattern.kind === "rings";
  const reach = round ? Math.max(...slots.map((slot) => Math.hypot(slot.x, slot.y))) + 0.86 / TALL : 0;
  const [x, y] = round ? px({ x: 0, y: -reach }) : px({ x: (first.left + first.right) / 2, y: bounds.top - PAD });
  const [ux, uy] = { up: [0, -1], right: [1, 0], down: [0, 1], left: [-1, 0] }[hold.grip] as [number, number];
  const across = (half: number, out: number): readonly [number, number] => [x - uy * half + ux * out, y + ux * half + uy * out];
  const half = Math.min(Math.max(14, Math.min(pitch * 0.85, 46)), round ? Infinity : ((first.right - first.left) / 2 + PAD) * pitch * 0.9);
  const out = 18;
  const tab = (wide: number, narrow: number): readonly (readonly [number, number])[] => [across(wide, -4), across(narrow, out), across(-narrow, out), across(-wide, -4)];
  const shapes: Shape[] =
    shell.mark === "lock" ? [area(tab(half, half), "shell2", "ink", 1.5), line([across(half * 0.7, 7), across(-half * 0.7, 7)], "ink", 1), line([across(half * 0.7, 12), across(-half * 0.7, 12)], "ink", 1)]
    : shell.mark === "key" ? [area(tab(half * 0.4, half * 0.4), "ink", "ink", 1.2)]
    : shell.mark === "dovetail" ? [area(tab(half * 0.45, half * 0.8), "shell2", "ink", 1.5)]
    : [line([across(half * 2.2, 6), across(-half * 2.2, 6)], "ink", 4)];
  const upright = hold.grip === "up" || hold.grip === "down";
  const [wx, wy] = upright ? across((shell.mark === "wide side" ? half * 2.2 : half) * (hold.grip === "up" ? 1 : -1) + (hold.grip === "up" ? 7 : -7), out / 2) : across(0, out + 5);
  if (named) shapes.push(words(wx, wy + 5, shell.mark, 14, "ink", hold.grip === "left" ? "end" : "start", "label"));
  return shapes;
}

/** A bar through the cavities that the mated half joins. */
function bridges(shell: Shell, cavities: readonly DrawnCavity[], pitch: number): readonly Shape[] {
  return shell.joined.flatMap((group) => {
    const members = group.flatMap((label) => cavities.find((cavity) => cavity.label === label) ?? []).sort((a, b) => a.box.y - b.box.y || a.box.x - b.box.x);
    const foot = (cavity: DrawnCavity): readonly [number, number] => [cavity.box.x + cavity.box.w / 2, cavity.box.y + cavity.box.h - 1];
    const rows = [...new Set(members.map((one) => Math.round(one.box.y)))].map((y) => members.filter((one) => Math.round(one.box.y) === y));
    const bars = rows.flatMap((row) => (row.length > 1 ? [line([foot(row[0]!), foot(row.at(-1)!)], "ink", Math.max(3, pitch * 0.11))] : []));
    const risers = rows.slice(1).map((row, i) => line([foot(rows[i]![0]!), foot(row[0]!)], "ink", Math.max(3, pitch * 0.11)));
    return [...bars, ...risers];
  });
}

function rowNumbers(located: readonly Located[], cavities: readonly DrawnCavity[], sideways: boolean, edge: { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number; readonly pad: number }): readonly Shape[] {
  const firsts = located.flatMap((place, i) => (place.locator.kind === "line" && place.locator.place === 1 ? [{ n: place.locator.line, box: cavities[i]!.box }] : []));
  return firsts.map(({ n, box }) => (sideways ? words(box.x + box.w / 2, edge.bottom + 16, String(n), 14, "ink2", "middle", "label") : words(edge.left - edge.pad - 8, box.y + box.h / 2 + 5, String(n), 14, "ink2", "end", "label")));
}

/** The labels of both ends of each row, where the cavities are too small for their own. */
function rowEnds(cavities: readonly DrawnCavity[], located: readonly Located[]): readonly Shape[] {
  return located.flatMap(({ locator, label }, i) => {
    if (locator.kind !== "line" || (locator.place !== 1 && locator.place !== locator.places) || locator.places < 2) return [];
    const { box } = cavities[i]!;
    const first = locator.place === 1;
    return [words(first ? box.x - 9 : box.x + box.w + 9, box.y + box.h / 2 + 5, label, 12, "ink2", first ? "end" : "start")];
  });
}
