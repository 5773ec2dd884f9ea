/**
 * What follows from an object, worked out once for each: what nobody changes in place cannot go stale, and what was worked out is freed
 * with it. It changes how long something takes and nothing else.
 */
export function once<K extends object, V>(make: (of: K) => V): (of: K) => V {
  const made = new WeakMap<K, { readonly value: V }>();
  return (of) => {
    const known = made.get(of);
    if (known !== undefined) return known.value;
    const value = make(of);
    made.set(of, { value });
    return value;
  };
}

/** The same for what is named by a text; once it holds more than so many, all are forgotten. */
export function oncePerText<V>(most: number): (text: string, make: () => V) => V {
  const made = new Map<string, { readonly value: V }>();
  return (text, make) => {
    const known = made.get(text);
    if (known !== undefined) return known.value;
    const value = make();
    if (made.size >= most) made.clear();
    made.set(text, { value });
    return value;
  };
}

/** What costs something to make and is not always needed: made when it is first asked for. */
export function lazily<V>(make: () => V): () => V {
  let made: { readonly value: V } | null = null;
  return () => (made ??= { value: make() }).value;
}
