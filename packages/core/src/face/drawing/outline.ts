import { boundsOf, slotsOf, type Bounds } from "../slots.ts";
import type { Keying, Shell } from "../../model/index.ts";

type Point = readonly [x: number, y: number];

/** The body round the cavities in the shell's own frame: one stepped outline round rows, a box round points; null for a round shell, which is a circle. */
export function bodyOutline(shell: Shell, pad: number): readonly Point[] | null {
  const slots = slotsOf(shell);
  if (shell.pattern.kind === "rings") return null;
  const all = boundsOf(slots);
  if (shell.pattern.kind !== "rows")
    return [
      [all.left - pad, all.top - pad],
      [all.right + pad, all.top - pad],
      [all.right + pad, all.bottom + pad],
      [all.left - pad, all.bottom + pad],
    ];
  const spans = shell.pattern.rows.map((_, line) => boundsOf(slots.filter((slot) => slot.line === line)));
  const side = (sign: 1 | -1): readonly Point[] => {
    const reach = (span: Bounds): number => (sign === 1 ? span.right : -span.left);
    // Between two rows the step lies beyond the longer one, so that its end has the same rim all round.
    const y = (index: number): number => {
      const [above, below] = [spans[index - 1], spans[index]];
      if (above === undefined) return all.top - pad;
      if (below === undefined) return all.bottom + pad;
      const further = reach(below) - reach(above);
      if (Math.abs(further) < 0.01) return above.bottom;
      return above.bottom + (further > 0 ? -pad : pad);
    };
    return spans.flatMap((span, line): Point[] => {
      const x = sign * (reach(span) + pad);
      return [
        [x, y(line)],
        [x, y(line + 1)],
      ];
    });
  };
  return [...side(1), ...[...side(-1)].reverse()];
}

/** Where a rib stands on the body: its foot and the way it points out, in the shell's own frame; mirrored keys are turned with the drawing. */
export function ribFoot(
  { edge, at }: Keying,
  bounds: Bounds,
  pad: number,
): { readonly foot: Point; readonly out: Point } {
  const x = bounds.left + (bounds.right - bounds.left) * at;
  const y = bounds.top + (bounds.bottom - bounds.top) * at;
  switch (edge) {
    case "top":
      return { foot: [x, bounds.top - pad], out: [0, -1] };
    case "bottom":
      return { foot: [x, bounds.bottom + pad], out: [0, 1] };
    case "left":
      return { foot: [bounds.left - pad, y], out: [-1, 0] };
    case "right":
      return { foot: [bounds.right + pad, y], out: [1, 0] };
  }
}
