import type { SignalClass } from "../../model/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

const SWITCHED: readonly SignalClass[] = [
  "accessory",
  "ignition",
  "run-not-crank",
  "start",
  "switched-supply",
];

/** Constant on one side, switched on the other: memory is lost, or the battery drained (common practice). */
export const constantAgainstSwitched: Rule = {
  id: "constant-against-switched",
  class: "electrical",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      const loses = incoming.signal === "battery" && SWITCHED.includes(vehicle.signal);
      const drains = vehicle.signal === "battery" && SWITCHED.includes(incoming.signal);
      if (!loses && !drains) return [];
      return [
        {
          severity: "caution",
          pins: [vehicle, incoming],
          decision,
          title: loses ? "Memory lost at key-off" : "Always on: drains the battery",
          detail: loses
            ? `${at(incoming)} needs a constant supply; ${at(vehicle)} switches off with the key.`
            : `${at(incoming)} should switch off with the key; ${at(vehicle)} stays on.`,
          cure: loses
            ? "Take the memory feed from a constant fuse."
            : "Use a fuse that switches off with the key, or a relay.",
        },
      ];
    }),
};
