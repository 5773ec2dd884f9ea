import { isFeed } from "../../model/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { named, openEffect } from "../say.ts";
import { OPEN_WORDS } from "../../shelf/index.ts";

/** What the vehicle loses because a wire of it is capped (common practice; the maker's sheet decides). */
export const functionLost: Rule = {
  id: "function-lost",
  class: "consequence",
  find: ({ open, dossier }) =>
    open.flatMap(({ pin, decision }): readonly Finding[] => {
      // A supply or ground of the car that stays in its plug feeds nothing any more, and nothing is lost by it.
      const { side } = pin.placed.connector;
      if (side === "vehicle" && decision.kind === "leave" && isFeed(pin.signal)) return [];
      const effect = openEffect(pin, decision, dossier);
      if (effect === undefined || effect === "nothing" || effect === "code" || effect === "limp") return [];
      const grave =
        pin.reading.thing?.vital === true ||
        effect === "no-start" ||
        effect === "overheats" ||
        effect === "module-dead";
      return [
        {
          severity: grave ? "caution" : "note",
          pins: [pin],
          decision,
          title: `Left open: ${OPEN_WORDS[effect]}`,
          detail: `${named(pin)} stays disconnected.`,
          cure: "Tell the owner; add it to the brief if it must work.",
        },
      ];
    }),
};
