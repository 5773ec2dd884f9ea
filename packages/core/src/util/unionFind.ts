/** Disjoint sets over strings, with path halving. */
export interface UnionFind {
  readonly find: (item: string) => string;
  readonly join: (a: string, b: string) => void;
}

export function unionFind(): UnionFind {
  const parent = new Map<string, string>();
  const find = (item: string): string => {
    let current = item;
    for (;;) {
      const up = parent.get(current);
      if (up === undefined || up === current) return current;
      const above = parent.get(up) ?? up;
      parent.set(current, above);
      current = above;
    }
  };
  const join = (a: string, b: string): void => {
    const [low, high] = [find(a), find(b)].sort() as [string, string];
    if (low !== high) parent.set(high, low);
  };
  return { find, join };
}
