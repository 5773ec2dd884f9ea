import { spliceInstead } from "../fixes.ts";
import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";
import { contactAt, terminalsOf } from "../contact.ts";

/** A terminal moves only into a cavity made for it: same width, same system; else it sits loose or does not go in (common practice). */
export const terminalFit: Rule = {
  id: "terminal-fit",
  class: "mechanical",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      if (decision?.kind !== "join" || decision.method !== "move" || decision.device !== undefined) return [];
      const [from, into] = [contactAt(vehicle.placed), contactAt(incoming.placed)];
      const [systems, theirs] = [terminalsOf(vehicle.placed), terminalsOf(incoming.placed)];
      const width = from !== null && into !== null && Math.abs(from - into) > 0.05;
      const system = systems.length > 0 && theirs.length > 0 && !systems.some((one) => theirs.includes(one));
      if (!width && !system) return [];
      return [
        {
          severity: "caution",
          pins: [vehicle, incoming],
          decision,
          title: "The terminal does not fit",
          detail: `${at(vehicle)} carries ${width ? `a ${from} mm contact` : systems.join(" or ")}, ${at(incoming)} takes ${width ? `${into} mm` : theirs.join(" or ")}.`,
          cure: "Splice instead, or crimp on a terminal of the right system.",
          fixes: spliceInstead(decision, incoming),
        },
      ];
    }),
};
