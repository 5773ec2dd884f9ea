import { counterpartIn, decisionId, isLeftOpen, isParted, type Decision } from "../../model/index.ts";
import { list } from "../../util/index.ts";
import type { ReadPin } from "../../pairing/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** What a part joins inside leaves with it: wires that nobody joins again are parted, though no decision says so (common practice). */
export const bridgeLeaves: Rule = {
  id: "bridge-leaves",
  class: "consequence",
  find: ({ dossier, connectors, wires, decided }) => {
    const goesOn = (pin: ReadPin): Decision | null => {
      const decision = decided.get(pin.placed.pin.id);
      return decision === undefined || isLeftOpen(decision) ? null : decision;
    };
    return connectors.flatMap((connector) => {
      const isReplaced = counterpartIn(dossier, connector) === "comes";
      if (!isParted(dossier, connector) && !isReplaced) return [];
      return (connector.shell?.joined ?? []).flatMap((group): readonly Finding[] => {
        const pins = wires.vehicle.filter(
          ({ placed }) => placed.connector.id === connector.id && group.includes(placed.pin.cavity),
        );
        const [first] = pins;
        const joined = pins.map(goesOn);
        const used = joined.find((one) => one !== null) ?? null;
        // Wires that all end here miss nothing, and wires of one decision are together again.
        const isTogether =
          used !== null && joined.every((one) => one !== null && decisionId(one) === decisionId(used));
        if (first === undefined || pins.length < 2 || used === null || isTogether) return [];
        return [
          {
            severity: "caution",
            pins,
            decision: used,
            title: isReplaced ? "Does the new part bridge these too?" : "A bridge leaves with the part",
            detail: `${connector.name} bridges ${list(pins.map(at))} inside the part that ${isReplaced ? "is replaced" : "leaves"}, and no decision joins them again.`,
            cure: "Join them to the same wire or bridge them in their plug, unless they can do without each other.",
          },
        ];
      });
    });
  },
};
