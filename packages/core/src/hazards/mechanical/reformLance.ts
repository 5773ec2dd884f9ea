import { seatOf } from "../../model/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** A terminal that was released has a bent lance; it is lifted again before it goes in (common practice). */
export const reformLance: Rule = {
  id: "reform-lance",
  class: "mechanical",
  find: ({ links }) => {
    const moved = links.filter(({ decision }) => decision !== null && seatOf(decision) !== null);
    const [first] = moved;
    const pins = moved.map(({ vehicle }) => vehicle);
    return first === undefined
      ? []
      : ([
          {
            severity: "note",
            pins,
            cured: true,
            title: `${moved.length} ${moved.length === 1 ? "terminal is" : "terminals are"} reused`,
            detail: `${at(first.vehicle)}${moved.length > 1 ? " and the others" : ""}: a lance that was pressed down no longer holds.`,
            cure: "Re-form the lance, check the crimp, then insert until it clicks.",
          },
        ] satisfies readonly Finding[]);
  },
};
