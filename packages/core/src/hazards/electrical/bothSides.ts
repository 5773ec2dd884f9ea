import { sideOf } from "../../meaning/index.ts";
import { list } from "../../util/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { named } from "../say.ts";

const SIDED = /^(turn |.*(stop|tail) lamp)/;

/** A wire that serves left and right at once: for turn lamps that is the hazard flasher, not a turn signal (common practice). */
export const bothSides: Rule = {
  id: "both-sides",
  class: "electrical",
  find: ({ groups }) =>
    groups.flatMap((group): readonly Finding[] => {
      const pins = [...new Set(group.flatMap((link) => [link.vehicle, link.incoming]))];
      const turn = pins.some(
        (pin) =>
          SIDED.test(pin.reading.thing?.name ?? "") && (pin.reading.thing?.name ?? "").startsWith("turn "),
      );
      const sides = new Set(pins.flatMap((pin) => sideOf(pin.reading) ?? []));
      if (!turn || sides.size < 2) return [];
      // Two leads onto one tell-tale: with a diode in each neither side lights the other.
      const told =
        group.every(({ device }) => device?.kind === "diodes") &&
        new Set(group.map(({ incoming }) => incoming)).size === 1;
      return [
        {
          severity: "stop",
          cured: told,
          pins,
          decision: group[0]?.decision ?? null,
          title: "Left and right on one wire",
          detail: `${list(pins.map(named))} would flash together.`,
          cure: "Use one wire per side. A lamp fed from both sides needs two diodes.",
        },
      ];
    }),
};
