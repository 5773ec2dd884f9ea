import { area, line, rect, type Shape } from "../../face/index.ts";
import type { Section } from "./section.ts";
import { AXIS, BORE, BOX, CATCH, SHELL, WIDTH } from "./sectionSheet.ts";

/** Mirrors what is drawn for the top to the bottom. */
export const flip = (y: number, isBelow: boolean): number => (isBelow ? 2 * AXIS - y : y);

/** The shell around a cavity. */
export function body(section: Section): readonly Shape[] {
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
export function latch({ side, locks, isRing }: Section): readonly Shape[] {
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

/** The terminal on its wire. */
export function terminal({ holder, seal, isRing }: Section): readonly Shape[] {
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
export function holderOf({ holder, side }: Section): readonly Shape[] {
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
