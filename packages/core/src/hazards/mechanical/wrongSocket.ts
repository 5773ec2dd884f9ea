import { shellLookAlikes } from "../../lookalikes/index.ts";
import type { Finding, Rule } from "../rule.ts";

/** Two plugs with the same shell: each goes into the other's socket (common practice). */
export const wrongSocket: Rule = {
  id: "wrong-socket",
  class: "mechanical",
  find: ({ dossier, wires }) =>
    shellLookAlikes(dossier).flatMap(({ pair: [a, b], likeness }): readonly Finding[] => {
      if (likeness !== "same" || a.side !== b.side || a.matesWith === b.id) return [];
      const pins = [a, b].flatMap(
        ({ id }) => wires[a.side].find(({ placed }) => placed.connector.id === id) ?? [],
      );
      return pins.length < 2
        ? []
        : [
            {
              severity: "note",
              pins,
              title: `${a.name} also fits ${b.name}'s socket`,
              detail: `${a.name} and ${b.name} have the same housing.`,
              cure: "Flag both connectors before unplugging them.",
            },
          ];
    }),
};
