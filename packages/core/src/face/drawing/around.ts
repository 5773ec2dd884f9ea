import type { Shell } from "../../model/index.ts";
import type { Located } from "../locator.ts";
import { boundsOf, slotsOf, type Hold } from "../slots.ts";
import { bodyOutline, ribFoot } from "./outline.ts";
import { area, circle, line, words, type DrawnCavity, type Shape } from "./shapes.ts";

/** Rim round the cavities, in places. */
export const PAD = 0.25;
/** Height of a cavity for its width. */
export const TALL = 1.26;

/** A cavity with its place in words and on the drawing. */
export interface SeenPlace extends Located {
  readonly box: DrawnCavity["box"];
}

/** Where a point of the shell's own frame lies on the drawing, in px. */
export type Px = (point: { readonly x: number; readonly y: number }) => readonly [number, number];

export function body(shell: Shell, px: Px, sx: number, pitch: number, dashed: boolean): readonly Shape[] {
  const outline = bodyOutline(shell, PAD);
  if (outline !== null)
    return [
      area(
        outline.map(([x, y]) => px({ x, y })),
        "shell",
        "ink",
        2,
        dashed ? "7 4" : undefined,
      ),
    ];
  const [cx, cy] = px({ x: 0, y: 0 });
  const reach = Math.max(...slotsOf(shell).map((slot) => Math.hypot(slot.x, slot.y))) * sx;
  return [circle(cx, cy, reach + pitch * 0.86, "shell", "ink", 2)];
}

export function ribs(shell: Shell, px: Px, pitch: number): readonly Shape[] {
  if (shell.pattern.kind === "rings") return [];
  const bounds = boundsOf(slotsOf(shell));
  return shell.keying.map((key) => {
    const { foot, out } = ribFoot(key, bounds, PAD);
    const [x, y] = px({ x: foot[0], y: foot[1] });
    const [tx, ty] = px({ x: foot[0] + out[0], y: foot[1] + out[1] });
    const far = Math.hypot(tx - x, ty - y);
    const [ux, uy] = [(tx - x) / far, (ty - y) / far];
    const [half, reach] = [Math.max(3, pitch * 0.12), Math.max(4, pitch * 0.13)];
    return area(
      [
        [x - uy * half, y + ux * half],
        [x - uy * half + ux * reach, y + ux * half + uy * reach],
        [x + uy * half + ux * reach, y - ux * half + uy * reach],
        [x + uy * half, y - ux * half],
      ],
      "shell2",
      "ink",
      1.2,
    );
  });
}

/** The lock's tab, the key's slot, the dovetail or the wide side, on the side that they point to, with its word. */
export function markShapes(
  shell: Shell,
  hold: Hold,
  px: Px,
  pitch: number,
  named: boolean,
): readonly Shape[] {
  const slots = slotsOf(shell);
  const bounds = boundsOf(slots);
  const first = shell.pattern.kind === "rows" ? boundsOf(slots.filter((slot) => slot.line === 0)) : bounds;
  const round = shell.pattern.kind === "rings";
  const reach = round ? Math.max(...slots.map((slot) => Math.hypot(slot.x, slot.y))) + 0.86 / TALL : 0;
  const [x, y] = round
    ? px({ x: 0, y: -reach })
    : px({ x: (first.left + first.right) / 2, y: bounds.top - PAD });
  const [ux, uy] = { up: [0, -1], right: [1, 0], down: [0, 1], left: [-1, 0] }[hold.grip] as [number, number];
  const across = (half: number, out: number): readonly [number, number] => [
    x - uy * half + ux * out,
    y + ux * half + uy * out,
  ];
  const half = Math.min(
    Math.max(14, Math.min(pitch * 0.85, 46)),
    round ? Infinity : ((first.right - first.left) / 2 + PAD) * pitch * 0.9,
  );
  const out = 18;
  const tab = (wide: number, narrow: number): readonly (readonly [number, number])[] => [
    across(wide, -4),
    across(narrow, out),
    across(-narrow, out),
    across(-wide, -4),
  ];
  const marks: Readonly<Record<Shell["mark"], Shape[]>> = {
    lock: [
      area(tab(half, half), "shell2", "ink", 1.5),
      line([across(half * 0.7, 7), across(-half * 0.7, 7)], "ink", 1),
      line([across(half * 0.7, 12), across(-half * 0.7, 12)], "ink", 1),
    ],
    key: [area(tab(half * 0.4, half * 0.4), "ink", "ink", 1.2)],
    dovetail: [area(tab(half * 0.45, half * 0.8), "shell2", "ink", 1.5)],
    "wide side": [line([across(half * 2.2, 6), across(-half * 2.2, 6)], "ink", 4)],
  };
  const shapes = marks[shell.mark];
  const upright = hold.grip === "up" || hold.grip === "down";
  const [wx, wy] = upright
    ? across(
        (shell.mark === "wide side" ? half * 2.2 : half) * (hold.grip === "up" ? 1 : -1) +
          (hold.grip === "up" ? 7 : -7),
        out / 2,
      )
    : across(0, out + 5);
  if (named)
    shapes.push(words(wx, wy + 5, shell.mark, 14, "ink", hold.grip === "left" ? "end" : "start", "label"));
  return shapes;
}

