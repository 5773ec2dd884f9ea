import type { Finding, Rule } from "./rule.ts";
import { isTerm, named } from "./say.ts";

/** A headlamp that was touched is aimed again, and a light source that was not approved for it blinds others (UN R48, R112; local law). */
export const glare: Rule = {
  id: "glare",
  class: "consequence",
  find: ({ links }) => {
    const lamps = links.filter(
      ({ incoming, vehicle }) =>
        isTerm(incoming, "dipped beam", "main beam", "headlamp feed") ||
        isTerm(vehicle, "dipped beam", "main beam", "headlamp feed"),
    );
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
