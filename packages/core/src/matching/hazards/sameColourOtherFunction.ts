import { colourInWords, sameColour } from "../../colour/index.ts";
import { pinName, pinsOfSide, signalFit, type Side } from "../../model/index.ts";
import { pinReader } from "../evidence.ts";
import type { Rule } from "./rule.ts";

/**
 * The black-on-black trap: the wire of the other side that looks like this one does something that would hurt (common
 * practice). Looked for from both ends of every join.
 */
export const sameColourOtherFunction: Rule = ({ dossier, links }) => {
  const read = pinReader(dossier);
  const wires = (side: Side) => pinsOfSide(dossier, side).filter(({ pin }) => pin.content === "occupied").map(read);
  const sides = { vehicle: wires("vehicle"), incoming: wires("incoming") };
  return links.flatMap(({ vehicle, incoming, decision }) =>
    ([[vehicle, incoming, "incoming"], [incoming, vehicle, "vehicle"]] as const).flatMap(([here, partner, across]) => {
      const own = read(here);
      return sides[across].flatMap((other) => {
        if (other.placed.pin.id === partner.pin.id || own.colour === null || other.colour === null || !sameColour(own.colour, other.colour)) return [];
        const fit = signalFit(own.signal, other.signal);
        if (fit !== "damage" && fit !== "device") return [];
        const words = colourInWords(own.colour);
        return [{
          rule: "same-colour-other-function",
          class: "identity" as const,
          severity: "caution" as const,
          pins: [here.pin.id, partner.pin.id, other.placed.pin.id],
          decision,
          title: `${words[0]?.toUpperCase()}${words.slice(1)} here, ${words} there`,
          detail: `${pinName(here)} is ${here.pin.function || own.signal}; the ${words} wire ${pinName(other.placed)} is ${other.placed.pin.function || other.signal}. Joined by colour they would do damage.`,
          cure: `Count cavities: ${here.pin.cavity} goes to ${partner.pin.cavity}, whatever the colours say.`,
        }];
      });
    }),
  );
};
