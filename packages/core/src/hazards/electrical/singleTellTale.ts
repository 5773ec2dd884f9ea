import { sideOf } from "../../meaning/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { isTerm, named } from "../say.ts";

/** One tell-tale between left and right finds its ground through the lamps of the other side: with LED lamps both sides glow (common practice). */
export const singleTellTale: Rule = {
  id: "single-tell-tale",
  class: "electrical",
  find: ({ wires }) =>
    (["vehicle", "incoming"] as const).flatMap((side): readonly Finding[] => {
      const tellTales = wires[side].filter((pin) => isTerm(pin, "turn tell-tale"));
      const [only] = tellTales;
      if (only === undefined || tellTales.length > 1 || sideOf(only.reading) !== null) return [];
      return [
        {
          severity: "caution",
          pins: [only],
          title: "One tell-tale for both sides",
          detail: `${named(only)} connects between left and right and grounds through the other side's lamps.`,
          cure: "Fit two diodes from left and right onto the tell-tale; ground its other end.",
        },
      ];
    }),
};
