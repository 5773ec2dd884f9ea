import type { Finding, Rule } from "./rule.ts";

/** A module whose plugs have a supply and no ground wire works through its case, or not at all (common practice). */
export const missingGround: Rule = {
  id: "missing-ground",
  class: "electrical",
  find: ({ connectors, wires }) => {
    const units = [
      ...new Set(
        connectors
          .filter(({ side }) => side === "incoming")
          .map(({ module, branch, name }) => module || branch || name),
      ),
    ];
    return units.flatMap((unit): readonly Finding[] => {
      const own = wires.incoming.filter(
        ({ placed: { connector } }) => (connector.module || connector.branch || connector.name) === unit,
      );
      const supply = own.find(
        ({ signal }) => signal === "battery" || signal === "ignition" || signal === "accessory",
      );
      if (supply === undefined || own.some(({ signal }) => signal === "ground" || signal === "unknown"))
        return [];
      return [
        {
          severity: "caution",
          pins: [supply],
          title: `${unit} has no ground wire`,
          detail: `${unit} takes a supply and no wire of it is a ground.`,
          cure: "It may ground through its case: then paint off, and measure the drop. Else find the missing wire.",
        },
      ];
    });
  },
};
