import { blankOf } from "../../model/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** A cavity that was never filled is closed by a membrane to pierce or a plug to pull (common practice). */
export const blankMembrane: Rule = {
  id: "blank-membrane",
  class: "mechanical",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      const { connector, pin } = incoming.placed;
      const blank = blankOf(connector);
      if (pin.content !== "empty" || blank === "open") return [];
      return [
        {
          severity: "note",
          pins: [incoming, vehicle],
          decision,
          title: blank === "plug" ? "Cavity closed by a plug" : "Cavity closed by a membrane",
          detail: `${at(incoming)} was never filled.`,
          cure:
            blank === "plug"
              ? "Pull the plug and keep it for the way back."
              : "Pierce it with the right tool from the wire side; a pierced membrane does not seal again.",
        },
      ];
    }),
};
