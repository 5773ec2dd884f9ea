import { deviceBetween } from "../../proposals/index.ts";
import { levelsDiffer } from "../../pairing/index.ts";
import { fitDevice } from "../fixes.ts";
import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** Fewer volts than the input wants: it may never see the signal (common practice). */
export const levelTooLow: Rule = {
  id: "level-too-low",
  class: "electrical",
  find: ({ links, dossier }) =>
    links.flatMap(({ vehicle, incoming, decision, device }): readonly Finding[] => {
      const proposed = levelsDiffer(vehicle, incoming)
        ? deviceBetween(vehicle, incoming, dossier.head.nominalVolts)
        : null;
      if (proposed?.why.kind !== "level" || proposed.why.from >= proposed.why.onto) return [];
      const { from, onto } = proposed.why;
      return [
        {
          severity: "caution",
          pins: [vehicle, incoming],
          decision,
          cured: device !== null,
          figures: [from, onto],
          title: `${from} V into a ${onto} V input`,
          detail: `${at(vehicle)} and ${at(incoming)}: ${from} V may not be enough for an input that works at ${onto} V.`,
          cure: "Measure what the input needs, or put a relay or converter between.",
          fixes: fitDevice(decision, proposed.device),
        },
      ];
    }),
};
