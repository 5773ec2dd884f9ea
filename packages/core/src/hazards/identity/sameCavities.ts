import type { Finding, Rule } from "../rule.ts";

/** Plugs of one module that have the same cavity labels: "pin 7" names two places (common practice). */
export const sameCavities: Rule = {
  id: "same-cavities",
  class: "identity",
  find: ({ connectors, wires }) =>
    connectors.flatMap((one, index) =>
      connectors.slice(index + 1).flatMap((other): readonly Finding[] => {
        if (one.side !== other.side || one.module === "" || one.module !== other.module) return [];
        const labels = new Set(other.pins.map((pin) => pin.cavity));
        const same = one.pins.filter((pin) => labels.has(pin.cavity));
        const [first] = same;
        if (first === undefined) return [];
        const pins = wires[one.side].filter(
          ({ placed }) =>
            (placed.connector.id === one.id || placed.connector.id === other.id) &&
            placed.pin.cavity === first.cavity,
        );
        return [
          {
            severity: "note",
            pins,
            title: `${one.name} and ${other.name} have the same labels`,
            detail: `${same.length} cavity labels occur on both connectors of ${one.module}.`,
            cure: "Always name the connector with the cavity.",
          },
        ];
      }),
    ),
};
