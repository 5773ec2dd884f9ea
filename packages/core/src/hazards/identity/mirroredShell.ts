import { shellLookAlikes } from "../../lookalikes/index.ts";
import type { Finding, Rule } from "../rule.ts";

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
              ? "They are mirror images: they cannot mate, and cavity counts do not carry over."
              : "They are keyed differently: the wrong one will not seat.",
          cure: "Compare key and lock before you count or mate them.",
        },
      ];
    }),
};
