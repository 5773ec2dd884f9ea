import { takesAdapter } from "../../model/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { isTerm, named } from "../say.ts";

/** A plug that goes into an adapter leaves its own counterpart, with every wire in it (common practice). */
export const adapterOverKeptWire: Rule = {
  id: "adapter-over-kept-wire",
  class: "consequence",
  find: ({ dossier, open }) => {
    const adapted = takesAdapter(dossier.decisions);
    return open.flatMap(({ pin, decision }): readonly Finding[] => {
      const { connector, pin: own } = pin.placed;
      if (
        decision.kind !== "leave" ||
        decision.open !== undefined ||
        connector.side !== "vehicle" ||
        connector.leads !== "loom" ||
        own.content !== "occupied" ||
        isTerm(pin, "spare") ||
        !adapted(connector)
      )
        return [];
      return [
        {
          severity: "caution",
          pins: [pin],
          decision,
          title: "Wire stays in a connector that goes into the adapter",
          detail: `${named(pin)} stays as it is, but its connector is unplugged from its counterpart, so what it fed there is disconnected.`,
          cure: "Run it through the adapter too, or mark it as terminated here: it stays in its cavity.",
          fixes: [
            {
              words: "Mark as terminated here",
              put: [{ ...decision, open: pin.reading.thing?.open ?? "nothing" }],
              remove: [],
            },
          ],
        },
      ];
    });
  },
};
