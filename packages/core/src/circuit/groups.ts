import { GROUND, type Element } from "./network.ts";

/** A wire without resistance, or an ideal source: it fixes the voltage between its nodes. */
export interface Ideal {
  readonly element: Element;
  readonly volts: number;
}

/** Nodes that ideal elements tie together: one unknown, with the offset of each node. */
export interface Groups {
  /** Number of groups but the one that holds ground. */
  readonly count: number;
  /** The group of each node; −1 for the one that holds ground. */
  readonly groupOf: ReadonlyMap<string, number>;
  /** V of each node above its group's reference; ground is the reference of its own. */
  readonly offset: ReadonlyMap<string, number>;
  /** Ideal elements that tie their group together, each with its parent's side: leaves first. */
  readonly tree: readonly { readonly element: Element; readonly node: string; readonly parent: string }[];
  /** Ideal elements whose share of a current is not determined: rings of bare wire. */
  readonly rings: readonly (readonly string[])[];
  /** Rings that cannot hold, with what is too much, V. */
  readonly contradictions: readonly {
    readonly elements: readonly string[];
    readonly nodes: readonly string[];
    readonly volts: number;
  }[];
}

/** So far may a ring of sources miss zero before it is a contradiction, as a share of the volts in it. */
const CLOSES = 1e-9;

interface Edge {
  readonly to: string;
  readonly rise: number;
  readonly element: Element;
}

/** Ties nodes together breadth first, from ground where it is among them. */
export function groupsOf(nodes: readonly string[], ideals: readonly Ideal[]): Groups {
  const edges = new Map<string, Edge[]>(nodes.map((node) => [node, []]));
  for (const { element, volts } of ideals) {
    edges.get(element.a)?.push({ to: element.b, rise: -volts, element });
    edges.get(element.b)?.push({ to: element.a, rise: volts, element });
  }
  const groupOf = new Map<string, number>();
  const offset = new Map<string, number>();
  const up = new Map<string, { readonly element: Element; readonly parent: string }>();
  const tree: { element: Element; node: string; parent: string }[] = [];
  const inTree = new Set<Element>();
  let count = 0;
  const grow = (root: string, group: number): void => {
    groupOf.set(root, group);
    offset.set(root, 0);
    const line = [root];
    for (const node of line)
      for (const { to, rise, element } of edges.get(node) ?? []) {
        if (groupOf.has(to)) continue;
        groupOf.set(to, group);
        offset.set(to, (offset.get(node) ?? 0) + rise);
        up.set(to, { element, parent: node });
        tree.push({ element, node: to, parent: node });
        inTree.add(element);
        line.push(to);
      }
  };
  if (edges.has(GROUND)) grow(GROUND, -1);
  for (const node of nodes) if (!groupOf.has(node)) grow(node, count++);

  const rings: string[][] = [];
  const contradictions: { elements: string[]; nodes: string[]; volts: number }[] = [];
  for (const { element, volts } of ideals) {
    if (inTree.has(element)) continue;
    const ring = ringOf(element, up);
    const is = (offset.get(element.a) ?? 0) - (offset.get(element.b) ?? 0);
    const scale = Math.max(1e-3, Math.abs(volts), Math.abs(is));
    if (Math.abs(is - volts) > CLOSES * scale) contradictions.push({ ...ring, volts: Math.abs(is - volts) });
    else rings.push(ring.elements);
  }
  return { count, groupOf, offset, tree: tree.reverse(), rings, contradictions };
}

/** The ring that an ideal element closes over the tree. */
function ringOf(
  element: Element,
  up: ReadonlyMap<string, { readonly element: Element; readonly parent: string }>,
): { readonly elements: string[]; readonly nodes: string[] } {
  const lineFrom = (start: string): readonly string[] => {
    const line = [start];
    for (let step = up.get(start); step !== undefined; step = up.get(step.parent)) line.push(step.parent);
    return line;
  };
  const [one, other] = [lineFrom(element.a), lineFrom(element.b)];
  const shared = new Set(one.filter((node) => other.includes(node)));
  const meeting = one.find((node) => shared.has(node));
  const ends = [...one, ...other].filter((node) => !shared.has(node));
  return {
    elements: [...ends.flatMap((node) => up.get(node)?.element.name ?? []), element.name],
    nodes: [...ends, ...(meeting === undefined ? [] : [meeting])],
  };
}
