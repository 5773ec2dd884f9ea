import {
  differenceCiede2000,
  filterDeficiencyDeuter,
  filterDeficiencyProt,
  filterDeficiencyTrit,
  lrgb,
  parseHex,
  rgb,
  type Rgb,
} from "culori";
import { sameColour, sameRings, type ColourName, type WireColour } from "./colour.ts";
import { oncePerText } from "../util/index.ts";

/** How insulation looks when new, sRGB: chosen here, not from a standard. The screen draws wires in the same colours. */
export const NOMINAL_SRGB: Readonly<Record<ColourName, string>> = {
  black: "#222124",
  white: "#ffffff",
  grey: "#8d9398",
  red: "#d1212b",
  orange: "#f07a10",
  yellow: "#f6cb08",
  green: "#0e8647",
  blue: "#1b54c6",
  violet: "#7c3aac",
  brown: "#7c4a20",
  pink: "#f48fb6",
  turquoise: "#12aeb0",
  "sky blue": "#6fbdf2",
  "light blue": "#58a6e8",
  "dark blue": "#123a86",
  "light green": "#93cd3c",
  "dark green": "#0a5a35",
  silver: "#d9dbdc",
  gold: "#c79a2b",
  tan: "#c8a06c",
  beige: "#e3d3b0",
  natural: "#efe9d8",
  "dark brown": "#4a2b14",
  lavender: "#bfa3dc",
};

/** Under which conditions two colours are compared: three lights, then the three kinds of colour-vision deficiency. */
export const SIGHTS = ["daylight", "poor light", "protan", "deutan", "tritan"] as const;
export type Sight = (typeof SIGHTS)[number];

/**
 * CIEDE2000 difference under which two insulation colours are near (common practice, no source): new wires side by side in
 * daylight, dirty wires apart, so well above the just noticeable 1. Poor light squeezes all differences, so its bar is lower.
 */
export const NEAR: Readonly<Record<Sight, number>> = {
  daylight: 12,
  "poor light": 7.5,
  protan: 10,
  deutan: 10,
  tritan: 10,
};

/**
 * Under a dash with a weak lamp: 18 % of the light, and colours drawn two thirds of the way to what the rods see (their
 * response to red, green and blue from memory, low confidence).
 */
function inPoorLight(colour: Rgb): Rgb {
  const { r, g, b } = lrgb(colour);
  const rods = 0.062 * r + 0.608 * g + 0.33 * b;
  const dim = (part: number): number => 0.18 * (0.35 * part + 0.65 * rods);
  return rgb({ mode: "lrgb", r: dim(r), g: dim(g), b: dim(b) });
}

const SEEN: Readonly<Record<Sight, (colour: Rgb) => Rgb>> = {
  daylight: (colour) => colour,
  "poor light": inPoorLight,
  protan: (colour) => rgb(filterDeficiencyProt(1)(colour)),
  deutan: (colour) => rgb(filterDeficiencyDeuter(1)(colour)),
  tritan: (colour) => rgb(filterDeficiencyTrit(1)(colour)),
};

const ciede2000 = differenceCiede2000();
const rgbOf = (name: ColourName): Rgb => parseHex(NOMINAL_SRGB[name].slice(1)) as Rgb;
const MOST_PAIRS = 5000;
const differences = oncePerText<number>(MOST_PAIRS);

/** CIEDE2000 difference (CIE 142-2001, CIE 15) of two insulation colours as seen under a condition; computed once per pair. */
export function colourDifference(a: ColourName, b: ColourName, sight: Sight): number {
  const key = a < b ? `${sight} ${a} ${b}` : `${sight} ${b} ${a}`;
  const see = SEEN[sight];
  return differences(key, () => (a === b ? 0 : ciede2000(see(rgbOf(a)), see(rgbOf(b)))));
}

export type Likeness =
  { readonly kind: "same" } | { readonly kind: "near"; readonly sights: readonly Sight[] };

/** A stripe that cannot be told from its base is not seen. */
function visible(colour: WireColour, sight: Sight): WireColour {
  return {
    ...colour,
    stripes: colour.stripes.filter((stripe) => colourDifference(stripe, colour.base, sight) >= NEAR[sight]),
  };
}

function nearUnder(a: WireColour, b: WireColour, sight: Sight): boolean {
  const [left, right] = [visible(a, sight), visible(b, sight)];
  if (left.stripes.length !== right.stripes.length || !sameRings(left.rings, right.rings)) return false;
  const others = [right.base, ...right.stripes];
  return [left.base, ...left.stripes].every(
    (part, i) => colourDifference(part, others[i] ?? part, sight) < NEAR[sight],
  );
}

/**
 * Whether two wires can be taken for each other: the same colours, or near in daylight, in poor light or to eyes with a
 * colour-vision deficiency; null when they are told apart. Symmetric.
 */
export function likenessOf(a: WireColour, b: WireColour): Likeness | null {
  if (sameColour(a, b)) return { kind: "same" };
  const sights = SIGHTS.filter((sight) => nearUnder(a, b, sight));
  return sights.length === 0 ? null : { kind: "near", sights };
}

/** One wire at least twice as thick as the other: the hand tells them apart (common practice, no source). */
export const toldBySize = (a: number | null, b: number | null): boolean =>
  a !== null && b !== null && Math.max(a, b) >= 2 * Math.min(a, b);
