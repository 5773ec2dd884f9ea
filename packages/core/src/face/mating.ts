import type { FaceView, Gender, Keying, Shell } from "../model/index.ts";
import { present } from "../util/index.ts";
import { seenFrom, slotsOf, type Face } from "./slots.ts";

const SAME = 0.05;

interface Shape {
  readonly places: readonly string[];
  readonly ribs: readonly string[];
}
const SHAPES: Readonly<Record<FaceView, WeakMap<Shell, Shape>>> = {
  wire: new WeakMap(),
  mating: new WeakMap(),
};

/** What of a shell decides whether two go together, seen from one side with the mark up: places and ribs. */
function shapeOf(shell: Shell, view: FaceView): Shape {
  const known = SHAPES[view].get(shell);
  if (known !== undefined) return known;
  const shape = traced(shell, view);
  SHAPES[view].set(shell, shape);
  return shape;
}

function traced(shell: Shell, view: FaceView): Shape {
  const see = seenFrom(shell, { view, grip: "up" });
  const round = (value: number): string => (Math.round(value / SAME) * SAME).toFixed(2);
  const places = slotsOf(shell)
    .map((slot) => {
      const { x, y } = see(slot);
      return `${round(x)} ${round(y)} ${slot.w.toFixed(2)}`;
    })
    .sort();
  const mirrored = view !== shell.view;
  const flip = ({ edge, at }: Keying): Keying => {
    if (!mirrored) return { edge, at };
    if (edge === "left") return { edge: "right", at };
    return edge === "right" ? { edge: "left", at } : { edge, at: 1 - at };
  };
  return {
    places,
    ribs: shell.keying
      .map(flip)
      .map(({ edge, at }) => `${edge} ${at.toFixed(2)}`)
      .sort(),
  };
}

const equal = (a: readonly string[], b: readonly string[]): boolean =>
  a.length === b.length && a.every((item, i) => item === b[i]);

/** `same`: one goes where the other goes. `keyed-apart`: same cavities, other ribs. `mirrored`: cavities are mirror images. */
export type ShellLikeness = "same" | "keyed-apart" | "mirrored" | "different";

/** How two shells of one gender compare, seen from the mating side. One that is its own mirror image is `same` before it is `mirrored`. */
export function compareShells(a: Shell, b: Shell): ShellLikeness {
  if (a.pattern.kind === "none" || b.pattern.kind === "none") return "different";
  const left = shapeOf(a, "mating");
  const right = shapeOf(b, "mating");
  if (equal(left.places, right.places))
    return equal(left.ribs, right.ribs) && a.mark === b.mark ? "same" : "keyed-apart";
  return equal(left.places, shapeOf(b, "wire").places) ? "mirrored" : "different";
}

export type ShellFit =
  | { readonly kind: "mates" }
  | { readonly kind: "mirrored" | "keyed-apart" | "different" }
  | { readonly kind: "same-gender"; readonly gender: Gender };

/** Whether two shells are halves of one connection: what one shows on its mating face is the mirror image of the other's. */
export function fitOf(a: Shell, b: Shell): ShellFit {
  if (a.pattern.kind === "none" || b.pattern.kind === "none") return { kind: "different" };
  if (a.gender !== null && a.gender === b.gender) return { kind: "same-gender", gender: a.gender };
  const left = shapeOf(a, "mating");
  const right = shapeOf(b, "wire");
  if (equal(left.places, right.places))
    return equal(left.ribs, right.ribs) ? { kind: "mates" } : { kind: "keyed-apart" };
  return equal(left.places, shapeOf(b, "mating").places) ? { kind: "mirrored" } : { kind: "different" };
}

/** Which cavity meets which when two faces are plugged together, marks on the same side; null when they do not fit. */
export function meetings(
  a: Face,
  b: Face,
): readonly { readonly a: Face["places"][number]; readonly b: Face["places"][number] }[] | null {
  if (fitOf(a.shell, b.shell).kind !== "mates") return null;
  const [seeA, seeB] = [
    seenFrom(a.shell, { view: "mating", grip: "up" }),
    seenFrom(b.shell, { view: "wire", grip: "up" }),
  ];
  return a.places.map((place) => {
    const here = seeA(place.slot);
    const other = b.places.find((one) => {
      const there = seeB(one.slot);
      return Math.abs(here.x - there.x) < 2 * SAME && Math.abs(here.y - there.y) < 2 * SAME;
    });
    return { a: place, b: present(other, "shells that mate have a cavity opposite each") };
  });
}

/** The cavity of another face that answers one of this: the one that it meets when they mate, else the one of the same label. */
export const answering = (a: Face, label: string, b: Face): Face["places"][number] | null =>
  meetings(a, b)?.find((meeting) => meeting.a.label === label)?.b ??
  b.places.find((place) => place.label === label) ??
  null;

/** The other half of a shell: contacts of the other gender, and the same labels, so its own view of them is the other one. */
const OPPOSITE = { female: "male", male: "female" } as const;
export const matingHalf = (shell: Shell): Shell => ({
  ...shell,
  view: shell.view === "mating" ? "wire" : "mating",
  gender: shell.gender === null ? null : OPPOSITE[shell.gender],
});
