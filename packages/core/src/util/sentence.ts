/** "Blue" of "blue": how a sentence begins. */
export const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
/** "a, b and c". */
export const list = (parts: readonly string[]): string =>
  parts.length < 2 ? (parts[0] ?? "") : `${parts.slice(0, -1).join(", ")} and ${parts.at(-1) ?? ""}`;
