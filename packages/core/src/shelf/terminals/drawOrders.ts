import { area, circle, drawnWords as words, line, rect, type Shape } from "../../face/index.ts";
import type { SectionDrawing } from "./drawSection.ts";
import { lockShapes } from "./lockShapes.ts";
import { crimpLines, insertLines, type OrderLine } from "./procedures.ts";
import { sectionOf } from "./section.ts";
import { body, flip, holderOf, latch, terminal } from "./sectionParts.ts";
import { arrow, AXIS, badge, BORE, BOX, HEIGHT, SHELL, WIDTH } from "./sectionSheet.ts";
import type { TerminalSystem } from "./terminal.ts";

type Drawing = Omit<SectionDrawing, "numbers"> & {
  /** What the numbers in it stand for: the lines of the order. */
  readonly numbers: readonly { readonly number: number; readonly of: OrderLine["of"] }[];
};
const numbered = (lines: readonly OrderLine[]): Drawing["numbers"] =>
  lines.flatMap(({ of }, i) => (of === null ? [] : [{ number: i + 1, of }]));
const label = (x: number, y: number, text: string): Shape => words(x, y, text, 15, "ink2", "middle", "label");

/** A terminal on its way in: which way up it lies, where it goes, and the locks that close after it. Each number is that of its line. */
export function drawInsert(system: TerminalSystem): Drawing {
  const section = sectionOf(system);
  const numbers = numbered(insertLines(system));
  const number = (of: OrderLine["of"]): number => numbers.find((one) => one.of === of)?.number ?? 0;
  const isBelow = section.side === "bottom";
  const fromFront = section.leavesTo === "front";
  return {
    width: WIDTH,
    height: HEIGHT,
    numbers,
    shapes: [
      ...body(section),
      ...latch(section),
      ...terminal(section),
      ...holderOf(section),
      ...(section.isRing
        ? []
        : [
            ...section.locks.flatMap((lock) => lockShapes(lock, number(lock), isBelow, "close")),
            ...badge(BOX.left + 60, flip(BORE.top - 30, isBelow), number("holder")),
            line(
              [
                [BOX.left + 60, flip(BORE.top - 20, isBelow)],
                [BOX.left + 60, flip(BOX.top - 1, isBelow)],
              ],
              "ink",
              1,
              "3 3",
            ),
            ...(section.holder === "none"
              ? []
              : [
                  ...arrow(
                    fromFront ? [430, AXIS + 26] : [486, AXIS + 26],
                    fromFront ? [486, AXIS + 26] : [430, AXIS + 26],
                  ),
                  ...badge(WIDTH - 12, AXIS + 26, number("push")),
                ]),
            ...(section.seal === "none"
              ? []
              : badge(SHELL.right - 24, flip(BORE.bottom + 12, isBelow), number("seal"))),
            words(8, HEIGHT - 8, "mating face", 15, "ink2", "start", "label"),
            words(WIDTH - 8, HEIGHT - 8, "wire side", 15, "ink2", "end", "label"),
            label(
              (SHELL.left + SHELL.right) / 2,
              HEIGHT - 8,
              section.side === "side" ? "seen from above" : "latch of the plug up",
            ),
          ]),
    ],
  };
}

const [PX_PER_MM, END] = [14, 300] as const;
/** A stripped wire with its seal above, and below it the crimp. Stripped length to scale among themselves; each number is that of its line. */
export function drawCrimp(system: TerminalSystem): Drawing {
  const { strip, seals, mat, gender } = system;
  const numbers = numbered(crimpLines(system));
  const number = (of: OrderLine["of"]): number => numbers.find((one) => one.of === of)?.number ?? 0;
  const sealed = seals.length > 0 && mat !== true;
  const ribs = seals[0]?.ribs.includes("terminal") === true ? [0, 10, 20] : [22, 32, 42];
  const [wire, crimp] = [52, 160];
  // Long strips of heavy terminals are drawn shorter, with the figure beside them.
  const length = Math.min(120, ((strip[0] + strip[1]) / 2) * PX_PER_MM);
  const front = END - length;
  const mm = `${strip[0]} to ${strip[1]} mm`;
  const strands = (y: number, from: number, to: number): readonly Shape[] =>
    [-5, -1.5, 2, 5.5].map((off): Shape =>
      line(
        [
          [from, y + off],
          [to, y + off],
        ],
        "ink",
        1.6,
      ),
    );
  const sealAt = (x: number, y: number): readonly Shape[] =>
    sealed
      ? [
          rect(x, y - 13, 56, 26, "rule", "ink", 1.2),
          ...ribs.map((off): Shape => rect(x + 2 + off, y - 19, 7, 38, "ink2", null, 0)),
        ]
      : [];
  return {
    width: WIDTH,
    height: HEIGHT,
    numbers,
    shapes: [
      // The wire as it is prepared.
      rect(END, wire - 10, WIDTH - END, 20, "shell2", "ink", 1.5),
      ...strands(wire, front, END),
      ...sealAt(END + 70, wire),
      line(
        [
          [front, wire + 22],
          [END, wire + 22],
        ],
        "ink",
        1,
      ),
      ...arrow([front + 20, wire + 22], [front, wire + 22]),
      ...arrow([END - 20, wire + 22], [END, wire + 22]),
      label((front + END) / 2, wire + 40, mm),
      ...badge(front - 20, wire, number("strip")),
      ...(sealed ? badge(END + 98, wire - 34, number("seal")) : []),
      // The crimp: contact, window, conductor barrel with the strands just past it, insulation wings.
      ...(gender === "ring"
        ? [circle(112, crimp, 38, "sheet", "ink", 1.5), circle(112, crimp, 20, "cavity", "ink", 1.5)]
        : [rect(60, crimp - 14, 92, 28, "sheet", "ink", 1.5)]),
      rect(152, crimp - 7, 34, 14, "sheet", "ink", 1.5),
      rect(END - 16, crimp - 10, WIDTH - END + 16, 20, "shell2", "ink", 1.5),
      ...strands(crimp, 192, END - 14),
      area(
        [
          [200, crimp + 8],
          [206, crimp + 12],
          [262, crimp + 12],
          [268, crimp + 8],
          [268, crimp - 8],
          [262, crimp - 12],
          [206, crimp - 12],
          [200, crimp - 8],
        ],
        "sheet",
        "ink",
        1.5,
      ),
      ...sealAt(END - 6, crimp),
      area(
        [
          [END - 8, crimp + 15],
          [END - 8, crimp - 15],
          [END + (sealed ? 14 : 30), crimp - 15],
          [END + (sealed ? 14 : 30), crimp + 15],
        ],
        "sheet",
        "ink",
        1.5,
      ),
      ...badge(234, crimp - 30, number("barrel")),
      ...badge(END + 6, crimp + 36, number("wings")),
      label(190, crimp + 36, "strands just past the barrel"),
      line(
        [
          [194, crimp + 24],
          [196, crimp + 10],
        ],
        "ink",
        1,
        "3 3",
      ),
    ],
  };
}
