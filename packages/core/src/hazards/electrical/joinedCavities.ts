import { list } from "../../util/index.ts";
import type { Finding, Rule } from "../rule.ts";
import { at, named } from "../say.ts";
import { contradictedBars } from "../../pairing/index.ts";

/** Cavities that the mated half joins inside: a beep between them says nothing, and what one gets the others get (common practice). */
export const joinedCavities: Rule = {
  id: "joined-cavities",
  class: "electrical",
  find: ({ connectors, links, open, wires }) => {
    const live = new Map(
      links.flatMap((link) => [
        [link.vehicle.placed.pin.id, link] as const,
        [link.incoming.placed.pin.id, link] as const,
      ]),
    );
    const all = [
      ...links.flatMap(({ vehicle, incoming }) => [vehicle, incoming]),
      ...open.map(({ pin }) => pin),
    ];
    const reads = new Map(
      [...wires.vehicle, ...wires.incoming].map((pin) => [pin.placed.pin.id, pin] as const),
    );
    const wrong = connectors.flatMap((connector) =>
      contradictedBars(connector, ({ pin }) => reads.get(pin.id)).map((group): Finding => {
        const pins = group.flatMap((id) => reads.get(id) ?? []);
        return {
          severity: "stop",
          pins,
          title: `${connector.name}: a supply and a ground bridged inside`,
          detail: `${list(pins.map(named))} are bridged while mated. Both cannot be right.`,
          cure: "Measure with the plug apart, then correct the pin table or the shell.",
        };
      }),
    );
    const bridged = connectors.flatMap((connector) =>
      (connector.shell?.joined ?? []).flatMap((group): readonly Finding[] => {
        const own = [...new Set(all)].filter(
          ({ placed }) => placed.connector.id === connector.id && group.includes(placed.pin.cavity),
        );
        const joined = own.filter(({ placed }) => live.has(placed.pin.id));
        const [first] = joined;
        if (first === undefined || own.length < 2) return [];
        return [
          {
            severity: "caution",
            pins: own,
            decision: live.get(first.placed.pin.id)?.decision ?? null,
            title: `${connector.name}: ${group.join(", ")} are bridged inside`,
            detail: `${list(own.map(at))} are bridged while mated. Continuity between them proves nothing, and what feeds one feeds all.`,
            cure: "Test unplugged; decide for all of them together.",
          },
        ];
      }),
    );
    return [...wrong, ...bridged];
  },
};
