import { list } from "../../util/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** Where wires share one, their currents add; the one wire and its fuse carry the sum (Kirchhoff). */
export const mergedCurrents: Rule = {
  id: "merged-currents",
  class: "electrical",
  find: ({ groups }) =>
    groups.flatMap((group): readonly Finding[] => {
      const [first] = group;
      if (first === undefined) return [];
      const split = group.every((link) => link.vehicle === first.vehicle);
      const [one, many] = split
        ? [first.vehicle, group.map((link) => link.incoming)]
        : [first.incoming, group.map((link) => link.vehicle)];
      // Sources with a diode each take turns: what they feed draws its own current and no more.
      const turns = first.device?.kind === "diodes" && (first.device.band === "incoming") !== split;
      if (turns) return [];
      const amps = many.map((pin) => pin.placed.pin.amps);
      const known = amps.every((value) => value !== null);
      const sum = amps.reduce<number>((total, value) => total + (value ?? 0), 0);
      const least = many.reduce((total, pin) => total + (pin.placed.pin.size ?? 0), 0);
      const size = one.placed.pin.size;
      const thin = size !== null && many.every((pin) => pin.placed.pin.size !== null) && least > 2 * size;
      return [
        {
          severity: thin ? "caution" : "note",
          pins: [one, ...many],
          decision: first.decision,
          figures: [sum, size ?? 0, least],
          title: known ? `${sum} A through one wire` : "Currents add",
          detail: `${list(many.map(at))} share ${at(one)}${known ? ` and draw ${sum} A together` : ""}${thin ? `; ${size} mm² takes over from ${Number(least.toFixed(2))} mm²` : ""}.`,
          cure: "The shared wire, fuse and ground carry the sum: check their ratings.",
        },
      ];
    }),
};
