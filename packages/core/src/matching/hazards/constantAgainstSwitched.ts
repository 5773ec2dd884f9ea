import type { SignalClass } from "../../model/index.ts";
import type { Finding, Rule } from "./rule.ts";
import { at } from "./say.ts";

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
          title: loses ? "Memory lost at key-off" : "On for ever: the battery drains",
          detail: loses
            ? `${at(incoming)} wants a constant supply; ${at(vehicle)} goes off with the key.`
            : `${at(incoming)} is meant to go off with the key; ${at(vehicle)} never does.`,
          cure: loses
            ? "Take the memory feed from a constant fuse."
            : "Take it from a fuse that goes off with the key, or through a relay.",
        },
      ];
    }),
};
