import canonicalize from "canonicalize";

/** Whether two values are the same as JSON: whatever order their fields stand in, and with nothing for a field that is left out. */
export const sameValue = (a: unknown, b: unknown): boolean =>
  a === b || (a !== null && b !== null && canonicalize(a) === canonicalize(b));
