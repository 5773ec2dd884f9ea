import { droppedOption } from "../../brief/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { named } from "../say.ts";

/** A wire that is only there with some equipment: on this car it may be missing, or carry something else (common practice). */
export const optionWire: Rule = {
  id: "option-wire",
  class: "completeness",
  find: ({ links, dossier }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      const own = [vehicle, incoming].find(
        ({ placed }) => placed.pin.condition !== "" && !placed.pin.identified,
      );
      if (own === undefined) return [];
      const dropped = droppedOption(dossier, own.placed);
      return [
        {
          severity: dropped === null ? "note" : "caution",
          pins: [own],
          decision,
          title: dropped === null ? "Optional equipment only" : "Belongs to equipment that is not kept",
          detail: `${named(own)}: ${own.placed.pin.condition}.`,
          cure:
            dropped === null
              ? "Check at the connector whether the wire is there."
              : "Leave it, or keep the equipment on the brief.",
        },
      ];
    }),
};
