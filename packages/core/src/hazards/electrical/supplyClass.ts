import { feedOf, isReturn, polarityOf, signalFit, supplyWords } from "../../model/index.ts";
import { SIGNAL_WORDS } from "../../shelf/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { named } from "../say.ts";
import { pointsById } from "../supplies.ts";

/** A pin hangs on a supply that is live when it needs it, and on a ground where it needs one (common practice). */
export const supplyClass: Rule = {
  id: "supply-class",
  class: "electrical",
  find: ({ feeds, dossier }) => {
    const points = pointsById(dossier);
    return feeds.flatMap(({ pin, decision }): readonly Finding[] => {
      const point = decision.supply === null ? undefined : points.get(decision.supply);
      if (point === undefined) return [];
      const given = feedOf(point);
      const what = supplyWords(point);
      const needs = SIGNAL_WORDS[decision.feed];
      if (given === null)
        return [
          {
            severity: "caution",
            pins: [pin],
            decision,
            title: "Nobody has said when it is live",
            detail: `${named(pin)} needs ${needs} and hangs on ${what}.`,
            cure: "Measure it in every key position and enter what it is, under Supplies.",
          },
        ];
      if (given === decision.feed) return [];
      const crossed = (polarityOf(point) === "ground") !== isReturn(decision.feed);
      if (!crossed && signalFit(given, decision.feed) === "compatible") return [];
      return [
        {
          severity: crossed ? "stop" : "caution",
          pins: [pin],
          decision,
          title: `${SIGNAL_WORDS[given]} instead of ${needs}`,
          detail: `${named(pin)} needs ${needs}; ${what} gives ${SIGNAL_WORDS[given]}.`,
          cure: `Choose a place that gives ${needs}.`,
        },
      ];
    });
  },
};
