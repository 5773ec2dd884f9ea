import { plugOf, type Finding, type Rule } from "../rule.ts";
import { at, fromTo } from "../say.ts";

/** A thick wire carried on by one much thinner: the fuse must suit the thinner one (common practice). */
export const sizeStep: Rule = {
  id: "size-step",
  class: "electrical",
  together: {
    by: plugOf,
    words: (findings) => ({
      title: `${plugOf(findings[0])}: ${findings.length} wires go on thinner or thicker`,
      detail: `${findings.map((one) => `${fromTo(one)}: ${one.title}`).join("; ")}. The fuse must protect the thinner one.`,
    }),
  },
  find: ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      const a = vehicle.placed.pin.size;
      const b = incoming.placed.pin.size;
      if (a === null || b === null || Math.max(a, b) / Math.min(a, b) < 2) return [];
      return [
        {
          severity: "note",
          pins: [vehicle, incoming],
          decision,
          figures: [a, b],
          title: `${a} onto ${b} mm²`,
          detail: `${at(vehicle)} is ${a} mm², ${at(incoming)} is ${b} mm². The fuse must protect the thinner one.`,
          cure: "Size the fuse for the thinner wire and the butt splice for both.",
        },
      ];
    }),
};
