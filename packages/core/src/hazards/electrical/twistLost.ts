import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** A twisted or shielded wire that is joined goes on twisted up to the joint (ISO 11898: common practice, a few centimetres at most). */
export const twistLost: Rule = {
  id: "twist-lost",
  class: "electrical",
  find: ({ links, dossier }) => {
    const bundled = new Map(
      dossier.wires.flatMap((wire) =>
        wire.bundle === null
          ? []
          : wire.ends.flatMap((end) => (end.at === "pin" ? [[end.pin, wire.bundle] as const] : [])),
      ),
    );
    return links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      const can =
        (vehicle.signal === "can-h" && incoming.signal === "can-h") ||
        (vehicle.signal === "can-l" && incoming.signal === "can-l");
      const own = bundled.get(vehicle.placed.pin.id) ?? bundled.get(incoming.placed.pin.id);
      if (!can && own === undefined) return [];
      const shield = own?.kind === "shield";
      return [
        {
          severity: "note",
          pins: [vehicle, incoming],
          decision,
          title: shield ? "Keep the shield" : "Keep the twist",
          detail: `${at(vehicle)} to ${at(incoming)} belongs to a ${shield ? "shielded wire" : "twisted pair"}.`,
          cure: shield
            ? "Continue the shield and ground it at one end only."
            : "Untwist only what the joint needs; keep both wires the same length.",
        },
      ];
    });
  },
};
