import type { Finding, Rule } from "../rule.ts";
import { named, openEffect } from "../say.ts";
import { OPEN_WORDS } from "../../shelf/index.ts";

/** A module that misses a wire says so (common practice; the maker's sheet decides). */
export const faultCode: Rule = {
  id: "fault-code",
  class: "consequence",
  find: ({ open, dossier }) =>
    open.flatMap(({ pin, decision }): readonly Finding[] => {
      const effect = openEffect(pin, decision, dossier);
      if (effect !== "code" && effect !== "limp") return [];
      return [
        {
          severity: "note",
          pins: [pin],
          decision,
          title: effect === "limp" ? "Fault code and reduced power" : "Fault code expected",
          detail: `${named(pin)} stays disconnected: ${OPEN_WORDS[effect]}.`,
          cure: "Record the code for the hand-over; never hide a fault lamp.",
        },
      ];
    }),
};
