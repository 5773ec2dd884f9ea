import { anchorKey, plugEnd, type Anchor, type HarnessState } from "../../harness/index.ts";
import { decisionId, type ConnectorId, type Decision, type PinId } from "../../model/index.ts";

/** A node of what is expected: the loom behind a pin, a cavity as its other half sees it, or something that stays nameable. */
export type Node =
  { readonly at: "wire"; readonly pin: PinId } | { readonly at: "seat"; readonly cavity: PinId } | Anchor;
export const keyOf = (node: Node): string => {
  if (node.at === "wire") return `wire ${node.pin}`;
  return node.at === "seat" ? `seat ${node.cavity}` : anchorKey(node);
};
export const wire = (pin: PinId): Node => ({ at: "wire", pin });
export const seat = (cavity: PinId): Node => ({ at: "seat", cavity });

export interface Link {
  readonly from: Node;
  readonly to: Node;
  readonly decision: Decision | null;
}

/** The links of the copper, each under a name by which a decision can take it away. */
export function linksOf(start: HarnessState, isFlying: (pin: PinId) => boolean) {
  const links = new Map<string, Link>();
  const matesOf = new Map<ConnectorId, string[]>();
  const put = (name: string, from: Node, to: Node, decision: Decision | null = null): void => {
    links.set(name, { from, to, decision });
  };
  /** A wire leaves its contact: it is cut, or its terminal comes out. */
  const part = (pin: PinId): void => {
    links.delete(`held ${pin}`);
  };
  return {
    put,
    part,
    join: (decision: Decision, from: Node, to: Node): void => {
      put(`${decisionId(decision)} ${keyOf(from)} ${keyOf(to)}`, from, to, decision);
    },
    mate: (name: string, from: Node, to: Node, connectors: readonly ConnectorId[]): void => {
      put(name, from, to);
      for (const one of connectors) matesOf.set(one, [...(matesOf.get(one) ?? []), name]);
    },
    /** The other half of a connector goes away, with everything that it joined. */
    unmate: (connector: ConnectorId): void => {
      for (const name of matesOf.get(connector) ?? []) links.delete(name);
    },
    isHeld: (pin: PinId): boolean => {
      const place = start.ends[plugEnd(pin)];
      return place?.at === "cavity" && place.cavity === pin;
    },
    /** The half of a wire that is worked on once it is cut; the one lead of a pigtail is not cut for it. */
    half: (pin: PinId, which: "plug" | "loom"): Node => {
      if (isFlying(pin)) return wire(pin);
      part(pin);
      return which === "plug" ? seat(pin) : wire(pin);
    },
    all: (): readonly Link[] => [...links.values()],
  };
}
export type Links = ReturnType<typeof linksOf>;
