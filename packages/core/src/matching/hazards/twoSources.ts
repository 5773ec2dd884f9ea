import { list } from "../../util/index.ts";
import { deviceOfMerge } from "../devices.ts";
import { fitDevice } from "./fixes.ts";
import type { Finding, Rule } from "./rule.ts";
import { at } from "./say.ts";

/** Two wires that each work one input feed each other backwards unless a diode sits in each (common practice). */
export const twoSources: Rule = {
  id: "two-sources",
  class: "electrical",
  find: ({ links, groups }) => [
    ...links.flatMap(({ vehicle, incoming, decision, device }): readonly Finding[] =>
      vehicle.direction === "source" && incoming.direction === "source" && vehicle.signal !== "ground"
        ? [
            {
              severity: "stop",
              pins: [vehicle, incoming],
              decision,
              cured: device !== null,
              title: "Two sources on one wire",
              detail: `${at(vehicle)} and ${at(incoming)} both drive this wire; each back-feeds the other when only one is on.`,
              cure: "Fit a diode in each, cathode (band) towards the load, or keep them apart.",
              fixes: fitDevice(decision, { kind: "diodes", band: "incoming" }),
            },
          ]
        : [],
    ),
    ...groups.flatMap((group): readonly Finding[] => {
      const [first] = group;
      const ours = [...new Set(group.map((link) => link.vehicle))];
      if (first === undefined || ours.length < 2) return [];
      const proposed = deviceOfMerge(first.incoming);
      if (proposed === null) return [];
      return [
        {
          severity: "caution",
          pins: [first.incoming, ...ours],
          decision: first.decision,
          cured: first.device !== null,
          title: "Merged wires back-feed each other",
          detail: `${list(ours.map(at))} meet at ${at(first.incoming)}. When one is on, whatever is on the others comes on too.`,
          cure: "Fit a diode in each, unless nothing else is on them.",
          fixes: fitDevice(first.decision, proposed.device),
        },
      ];
    }),
  ],
};
