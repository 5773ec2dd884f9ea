/** How a list speaks, which decides how its bare numbers and its "IGN 1" are read. */
export interface ListHabits {
  readonly bareTerminals: boolean;
  readonly ignitionCoils: boolean;
}

const BARE = /(?:^|[\s/,(])(?:58[LRKdk]|56[abd]|53[abce]|49[aLR]|54|31b)(?![\p{L}\p{N}])/u;
const NAMED = /\b(?:kl|klemme|term|terminal)\b/i;
const IGNITION = /^\s*ign(?:ition)?[ _-]?([1-8])\b/i;

/** Reads the habits of the texts of one plug: bare DIN numbers count where at least two stand there, "IGN n" is a coil where three or more stand in a row. */
export function habitsOf(texts: readonly string[]): ListHabits {
  const bare = texts.filter((text) => BARE.test(text) && !NAMED.test(text)).length;
  const ignition = new Set(texts.flatMap((text) => IGNITION.exec(text)?.[1] ?? []));
  return { bareTerminals: bare >= 2, ignitionCoils: ignition.size >= 3 };
}
