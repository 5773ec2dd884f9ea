import { decisionId, methodOf, namedPins } from "../../model/index.ts";
import type { Finding, Rule } from "./rule.ts";
import { isTerm, named } from "./say.ts";

/** A plug that goes into an adapter leaves its own counterpart, with every wire in it (common practice). */
export const adapterOverKeptWire: Rule = {
  id: "adapter-over-kept-wire",
  class: "consequence",
  find: ({ dossier, open }) => {
    const led = new Set(
      dossier.decisions.filter((decision) => methodOf(decision) === "adapter").flatMap(namedPins),
    );
    return open.flatMap(({ pin, decision }): readonly Finding[] => {
      const { connector, pin: own } = pin.placed;
      if (
        decision.kind !== "leave" ||
        connector.side !== "vehicle" ||
        connector.leads !== "loom" ||
        own.content !== "occupied" ||
        isTerm(pin, "spare") ||
        !connector.pins.some(({ id }) => led.has(id))
      )
        return [];
      return [
        {
          severity: "caution",
          pins: [pin],
          decision,
          title: "It stays in a plug that goes into the adapter",
          detail: `${named(pin)} stays as it is, but its plug leaves its counterpart: what it led to there is no longer connected.`,
          cure: "Lead it through the adapter as well, or say that it ends here.",
          fixes: [
            {
              words: "Say that it ends here",
              put: [{ ...decision, kind: "cap" }],
              remove: [decisionId(decision)],
            },
          ],
        },
      ];
    });
  },
};
