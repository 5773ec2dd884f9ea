import { isTapping } from "../../model/index.ts";
import { list } from "../../util/index.ts";
import type { ReadPin } from "../../pairing/index.ts";
import { deviceOfMerge } from "../../proposals/index.ts";
import { fitDevice } from "../fixes.ts";
import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

const DRIVEN = new Set(["switched-supply", "lamp-feed"]);
/** The words say that the part gives, or somebody wrote it down. */
const gives = ({ direction, way }: ReadPin): boolean =>
  direction === "source" || (direction === null && way.direction === "source" && way.certain > 0.9);

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
    // A wire that is tapped keeps the source that it has.
    ...links.flatMap(({ vehicle, incoming, decision, device }): readonly Finding[] =>
      decision !== null &&
      isTapping(decision) &&
      DRIVEN.has(vehicle.signal) &&
      vehicle.signal === incoming.signal &&
      gives(incoming)
        ? [
            {
              severity: "caution",
              pins: [incoming, vehicle],
              decision,
              cured: device?.kind === "diodes",
              title: "The old feed stays on this wire",
              detail: `${at(incoming)} drives ${at(vehicle)}, which goes on being driven by what drives it now: each back-feeds the other.`,
              cure: "Part the old feed, if the new one takes over; or fit a diode in each.",
            },
          ]
        : [],
    ),
    ...groups.flatMap((group): readonly Finding[] => {
      const [first] = group;
      const ours = [...new Set(group.map((link) => link.vehicle))];
      if (first === undefined || ours.length < 2) return [];
      const proposed = deviceOfMerge(first.incoming, ours);
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
