import { pinName } from "../../model/index.ts";
import type { Rule } from "./rule.ts";

/** A thick wire carried on by one much thinner: the fuse must suit the thinner one (common practice). */
export const sizeStep: Rule = ({ links }) =>
  links.flatMap(({ vehicle, incoming, decision }) => {
    const a = vehicle.pin.size;
    const b = incoming.pin.size;
    if (a === null || b === null || Math.max(a, b) / Math.min(a, b) < 2) return [];
    return [{
      rule: "size-step",
      class: "electrical" as const,
      severity: "note" as const,
      pins: [vehicle.pin.id, incoming.pin.id],
      decision,
      title: `${a} onto ${b} mm²`,
      detail: `${pinName(vehicle)} is ${a} mm², ${pinName(incoming)} is ${b} mm². The fuse has to protect the thinner one.`,
      cure: "Check the fuse rating against the thinner wire; choose the barrel for the sum.",
    }];
  });
