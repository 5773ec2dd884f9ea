import { deviceBetween } from "../../proposals/index.ts";
import { fitDevice } from "../fixes.ts";
import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** A load that draws more than its switch or output gives wants a relay (common practice). */
export const missingRelay: Rule = {
  id: "missing-relay",
  class: "electrical",
  find: ({ links, dossier }) =>
    links.flatMap(({ vehicle, incoming, decision, device }): readonly Finding[] => {
      const proposed = deviceBetween(vehicle, incoming, dossier.head.nominalVolts);
      if (proposed?.why.kind !== "current") return [];
      return [
        {
          severity: "stop",
          pins: [vehicle, incoming],
          decision,
          cured: device?.kind === "relay",
          title: `${proposed.why.needs} A on a wire that supplies ${proposed.why.gives} A`,
          detail: `${at(vehicle)} and ${at(incoming)}: the output or switch is overloaded.`,
          cure: "Fit a relay: the weak wire drives its coil; the contact feeds the load through its own fuse.",
          fixes: fitDevice(decision, proposed.device),
        },
      ];
    }),
};
