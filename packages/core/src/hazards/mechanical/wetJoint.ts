import { methodOf, seatOf, type Decision } from "../../model/index.ts";
import type { ReadPin } from "../../pairing/index.ts";
import { plugOf, type Finding, type Rule } from "../rule.ts";
import { at } from "../say.ts";

/** An adapter ends in terminals; only a part in it, or two pigtails, are joined. */
const isCrimped = (decision: Decision, pins: readonly ReadPin[]): boolean =>
  decision.kind === "join" &&
  decision.method === "adapter" &&
  decision.device === undefined &&
  pins.some(({ placed }) => placed.connector.leads === "loom");

/** A joint behind a sealed plug is in the wet: it needs a sealed splice (common practice). */
export const wetJoint: Rule = {
  id: "wet-joint",
  class: "mechanical",
  together: {
    by: plugOf,
    words: (findings) => ({
      title: `${plugOf(findings[0])}: ${findings.length} joints in a wet place`,
      detail: "Where a plug is sealed, expect water at the joints behind it.",
    }),
  },
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      if (
        decision === null ||
        methodOf(decision) === null ||
        seatOf(decision) !== null ||
        isCrimped(decision, [vehicle, incoming])
      )
        return [];
      const wet = [vehicle, incoming].find(({ placed }) => placed.connector.sealed);
      return wet === undefined
        ? []
        : [
            {
              severity: "note",
              pins: [vehicle, incoming],
              decision,
              title: "Joint in a wet place",
              detail: `${at(wet)} is in a sealed connector, so expect water there.`,
              cure: "Use adhesive-lined sleeve on every joint, placed above the lowest bend with its ends down.",
            },
          ];
    }),
};
