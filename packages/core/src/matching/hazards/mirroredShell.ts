import { shellLookAlikes } from "../../lookalikes/index.ts";
import type { Finding, Rule } from "./rule.ts";

/** Shells that look alike and are keyed apart, or are the mirror image of each other and cannot mate. */
export const mirroredShell: Rule = {
  id: "mirrored-shell",
  class: "identity",
  find: ({ dossier, wires }) =>
    shellLookAlikes(dossier).flatMap(({ pair: [a, b], likeness }): readonly Finding[] => {
      if (likeness === "same") return [];
      const pin = (id: string) =>
        [...wires.vehicle, ...wires.incoming].find(({ placed }) => placed.connector.id === id);
      return [
        {
          severity: "caution",
          pins: [pin(a.id), pin(b.id)].flatMap((one) => one ?? []),
          title: `${a.name} and ${b.name} look alike`,
          detail:
            likeness === "mirrored"
              ? "They are mirror images: they cannot mate, and a count on one is wrong on the other."
              : "They are keyed apart: the wrong plug stops short.",
          cure: "Compare the key or lock before anything is counted or pushed together.",
        },
      ];
    }),
};
