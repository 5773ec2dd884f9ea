import { looksIn, type Finding, type Rule } from "../rule.ts";
import { at } from "../say.ts";

/** The same colour in another plug of the same module: a wire is easily followed out of the wrong plug (common practice). */
export const twinInModule: Rule = {
  id: "twin-in-module",
  class: "identity",
  find: ({ connectors, wires, links }) => {
    const worked = new Set(
      links.flatMap(({ vehicle, incoming }) => [vehicle.placed.pin.id, incoming.placed.pin.id]),
    );
    const modules = [
      ...new Set(
        connectors.filter(({ module }) => module !== "").map(({ side, module }) => `${side}\n${module}`),
      ),
    ];
    return modules.flatMap((key) => {
      const [side, module] = key.split("\n") as ["vehicle" | "incoming", string];
      const own = wires[side].filter(({ placed }) => placed.connector.module === module);
      return [...looksIn(own)].flatMap(([look, twins]): readonly Finding[] => {
        const plugs = new Set(twins.map(({ placed }) => placed.connector.id));
        const moved = twins.find(({ placed }) => worked.has(placed.pin.id));
        if (plugs.size < 2 || moved === undefined) return [];
        const others = twins
          .filter(({ placed }) => placed.connector.id !== moved.placed.connector.id)
          .slice(0, 4);
        return [
          {
            severity: "note",
            pins: [moved, ...others],
            title: `${look} in ${plugs.size} plugs of ${module}`,
            detail: `${at(moved)} has the same colour as ${others.map(at).join(", ")}.`,
            cure: "Open one connector at a time.",
          },
        ];
      });
    });
  },
};
