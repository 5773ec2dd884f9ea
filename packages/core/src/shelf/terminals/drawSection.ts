import { area, drawnWords as words, line, rect, type Shape } from "../../face/index.ts";
import { lockShapes } from "./lockShapes.ts";
import type { SecondaryLock } from "./locks.ts";
import type { Section } from "./section.ts";
import { arrow, AXIS, badge, BORE, BOX, CATCH, HEIGHT, SHELL, WIDTH } from "./sectionSheet.ts";

/** A section as drawn; lengths in px. The mating face is on the left, the wire side on the right. */
export interface SectionDrawing {
  readonly width: number;
  readonly height: number;
  readonly shapes: readonly Shape[];
  /** What the numbers in it stand for: each lock in its order, then the tool. */
  readonly numbers: readonly { readonly number: number; readonly of: SecondaryLock | "tool" }[];
}

/** Mirrors what is drawn for the top to the bottom. */
const flip = (y: number, isBelow: boolean): number => (isBelow ? 2 * AXIS - y : y);

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

function body(section: Section): readonly Shape[] {
  if (section.isRing) return [];
  const split = section.locks.includes("split-shell");
  return [
    rect(SHELL.left, SHELL.top, SHELL.right - SHELL.left, BORE.top - SHELL.top, "shell", "ink", 1.5),
    rect(SHELL.left, BORE.bottom, SHELL.right - SHELL.left, SHELL.bottom - BORE.bottom, "shell", "ink", 1.5),
    ...(split
      ? [
          line(
            [
              [SHELL.left, AXIS],
              [SHELL.left - 14, AXIS],
            ],
            "ink",
            1,
            "3 3",
          ),
          line(
            [
              [SHELL.right, AXIS],
              [SHELL.right + 14, AXIS],
            ],
            "ink",
            1,
            "3 3",
          ),
        ]
      : []),
    ...(section.seal === "mat"
      ? [
          rect(SHELL.right - 34, BORE.top, 22, AXIS - 11 - BORE.top, "ink2", null, 0),
          rect(SHELL.right - 34, AXIS + 11, 22, BORE.bottom - AXIS - 11, "ink2", null, 0),
        ]
      : []),
  ];
}

/** The latch of the plug on top tells which way up the section stands. */
function latch({ side, locks, isRing }: Section): readonly Shape[] {
  const isCovered = locks.some((lock) => lock === "hinged-cover" || lock === "outer-shell");
  if (isRing || side === "side" || isCovered) return [];
  return [
    area(
      [
        [SHELL.left + 14, SHELL.top],
        [SHELL.left + 22, SHELL.top - 12],
        [SHELL.left + 30, SHELL.top - 12],
        [SHELL.left + 30, SHELL.top - 8],
        [SHELL.left + 120, SHELL.top - 8],
        [SHELL.left + 120, SHELL.top],
      ],
      "shell",
      "ink",
      1.5,
    ),
  ];
}

function terminal({ holder, seal, isRing }: Section): readonly Shape[] {
  const wire = rect(322, AXIS - 10, WIDTH - 322, 20, "shell2", "ink", 1.5);
  const strands = rect(268, AXIS - 5, 56, 10, "sheet", "ink", 1);
  if (isRing)
    return [
      line(
        [
          [150, 60],
          [150, 150],
        ],
        "ink",
        10,
      ),
      rect(120, AXIS - 4, 90, 8, "sheet", "ink", 1.5),
      area(
        [
          [210, AXIS - 12],
          [290, AXIS - 12],
          [290, AXIS + 12],
          [210, AXIS + 12],
        ],
        "sheet",
        "ink",
        1.5,
      ),
      wire,
      strands,
    ];
  const barbs = holder === "barbs";
  return [
    barbs
      ? rect(BOX.left, BOX.top + 4, BOX.right - BOX.left, BOX.bottom - BOX.top - 8, "sheet", "ink", 1.5)
      : rect(BOX.left, BOX.top, BOX.right - BOX.left, BOX.bottom - BOX.top, "sheet", "ink", 1.5),
    // Neck, conductor barrel, insulation wings.
    rect(BOX.right, AXIS - 6, 42, 12, "sheet", "ink", 1.5),
    strands,
    area(
      [
        [256, AXIS + 9],
        [256, AXIS - 9],
        [304, AXIS - 9],
        [304, AXIS + 9],
      ],
      "sheet",
      "ink",
      1.5,
    ),
    wire,
    area(
      [
        [312, AXIS + 13],
        [312, AXIS - 13],
        [338, AXIS - 13],
        [338, AXIS + 13],
      ],
      "sheet",
      "ink",
      1.5,
    ),
    ...(seal === "single"
      ? [344, 356, 368].map((x): Shape =>
          rect(x, BORE.top + 2, 7, BORE.bottom - BORE.top - 4, "ink2", null, 0),
        )
      : []),
  ];
}

/** Lance, finger or barbs, on the side where it is; a lance on both flanks is seen from above. */
function holderOf({ holder, side }: Section): readonly Shape[] {
  const sides = side === "side" ? [false, true] : [side === "bottom"];
  const isOn = (below: boolean): readonly Shape[] => {
    const y = (value: number): number => flip(value, below);
    switch (holder) {
      case "lance":
        return [
          // The step of the shell that the lance stands against, and the lance.
          area(
            [
              [CATCH, y(BORE.top)],
              [CATCH + 26, y(BORE.top)],
              [CATCH + 26, y(BORE.top + 10)],
              [CATCH, y(BORE.top + 10)],
            ],
            "shell",
            "ink",
            1.5,
          ),
          line(
            [
              [BOX.left + 34, y(BOX.top)],
              [CATCH - 2, y(BORE.top + 3)],
            ],
            "ink",
            3,
          ),
        ];
      case "finger":
        return [
          area(
            [
              [SHELL.left, y(BORE.top)],
              [BOX.right + 4, y(BORE.top + 3)],
              [BOX.right + 4, y(BOX.top + 9)],
              [BOX.right + 18, y(BORE.top + 9)],
              [BOX.right + 30, y(BORE.top + 2)],
              [BOX.right + 30, y(BORE.top)],
            ],
            "rule",
            "ink",
            1.5,
          ),
        ];
      case "barbs":
        return [
          line(
            [
              [BOX.right - 30, y(BOX.top + 4)],
              [BOX.right - 4, y(BORE.top + 2)],
            ],
            "ink",
            2.5,
          ),
          line(
            [
              [BOX.right - 12, y(BOX.top + 4)],
              [BOX.right + 14, y(BORE.top + 2)],
            ],
            "ink",
            2.5,
          ),
        ];
      case "none":
        return [];
    }
  };
  return (holder === "barbs" ? [false, true] : sides).flatMap(isOn);
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
  if (isRing) return [words(150, HEIGHT - 40, "stud", 13, "ink2", "middle", "label")];
  return [
    words(8, HEIGHT - 8, "mating face", 13, "ink2", "start", "label"),
    words(WIDTH - 8, HEIGHT - 8, "wire side", 13, "ink2", "end", "label"),
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
          words(WIDTH - 6, AXIS + 49, "first", 13, "ink2", "end", "label"),
        ]
      : []),
  ];
};
