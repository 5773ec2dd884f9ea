/** Insulation colours a technician tells apart by name. Light green and green are two colours (common practice). */
export const COLOUR_NAMES = [
  "black", "brown", "red", "orange", "yellow", "green", "blue", "violet", "grey", "white", "pink", "turquoise",
  "gold", "silver", "light green", "dark green", "light blue", "sky blue", "dark blue", "tan", "beige", "natural", "dark brown", "lavender",
] as const;
export type ColourName = (typeof COLOUR_NAMES)[number];

/** A wire's insulation: base first, then up to two stripes; rings are tracer marks around the wire. */
export interface WireColour {
  readonly base: ColourName;
  readonly stripes: readonly ColourName[];
  readonly rings: ColourName | null;
}

export const plain = (base: ColourName, ...stripes: readonly ColourName[]): WireColour => ({ base, stripes, rings: null });

/** Equal to the eye in daylight: same base, same stripes in the same order, same rings. */
export function sameColour(a: WireColour, b: WireColour): boolean {
  return a.base === b.base && a.rings === b.rings && a.stripes.length === b.stripes.length && a.stripes.every((s, i) => s === b.stripes[i]);
}

/** "blue, white stripe"; "yellow, green and red stripes"; "orange, silver rings". */
export function colourInWords({ base, stripes, rings }: WireColour): string {
  const stripe = stripes.length === 0 ? [] : stripes.length === 1 ? [`${stripes[0]} stripe`] : [`${stripes.join(" and ")} stripes`];
  return [base, ...stripe, ...(rings === null ? [] : [`${rings} rings`])].join(", ");
}
