import { daysUntilFlat, USUAL_BATTERY } from "../../sizing/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { named } from "../say.ts";

/** What is fed for ever drains the battery while the car stands (common practice). */
export const standbyDrain: Rule = {
  id: "standby-drain",
  class: "consequence",
  find: ({ feeds }) =>
    feeds.flatMap(({ pin, decision }): readonly Finding[] => {
      if (decision.feed !== "battery") return [];
      const { standby } = pin.placed.pin;
      const days = standby === null || standby === 0 ? null : daysUntilFlat(standby, USUAL_BATTERY);
      return [
        {
          severity: days !== null && days < 21 ? "caution" : "note",
          pins: [pin],
          decision,
          figures: standby === null ? [] : [standby],
          title:
            days === null
              ? "Powered while parked"
              : `Drains the battery in ${days < 10 ? days.toFixed(1) : Math.round(days)} days`,
          detail: `${named(pin)} has a constant feed${days === null ? "" : ` and draws ${standby ?? 0} A asleep`}.`,
          cure: "Measure the standby current once everything is asleep; a few hundredths of an amp is usual.",
        },
      ];
    }),
};
