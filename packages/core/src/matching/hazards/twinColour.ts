import { colourInWords, sameColour } from "../../colour/index.ts";
import { connectorsInOrder, pinColour, pinsInOrder } from "../../model/index.ts";
import type { Rule } from "./rule.ts";

/** Two wires of one colour in one connector: only the cavity tells them apart (common practice). */
export const twinColour: Rule = ({ dossier }) =>
  connectorsInOrder(dossier).flatMap((connector) => {
    const wires = pinsInOrder(connector).flatMap((pin) => {
      const colour = pin.content === "occupied" ? pinColour(pin, connector) : null;
      return colour === null ? [] : [{ pin, colour }];
    });
    return wires.flatMap(({ pin, colour }, index) => {
      if (wires.findIndex((other) => sameColour(other.colour, colour)) !== index) return [];
      const twins = wires.filter((other) => sameColour(other.colour, colour)).map((other) => other.pin);
      if (twins.length < 2) return [];
      const labels = twins.map((twin) => twin.cavity).join(", ");
      return [{
        rule: "twin-colour",
        class: "identity" as const,
        severity: "note" as const,
        pins: twins.map((twin) => twin.id),
        decision: null,
        title: `${connector.name}: ${labels} look alike`,
        detail: `${twins.length} wires of ${connector.name} are ${colourInWords(colour)}. Only the cavity tells them apart.`,
        cure: `Keep ${pin.cavity} and its twin never loose together; flag them first.`,
      }];
    });
  });
