/**
 * Natural order of labels: digits compare as numbers, so `2` stands before `10` and `B9` before `B12`.
 * Locale-free: the same on every machine.
 */
export function compareNatural(a: string, b: string): number {
  const left = a.match(/\d+|\D+/g) ?? [];
  const right = b.match(/\d+|\D+/g) ?? [];
  for (let i = 0; i < Math.min(left.length, right.length); i++) {
    const x = left[i] ?? "";
    const y = right[i] ?? "";
    const order = /^\d/.test(x) && /^\d/.test(y) ? Number(x) - Number(y) : compareText(x, y);
    if (order !== 0) return order;
  }
  return left.length - right.length || compareText(a, b);
}

export function compareText(a: string, b: string): number {
  if (a < b) return -1;
  return a > b ? 1 : 0;
}

/** First non-zero of several comparisons. */
export function firstDifference(...orders: readonly number[]): number {
  return orders.find((order) => order !== 0) ?? 0;
}
