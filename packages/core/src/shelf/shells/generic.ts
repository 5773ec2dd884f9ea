import {
  byColumns,
  byGrid,
  byPoints,
  byRows,
  at,
  faceless,
  inRings,
  inRows,
  letters,
  numbers,
  rib,
  row,
  serpentine,
  type ShelfShell,
} from "./build.ts";

/** Shapes as they are met in cars (common practice, no source); sizes of contacts in mm. Which way the labels run differs between makers: compare with the part. */
const SEALED = {
  blank: "plug" as const,
  locks: ["tpa" as const],
  terminals: ["sealed-1.5-female", "sealed-2.8-female"],
  keying: [rib("bottom", 0.28), rib("bottom", 0.72)],
};
const sealed = (ways: number, ...rows: readonly number[]): ShelfShell =>
  inRows(
    `sealed-${ways}`,
    "sealed, rectangular",
    rows.length === 1 ? `Sealed ${ways}-way` : `Sealed ${ways}-way, ${rows.join(" + ")}`,
    rows.map((places) => row(places)),
    byRows(),
    SEALED,
  );

export const SEALED_SHELLS: readonly ShelfShell[] = [
  sealed(1, 1),
  sealed(2, 2),
  sealed(3, 3),
  sealed(4, 4),
  sealed(5, 5),
  sealed(6, 3, 3),
  sealed(8, 4, 4),
  sealed(10, 5, 5),
  sealed(12, 6, 6),
  sealed(14, 7, 7),
  sealed(16, 8, 8),
  inRows("sealed-4-square", "sealed, rectangular", "Sealed 4-way, 2 + 2", [row(2), row(2)], byRows(), SEALED),
  inRows(
    "sealed-3-triangle",
    "sealed, rectangular",
    "Sealed 3-way, 1 over 2",
    [row(1, 0.5), row(2)],
    byRows(letters),
    { ...SEALED, note: "Sensors: the single contact is on the lock's side." },
  ),
  inRows(
    "sealed-2-letters",
    "sealed, rectangular",
    "Sealed 2-way, lettered",
    [row(2)],
    byRows(letters),
    SEALED,
  ),
  inRows(
    "sealed-6-letters",
    "sealed, rectangular",
    "Sealed 6-way, 3 + 3, lettered from the right",
    [row(3), row(3)],
    byRows(letters, "right"),
    { ...SEALED, note: "Looks like the numbered 6-way; the letters run the other way." },
  ),
  inRows(
    "sealed-16-letters",
    "sealed, rectangular",
    "Sealed 16-way, 8 + 8, lettered",
    [row(8), row(8)],
    byRows(letters),
    { ...SEALED, note: "A to S: I, O and Q are left out." },
  ),
  inRows("sealed-14-stepped", "sealed, rectangular", "Sealed 14-way, 6 over 8", [row(6), row(8)], byRows(), {
    ...SEALED,
    note: "The upper row is flush at one end: its mirror image does not mate.",
  }),
  inRows(
    "sealed-14-stepped-mirror",
    "sealed, rectangular",
    "Sealed 14-way, 6 over 8, mirrored",
    [row(6, 2), row(8)],
    byRows(),
    { ...SEALED, note: "Mirror image of the other 6 over 8." },
  ),
];

