import { colourInWords } from "../../colour/index.ts";
import type { Rule } from "../rule.ts";
import { at } from "../say.ts";

/** Both looms' wires of one joint have the same colour: while both are out, nothing tells whose is whose (common practice). */
export const twinInExchange: Rule = {
  id: "twin-in-exchange",
  class: "identity",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }) => {
      if (
        decision?.kind !== "join" ||
        decision.method !== "move" ||
        vehicle.colour === null ||
        vehicle.look !== incoming.look ||
        incoming.placed.pin.content !== "occupied" ||
        incoming.placed.connector.leads !== "loom"
      )
        return [];
      return [
        {
          severity: "note",
          pins: [vehicle, incoming],
          decision,
          title: "Two wires of one colour out at once",
          cured: true,
          detail: `${at(vehicle)} and the wire it replaces in ${at(incoming)} are both ${colourInWords(vehicle.colour)}.`,
          cure: "The plan caps the old one before the new one is released.",
        },
      ];
    }),
};
