import type { Thing } from "./lexicon/index.ts";

/** Supplies, grounds and buses as things of their own: they serve whatever needs them. */
export const isGeneric = ({ family }: Pick<Thing, "family">): boolean => GENERIC.has(family);
const GENERIC = new Set([
  "constant supply",
  "ignition supply",
  "run supply",
  "accessory supply",
  "crank signal",
  "ground",
  "sensor return",
  "sensor supply",
  "can high",
  "can low",
  "lin bus",
  "diagnostic line",
  "serial data",
  "shield",
]);
