/** Insulation colours a technician tells apart by name. Light green and green are two colours (common practice). */
export const COLOUR_NAMES = [
  "black",
  "brown",
  "red",
  "orange",
  "yellow",
  "green",
  "blue",
  "violet",
  "grey",
  "white",
  "pink",
  "turquoise",
  "gold",
  "silver",
  "light green",
  "dark green",
  "light blue",
  "sky blue",
  "dark blue",
  "tan",
  "beige",
  "natural",
  "dark brown",
  "lavender",
] as const;
export type ColourName = (typeof COLOUR_NAMES)[number];

/** Tracer marks around the wire; `count` is how many stand together, or null when nobody said. */
export interface Rings {
  readonly colour: ColourName;
  readonly count: number | null;
}

/** A wire's insulation: base first, then up to two stripes, then tracer marks. */
export interface WireColour {
  readonly base: ColourName;
  readonly stripes: readonly ColourName[];
  readonly rings: Rings | null;
}

export const plain = (base: ColourName, ...stripes: readonly ColourName[]): WireColour => ({
  base,
  stripes,
  rings: null,
});

/** Equal to the eye in daylight: same base, same stripes in the same order, same rings; an unstated count equals any. */
export function sameColour(a: WireColour, b: WireColour): boolean {
  return (
    a.base === b.base &&
    sameRings(a.rings, b.rings) &&
    a.stripes.length === b.stripes.length &&
    a.stripes.every((s, i) => s === b.stripes[i])
  );
}

export function sameRings(a: Rings | null, b: Rings | null): boolean {
  if (a === null || b === null) return a === b;
  return a.colour === b.colour && (a.count === null || b.count === null || a.count === b.count);
}

const COUNTS = ["", "one", "two", "three", "four"];

/** "blue, white stripe"; "yellow, green and red stripes"; "orange, two silver rings". */
export function colourInWords({ base, stripes, rings }: WireColour): string {
  const word = stripes.length === 1 ? "stripe" : "stripes";
  const stripe = stripes.length === 0 ? [] : [`${stripes.join(" and ")} ${word}`];
  return [base, ...stripe, ...(rings === null ? [] : [ringsInWords(rings)])].join(", ");
}

export function ringsInWords({ colour, count }: Rings): string {
  return `${count === null ? "" : `${COUNTS[count] ?? String(count)} `}${colour} ${count === 1 ? "ring" : "rings"}`;
}
