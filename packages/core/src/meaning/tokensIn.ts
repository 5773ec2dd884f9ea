import { lex, type Token } from "./lex.ts";

/** What stands around a text and helps to read it. */
export interface MeaningContext {
  /** Name of the plug: "MAF", where the text says no more than "signal". */
  readonly plug?: string;
  /** The part or module that the plug is on. */
  readonly module?: string;
  /** The list speaks in bare terminal numbers: "54 input", "58L". */
  readonly bareTerminals?: boolean;
  /** IGN 1 to 4 stand in a row: coils, not ignition feeds. */
  readonly ignitionCoils?: boolean;
  /** Most of the plug's wires are lamps: "reverse" is the reverse lamp. */
  readonly lampPlug?: boolean;
}

const DIN_BARE = /^(15|30|31|31b|49a?|50|53[abc]?|54|55|56[abd]?|57|58[lrkd]?|61|75|85|86|87a?)$/;

/** The tokens of a text as its list speaks: bare terminal numbers, coils that are called ignition, lamps that are called reverse. */
export function tokensIn(
  text: string,
  { bareTerminals, ignitionCoils, lampPlug }: MeaningContext,
): readonly Token[] {
  let tokens = lex(text);
  const [only] = tokens;
  if (tokens.length === 1 && only !== undefined && DIN_BARE.test(only.raw))
    return [{ ...only, word: `t${only.raw}`, kind: "known" }];
  if (bareTerminals === true)
    tokens = tokens.map((token, i) => {
      const before = tokens[i - 1]?.word ?? "";
      return DIN_BARE.test(token.raw) && !/^(fuse|pin|number|relay|cavity|breaker|page)$/.test(before)
        ? { ...token, word: `t${token.raw}`, kind: "known" as const }
        : token;
    });
  if (
    ignitionCoils === true &&
    /^\s*(ign(ition)?|spark)(?: signal| output| coil)?[ _.-]*(no\.? ?)?\d/i.test(text)
  )
    tokens = tokens.flatMap((token, i) =>
      i === 0 && token.word === "ignition" ? [token, { ...token, word: "coil" }] : [token],
    );
  if (lampPlug === true && !tokens.some(({ word }) => /^(lamp|switch|gear|direction)$/.test(word)))
    tokens = tokens.flatMap((token) =>
      token.word === "reverse" ? [token, { ...token, word: "lamp" }] : [token],
    );
  // A sensor at the crank is the crankshaft's; nothing cranks through it.
  if (
    tokens.some(({ word }) => /^(hall|vr|sensor|trigger|opto)$/.test(word)) &&
    !tokens.some(({ word }) => word === "starter")
  )
    tokens = tokens.map((token) => (token.word === "crank" ? { ...token, word: "crankshaft" } : token));
  return tokens;
}
