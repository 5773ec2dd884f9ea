import { GROUND, type CircuitNote, type Element, type OperatingPoint } from "./network.ts";
import { siemensOf, voltsAt, type Branch, type Closed, type Round, type Wiring } from "./wiring.ts";

/** Currents that miss zero by more than this share of what the voltages at a node could drive are no answer. */
const INEXACT = 1e-9;
/** Less than any current that means something, A. */
const NOTHING = 1e-30;

/** An operating point but for the positions of its switches. */
export type Solved = Omit<OperatingPoint, "closed">;

export function unanswered({ nodes, branches, isIdeal }: Wiring, notes: readonly CircuitNote[]): Solved {
  return {
    volts: new Map(nodes.map((node) => [node, node === GROUND ? 0 : null])),
    amps: new Map([...branches.map(({ element }) => element), ...isIdeal].map(({ name }) => [name, null])),
    floating: [],
    notes,
    residual: Infinity,
  };
}

/** What hangs on what: groups that current can pass between. */
function islandsOf({ groups, branches }: Wiring, siemens: (branch: Branch) => number): readonly number[] {
  const up = Array.from({ length: groups.count + 1 }, (_, i) => i);
  const find = (item: number): number => {
    let at = item;
    while (up[at] !== at) at = up[at] = up[up[at] ?? at] ?? at;
    return at;
  };
  for (const branch of branches) if (siemens(branch) > 0) up[find(branch.a + 1)] = find(branch.b + 1);
  return up.map((_, i) => find(i));
}

export function answer(wiring: Wiring, closed: Closed, { volts, amps, scale }: Round): Solved {
  const { nodes, groups, branches } = wiring;
  const island = islandsOf(wiring, ({ element, curve }) => (curve === null ? siemensOf(element, closed) : 1));
  const islandOf = (node: string): number => island[(groups.groupOf.get(node) ?? -1) + 1] ?? 0;
  const isFloating = (node: string): boolean => islandOf(node) !== island[0];
  const notes: CircuitNote[] = [];
  const floating = nodes.filter(isFloating);
  if (!nodes.includes(GROUND)) notes.push({ kind: "no-ground" });

  // Current sources that feed an island from which nothing leads back.
  const into = new Map<number, { sum: number; all: number; names: string[] }>();
  branches.forEach(({ element, a, b }, i) => {
    if (element.kind !== "current" || island[a + 1] === island[b + 1]) return;
    for (const [group, sign] of [
      [a, -1],
      [b, 1],
    ] as const) {
      const at = island[group + 1] ?? 0;
      const known = into.get(at) ?? { sum: 0, all: 0, names: [] };
      known.sum += sign * (amps[i] ?? 0);
      known.all += Math.abs(amps[i] ?? 0);
      known.names.push(element.name);
      into.set(at, known);
    }
  });
  const stranded = [...into.values()].filter(({ sum, all }) => Math.abs(sum) > 1e-12 * all);
  if (stranded.length > 0)
    notes.push({ kind: "no-return", elements: [...new Set(stranded.flatMap(({ names }) => names))] });

  const tainted = taintedBy(wiring, closed);
  for (const { elements, volts: excess } of groups.contradictions)
    notes.push({ kind: "contradiction", elements, volts: excess });
  const strandedIslands = new Set([...into].filter(([, one]) => stranded.includes(one)).map(([at]) => at));
  const isLost = (node: string): boolean =>
    tainted.has(node) || (strandedIslands.has(islandOf(node)) && isFloating(node));

  const through = idealCurrents(wiring, amps);
  const residual = residualOf(wiring, amps, scale, isLost);
  if (residual > INEXACT) return unanswered(wiring, [...notes, { kind: "inexact", worst: residual }]);
  const ringed = new Set(groups.rings.flat());
  for (const elements of groups.rings) notes.push({ kind: "free-division", elements });
  const currentOf = (element: Element, value: number): number | null =>
    ringed.has(element.name) || isLost(element.a) || isLost(element.b) ? null : value;
  const pairs: (readonly [string, number | null])[] = [
    ...branches.map(({ element }, i) => [element.name, currentOf(element, amps[i] ?? 0)] as const),
    ...[...wiring.isIdeal].map(
      (element) => [element.name, currentOf(element, through.get(element) ?? 0)] as const,
    ),
  ];
  return {
    volts: new Map(
      nodes.map((node) => [
        node,
        isFloating(node) || isLost(node)
          ? null
          : voltsAt(volts, groups.groupOf.get(node) ?? -1) + (groups.offset.get(node) ?? 0),
      ]),
    ),
    amps: new Map(pairs),
    floating,
    notes,
    residual,
  };
}

/** Nodes whose voltage a contradiction spoils: the ring and all that hangs on it, up to ground. */
function taintedBy({ groups, branches, isIdeal }: Wiring, closed: Closed): ReadonlySet<string> {
  const tainted = new Set<string>();
  if (groups.contradictions.length === 0) return tainted;
  const near = new Map<string, string[]>();
  const link = ({ a, b }: Element): void => {
    near.set(a, [...(near.get(a) ?? []), b]);
    near.set(b, [...(near.get(b) ?? []), a]);
  };
  for (const { element, curve } of branches)
    if (curve !== null || element.kind === "current" || siemensOf(element, closed) > 0) link(element);
  for (const element of isIdeal) link(element);
  const line = groups.contradictions.flatMap(({ nodes }) => nodes);
  for (const node of line) {
    if (node === GROUND || tainted.has(node)) continue;
    tainted.add(node);
    line.push(...(near.get(node) ?? []));
  }
  return tainted;
}

/** The current through each ideal element of the tree, from what flows into its far side. */
function idealCurrents(
  { groups, branches, nodes }: Wiring,
  amps: Float64Array,
): ReadonlyMap<Element, number> {
  // What leaves each node through elements that are not ideal.
  const leaves = new Map(nodes.map((node) => [node, 0]));
  const add = (node: string, value: number): void => void leaves.set(node, (leaves.get(node) ?? 0) + value);
  branches.forEach(({ element }, i) => {
    add(element.a, amps[i] ?? 0);
    add(element.b, -(amps[i] ?? 0));
  });
  const through = new Map<Element, number>();
  for (const { element, node, parent } of groups.tree) {
    const needed = leaves.get(node) ?? 0;
    through.set(element, element.b === node ? needed : -needed);
    add(parent, needed);
  }
  return through;
}

/** How far currents miss zero at each unknown, as a share of what the voltages there could drive: the backward error of the solution. */
function residualOf(
  { groups, branches, nodes }: Wiring,
  amps: Float64Array,
  scale: Float64Array,
  isLost: (node: string) => boolean,
): number {
  const sum = new Float64Array(groups.count);
  const all = new Float64Array(groups.count);
  branches.forEach(({ a, b }, i) => {
    for (const [group, sign] of [
      [a, 1],
      [b, -1],
    ] as const) {
      if (group < 0) continue;
      sum[group] = (sum[group] ?? 0) + sign * (amps[i] ?? 0);
      all[group] = (all[group] ?? 0) + (scale[i] ?? 0);
    }
  });
  const lost = new Set(nodes.filter(isLost).map((node) => groups.groupOf.get(node)));
  let worst = 0;
  sum.forEach((value, group) => {
    if (value !== 0 && !lost.has(group))
      worst = Math.max(worst, Math.abs(value) / ((all[group] ?? 0) + NOTHING));
  });
  return worst;
}
