import type { Connector } from "../../model/index.ts";
import type { Finding, Rule } from "../rule.ts";

/** A plug goes into one other: where two are said to go into the same, only the first is taken as plugged in (common practice: look again). */
export const twoMates: Rule = {
  id: "two-mates",
  class: "identity",
  find: ({ connectors, wires }) => {
    const byId = new Map(connectors.map((connector) => [connector.id, connector]));
    const mates = new Map<string, Set<Connector>>();
    for (const one of connectors) {
      const other = one.matesWith === null ? undefined : byId.get(one.matesWith);
      if (other === undefined) continue;
      mates.set(other.id, (mates.get(other.id) ?? new Set()).add(one));
      mates.set(one.id, (mates.get(one.id) ?? new Set()).add(other));
    }
    return connectors.flatMap((connector): readonly Finding[] => {
      const others = [...(mates.get(connector.id) ?? [])];
      if (others.length < 2) return [];
      const pins = [connector, ...others].flatMap(
        ({ id, side }) => wires[side].find(({ placed }) => placed.connector.id === id) ?? [],
      );
      const names = others.map(({ name }) => name).join(" and ");
      return [
        {
          severity: "caution",
          pins,
          title: `${connector.name} has two mates`,
          detail: `${names} are both said to go into ${connector.name}. Only one of them is taken as plugged in.`,
          cure: `Look which plug goes into ${connector.name}, and change the other under Pinouts.`,
        },
      ];
    });
  },
};
