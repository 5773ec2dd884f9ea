import type { Finding, Rule } from "../rule.ts";

const PLACES = [
  {
    words: /\b(exhaust|manifold|turbo|catalyst|dpf|heat ?shield)\b/i,
    what: "heat",
    cure: "Keep a hand's width from the exhaust or use heat sleeve; no solder there.",
  },
  {
    words: /\b(door|hinge|tailgate|boot lid|steering column|seat|tilt|gear ?lever|suspension|axle|wheel)\b/i,
    what: "movement",
    cure: "Allow slack for the full travel; nothing rubs, no joint where it flexes.",
  },
  {
    words: /\b(bulkhead|firewall|sill|floor|wing|inner wing)\b/i,
    what: "metal edges",
    cure: "A grommet wherever the wire goes through metal.",
  },
] as const;

/** Where the loom runs says what harms it: heat, movement, metal edges (common practice). */
export const hotOrMoving: Rule = {
  id: "hot-or-moving",
  class: "mechanical",
  find: ({ links, connectors }) => {
    const worked = new Map(
      links.flatMap((link) => [
        [link.vehicle.placed.connector.id, link.vehicle] as const,
        [link.incoming.placed.connector.id, link.incoming] as const,
      ]),
    );
    return connectors.flatMap((connector) => {
      const pin = worked.get(connector.id);
      return PLACES.flatMap(({ words, what, cure }): readonly Finding[] =>
        pin !== undefined && words.test(`${connector.place} ${connector.branch}`)
          ? [
              {
                severity: "note",
                pins: [pin],
                title: `${connector.name}: mind ${what}`,
                detail: `${connector.name} is at ${connector.place || connector.branch}.`,
                cure,
              },
            ]
          : [],
      );
    });
  },
};
