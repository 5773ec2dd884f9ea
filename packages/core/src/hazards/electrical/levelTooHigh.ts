import { levelsDiffer } from "../../pairing/index.ts";
import { deviceBetween } from "../../proposals/index.ts";
import { fitDevice } from "../fixes.ts";
import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** More volts than the input takes: 12 V on a 5 V input wants a divider, a supply a regulator (common practice). */
export const levelTooHigh: Rule = {
  id: "level-too-high",
  class: "electrical",
  find: ({ links, dossier }) =>
    links.flatMap(({ vehicle, incoming, decision, device }): readonly Finding[] => {
      if (!levelsDiffer(vehicle, incoming)) return [];
      const proposed = deviceBetween(vehicle, incoming, dossier.head.nominalVolts);
      if (proposed?.why.kind !== "level" || proposed.why.from <= proposed.why.onto) return [];
      const { from, onto } = proposed.why;
      return [
        {
          severity: "stop",
          pins: [vehicle, incoming],
          decision,
          cured: device !== null,
          figures: [from, onto],
          title: `${from} V onto a ${onto} V input`,
          detail: `${at(vehicle)} and ${at(incoming)}: one side supplies up to ${from} V, the other takes ${onto} V. Joined directly, the input fails.`,
          cure:
            proposed.device.kind === "regulator"
              ? `Fit a ${onto} V regulator in between.`
              : "Fit a divider in between; check the reading before you connect the input.",
          fixes: fitDevice(decision, proposed.device),
        },
      ];
    }),
};
