import type { ColourJoin } from "@trevin/core";

/** What joining by colour alone would do, in words. */
export function colourVerdict(joins: readonly ColourJoin[]): string {
  const count = (outcome: ColourJoin["outcome"]): number =>
    joins.filter((join) => join.outcome === outcome).length;
  const all = `${joins.length} ${joins.length === 1 ? "join" : "joins"}`;
  return `${all}: ${count("works")} work, ${count("dead")} stay dead, ${count("damage")} do damage`;
}
