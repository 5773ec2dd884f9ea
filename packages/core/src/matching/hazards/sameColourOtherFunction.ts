import { colourInWords, sameColour } from "../../colour/index.ts";
import { pinName, pinsOfSide, signalFit } from "../../model/index.ts";
import { readPin } from "../evidence.ts";
import type { Rule } from "./rule.ts";

/** The black-on-black trap: the wire that looks right on the other side does something that would hurt (common practice). */
export const sameColourOtherFunction: Rule = ({ dossier, links }) => {
  const incoming = pinsOfSide(dossier, "incoming").filter(({ pin }) => pin.content === "occupied").map(readPin);
  return links.flatMap(({ vehicle, incoming: partner, decision }) => {
    const left = readPin(vehicle);
    return incoming.flatMap((right) => {
      if (right.placed.pin.id === partner.pin.id || left.colour === null || right.colour === null || !sameColour(left.colour, right.colour)) return [];
      const fit = signalFit(left.signal, right.signal);
      if (fit !== "damage" && fit !== "device") return [];
      const words = colourInWords(left.colour);
      return [{
        rule: "same-colour-other-function",
        class: "identity" as const,
        severity: "caution" as const,
        pins: [vehicle.pin.id, partner.pin.id, right.placed.pin.id],
        decision,
        title: `${words[0]?.toUpperCase()}${words.slice(1)} here, ${words} there`,
        detail: `${pinName(vehicle)} is ${vehicle.pin.function || left.signal}; the ${words} wire ${pinName(right.placed)} is ${right.placed.pin.function || right.signal}. Joined by colour they would do damage.`,
        cure: `Count cavities: ${vehicle.pin.cavity} goes to ${partner.pin.cavity}, whatever the colours say.`,
      }];
    });
  });
};
