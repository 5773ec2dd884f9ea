import { weigh, mayShare, furtherJoints, SURCHARGE, aloneCost, type ReadPin } from "../pairing/index.ts";

const MOST_PAIRS = 11;

/**
 * The least cost over every set of links in which each group is one wire with one or several of the other side, the further ones
 * permitted and paid for. Tries every subset; null where there are too many.
 */
export function bestArrangement(pins: readonly ReadPin[]): number | null {
  const left = pins.filter(({ placed }) => placed.connector.side === "vehicle");
  const right = pins.filter(({ placed }) => placed.connector.side === "incoming");
  const further = furtherJoints(left, right, (a, b) => (weigh(a, b)?.strength ?? 0) > 0);
  const pairs = left.flatMap((a, i) =>
    right.flatMap((b, j) => {
      const evidence = weigh(a, b);
      return evidence === null || evidence.strength <= 0 ? [] : [{ a, b, i, j, strength: evidence.strength }];
    }),
  );
  if (pairs.length > MOST_PAIRS) return null;
  let best = Infinity;
  const walk = (next: number, chosen: typeof pairs): void => {
    if (next === pairs.length) {
      const cost = costOf(chosen);
      if (cost < best) best = cost;
      return;
    }
    walk(next + 1, chosen);
    walk(next + 1, [...chosen, pairs[next] as (typeof pairs)[number]]);
  };
  /** Infinite where the links do not form permitted stars. */
  const costOf = (chosen: typeof pairs): number => {
    let cost = 0;
    for (const [i, a] of left.entries()) {
      const own = chosen.filter((link) => link.i === i);
      if (own.length === 0) cost += aloneCost(a);
      if (own.length > 1 + (further.rows[i] ?? 0)) return Infinity;
    }
    for (const [j, b] of right.entries()) {
      const own = chosen.filter((link) => link.j === j);
      if (own.length === 0) cost += aloneCost(b);
      if (own.length > 1 + (further.columns[j] ?? 0)) return Infinity;
    }
    for (const link of chosen) {
      const row = chosen.filter((other) => other.i === link.i).length;
      const column = chosen.filter((other) => other.j === link.j).length;
      if (row > 1 && column > 1) return Infinity;
      cost -= link.strength;
    }
    // Of a group's links one is the pin itself, the cheapest to keep; all others must be worth their surcharge and may share.
    for (const group of groupsOf(chosen)) {
      if (group.length < 2) continue;
      const base = group.filter((link) => !mayShare(link.a, link.b) || link.strength <= SURCHARGE).length;
      if (base > 1) return Infinity;
      cost += SURCHARGE * (group.length - 1);
    }
    return cost;
  };
  const groupsOf = (chosen: typeof pairs): readonly (typeof pairs)[] => {
    const rows = [...new Set(chosen.map(({ i }) => i))]
      .map((i) => chosen.filter((link) => link.i === i))
      .filter((group) => group.length > 1);
    const columns = [...new Set(chosen.map(({ j }) => j))]
      .map((j) => chosen.filter((link) => link.j === j))
      .filter((group) => group.length > 1);
    return [...rows, ...columns];
  };
  walk(0, []);
  return best;
}
