import type { Sight } from "../colour/index.ts";

const WORDS: Readonly<Record<Sight, string>> = {
  daylight: "daylight",
  "poor light": "poor light",
  protan: "red-weak eyes",
  deutan: "green-weak eyes",
  tritan: "blue-weak eyes",
};

/** Under which conditions two colours are near: "poor light, green-weak eyes". */
export const sightWords = (sights: readonly Sight[]): string =>
  sights.map((sight) => WORDS[sight]).join(", ");
