import { type PinId } from "../model/index.ts";
import { isSideways, seenFrom, type Face, type Hold, type Place } from "./slots.ts";

/**
 * Where a cavity is, as a hand counts it in a hold; all numbers from 1.
 * `line`: rows from the top with places from the left, or, with the mark to a side, columns from the left with places from
 * the top. `ring`: clockwise from the mark, ring 1 outermost; `clock` is the hour on the face as it is held, 0 in the centre.
 */
export type Locator =
  | {
      readonly kind: "line";
      readonly sense: "row" | "column";
      readonly line: number;
      readonly lines: number;
      readonly place: number;
      readonly places: number;
    }
  | {
      readonly kind: "ring";
      readonly ring: number;
      readonly rings: number;
      readonly place: number;
      readonly places: number;
      readonly clock: number;
    };

export interface Located extends Place {
  readonly locator: Locator;
  /** Centre as seen, in units of the smallest cavity. */
  readonly x: number;
  readonly y: number;
}

/** Every cavity of a face with its locator in a hold, in the order of counting. Each locator names one cavity only. */
export function locateAll(face: Face, hold: Hold): readonly Located[] {
  const { pattern } = face.shell;
  const see = seenFrom(face.shell, hold);
  const seen = face.places.map((place) => ({ ...place, ...see(place.slot) }));
  const lines = Math.max(0, ...seen.map((place) => place.slot.line)) + 1;
  const sideways = isSideways(hold.grip);
  // Row 0 is on the mark's side: at the left when the mark points left, at the far end when it points down or right.
  const reversed = hold.grip === "down" || hold.grip === "right";
  const located: Located[] = [];
  for (let n = 0; n < lines; n++) {
    const line = pattern.kind === "rings" || !reversed ? n : lines - 1 - n;
    const own = seen.filter((place) => place.slot.line === line);
    if (pattern.kind === "rings") {
      const middle = see({ x: 0, y: 0 });
      const up = { up: 0, right: 90, down: 180, left: 270 }[hold.grip];
      const angle = ({ x, y }: { readonly x: number; readonly y: number }): number =>
        (Math.atan2(x - middle.x, middle.y - y) * 180) / Math.PI;
      const from = (point: { readonly x: number; readonly y: number }): number =>
        (((angle(point) - up) % 360) + 360.001) % 360;
      [...own]
        .sort((a, b) => from(a) - from(b))
        .forEach((place, index) => {
          const central = Math.hypot(place.x - middle.x, place.y - middle.y) < 0.1;
          const clock = central ? 0 : Math.round((((angle(place) % 360) + 360) % 360) / 30) % 12 || 12;
          located.push({
            ...place,
            locator: {
              kind: "ring",
              ring: line + 1,
              rings: lines,
              place: index + 1,
              places: own.length,
              clock,
            },
          });
        });
    } else {
      [...own]
        .sort((a, b) => (sideways ? a.y - b.y : a.x - b.x))
        .forEach((place, index) => {
          located.push({
            ...place,
            locator: {
              kind: "line",
              sense: sideways ? "column" : "row",
              line: n + 1,
              lines,
              place: index + 1,
              places: own.length,
            },
          });
        });
    }
  }
  return located;
}

/** The cavity of a pin in a hold; null when its shell has no place for it. */
export const locate = (face: Face | null, pin: PinId, hold: Hold): Located | null =>
  face === null ? null : (locateAll(face, hold).find((place) => place.pin?.id === pin) ?? null);

/** What a hand finds a cavity by. Directions and steps are as seen; `steps` 1 is next to it. */
export type Landmark =
  | {
      readonly kind: "beside";
      readonly what: "empty" | "thick";
      readonly label: string;
      readonly steps: number;
      readonly to: "left" | "right" | "above" | "below";
    }
  | { readonly kind: "across"; readonly label: string; readonly to: "left" | "right" | "above" | "below" }
  | { readonly kind: "only-thick" };

/** A wire counts as thick when it is at least so many times the median of its connector (common practice, no source). */
const THICK = 1.8;

/** The best landmarks of a cavity, at most three: itself the only thick wire, an empty neighbour within three places or else a thick one, and what stands across the row. */
export function landmarks(face: Face, here: Located, hold: Hold): readonly Landmark[] {
  if (here.locator.kind === "ring") return [];
  const all = locateAll(face, hold);
  const sizes = face.places.flatMap((place) => place.pin?.size ?? []).sort((a, b) => a - b);
  const median = sizes[Math.floor(sizes.length / 2)] ?? 0;
  const isThick = (place: Place): boolean => sizes.length >= 3 && (place.pin?.size ?? 0) >= THICK * median;
  const landmarkAt = (place: Place): "empty" | "thick" | null => {
    if (place.pin?.content === "empty") return "empty";
    return isThick(place) ? "thick" : null;
  };
  const { sense, line, place: at } = here.locator;
  const found: Landmark[] = [];
  if (isThick(here) && all.filter(isThick).length === 1) found.push({ kind: "only-thick" });
  const along = all.filter(
    (place) => place.locator.kind === "line" && place.locator.line === line && place.slot !== here.slot,
  );
  const near = along
    .flatMap((place) => {
      const what = landmarkAt(place);
      const steps = place.locator.place - at;
      return what === null || Math.abs(steps) > 3 ? [] : [{ what, steps, label: place.label }];
    })
    .sort(
      (a, b) =>
        Number(b.what === "empty") - Number(a.what === "empty") || Math.abs(a.steps) - Math.abs(b.steps),
    );
  const [nearest] = near;
  if (nearest !== undefined) {
    const before = sense === "row" ? ("left" as const) : ("above" as const);
    const after = sense === "row" ? ("right" as const) : ("below" as const);
    found.push({
      kind: "beside",
      what: nearest.what,
      label: nearest.label,
      steps: Math.abs(nearest.steps),
      to: nearest.steps < 0 ? before : after,
    });
  }
  const offset = (place: Located): number =>
    sense === "row" ? Math.abs(place.x - here.x) : Math.abs(place.y - here.y);
  for (const [step, to] of sense === "row"
    ? ([
        [1, "below"],
        [-1, "above"],
      ] as const)
    : ([
        [1, "right"],
        [-1, "left"],
      ] as const)) {
    const [across] = all
      .filter(
        (place) =>
          place.locator.kind === "line" &&
          place.locator.line === line + step &&
          offset(place) < 0.51 &&
          place.label !== "",
      )
      .sort((a, b) => offset(a) - offset(b));
    if (across !== undefined && found.length < 3) found.push({ kind: "across", label: across.label, to });
  }
  return found;
}

const WAYS = { left: [-1, 0], right: [1, 0], up: [0, -1], down: [0, 1] } as const;

/** The next cavity in a direction as seen: the nearest that lies more ahead than aside; null at the edge. */
export function nextTo(face: Face, hold: Hold, from: string, way: keyof typeof WAYS): Located | null {
  const all = locateAll(face, hold);
  const here = from === "" ? undefined : all.find((place) => place.label === from);
  if (here === undefined) return all[0] ?? null;
  const [dx, dy] = WAYS[way];
  const reach = (place: Located): number => {
    const [x, y] = [place.x - here.x, place.y - here.y];
    const ahead = x * dx + y * dy;
    const aside = Math.abs(x * dy) + Math.abs(y * dx);
    return ahead > 0.05 && aside <= ahead * 1.5 + 0.01 ? ahead + aside * 2 : Infinity;
  };
  return all.filter((place) => reach(place) < Infinity).sort((a, b) => reach(a) - reach(b))[0] ?? null;
}
