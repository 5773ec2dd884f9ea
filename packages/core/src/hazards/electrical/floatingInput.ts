import type { Finding, Rule } from "../rule.ts";
import { leftOpenOf } from "../../meaning/index.ts";
import { isLowLevel } from "../../model/index.ts";
import { goesOnInItsLoom } from "../../pairing/index.ts";
import { at, named } from "../say.ts";

/** An input that is left open picks up whatever is near (common practice). */
export const floatingInput: Rule = {
  id: "floating-input",
  class: "electrical",
  find: ({ open }) =>
    open.flatMap(({ pin, decision }): readonly Finding[] => {
      const floats =
        leftOpenOf(pin.reading) === "floats" ||
        (isLowLevel(pin.signal) && pin.signal !== "sensor-supply" && pin.signal !== "sensor-return");
      if (decision.kind === "leave" && goesOnInItsLoom(pin)) return [];
      if (pin.placed.connector.side !== "incoming" || !floats || pin.direction === "source") return [];
      return [
        {
          severity: "note",
          pins: [pin],
          decision,
          title: "Open input",
          detail: `${named(pin)} is not connected; the module reads noise.`,
          cure: `Look up what ${at(pin)} needs when unused: open, ground or a resistor.`,
        },
      ];
    }),
};
