import type { ReadPin } from "../pairing/index.ts";
import type { Finding, Rule, Severity } from "./rule.ts";
import { at } from "./say.ts";
import { SIGNAL_WORDS } from "../shelf/index.ts";

/** A rule about what meets what: found from either end of every link. */
export function onto(
  meets: (a: ReadPin, b: ReadPin) => boolean,
  severity: Severity,
  harm: string,
  cure: string,
): Rule["find"] {
  return ({ links }) =>
    links.flatMap(({ vehicle, incoming, decision }): readonly Finding[] => {
      const ways = [
        [vehicle, incoming],
        [incoming, vehicle],
      ] as const;
      const hit = ways.find(([one, other]) => meets(one, other));
      if (hit === undefined) return [];
      const [a, b] = hit;
      return [
        {
          severity,
          pins: [vehicle, incoming],
          decision,
          title: `${SIGNAL_WORDS[a.signal]} onto ${SIGNAL_WORDS[b.signal]}`,
          detail: `${at(a)} is ${SIGNAL_WORDS[a.signal]}, ${at(b)} is ${SIGNAL_WORDS[b.signal]}. ${harm}`,
          cure,
        },
      ];
    });
}
