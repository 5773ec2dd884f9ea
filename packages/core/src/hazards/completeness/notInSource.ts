import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** A wire that the source does not mention: the source is of another version, or somebody was here before (common practice). */
export const notInSource: Rule = {
  id: "not-in-source",
  class: "completeness",
  find: ({ wires, links }) => {
    // A lead that goes on for another wire does what that one does.
    const goesOn = new Set(
      links.flatMap(({ vehicle, incoming, decision }) => (decision === null ? [] : [vehicle, incoming])),
    );
    return (["vehicle", "incoming"] as const).flatMap((side) =>
      wires[side].flatMap((pin): readonly Finding[] =>
        pin.placed.pin.function.trim() === "" && !goesOn.has(pin)
          ? [
              {
                severity: "note",
                pins: [pin],
                title: "Wire without a function",
                detail: `${at(pin)}${pin.look === "" ? "" : `, ${pin.look},`} has a wire with no function recorded.`,
                cure: "Identify it before you cut, cap or join it.",
              },
            ]
          : [],
      ),
    );
  },
};
