import { combined } from "../stopTurn.ts";
import type { Finding, Rule } from "../rule.ts";
import { named } from "../say.ts";

/** One filament for stop and turn on one side, separate lamps on the other: they cannot be joined wire for wire (common practice; UN R6, R7 and local law). */
export const combinedStopTurn: Rule = {
  id: "combined-stop-turn",
  class: "electrical",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision, device }): readonly Finding[] =>
      combined(vehicle) === combined(incoming)
        ? []
        : [
            {
              severity: "stop",
              pins: [vehicle, incoming],
              decision,
              cured: device?.kind === "converter",
              title: "Stop and turn share a filament on one side only",
              detail: `${named(vehicle)} against ${named(incoming)}: the stop lamp would stop the turn lamp from flashing, or light both sides.`,
              cure: "Fit a converter between separate and combined lamps, or use separate lamps.",
              fixes:
                decision === null
                  ? []
                  : [
                      {
                        words: "Fit a stop-and-turn converter",
                        put: [
                          {
                            ...decision,
                            device: {
                              kind: "converter",
                              what: "a converter between separate and combined stop and turn lamps",
                            },
                          } as typeof decision,
                        ],
                        remove: [],
                      },
                    ],
            },
          ],
    ),
};
