import { pinsInOrder } from "../../model/index.ts";
import { pinReader } from "../../pairing/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { named } from "../say.ts";

/** A cavity whose function is named and that holds no wire: something is to be populated, or the list is of another version (common practice). */
export const cavityWithoutPin: Rule = {
  id: "cavity-without-pin",
  class: "completeness",
  find: ({ dossier, connectors, links }) => {
    const read = pinReader(dossier);
    const filled = new Set(links.map((link) => link.incoming.placed.pin.id));
    return connectors.flatMap((connector) =>
      pinsInOrder(connector).flatMap((pin): readonly Finding[] => {
        if (pin.content !== "empty" || pin.function === "" || filled.has(pin.id)) return [];
        const own = read({ pin, connector });
        return own.reading.thing === null || own.reading.thing.name === "spare"
          ? []
          : [
              {
                severity: own.reading.thing.vital ? "caution" : "note",
                pins: [own],
                title: "Function without a wire",
                detail: `${named(own)} is in the table, but the cavity is empty.`,
                cure: "Other versions of the loom may have it. Populate it if the job needs it.",
              },
            ];
      }),
    );
  },
};
