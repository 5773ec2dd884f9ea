import { likenessOf, type Likeness } from "../../colour/index.ts";
import { isKept, isTapOf } from "../../model/index.ts";
import { list } from "../../util/index.ts";
import type { ReadPin } from "../../pairing/index.ts";
import { looksIn, plugOf, type Finding, type HazardContext, type Rule } from "../rule.ts";
import { at } from "../say.ts";

/**
 * Colours of wires that are loose at the same time and pass for each other in poor light or to a colour-blind eye (CIEDE2000 under a
 * threshold): flying leads, and wires that leave their plug. A wire that stays in its cavity is told by that.
 */
export const nearColour: Rule = {
  id: "near-colour",
  class: "identity",
  together: {
    by: plugOf,
    words: (findings) => ({
      title: `${plugOf(findings[0])}: colours that pass for each other`,
      detail: `${list(findings.map(({ about, pins }) => `${pins.map(at).join(" and ")} (${about ?? ""})`))}.`,
    }),
  },
  find: (context) => {
    const known = new Map<string, Likeness | null>();
    const loose = loosened(context);
    return context.connectors.flatMap((connector) => {
      const looks = [
        ...looksIn(
          context.wires[connector.side].filter(
            (wire) => wire.placed.connector.id === connector.id && loose.has(wire),
          ),
        ),
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
              about: `${look} and ${other}`,
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

/** Wires that are, or would be, out of their plug: all but those that are tapped or left. */
function loosened({ dossier, wires, decided, links }: HazardContext): ReadonlySet<ReadPin> {
  const suggested = new Set(
    links.flatMap(({ decision, vehicle, incoming }) => (decision === null ? [vehicle, incoming] : [])),
  );
  return new Set(
    [...wires.vehicle, ...wires.incoming].filter((wire) => {
      const { pin, connector } = wire.placed;
      if (connector.leads === "flying") return true;
      const decision = decided.get(pin.id);
      if (decision === undefined) return suggested.has(wire) && !isKept(dossier, connector);
      return !isTapOf(decision, pin.id) && decision.kind !== "leave";
    }),
  );
}
