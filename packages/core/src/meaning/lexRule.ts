/** What a mark stands for, wherever its pattern begins. */
export interface Rule {
  readonly pattern: RegExp;
  readonly words: (found: RegExpExecArray) => string;
}
export const rule = (pattern: string, words: string | ((found: RegExpExecArray) => string)): Rule => ({
  pattern: new RegExp(pattern, "yu"),
  words: typeof words === "string" ? () => words : words,
});
/** Not within a word. */
export const END = "(?![\\p{L}\\p{N}])";
export const group = (found: RegExpExecArray, index: number): string => found[index] ?? "";

/** DIN 72552 numbers that stand behind "Kl." or "terminal" (from memory). */
export const TERMINAL =
  "(1[ab]?|2|4[ab]?|15[arx]?|17|19|30[abc]?|31[abc]?|32|33[abfghlr]?|45[ab]?|48|49[abclr]?|50[a-h]?|51e?|52|53[abcei]?|54[glr]?|55|56[abd]?|57[alr]?|58[bcdklr]?|59[abc]?|61e?|71[ab]?|75x?|76|77|8[123][ablrzy]?|84[ab]?|85[cd]?|86[abs]?|87[abczyx]?|88[abczyx]?|72|c[0234]?|[luvwr]|b\\+|d\\+|df[12]?|d-|b-)";

/** Codes of colours in two letters, as they stand in brackets behind a function (IEC 60757 and common practice). */
export const CODE = "(?:bk|bn|br|rd|og|ye|gn|bu|vt|gy|gr|wh|pk|tq|sb|lg)";
/** Names of colours that may stand before a function. */
export const COLOUR =
  "(?:black|blk|brown|brn|red|orange|org|orn|yellow|yel|green|grn|blue|blu|violet|vio|purple|pur|ppl|grey|gray|gry|white|wht|pink|pnk|tan)";