const ROUND = { blank: "plug" as const, locks: ["tpa" as const], terminals: ["sealed-1.5-female"] };
export const ROUND_SHELLS: readonly ShelfShell[] = [
  inRings("round-2", "sealed, round", "Round 2-way", [[2, 90]], numbers, ROUND),
  inRings("round-3", "sealed, round", "Round 3-way", [[3, 60]], numbers, ROUND),
  inRings("round-4", "sealed, round", "Round 4-way", [[4, 45]], numbers, ROUND),
  inRings("round-6", "sealed, round", "Round 6-way", [[6, 30]], letters, ROUND),
  inRings(
    "round-7",
    "sealed, round",
    "Round 7-way, 6 round 1",
    [
      [6, 30],
      [1, 0],
    ],
    numbers,
    ROUND,
  ),
  inRings(
    "round-9",
    "sealed, round",
    "Round 9-way, 8 round 1",
    [
      [8, 22.5],
      [1, 0],
    ],
    letters,
    ROUND,
  ),
  inRings(
    "round-12",
    "sealed, round",
    "Round 12-way, 9 round 3",
    [
      [9, 20],
      [3, 0],
    ],
    numbers,
    ROUND,
  ),
  inRings(
    "round-16",
    "sealed, round",
    "Round 16-way, 11 round 5",
    [
      [11, 16],
      [5, 0],
    ],
    numbers,
    ROUND,
  ),
];

const LOOSE = { terminals: ["blade-2.8-female", "blade-6.3-female"] };
export const UNSEALED_SHELLS: readonly ShelfShell[] = [
  inRows("plain-1", "unsealed", "Single blade, 1-way", [row(1, 0, 6.3)], byRows(), LOOSE),
  inRows("plain-2", "unsealed", "Unsealed 2-way", [row(2, 0, 6.3)], byRows(), LOOSE),
  inRows("plain-4", "unsealed", "Unsealed 4-way, 2 + 2", [row(2, 0, 6.3), row(2, 0, 6.3)], byRows(), LOOSE),
  inRows("plain-6-stepped", "unsealed", "Unsealed 6-way, 2 over 4", [row(2, 1), row(4)], byRows(), {
    terminals: ["plain-2.3-female"],
  }),
  inRows("plain-8", "unsealed", "Unsealed 8-way, 4 + 4, back and forth", [row(4), row(4)], serpentine, {
    terminals: ["plain-2.3-female"],
    note: "The second row runs back from the right.",
  }),
  inRows("plain-10", "unsealed", "Unsealed 10-way, 4 over 6", [row(4, 1), row(6)], byRows(), {
    terminals: ["plain-2.3-female"],
  }),
  inRows("plain-12", "unsealed", "Unsealed 12-way, 6 + 6, by columns", [row(6), row(6)], byColumns, {
    terminals: ["plain-1.0-female"],
    note: "Odd numbers above, even below.",
  }),
  inRows("plain-16", "unsealed", "Unsealed 16-way, 7 over 9", [row(7, 1), row(9)], byRows(), {
    terminals: ["plain-1.0-female"],
    locks: ["front"],
  }),
  inRows("plain-18", "unsealed", "Unsealed 18-way, 9 + 9, letter and number", [row(9), row(9)], byGrid, {
    terminals: ["plain-0.64-female"],
    locks: ["front"],
    note: "A1 to A9 on the lock's side, B1 to B9 below.",
  }),
  inRows(
    "plain-26-pull",
    "unsealed",
    "Unsealed 26-way, 13 + 13, from the right",
    [row(13), row(13)],
    byRows(numbers, "right"),
    { terminals: ["plain-0.64-female"] },
  ),
];

const MIXED = {
  blank: "membrane" as const,
  locks: ["tpa" as const],
  terminals: ["sealed-0.64-female", "sealed-2.8-female"],
};
/** Small cavities in rows between pairs of big ones: labels go on through the small ones and end with the big. */
function mixed(ways: number, small: readonly number[], big: number): ShelfShell {
  const width = Math.max(...small);
  const side = Math.ceil(big / 2);
  const height = Math.max(small.length, side * 1.65);
  let next = 1;
  const inner = small.flatMap((places, y) =>
    Array.from({ length: places }, (_, i) =>
      at(String(next++), 2.2 + i + 0.5, (height - small.length) / 2 + y + 0.5, 0.64),
    ),
  );
  const outer = Array.from({ length: big }, (_, i) =>
    at(String(next++), i < side ? 0.85 : 2.2 + width + 1.35, ((i % side) + 0.5) * (height / side), 2.8),
  );
  return byPoints(
    `mixed-${ways}`,
    "mixed sizes",
    `Mixed ${ways}-way, ${small.join(" + ")} small and ${big} big`,
    [...inner, ...outer],
    MIXED,
  );
}
export const MIXED_SHELLS: readonly ShelfShell[] = [
  mixed(20, [6, 6, 4], 4),
  mixed(24, [7, 7, 6], 4),
  mixed(32, [10, 10, 8], 4),
  mixed(36, [8, 8, 8, 8], 4),
  mixed(40, [12, 12, 12], 4),
  inRows(
    "mixed-28-rows",
    "mixed sizes",
    "Mixed 28-way, a row of 4 big over 12 + 12",
    [row(4, 1, 2.8), row(12, 0, 0.64), row(12, 0, 0.64)],
    byRows(),
    MIXED,
  ),
];

