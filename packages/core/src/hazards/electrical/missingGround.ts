import type { Finding, Rule } from "../rule.ts";

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
          detail: `${unit} has a supply but no ground wire.`,
          cure: "It may ground through its case: then bare the metal and check the voltage drop. Otherwise find the missing wire.",
        },
      ];
    });
  },
};
