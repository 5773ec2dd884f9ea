import type { PinId } from "../../model/index.ts";
import { locateAll, type Located } from "../locator.ts";
import { boundsOf, isSideways, seenFrom, slotsOf, type Face, type Hold } from "../slots.ts";
import {
  body,
  bridges,
  markShapes,
  PAD,
  ribs,
  rowEnds,
  rowNumbers,
  TALL,
  type Px,
  type SeenPlace,
} from "./around.ts";
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
  /** Further pins that are marked like the one in hand: the others of one joint. */
  readonly also?: readonly PinId[] | undefined;
  readonly twins?: readonly PinId[] | undefined;
  /** Cavities in which a meter shows voltage. */
  readonly live?: readonly PinId[] | undefined;
  readonly keepOut?: boolean | undefined;
  /** Row numbers beside the rows, and counts along the way to the cavity in hand. */
  readonly counting?: boolean | undefined;
  /** Not a face but a list in rows: no mark, and a dashed edge. */
  readonly list?: boolean | undefined;
  /** For a thumbnail: no words but what fits into the cavities. */
  readonly bare?: boolean | undefined;
  /** Colour codes by pin, printed instead of the wires: for paper, where colours are grey. */
  readonly codes?: ReadonlyMap<PinId, string> | undefined;
  /** Labels are never left out; used where the drawing is looked at through a window. */
  readonly always?: boolean | undefined;
}

/** Room for the mark's tab, in px. */
const TAB = 26;

/** Where everything goes: scale, margins, and whether labels fit. Lengths in px. */
interface Sheet {
  readonly pitch: number;
  /** Pixels for one place along and down, and for the extent of a cavity in each. */
  readonly scale: { readonly x: number; readonly y: number };
  readonly cell: { readonly x: number; readonly y: number };
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
  readonly gutter: number;
  readonly legible: boolean;
}

/** Extent of a slot as seen, in places. */
const extentOf = ({ slot }: Located, sideways: boolean): { readonly w: number; readonly h: number } =>
  sideways ? { w: slot.h, h: slot.w } : slot;

/** Fits a face into its width and height. */
function sheetOf(face: Face, located: readonly Located[], options: DrawFaceOptions): Sheet {
  const { grip } = options.hold;
  const round = face.shell.pattern.kind === "rings";
  const sideways = isSideways(grip);
  const own = boundsOf(slotsOf(face.shell));
  const [spanX, spanY] = sideways
    ? [own.bottom - own.top, own.right - own.left]
    : [own.right - own.left, own.bottom - own.top];
  // Cavities are upright, or lie down with a part that is held sideways; round parts are as wide as they are high.
  const stretch = { x: round || sideways ? TALL : 1, y: round || !sideways ? TALL : 1 };
  const cell = { x: round ? 1 : stretch.x, y: stretch.y };
  const fit = (gutter: number): Pick<Sheet, "gutter" | "pitch" | "legible"> => {
    const forWidth = (options.width - 2 * gutter - (sideways ? TAB + 44 : 8)) / (spanX * stretch.x + 2 * PAD);
    const forHeight = ((options.height ?? Infinity) - TAB - 24) / (spanY * stretch.y + 2 * PAD);
    const pitch = Math.min(options.maxPitch, forWidth, forHeight);
    const labels = located.map((place) => {
      const { w, h } = extentOf(place, sideways);
      return labelSize(w * pitch * cell.x, h * pitch * cell.y, place.label);
    });
    return { gutter, pitch, legible: options.always === true || Math.min(...labels) >= LEGIBLE };
  };
  // Row numbers stand beside the rows; where labels do not fit, those of the rows' ends do.
  const counted = fit(options.counting === true && !round ? 24 : 0);
  const { gutter, pitch, legible } =
    counted.legible || round || sideways || options.bare === true ? counted : fit(26);
  const left = gutter + (grip === "left" ? TAB + 40 : 4) + PAD * pitch;
  const top = (grip === "up" && options.list !== true ? TAB : 12) + PAD * pitch + (round ? 4 : 0);
  const scale = { x: pitch * stretch.x, y: pitch * stretch.y };
  return {
    pitch,
    scale,
    cell: { x: pitch * cell.x, y: pitch * cell.y },
    left,
    top,
    right: left + spanX * scale.x + PAD * pitch,
    bottom: top + spanY * scale.y + PAD * pitch,
    gutter,
    legible,
  };
}

