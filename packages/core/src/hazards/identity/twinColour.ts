import { looksIn, type Rule } from "../rule.ts";

/** Two wires of one colour in one connector: only the cavity tells them apart (common practice). */
export const twinColour: Rule = {
  id: "twin-colour",
  class: "identity",
  find: ({ connectors, wires }) =>
    connectors.flatMap((connector) =>
      [
        ...looksIn(wires[connector.side].filter(({ placed }) => placed.connector.id === connector.id)),
      ].flatMap(([look, twins]) => {
        if (twins.length < 2) return [];
        const labels = twins.map(({ placed }) => placed.pin.cavity);
        const shown =
          labels.length > 8
            ? `${labels.slice(0, 8).join(", ")} and ${labels.length - 8} more`
            : labels.join(", ");
        return [
          {
            severity: "note",
            pins: twins,
            title: `${connector.name}: ${shown} look alike`,
            detail: `${twins.length} wires of ${connector.name} are ${look}. Only the cavity tells them apart.`,
            cure: `Never have ${labels[0]} and its twins loose together; flag them first.`,
          },
        ];
      }),
    ),
};
