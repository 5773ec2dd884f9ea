import { list } from "../../util/index.ts";
import { plugOf, type Finding, type Rule } from "../rule.ts";
import { isTerm, named } from "../say.ts";

const GAP = " with a reference gap: reversed, the gap is read in the wrong place";
const PLAIN = " for plain speed";
/** A coil pickup has a polarity: free for plain speed, never for a wheel with a reference gap (common practice). */
export const pickupPolarity: Rule = {
  id: "pickup-polarity",
  class: "electrical",
  // Both wires of one pickup are one matter.
  together: {
    by: (finding) => `${plugOf(finding)} ${finding.severity}`,
    words: (findings) => ({
      title: findings[0].title,
      detail: `${list(findings.map(({ about }) => about ?? ""))} are wires of a coil pickup${
        findings[0].severity === "caution" ? GAP : PLAIN
      }.`,
    }),
  },
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      if (vehicle.signal !== "vr-pair" || incoming.signal !== "vr-pair") return [];
      const gap =
        isTerm(vehicle, "crankshaft position", "camshaft position", "distributor pickup") ||
        isTerm(incoming, "crankshaft position", "camshaft position", "distributor pickup");
      return [
        {
          severity: gap ? "caution" : "note",
          pins: [vehicle, incoming],
          decision,
          title: gap ? "Mind the polarity of the pickup" : "Polarity does not matter here",
          detail: `${named(vehicle)} is a coil pickup${gap ? GAP : PLAIN}.`,
          about: named(vehicle),
          cure: gap
            ? "Positive to positive; with a meter, see which way the voltage swings first as the gap goes by."
            : "Nothing to do.",
        },
      ];
    }),
};
