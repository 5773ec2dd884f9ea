import { isDeadEnd, seatOf } from "../../model/index.ts";
import type { Finding, Rule } from "./rule.ts";
import { at } from "./say.ts";

/** A cavity of a sealed connector that loses its wire lets water in until it is plugged (common practice). */
export const vacatedCavity: Rule = {
  id: "vacated-cavity",
  class: "mechanical",
  find: ({ links, open }) => {
    const moved = links.flatMap(({ vehicle, decision }) =>
      decision !== null && decision.kind !== "series" && seatOf(decision) !== null
        ? [{ pin: vehicle, decision }]
        : [],
    );
    const capped = open.filter(
      ({ decision, pin }) => isDeadEnd(decision) && pin.placed.connector.leads === "loom",
    );
    return [...moved, ...capped].flatMap(({ pin, decision }): readonly Finding[] =>
      pin.placed.connector.sealed && pin.placed.pin.content === "occupied"
        ? [
            {
              severity: "note",
              pins: [pin],
              decision,
              cured: true,
              title: "Open cavity in a sealed connector",
              detail: `${at(pin)} loses its wire.`,
              cure: "The plan closes it with a cavity plug.",
            },
          ]
        : [],
    );
  },
};
