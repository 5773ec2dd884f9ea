import { isDeadEnd, seatOf, seatsOf, type Decision } from "../../model/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** A cavity of a sealed connector that loses its wire lets water in until it is plugged (common practice). */
export const vacatedCavity: Rule = {
  id: "vacated-cavity",
  class: "mechanical",
  find: ({ links, open, dossier }) => {
    const filled = new Set(dossier.decisions.flatMap(seatsOf));
    const leaves = (decision: Decision): boolean =>
      seatOf(decision) !== null || ("half" in decision && decision.half === "pulled");
    const moved = links.flatMap(({ vehicle, decision }) =>
      decision !== null && decision.kind !== "series" && leaves(decision) ? [{ pin: vehicle, decision }] : [],
    );
    const capped = open.filter(
      ({ decision, pin }) => isDeadEnd(decision) && pin.placed.connector.leads === "loom",
    );
    return [...moved, ...capped].flatMap(({ pin, decision }): readonly Finding[] =>
      pin.placed.connector.sealed && pin.placed.pin.content === "occupied" && !filled.has(pin.placed.pin.id)
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
