/** Thrown for what only a bug can cause; never for bad input. */
class InvariantError extends Error {
  override readonly name = "InvariantError";
}

export function invariant(condition: unknown, what: string): asserts condition {
  if (!condition) throw new InvariantError(what);
}

/** Closes a switch over `kind`: the compiler names a member that was forgotten. */
export function unreachable(value: never): never {
  throw new InvariantError(`unreachable: ${JSON.stringify(value)}`);
}

/** The element that must be there. */
export function present<T>(value: T | undefined | null, what: string): T {
  if (value === undefined || value === null) throw new InvariantError(`missing: ${what}`);
  return value;
}
