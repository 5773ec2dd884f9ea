import type { Finding, Rule } from "../rule.ts";
import { isTerm, named } from "../say.ts";

const BEAMS = ["dipped beam", "main beam", "headlamp feed", "front fog lamp"] as const;
const TELL_TALE = "main beam tell-tale";
const SERIES = /\bseries\b/i;

/** A headlamp that was touched is aimed again, and a light source that was not approved for it blinds others (UN R48, R112; local law). */
export const glare: Rule = {
  id: "glare",
  class: "consequence",
  find: ({ links, groups }) => {
    // Two lamps that burned at half the voltage each, one behind the other, burn at the whole of it side by side.
    const [full] = groups.flatMap((group) => {
      const link = group.find(({ vehicle }) => SERIES.test(vehicle.reading.text));
      return link !== undefined && new Set(group.map(({ vehicle }) => vehicle)).size > 1 ? [link] : [];
    });
    if (full !== undefined)
      return [
        {
          severity: "caution",
          pins: [full.vehicle, full.incoming],
          decision: full.decision,
          title: "These lamps burn at full power now",
          detail: `${named(full.vehicle)} was the link between two lamps in series, each at half the voltage; side by side each gets all of it.`,
          cure: "Fit lamps of the power that a running lamp may have: a full-power beam in its place dazzles, and inspection rules apply.",
        },
      ];
    const lamps = links.filter(({ incoming, vehicle }) => {
      const both = [incoming, vehicle];
      // What a cluster shows of a beam is aimed by nobody.
      return both.some((pin) => isTerm(pin, ...BEAMS)) && !both.some((pin) => isTerm(pin, TELL_TALE));
    });
    const [first] = lamps;
    return first === undefined
      ? []
      : ([
          {
            severity: "note",
            pins: [first.vehicle, first.incoming],
            decision: first.decision,
            title: "Aim the headlamps afterwards",
            detail: `${named(first.vehicle)} is a headlamp circuit.`,
            cure: "Aim on a level floor, and use approved light sources only; inspection rules apply.",
          },
        ] satisfies readonly Finding[]);
  },
};
