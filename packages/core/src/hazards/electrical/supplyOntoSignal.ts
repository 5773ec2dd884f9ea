import { isLowLevel, isPowered, signalFit } from "../../model/index.ts";
import { onto } from "../onto.ts";
import type { Rule } from "../rule.ts";

/** A supply joined to a sensor or signal wire takes the input with it (common practice). */
export const supplyOntoSignal: Rule = {
  id: "supply-onto-signal",
  class: "electrical",
  find: onto(
    (a, b) => isPowered(a.signal) && isLowLevel(b.signal) && signalFit(a.signal, b.signal) === "damage",
    "stop",
    "The input or sensor fails at once.",
    "Choose another partner; if you need the signal at another level, fit a divider or converter.",
  ),
};
