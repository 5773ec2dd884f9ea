import type { PinId } from "../../model/index.ts";
import { locateAll, type Located } from "../locator.ts";
import { boundsOf, isSideways, seenFrom, slotsOf, type Face, type Hold } from "../slots.ts";
import { body, bridges, markShapes, PAD, ribs, rowEnds, rowNumbers, TALL, type Px, type SeenPlace } from "./around.ts";
import { drawCavity, labelSize, LEGIBLE, UNKNOWN_LOOK, type CavityLook } from "./cavity.ts";
import type { DrawnCavity, FaceDrawing } from "./shapes.ts";

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
  const px: Px = (point) => { const seen = see(point); return [left + seen.x * sx, top + seen.y * sy]; };
  const places = located.map((place): SeenPlace => {
    const [w, h] = [(sideways ? place.slot.h : place.slot.w) * pitch * (round ? 1 : stretch), (sideways ? place.slot.w : place.slot.h) * pitch * tall];
    return { ...place, box: { x: left + place.x * sx - w / 2, y: top + place.y * sy - h / 2, w, h } };
  });
  const hand = places.find((place) => place.pin !== null && place.pin.id === options.inHand);
  const cavities = places.map((place): DrawnCavity => {
    const { box } = place;
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
      ...(options.list === true ? [] : markShapes(shell, hold, px, pitch, options.bare !== true)), ...body(shell, px, sx, pitch, options.list === true), ...ribs(shell, px, pitch),
      ...(options.counting === true && !round && legible ? rowNumbers(places, sideways, { left, bottom, pad: PAD * pitch }) : []),
      ...(legible || round || sideways || options.bare === true ? [] : rowEnds(places)),
    ],
    front: bridges(shell, cavities, pitch),
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
