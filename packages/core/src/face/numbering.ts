import type { LabelKind, Numbering, Pattern } from "../model/index.ts";
import { fail, ok, type Result } from "../util/index.ts";

/** "A", "B" … "Z", "AA" … without the letters left out; counts from 0. A skip list that leaves nothing counts all letters. */
export function letterLabel(index: number, skip: readonly string[]): string {
  const letters = [..."ABCDEFGHIJKLMNOPQRSTUVWXYZ"].filter((letter) => !skip.includes(letter));
  const alphabet = letters.length === 0 ? [..."ABCDEFGHIJKLMNOPQRSTUVWXYZ"] : letters;
  let text = "";
  for (let rest = index; rest >= 0; rest = Math.floor(rest / alphabet.length) - 1)
    text = `${alphabet[rest % alphabet.length] ?? ""}${text}`;
  return text;
}

const labelAt = (labels: LabelKind, index: number): string =>
  labels.kind === "numbers" ? String(labels.start + index) : letterLabel(index, labels.skip);

/**
 * The labels of rows of so many places, row by row from the top and left to right in the view they are printed for; null
 * where the shell prints none. Worked: rows 2 and 3 numbered from the right, top row first, give 2 1 / 5 4 3.
 */
export function rowLabels(
  places: readonly { readonly places: number; readonly offset: number }[],
  numbering: Numbering,
): readonly (readonly (string | null)[])[] {
  const grid = places.map((row) => Array.from<string | null>({ length: row.places }).fill(null));
  if (numbering.scheme === "listed") return grid;
  if (numbering.scheme === "explicit") {
    let next = 0;
    return grid.map((row) => row.map(() => numbering.labels[next++] ?? null));
  }
  const rows = grid.map((_, index) => index);
  if (numbering.first === "bottom") rows.reverse();
  const fromRight = (turn: number): boolean =>
    (numbering.from === "right") !== (numbering.scheme === "serpentine" && turn % 2 === 1);
  if (numbering.scheme === "columns") {
    // A column is what stands in the same place across, so that stepped rows keep their columns.
    const at = rows.flatMap((r) =>
      Array.from({ length: places[r]?.places ?? 0 }, (_, i) => ({ r, i, x: (places[r]?.offset ?? 0) + i })),
    );
    const columns = [...new Set(at.map(({ x }) => x))].sort((a, b) =>
      numbering.from === "right" ? b - a : a - b,
    );
    const counted = columns.flatMap((x) => at.filter((one) => one.x === x));
    return grid.map((row, r) =>
      row.map((_, i) =>
        labelAt(
          numbering.labels,
          counted.findIndex((one) => one.r === r && one.i === i),
        ),
      ),
    );
  }
  return grid.map((row, r) => {
    const turn = rows.indexOf(r);
    const before = rows.slice(0, turn).reduce((sum, earlier) => sum + (places[earlier]?.places ?? 0), 0);
    return row.map((_, i) => {
      const n = fromRight(turn) ? row.length - 1 - i : i;
      return numbering.scheme === "grid"
        ? `${letterLabel(turn, numbering.skip)}${n + 1}`
        : labelAt(numbering.labels, before + n);
    });
  });
}

/** The labels of a ring shell, outermost ring first, in the direction of counting. */
export function ringLabels(
  pattern: Extract<Pattern, { kind: "rings" }>,
): readonly (readonly (string | null)[])[] {
  let next = 0;
  const { numbering } = pattern;
  return pattern.rings.map((ring) =>
    Array.from({ length: ring.places }, () => {
      const index = next++;
      if (numbering.scheme === "listed") return null;
      return numbering.scheme === "explicit"
        ? (numbering.labels[index] ?? null)
        : labelAt(numbering.labels, index);
    }),
  );
}

export type LabelProblem =
  | { readonly code: "label-repeated"; readonly label: string }
  | { readonly code: "labels-do-not-fit"; readonly labels: number; readonly cavities: number };

/** Explicit labels must be as many as the cavities, and no two the same. */
export function checkLabels(labels: readonly (string | null)[], wanted: number): Result<void, LabelProblem> {
  const given = labels.filter((label) => label !== null);
  if (given.length > 0 && given.length !== wanted)
    return fail({ code: "labels-do-not-fit", labels: given.length, cavities: wanted });
  const repeated = given.find((label, index) => given.indexOf(label) !== index);
  return repeated === undefined ? ok(undefined) : fail({ code: "label-repeated", label: repeated });
}
