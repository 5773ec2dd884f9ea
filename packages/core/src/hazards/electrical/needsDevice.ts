import { signalFit } from "../../model/index.ts";
import { deviceBetween, deviceReasonWords } from "../../proposals/index.ts";
import { levelsDiffer } from "../../pairing/index.ts";
import { fitDevice } from "../fixes.ts";
import type { Finding, Rule } from "../rule.ts";
import { at } from "../say.ts";

/** Signals that go together only through a part: a switched supply and a switched ground, a coil pickup and a Hall input (common practice). */
export const needsDevice: Rule = {
  id: "needs-device",
  class: "electrical",
  find: ({ links, dossier }) =>
    links.flatMap(({ vehicle, incoming, decision, device }): readonly Finding[] => {
      if (signalFit(vehicle.signal, incoming.signal) !== "device" || levelsDiffer(vehicle, incoming))
        return [];
      const proposed = deviceBetween(vehicle, incoming, dossier.head.nominalVolts);
      return [
        {
          severity: "caution",
          pins: [vehicle, incoming],
          decision,
          cured: device !== null,
          title: "Needs a device in between",
          detail: `${at(vehicle)} and ${at(incoming)}: ${proposed === null ? "the two signals are incompatible" : deviceReasonWords(proposed)}. Joined directly, it stays dead or is overdriven.`,
          cure: "Fit the device before you make this join.",
          fixes: proposed === null ? [] : fitDevice(decision, proposed.device),
        },
      ];
    }),
};
