/** FNV-1a, 32 bits, from a start of its own. */
function fnv(text: string, start: number): number {
  let hash = start;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return hash >>> 0;
}

/** A short name for a text, 16 hex digits: two texts that differ have different ones but by accident. No protection against intent. */
export const digestOf = (text: string): string =>
  [0x811c9dc5, 0x9e3779b9].map((start) => fnv(text, start).toString(16).padStart(8, "0")).join("");
