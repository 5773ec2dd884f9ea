import { drawnWords as words, line, rect, type Shape } from "../../face/index.ts";
import { lockShapes } from "./lockShapes.ts";
import type { SecondaryLock } from "./locks.ts";
import type { Section } from "./section.ts";
import { body, flip, holderOf, latch, terminal } from "./sectionParts.ts";
import { arrow, AXIS, badge, BORE, BOX, CATCH, HEIGHT, SHELL, WIDTH } from "./sectionSheet.ts";

/** A section as drawn; lengths in px. The mating face is on the left, the wire side on the right. */
export interface SectionDrawing {
  readonly width: number;
  readonly height: number;
  readonly shapes: readonly Shape[];
  /** What the numbers in it stand for: each lock in its order, then the tool. */
  readonly numbers: readonly { readonly number: number; readonly of: SecondaryLock | "tool" }[];
}

/** The terminal in its cavity with all that holds it, and the tool where it goes in. */
export function drawSection(section: Section): SectionDrawing {
  const numbers = [
    ...section.locks.map((lock, i) => ({ number: i + 1, of: lock })),
    ...(section.toolFrom === null ? [] : [{ number: section.locks.length + 1, of: "tool" as const }]),
  ];
  return {
    width: WIDTH,
    height: HEIGHT,
    shapes: [
      ...body(section),
      ...latch(section),
      ...terminal(section),
      ...holderOf(section),
      ...section.locks.flatMap((lock, i) => lockShapes(lock, i + 1, section.side === "bottom")),
      ...toolShapes(section, section.locks.length + 1),
      ...legend(section),
    ],
    numbers,
  };
}

/** The tool with the way that it goes in and the way that it presses. */
function toolShapes(section: Section, number: number): readonly Shape[] {
  const { holder, side, toolFrom } = section;
  if (toolFrom === null) return [];
  if (holder === "barbs")
    return [
      rect(BOX.right + 20, AXIS - 22, 240, 5, "ink", null, 0),
      rect(BOX.right + 20, AXIS + 17, 240, 5, "ink", null, 0),
      ...arrow([500, AXIS - 32], [440, AXIS - 32]),
      ...badge(488, AXIS - 50, number),
    ];
  const sides = side === "side" ? [false, true] : [side === "bottom"];
  return sides.flatMap((below, i): readonly Shape[] => {
    const y = (value: number): number => flip(value, below);
    const at = y(BORE.top + 5);
    if (toolFrom === "rear")
      return [
        line(
          [
            [CATCH - 4, at],
            [SHELL.right + 90, at],
          ],
          "ink",
          4,
        ),
        ...arrow([CATCH + 40, y(BORE.top + 8)], [CATCH + 40, y(BORE.top - 16)]),
        ...badge(SHELL.right + 100, at, number),
      ];
    const press = holder === "lance" ? [BORE.top - 14, BORE.top + 12] : [BORE.top + 10, BORE.top - 16];
    return [
      line(
        [
          [18, at],
          [CATCH - 26, at],
        ],
        "ink",
        4,
      ),
      ...arrow([CATCH - 44, y(press[0] ?? 0)], [CATCH - 44, y(press[1] ?? 0)]),
      ...(i === 0 ? badge(20, y(BORE.top - 14), number) : []),
    ];
  });
}

const legend = ({ side, leavesTo, holder, pushFirst, isRing }: Section): readonly Shape[] => {
  if (isRing) return [words(150, HEIGHT - 40, "stud", 15, "ink2", "middle", "label")];
  return [
    words(8, HEIGHT - 8, "mating face", 15, "ink2", "start", "label"),
    words(WIDTH - 8, HEIGHT - 8, "wire side", 15, "ink2", "end", "label"),
    words(
      SHELL.left + 76,
      HEIGHT - 8,
      side === "side" ? "seen from above" : "latch of the plug up",
      13,
      "ink2",
      "start",
      "label",
    ),
    ...(holder === "none"
      ? []
      : arrow(
          leavesTo === "rear" ? [430, AXIS + 26] : [70, AXIS],
          leavesTo === "rear" ? [486, AXIS + 26] : [30, AXIS],
        )),
    ...(pushFirst
      ? [
          ...arrow([456, AXIS + 44], [414, AXIS + 44]),
          words(WIDTH - 6, AXIS + 49, "first", 15, "ink2", "end", "label"),
        ]
      : []),
  ];
};
