import { colourInWords } from "../../colour/index.ts";
import { connectorsInOrder, pinColour, pinsInOrder, type Pin } from "../../model/index.ts";
import type { Rule } from "./rule.ts";

/** Two wires of one colour in one connector: only the cavity tells them apart (common practice). */
export const twinColour: Rule = ({ dossier }) =>
  connectorsInOrder(dossier).flatMap((connector) => {
    const byLook = new Map<string, Pin[]>();
    for (const pin of pinsInOrder(connector)) {
      const colour = pin.content === "occupied" ? pinColour(pin, connector) : null;
      if (colour === null) continue;
      const look = colourInWords(colour);
      byLook.set(look, [...(byLook.get(look) ?? []), pin]);
    }
    return [...byLook].flatMap(([look, twins]) => {
      if (twins.length < 2) return [];
      const labels = twins.map((twin) => twin.cavity).join(", ");
      return [{
        rule: "twin-colour",
        class: "identity" as const,
        severity: "note" as const,
        pins: twins.map((twin) => twin.id),
        decision: null,
        title: `${connector.name}: ${labels} look alike`,
        detail: `${twins.length} wires of ${connector.name} are ${look}. Only the cavity tells them apart.`,
        cure: `Keep ${twins[0]?.cavity} and its twin never loose together; flag them first.`,
      }];
    });
  });
