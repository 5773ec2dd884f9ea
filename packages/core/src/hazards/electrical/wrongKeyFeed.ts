import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** Accessory and run-only feeds drop out while cranking; what must run then needs ignition (DIN 72552: 15 against 75 and 15x). */
export const wrongKeyFeed: Rule = {
  id: "wrong-key-feed",
  class: "electrical",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      const weak = vehicle.signal === "accessory" || vehicle.signal === "run-not-crank";
      if (weak && incoming.signal === "ignition")
        return [
          {
            severity: "caution",
            pins: [vehicle, incoming],
            decision,
            title: "Drops out while cranking",
            detail: `${at(incoming)} must stay on while cranking; ${at(vehicle)} drops out.`,
            cure: "Use a fuse that stays on in run and crank; measure it while cranking.",
          },
        ];
      if (
        vehicle.signal === "ignition" &&
        (incoming.signal === "run-not-crank" || incoming.signal === "accessory")
      )
        return [
          {
            severity: "note",
            pins: [vehicle, incoming],
            decision,
            title: "Stays on while cranking",
            detail: `${at(incoming)} should drop out while cranking; ${at(vehicle)} stays on.`,
            cure: "Harmless for light loads; feed heavy ones from a supply that drops out.",
          },
        ];
      return [];
    }),
};
