import { decisionId, isKept, isTapping, methodOf, seatsOf, type Decision } from "../../model/index.ts";
import { tappedInstead } from "../../proposals/index.ts";
import type { Finding, Fix, Rule } from "../rule.ts";
import { at, named } from "../say.ts";

/**
 * The part behind a plug stays, and a decision takes its wire away from it: an ignition switch is cut off so that a module can
 * listen (common practice: what goes on working is tapped).
 */
export const partCutOff: Rule = {
  id: "part-cut-off",
  class: "consequence",
  find: ({ dossier, wires, decided }) => {
    // Another wire in its place is what was decided for the part.
    const filled = new Set(dossier.decisions.flatMap(seatsOf));
    return wires.vehicle.flatMap((pin): readonly Finding[] => {
      const { connector } = pin.placed;
      const decision = decided.get(pin.placed.pin.id);
      if (decision === undefined || connector.leads !== "loom" || !isKept(dossier, connector)) return [];
      const how = filled.has(pin.placed.pin.id) ? null : partedBy(decision);
      if (how === null) return [];
      return [
        {
          severity: how === "on-purpose" ? "caution" : "stop",
          pins: [pin],
          decision,
          title: "The part that stays loses this wire",
          detail: `${named(pin)}: what ${connector.name} plugs into stays, and ${how === "on-purpose" ? "its wire ends here" : "this decision takes its wire away"}.`,
          cure:
            how === "on-purpose"
              ? "Leave it as it is unless the part can do without it."
              : `Tap ${at(pin)}: the wire stays whole and a branch hangs on it.`,
          fixes: tapInstead(decision),
        },
      ];
    });
  },
};

/** How a decision parts a wire from the part behind its plug; null where the part keeps it, or gets it back. */
function partedBy(decision: Decision): "on-purpose" | "silently" | null {
  switch (decision.kind) {
    case "join":
    case "merge":
    case "split":
      if (isTapping(decision)) return null;
      return decision.half === "plug" && methodOf(decision) === "splice" ? "on-purpose" : "silently";
    case "jumper":
    case "mate":
      return "silently";
    case "cap":
    case "remove":
    case "feed":
      return "on-purpose";
    case "tap":
    case "series":
    case "move":
    case "populate":
    case "re-end":
    case "leave":
    case "forbid":
      return null;
  }
}

function tapInstead(decision: Decision): readonly Fix[] {
  const tap = tappedInstead(decision);
  return tap === null
    ? []
    : [
        {
          words: "Tap it instead",
          put: [tap],
          remove: [decisionId(decision)].filter((id) => id !== decisionId(tap)),
        },
      ];
}
