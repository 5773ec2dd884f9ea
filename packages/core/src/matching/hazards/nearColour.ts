import { likenessOf, type Likeness } from "../../colour/index.ts";
import { looksIn, type Finding, type Rule } from "./rule.ts";

/** Colours of one connector that pass for each other in poor light or to a colour-blind eye (CIEDE2000 under a threshold). */
export const nearColour: Rule = {
  id: "near-colour",
  class: "identity",
  find: ({ connectors, wires }) => {
    const known = new Map<string, Likeness | null>();
    return connectors.flatMap((connector) => {
      const looks = [
        ...looksIn(wires[connector.side].filter(({ placed }) => placed.connector.id === connector.id)),
      ];
      return looks.flatMap(([look, own], index) =>
        looks.slice(index + 1).flatMap(([other, theirs]): readonly Finding[] => {
          const [a, b] = [own[0], theirs[0]];
          if (a === undefined || b === undefined) return [];
          const key = look < other ? `${look}|${other}` : `${other}|${look}`;
          const likeness = known.get(key) ?? likenessOf(a.colour, b.colour);
          known.set(key, likeness);
          if (likeness?.kind !== "near") return [];
          return [
            {
              severity: "note",
              pins: [a, b],
              title: `${connector.name}: ${a.placed.pin.cavity} and ${b.placed.pin.cavity} are easily confused`,
              detail: `${look} and ${other} look alike in some light or to some eyes.`,
              cure: "Use daylight or a white lamp, and go by cavity.",
            },
          ];
        }),
      );
    });
  },
};
