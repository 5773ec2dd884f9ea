/** The words of a text in lower case, with a plus or minus that stands on one. */
export const tokensOf = (text: string): readonly string[] =>
  text.toLowerCase().match(/[\p{L}\p{N}]+(?:\+|-(?![\p{L}\p{N}]))?|(?<=\s)[+-]$/gu) ?? [];
