import type { Finding, Rule } from "./rule.ts";
import { named } from "./say.ts";

/** A battery of 60 Ah, half of which may go before it no longer starts the engine (common practice, no source). */
const SPARE_AMPERE_HOURS = 30;
/** What draws more than this draws it while it works, not while the car stands (common practice, no source). */
const MOST_STANDBY_AMPS = 1;

/** What is fed for ever drains the battery while the car stands (common practice). */
export const standbyDrain: Rule = {
  id: "standby-drain",
  class: "consequence",
  find: ({ feeds }) =>
    feeds.flatMap(({ pin, decision }): readonly Finding[] => {
      if (decision.feed !== "battery") return [];
      const { amps } = pin.placed.pin;
      const days =
        amps === null || amps === 0 || amps > MOST_STANDBY_AMPS ? null : SPARE_AMPERE_HOURS / amps / 24;
      return [
        {
          severity: days !== null && days < 21 ? "caution" : "note",
          pins: [pin],
          decision,
          title:
            days === null
              ? "Powered while parked"
              : `Drains the battery in ${days < 10 ? days.toFixed(1) : Math.round(days)} days`,
          detail: `${named(pin)} has a constant feed${days === null ? "" : ` and draws ${amps ?? 0} A`}.`,
          cure: "Measure the standby current once everything is asleep; a few hundredths of an amp is usual.",
        },
      ];
    }),
};
