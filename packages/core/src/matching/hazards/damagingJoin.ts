import { pinName, signalFit } from "../../model/index.ts";
import { pinReader } from "../evidence.ts";
import type { Rule } from "./rule.ts";

/** A join whose signal classes hurt a part, or that needs a device between (common practice, no source). */
export const damagingJoin: Rule = ({ dossier, links }) => {
  const read = pinReader(dossier);
  return links.flatMap(({ vehicle, incoming, decision }) => {
    const left = read(vehicle).signal;
    const right = read(incoming).signal;
    const fit = signalFit(left, right);
    if (fit !== "damage" && fit !== "device") return [];
    return [{
      rule: "damaging-join",
      class: "electrical" as const,
      severity: fit === "damage" ? ("stop" as const) : ("caution" as const),
      pins: [vehicle.pin.id, incoming.pin.id],
      decision,
      title: fit === "damage" ? `${left} onto ${right}` : `${left} to ${right} needs a device`,
      detail: `${pinName(vehicle)} is ${left}, ${pinName(incoming)} is ${right}. ${fit === "damage" ? "Joined directly, a wire, a fuse or the module is lost." : "Joined directly it stays dead or is overdriven."}`,
      cure: fit === "damage" ? "Choose another partner, or give the reason why the table is wrong." : "Put the device in (relay, divider, converter) before this join is made.",
    }];
  });
};
