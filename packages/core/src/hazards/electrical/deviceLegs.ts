import {
  feedOf,
  isJoining,
  leadPin,
  missingLegs,
  supplyWords,
  type Decision,
  type DeviceLeg,
} from "../../model/index.ts";
import { list } from "../../util/index.ts";
import { deviceWords, terminalWords } from "../../proposals/index.ts";
import type { Finding, Fix, Rule } from "../rule.ts";

/** A relay switches nothing without its supply, a divider divides nothing without its ground: every terminal goes somewhere (common practice). */
export const deviceLegs: Rule = {
  id: "device-legs",
  class: "electrical",
  find: ({ dossier, links }) => {
    const grounds = dossier.points.filter((point) => feedOf(point) === "ground");
    const seen = new Set<Decision>();
    return links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      if (decision === null || !isJoining(decision) || seen.has(decision)) return [];
      seen.add(decision);
      const { device } = decision;
      const missing = device === undefined ? [] : missingLegs(device);
      if (device === undefined || missing.length === 0) return [];
      return [
        {
          severity: "stop",
          pins: leadPin(decision) === vehicle.placed.pin.id ? [vehicle, incoming] : [incoming, vehicle],
          decision,
          title: `${missing.length === 1 ? "Terminal" : "Terminals"} not connected`,
          detail: `${deviceWords(device)}: nothing is connected to ${list(missing.map(terminalWords))}, so it cannot work.`,
          cure: "Enter what each terminal connects to.",
          fixes:
            missing.length === 1 && missing[0] === "ground"
              ? grounds.slice(0, 2).map((point): Fix => {
                  const leg: DeviceLeg = {
                    terminal: "ground",
                    to: { kind: "feed", feed: "ground", supply: point.id },
                  };
                  return {
                    words: `Ground it at ${supplyWords(point)}`,
                    put: [{ ...decision, device: { ...device, legs: [...(device.legs ?? []), leg] } }],
                    remove: [],
                  };
                })
              : [],
        },
      ];
    });
  },
};
