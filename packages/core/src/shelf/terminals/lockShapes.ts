import { line, rect, type Shape } from "../../face/index.ts";
import type { Section } from "./section.ts";
import { arrow, AXIS, badge, BORE, SHELL } from "./sectionSheet.ts";

/** A lock with the way that it opens, or closes; what is on the left keeps clear of the tool. */
export function lockShapes(
  lock: Section["locks"][number],
  number: number,
  isToolBelow: boolean,
  way: "open" | "close" = "open",
): readonly Shape[] {
  const move: typeof arrow = (from, to) => (way === "open" ? arrow(from, to) : arrow(to, from));
  switch (lock) {
    case "front-lock": {
      const y = isToolBelow ? SHELL.top + 8 : SHELL.bottom - 8;
      return [
        rect(SHELL.left - 16, SHELL.top + 10, 14, SHELL.bottom - SHELL.top - 20, "ink2", "ink", 1.5),
        ...move([SHELL.left - 16, y], [SHELL.left - 48, y]),
        ...badge(SHELL.left - 62, y, number),
      ];
    }
    case "side-slide":
      return [
        rect(236, SHELL.top - 8, 26, 30, "ink2", "ink", 1.5),
        ...move([249, SHELL.top - 10], [249, SHELL.top - 34]),
        ...badge(268, SHELL.top - 26, number),
      ];
    case "body-plate":
      return [
        rect(242, SHELL.top - 6, 12, BORE.top - SHELL.top + 8, "ink2", "ink", 1.5),
        rect(242, BORE.bottom - 2, 12, SHELL.bottom - BORE.bottom + 14, "ink2", "ink", 1.5),
        ...move([248, SHELL.bottom + 12], [248, SHELL.bottom + 36]),
        ...badge(268, SHELL.bottom + 30, number),
      ];
    case "rear-comb":
    case "cap":
      return [
        rect(
          SHELL.right + 2,
          SHELL.top + (lock === "cap" ? -6 : 8),
          14,
          AXIS - 16 - SHELL.top,
          "ink2",
          "ink",
          1.5,
        ),
        rect(
          SHELL.right + 2,
          AXIS + 14,
          14,
          SHELL.bottom - AXIS - (lock === "cap" ? 8 : 22),
          "ink2",
          "ink",
          1.5,
        ),
        ...move([SHELL.right + 18, SHELL.top + 12], [SHELL.right + 50, SHELL.top + 12]),
        ...badge(SHELL.right + 62, SHELL.top + 12, number),
      ];
    case "reinforcement":
      return [
        rect(300, SHELL.top - 8, 44, 14, "ink2", "ink", 1.5),
        ...move([322, SHELL.top - 10], [322, SHELL.top - 34]),
        ...badge(342, SHELL.top - 26, number),
      ];
    case "hinged-cover":
      return [
        line(
          [
            [SHELL.left + 40, SHELL.top - 3],
            [SHELL.right - 40, SHELL.top - 3],
          ],
          "ink2",
          6,
        ),
        ...move([SHELL.left + 60, SHELL.top - 6], [SHELL.left + 84, SHELL.top - 32]),
        ...badge(SHELL.left + 102, SHELL.top - 32, number),
      ];
    case "outer-shell":
      return [
        rect(SHELL.left - 8, SHELL.top - 10, 190, 8, "ink2", "ink", 1.5),
        rect(SHELL.left - 8, SHELL.bottom + 2, 190, 8, "ink2", "ink", 1.5),
        ...move([SHELL.left + 150, SHELL.bottom + 24], [SHELL.left + 100, SHELL.bottom + 24]),
        ...badge(SHELL.left + 168, SHELL.bottom + 24, number),
      ];
    case "split-shell":
      return [
        ...move([SHELL.right - 30, SHELL.top - 2], [SHELL.right - 30, SHELL.top - 32]),
        ...badge(SHELL.right - 48, SHELL.top - 24, number),
      ];
    case "rear-retainer":
      return [
        rect(SHELL.right - 22, BORE.top, 20, AXIS - 12 - BORE.top, "ink2", "ink", 1.5),
        rect(SHELL.right - 22, AXIS + 12, 20, BORE.bottom - AXIS - 12, "ink2", "ink", 1.5),
        ...move([SHELL.right - 4, BORE.bottom - 8], [SHELL.right + 42, BORE.bottom + 16]),
        ...badge(SHELL.right + 58, BORE.bottom + 18, number),
      ];
  }
}
