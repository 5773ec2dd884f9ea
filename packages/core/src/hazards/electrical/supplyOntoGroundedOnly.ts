import { isSupply } from "../../model/index.ts";
import { onto } from "../onto.ts";
import type { Rule } from "../rule.ts";

/** A wire that is only ever pulled to ground (horn relay, low-side driver) must never be fed (common practice). */
export const supplyOntoGroundedOnly: Rule = {
  id: "supply-onto-grounded-only",
  class: "electrical",
  find: onto(
    (a, b) => isSupply(a.signal) && b.signal === "switched-ground",
    "stop",
    "That wire is only ever grounded; when it is, the supply is shorted.",
    "Operate it by grounding it, through a switch or relay contact.",
  ),
};
