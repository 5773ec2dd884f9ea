import type { Paint } from "@trevin/core";
import { insulation } from "./wire.ts";

const TOKENS: Readonly<Record<Extract<Paint, string>, string>> = {
  ink: "var(--ink)",
  ink2: "var(--ink2)",
  rule: "var(--rule2)",
  shell: "var(--shell)",
  shell2: "var(--shell2)",
  cavity: "var(--cav)",
  sheet: "var(--sheet)",
  "on-ink": "var(--on-ink)",
  "wire-edge": "var(--wire-edge)",
};

/** A paint of a drawing as the screen has it now, light or dark. */
export const paint = (value: Paint | null): string => {
  if (value === null) return "none";
  return typeof value === "string" ? TOKENS[value] : insulation(value.insulation);
};
