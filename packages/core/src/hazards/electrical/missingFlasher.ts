import type { Rule } from "../rule.ts";
import { at, isTerm, named } from "../say.ts";

/** Turn lamps on a wire that does not pulse burn steadily: the flasher, or the module that does its work, was left behind (UN R6, DIN 72552: 49 and 49a). */
export const missingFlasher: Rule = {
  id: "missing-flasher",
  class: "electrical",
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision, device }) => {
      const lamp = [vehicle, incoming].find((pin) =>
        isTerm(pin, "turn lamp", "trailer turn left", "trailer turn right", "turn tell-tale"),
      );
      const steady = [vehicle, incoming].find((pin) =>
        isTerm(
          pin,
          "flasher input",
          "turn switch",
          "hazard switch",
          "ignition supply",
          "accessory supply",
          "constant supply",
        ),
      );
      if (lamp === undefined || steady === undefined) return [];
      return [
        {
          severity: "caution" as const,
          pins: [vehicle, incoming],
          decision,
          cured: device?.kind === "converter" || device?.kind === "relay",
          title: "No flasher in the circuit",
          detail: `${named(steady)} does not pulse, but ${at(lamp)} feeds a turn lamp: it would stay lit.`,
          cure: "Take it after the flasher (49a), or fit one; if a module flashes, use its output.",
        },
      ];
    }),
};
