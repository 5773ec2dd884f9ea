import type { ReadPin } from "../../pairing/index.ts";
import type { Rule } from "../rule.ts";
import { at } from "../say.ts";

/** A lamp fed at less than this share of the supply stands in series with another (common practice: half for two alike). */
const PART = 0.75;

/** A lamp in series with another gets part of the voltage: on the full supply it is twice as bright and fails, and its partner goes dark (common practice). */
export const seriesLamp: Rule = {
  id: "series-lamp",
  class: "electrical",
  find: ({ links, dossier }) => {
    const { nominalVolts } = dossier.head;
    const isPart = ({ signal, level, placed }: ReadPin): boolean =>
      signal === "lamp-feed" &&
      ((level.stated && level.volts !== null && level.volts > 0 && level.volts < PART * nominalVolts) ||
        /\bin series\b|\bseries[- ]fed\b/i.test(`${placed.pin.function} ${placed.pin.note}`));
    return links.flatMap(({ vehicle, incoming, decision, device }) => {
      if (isPart(vehicle) === isPart(incoming)) return [];
      const part = isPart(vehicle) ? vehicle : incoming;
      return [
        {
          severity: "caution" as const,
          pins: [vehicle, incoming],
          decision,
          cured: device !== null,
          title: "Lamp at part voltage",
          detail: `${at(part)} feeds its lamp through another one; the wire it meets carries the full ${nominalVolts} V.`,
          cure: "Join before the first lamp, where the pair has full supply, or rewire the pair in parallel with full-voltage lamps.",
        },
      ];
    });
  },
};