const HEADER = {
  blank: "membrane" as const,
  locks: ["tpa" as const, "cpa" as const],
  terminals: ["sealed-0.64-female"],
  keying: [rib("left", 0.3), rib("right", 0.7)],
};
const header = (
  ways: number,
  ...rows: readonly (readonly [number, number, (number | null)?])[]
): ShelfShell =>
  inRows(
    `header-${ways}`,
    "module header",
    `Module ${ways}-way, ${rows.map(([places]) => places).join(" + ")}`,
    rows.map(([places, offset, size]) => row(places, offset, size ?? null)),
    byRows(),
    HEADER,
  );
export const HEADER_SHELLS: readonly ShelfShell[] = [
  header(22, [10, 1], [12, 0]),
  header(38, [12, 0], [13, 0], [13, 0]),
  header(64, [15, 0.5], [17, 0], [17, 0], [15, 0.5]),
  header(68, [11, 6], [23, 0], [23, 0], [11, 6]),
  header(94, [6, 0, 2.8], [29, 0], [30, 0], [29, 0]),
  header(104, [25, 0], [27, 0], [27, 0], [25, 0]),
  header(121, [5, 0, 2.8], [29, 0], [29, 0], [29, 0], [29, 0]),
];

const group = (...labels: readonly number[]): readonly string[] => labels.map(String);
export const JUNCTION_SHELLS: readonly ShelfShell[] = [
  inRows("junction-6", "junction", "Junction 6-way, one group", [row(6)], byRows(), {
    joined: [group(1, 2, 3, 4, 5, 6)],
    terminals: ["plain-2.3-female"],
    note: "The cap joins all six; pulled off, no cavity is joined to another.",
  }),
  inRows("junction-12", "junction", "Junction 12-way, groups of 4, 4 and 4", [row(6), row(6)], byRows(), {
    joined: [group(1, 2, 7, 8), group(3, 4, 9, 10), group(5, 6, 11, 12)],
    terminals: ["plain-2.3-female"],
  }),
  inRows("junction-20", "junction", "Junction 20-way, groups of 6, 8 and 6", [row(10), row(10)], byRows(), {
    joined: [group(1, 2, 3, 11, 12, 13), group(4, 5, 6, 7, 14, 15, 16, 17), group(8, 9, 10, 18, 19, 20)],
    terminals: ["plain-0.64-female"],
  }),
];

export const FACELESS: readonly ShelfShell[] = [
  faceless("leg", "Loose leg of wires", "leg", "Wires with free ends, tagged by hand."),
  faceless("studs", "Row of studs", "studs", "Ring terminals; the label is what stands beside the stud."),
  faceless(
    "switch",
    "Terminals of a switch or part",
    "terminals",
    "Single terminals with DIN 72552 numbers or letters of their own.",
  ),
  faceless(
    "fuse-slots",
    "Fuse slots",
    "fuse slots",
    "Labels are the numbers of the box, with feed and load side.",
  ),
  faceless("port", "Port of a module", "port", "A cable with a plug of its own, joined as a whole."),
];
