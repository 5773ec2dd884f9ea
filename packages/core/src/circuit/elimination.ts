/**
 * Nodal equations by star-mesh elimination. A node that is eliminated leaves a mesh among its neighbours, g(i,k)·g(k,j) / Σ g(k,·): conductances are
 * only ever added, multiplied and divided, never subtracted, so nothing has to be pivoted and milliohms stay exact beside gigohms.
 * Order and fill are worked out once for all states of a network.
 */
export interface Elimination {
  /** Number of unknowns; −1 stands for ground. */
  readonly count: number;
  /** Index of the conductance between two unknowns; −1 between an unknown and itself. */
  readonly edgeOf: (a: number, b: number) => number;
  readonly edges: number;
  readonly factor: (conductance: Float64Array, toGround: Float64Array) => Factor;
}

/** A network whose conductances are eliminated: currents in, voltages out. Both arrays hold one number for each unknown. */
export interface Factor {
  readonly solve: (currents: Float64Array) => Float64Array;
}

interface Step {
  readonly node: number;
  readonly neighbours: Int32Array;
  /** The edge from the node to each neighbour. */
  readonly spokes: Int32Array;
  /** The edge between each two neighbours, in the order (0,1), (0,2), (1,2), (0,3) … */
  readonly mesh: Int32Array;
}

export function eliminationOf(count: number, pairs: Iterable<readonly [number, number]>): Elimination {
  const near = Array.from({ length: count }, () => new Set<number>());
  const edges = new Map<number, number>();
  const keyOf = (a: number, b: number): number => (a < b ? a * count + b : b * count + a);
  const edge = (a: number, b: number): number => {
    const key = keyOf(a, b);
    const known = edges.get(key);
    if (known !== undefined) return known;
    edges.set(key, edges.size);
    near[a]?.add(b);
    near[b]?.add(a);
    return edges.size - 1;
  };
  for (const [a, b] of pairs) if (a !== b && a >= 0 && b >= 0) edge(a, b);
  const steps = stepsOf(count, near, edge);
  return {
    count,
    edges: edges.size,
    edgeOf: (a, b) => (a === b || a < 0 || b < 0 ? -1 : (edges.get(keyOf(a, b)) ?? -1)),
    factor: (conductance, toGround) => factor(count, steps, conductance, toGround),
  };
}

/** The node with the fewest neighbours first; of several the one with the lowest number, so that the same network always gives the same order. */
function stepsOf(
  count: number,
  near: readonly Set<number>[],
  edge: (a: number, b: number) => number,
): readonly Step[] {
  const steps: Step[] = [];
  const buckets: number[][] = [];
  const put = (node: number): void => {
    const degree = near[node]?.size ?? 0;
    (buckets[degree] ??= []).push(node);
  };
  for (let node = count - 1; node >= 0; node--) put(node);
  const gone = new Uint8Array(count);
  let least = 0;
  while (steps.length < count) {
    const node = buckets[least]?.pop();
    if (node === undefined) {
      least++;
      continue;
    }
    const its = near[node];
    if (gone[node] === 1 || its === undefined || its.size !== least) continue;
    gone[node] = 1;
    const neighbours = Int32Array.from([...its].sort((a, b) => a - b));
    const spokes = neighbours.map((other) => edge(node, other));
    const mesh = new Int32Array((neighbours.length * (neighbours.length - 1)) / 2);
    let at = 0;
    for (const [j, b] of neighbours.entries())
      for (const a of neighbours.subarray(0, j)) mesh[at++] = edge(a, b);
    for (const other of neighbours) {
      near[other]?.delete(node);
      put(other);
      least = Math.min(least, near[other]?.size ?? 0);
    }
    steps.push({ node, neighbours, spokes, mesh });
  }
  return steps;
}

/* eslint-disable @typescript-eslint/no-non-null-assertion -- every index stands in the steps that were worked out for these arrays */
function factor(
  count: number,
  steps: readonly Step[],
  conductance: Float64Array,
  toGround: Float64Array,
): Factor {
  const g = conductance.slice();
  const earth = toGround.slice();
  const total = new Float64Array(count);
  for (const { node, neighbours, spokes, mesh } of steps) {
    let sum = earth[node]!;
    for (const spoke of spokes) sum += g[spoke]!;
    total[node] = sum;
    if (sum === 0) continue;
    let at = 0;
    for (let j = 0; j < spokes.length; j++) {
      const share = g[spokes[j]!]! / sum;
      if (share === 0) {
        at += j;
        continue;
      }
      for (let i = 0; i < j; i++) g[mesh[at++]!]! += g[spokes[i]!]! * share;
      earth[neighbours[j]!]! += earth[node]! * share;
    }
  }
  return {
    solve: (currents) => {
      const into = currents.slice();
      for (const { node, neighbours, spokes } of steps) {
        const current = into[node]!;
        if (current === 0 || total[node] === 0) continue;
        for (let j = 0; j < spokes.length; j++)
          into[neighbours[j]!]! += (current * g[spokes[j]!]!) / total[node]!;
      }
      const volts = new Float64Array(count);
      for (let s = steps.length - 1; s >= 0; s--) {
        const { node, neighbours, spokes } = steps[s]!;
        // What is left of an island without ground is its own reference.
        if (total[node] === 0) continue;
        let sum = into[node]!;
        for (let j = 0; j < spokes.length; j++) sum += g[spokes[j]!]! * volts[neighbours[j]!]!;
        volts[node] = sum / total[node]!;
      }
      return volts;
    },
  };
}
/* eslint-enable @typescript-eslint/no-non-null-assertion */
