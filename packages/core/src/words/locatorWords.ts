import {
  isSideways,
  type Found,
  type Hold,
  type Landmark,
  type Located,
  type Locator,
} from "../face/index.ts";
import type { FaceView, Grip, Shell } from "../model/index.ts";

const ordinal = (n: number): string =>
  `${n}${n % 100 >= 11 && n % 100 <= 13 ? "th" : (["th", "st", "nd", "rd"][n % 10] ?? "th")}`;

export const viewWords = (view: FaceView): string => (view === "wire" ? "wire side" : "mating face");

/** "up", "to the left": where a mark points. */
export const gripWords = (grip: Grip): string => (isSideways(grip) ? `to the ${grip}` : grip);

/** "wire side, lock up": how the part is held. */
export const holdWords = ({ view, grip }: Hold, shell: Pick<Shell, "mark">): string =>
  `${viewWords(view)}, ${shell.mark} ${gripWords(grip)}`;

function ringWords(ring: number, rings: number): string {
  if (ring === 1) return "outer ring";
  return ring === rings ? "inner ring" : `ring ${ring} of ${rings}`;
}

/** "row 2 of 3, 4th from the left": a place without the hold that it is true in, counted from the nearer end. */
export function placeWords(locator: Locator): string {
  const { place, places } = locator;
  if (locator.kind === "ring") {
    if (locator.clock === 0) return "in the centre";
    const ring = locator.rings > 1 ? `${ringWords(locator.ring, locator.rings)}, ` : "";
    return `${ring}at ${locator.clock} o'clock, ${ordinal(place)} of ${places} clockwise from the mark`;
  }
  const { line, lines, sense } = locator;
  const row = sense === "row";
  const [start, end] = row ? ["left", "right"] : ["top", "bottom"];
  const ends = row ? ["top row", "bottom row"] : ["left column", "right column"];
  const counted = lines === 2 ? ends[line - 1] : `${sense} ${line} of ${lines}`;
  const which = lines === 1 ? `one ${sense}` : counted;
  if (places === 1) return `${which}, alone`;
  const fromEnd = places + 1 - place;
  if (place === 1) return `${which}, ${start} end`;
  if (fromEnd === 1) return `${which}, ${end} end`;
  const where =
    place <= fromEnd ? `${ordinal(place)} from the ${start}` : `${ordinal(fromEnd)} from the ${end}`;
  return `${which}, ${where}`;
}

/** "wire side, lock up: row 2 of 3, 4th from the left". */
export const locatorWords = (locator: Locator, hold: Hold, shell: Pick<Shell, "mark">): string =>
  `${holdWords(hold, shell)}: ${placeWords(locator).replace("from the mark", `from the ${shell.mark}`)}`;

/** "the empty 6 is two to its left", "10 is below": what the hand finds it by, in one line; empty when there is nothing. */
export function landmarkWords(marks: readonly Landmark[]): string {
  const STEPS = ["", "next", "two", "three"];
  const parts = marks.map((mark) => {
    if (mark.kind === "only-thick") return "the only thick wire";
    const level = mark.to === "left" || mark.to === "right";
    if (mark.kind === "across") return `${mark.label} is ${level ? `to its ${mark.to}` : mark.to}`;
    return `the ${mark.what} ${mark.label} is ${mark.steps === 1 && !level ? "just" : STEPS[mark.steps]} ${level ? `to its ${mark.to}` : mark.to}`;
  });
  const text = parts.join("; ");
  return text === "" ? "" : `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}

/** What came of typing a place. */
export function foundWords(found: Found, text: string): string {
  switch (found.kind) {
    case "one":
      return "";
    case "several":
      return `${found.places.length} cavities fit “${text}”: ${found.places
        .slice(0, 6)
        .map((place: Located) => place.label)
        .join(", ")}. Say the row as well.`;
    case "none":
      return text.trim() === ""
        ? ""
        : `Nothing is at “${text}”. There are ${found.lines} ${found.lines === 1 ? "row" : "rows"} of up to ${found.longest}. Type a label, or “row 2, 4 from left”.`;
  }
}