/** A bar over the cavities that the mated half joins, with a dot on each of them. */
export function bridges(shell: Shell, cavities: readonly DrawnCavity[], pitch: number): readonly Shape[] {
  const thick = Math.max(2.5, pitch * 0.09);
  return shell.joined.flatMap((group) => {
    const feet = group
      .flatMap((label) => cavities.filter((cavity) => cavity.label === label))
      .map(({ box }) => ({ x: box.x + box.w / 2, y: box.y + box.h - 1, edge: box.x }));
    const levels = [...new Set(feet.map(({ y }) => Math.round(y)))].map((y) =>
      feet.filter((foot) => Math.round(foot.y) === y).sort((a, b) => a.x - b.x),
    );
    const ends = levels.flatMap((level) => {
      const [first, last] = [level[0], level.at(-1)];
      return first === undefined || last === undefined ? [] : [{ first, last }];
    });
    // Between rows the bar climbs in the gap beside the cavities, so that no label is crossed.
    const several = ends.length > 1;
    const bars = ends.map(({ first, last }) =>
      line(
        [
          [several ? first.edge : first.x, first.y],
          [last.x, last.y],
        ],
        "ink",
        thick,
      ),
    );
    const risers = ends.slice(1).map(({ first }, i) =>
      line(
        [
          [ends[i]?.first.edge ?? 0, ends[i]?.first.y ?? 0],
          [first.edge, first.y],
        ],
        "ink",
        thick,
      ),
    );
    return [...bars, ...risers, ...feet.map(({ x, y }) => circle(x, y, thick * 1.3, "ink", null, 0))];
  });
}

export function rowNumbers(
  places: readonly SeenPlace[],
  sideways: boolean,
  edge: { readonly left: number; readonly bottom: number; readonly pad: number },
): readonly Shape[] {
  return places.flatMap(({ locator, box }) => {
    if (locator.kind !== "line" || locator.place !== 1) return [];
    return [
      sideways
        ? words(box.x + box.w / 2, edge.bottom + 16, String(locator.line), 14, "ink2", "middle", "label")
        : words(
            edge.left - edge.pad - 8,
            box.y + box.h / 2 + 5,
            String(locator.line),
            14,
            "ink2",
            "end",
            "label",
          ),
    ];
  });
}

/** The labels of both ends of each row, where the cavities are too small for their own. */
export function rowEnds(places: readonly SeenPlace[]): readonly Shape[] {
  return places.flatMap(({ locator, label, box }) => {
    if (
      locator.kind !== "line" ||
      (locator.place !== 1 && locator.place !== locator.places) ||
      locator.places < 2
    )
      return [];
    const first = locator.place === 1;
    return [
      words(
        first ? box.x - 9 : box.x + box.w + 9,
        box.y + box.h / 2 + 5,
        label,
        12,
        "ink2",
        first ? "end" : "start",
      ),
    ];
  });
}
