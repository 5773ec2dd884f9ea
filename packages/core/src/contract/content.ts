/** Deepest nesting taken; what Trevin writes itself stays far below. */
const DEEPEST = 64;
/** NUL, which no database stores as text, and half a character: a surrogate without its partner. */
const NOT_TEXT = /[\p{Surrogate}\0]/u;

export interface ContentProblem {
  readonly path: string;
  readonly message: string;
}

interface Place {
  readonly value: unknown;
  readonly key: string | number;
  readonly parent: Place | null;
  readonly depth: number;
}

/**
 * What no schema looks for in parsed JSON: nesting that would break whoever walks it, and text that cannot be stored as it
 * is. Gives the first of them, or null. Walks with a list of its own, so that it bears any depth.
 */
export function contentProblem(value: unknown): ContentProblem | null {
  const open: Place[] = [{ value, key: "", parent: null, depth: 0 }];
  for (let place = open.pop(); place !== undefined; place = open.pop()) {
    const { value: here, depth } = place;
    if (typeof here === "string") {
      if (NOT_TEXT.test(here)) return { path: pathOf(place), message: "this is not text that can be stored" };
    } else if (typeof here === "object" && here !== null) {
      if (depth === DEEPEST) return { path: "", message: `nested more than ${DEEPEST} levels deep` };
      const parts: readonly (readonly [string | number, unknown])[] = Array.isArray(here)
        ? here.map((part: unknown, index) => [index, part] as const)
        : Object.entries(here);
      for (const [key, part] of parts) {
        if (typeof key === "string" && NOT_TEXT.test(key))
          return { path: pathOf(place), message: "the name of a field is not text" };
        if (typeof part === "string" || typeof part === "object")
          open.push({ value: part, key, parent: place, depth: depth + 1 });
      }
    }
  }
  return null;
}

function pathOf(place: Place): string {
  const keys: (string | number)[] = [];
  for (let { key, parent } = place; parent !== null; { key, parent } = parent) keys.unshift(key);
  return pathWords(keys);
}

/** "connectors[0].pins[3].cavity" */
export const pathWords = (keys: readonly PropertyKey[]): string =>
  keys
    .map((key, i) => (typeof key === "number" ? `[${key}]` : `${i === 0 ? "" : "."}${String(key)}`))
    .join("");
