import type { Finding, Rule } from "./rule.ts";
import { at } from "./say.ts";

/** A joint behind a sealed plug is in the wet: it needs a sealed splice (common practice). */
export const wetJoint: Rule = {
  id: "wet-joint",
  class: "mechanical",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      if (decision === null || (decision.kind === "join" && decision.method === "move" && decision.device === undefined)) return [];
      const wet = [vehicle, incoming].find(({ placed }) => placed.connector.sealed);
      return wet === undefined ? [] : [{ severity: "note", pins: [vehicle, incoming], decision, title: "A joint in a wet place", detail: `${at(wet)} is in a sealed connector, so the place is wet.`, cure: "Adhesive-lined sleeve over every joint, the joint higher than the lowest bend, ends down." }];
    }),
};