/** A face as it is seen in a hold, fitted into a width. */
export function drawFace(face: Face, options: DrawFaceOptions): FaceDrawing {
  const { shell } = face;
  const { hold } = options;
  const round = shell.pattern.kind === "rings";
  const sideways = isSideways(hold.grip);
  const located = locateAll(face, hold);
  const sheet = sheetOf(face, located, options);
  const { pitch, scale, left, top, bottom, legible } = sheet;
  const see = seenFrom(shell, hold);
  const px: Px = (point) => {
    const seen = see(point);
    return [left + seen.x * scale.x, top + seen.y * scale.y];
  };
  const places = located.map((place): SeenPlace => {
    const { w, h } = extentOf(place, sideways);
    const [width, height] = [w * sheet.cell.x, h * sheet.cell.y];
    return {
      ...place,
      box: {
        x: left + place.x * scale.x - width / 2,
        y: top + place.y * scale.y - height / 2,
        w: width,
        h: height,
      },
    };
  });
  const hand = places.find((place) => place.pin !== null && place.pin.id === options.inHand);
  const cavities = places.map((place): DrawnCavity => {
    const look = place.pin === null ? UNKNOWN_LOOK : (options.looks.get(place.pin.id) ?? UNKNOWN_LOOK);
    const marks = {
      inHand: place === hand || (place.pin !== null && (options.also ?? []).includes(place.pin.id)),
      twin: place.pin !== null && (options.twins ?? []).includes(place.pin.id),
      live: place.pin !== null && (options.live ?? []).includes(place.pin.id),
      keepOut: options.keepOut === true,
      blank: shell.blank,
      reversed: shell.reversed.includes(place.label),
      code: place.pin === null ? "" : (options.codes?.get(place.pin.id) ?? ""),
      count: options.counting === true && hand !== undefined ? countTo(place, hand) : null,
    };
    return {
      label: place.label,
      pin: place.pin?.id ?? null,
      box: place.box,
      ...drawCavity(place.label, place.box, look, marks, legible),
    };
  });
  const list = options.list === true;
  return {
    width: Math.ceil(sheet.right + sheet.gutter + (hold.grip === "right" ? TAB + 40 : 4)),
    height: Math.ceil(bottom + (hold.grip === "down" ? TAB : 10) + (round ? 4 : 0)),
    pitch,
    legible,
    cavities,
    shell: [
      ...(list ? [] : markShapes(shell, hold, px, pitch, options.bare !== true)),
      ...body(shell, px, scale.x, pitch, list),
      ...ribs(shell, px, pitch),
      ...(options.counting === true && !round && legible
        ? rowNumbers(places, sideways, { left, bottom, pad: PAD * pitch })
        : []),
      ...(legible || round || sideways || options.bare === true ? [] : rowEnds(places)),
    ],
    front: bridges(shell, cavities, pitch),
  };
}

/** How many places from the nearer end of its row a cavity stands, where it lies on the way to the one in hand. */
function countTo({ locator }: Located, hand: Located): number | null {
  if (locator.kind !== "line" || hand.locator.kind !== "line" || locator.line !== hand.locator.line)
    return null;
  const { place, places } = hand.locator;
  const fromStart = place <= places + 1 - place;
  if (fromStart ? locator.place > place : locator.place < place) return null;
  return fromStart ? locator.place : places + 1 - locator.place;
}
