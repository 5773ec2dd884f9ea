import { isCommon, isMake, isOneContact } from "../../pairing/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { at, named } from "../say.ts";

/** A free relay contact gives what its other side is fed with; joined to a load and fed with nothing, it gives nothing (ISO 7588-1). */
export const relayUnfed: Rule = {
  id: "relay-unfed",
  class: "completeness",
  find: ({ links, wires, decided }) => {
    const joined = new Set(links.map(({ incoming }) => incoming.placed.pin.id));
    return links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      if (!isCommon(incoming) && !isMake(incoming)) return [];
      const other = wires.incoming.find((pin) => isOneContact(pin, incoming));
      if (other === undefined || joined.has(other.placed.pin.id)) return [];
      const own = decided.get(other.placed.pin.id);
      if (own?.kind === "feed") return [];
      const polarity = vehicle.signal === "switched-ground" ? "ground" : "12 V through a fuse";
      return [
        {
          severity: "stop",
          pins: [other, incoming],
          decision: own ?? decision,
          title: "Relay contact is not fed",
          detail: `${named(incoming)} gives ${at(vehicle)} what ${named(other)} is fed with, and that is fed with nothing.`,
          cure: `Feed ${at(other)} with ${polarity}; the other polarity would work the other way.`,
        },
      ];
    });
  },
};
