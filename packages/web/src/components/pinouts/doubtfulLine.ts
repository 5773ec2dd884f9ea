import type { TableLine } from "@trevin/core";

/** A line that somebody has to look at, though it can go in. */
export const isDoubtfulLine = (line: TableLine): boolean =>
  line.problems.some((one) => one.weight === "doubt");
