import { fitDevice } from "../fixes.ts";
import type { Finding, Rule } from "../rule.ts";
import { at, named } from "../say.ts";

/** The charge lamp's current wakes the alternator: without it, or through an LED, it does not charge (DIN 72552, 61 and D+; common practice). */
export const chargeLamp: Rule = {
  id: "charge-lamp",
  class: "electrical",
  find: ({ links, open }) => [
    ...open.flatMap(({ pin, decision }): readonly Finding[] =>
      pin.signal === "charge-indicator"
        ? [
            {
              severity: "caution",
              pins: [pin],
              decision,
              title: "Alternator may not excite",
              detail: `${named(pin)} stays open; many alternators are excited by the lamp's current.`,
              cure: "Feed it from ignition through a lamp or a resistor of the same current.",
            },
          ]
        : [],
    ),
    ...links.flatMap(({ vehicle, incoming, decision, device }): readonly Finding[] => {
      if ((vehicle.signal === "charge-indicator") === (incoming.signal === "charge-indicator")) return [];
      return [
        {
          severity: "caution",
          pins: [vehicle, incoming],
          decision,
          cured: device?.kind === "resistor",
          title: "Alternator may not excite",
          detail: `${at(vehicle)} and ${at(incoming)}: a tell-tale that draws almost no current does not excite an alternator.`,
          cure: "Fit a resistor in parallel that draws what the bulb drew.",
          fixes: fitDevice(decision, { kind: "resistor", ohms: 68, how: "in parallel" }),
        },
      ];
    }),
  ],
};
