import { isPowered } from "../../model/index.ts";
import { onto } from "../onto.ts";
import type { Rule } from "../rule.ts";

/** A supply joined to ground is a short: the fuse goes, or the wire (common practice). */
export const supplyOntoGround: Rule = {
  id: "supply-onto-ground",
  class: "electrical",
  find: onto(
    (a, b) => isPowered(a.signal) && b.signal === "ground",
    "stop",
    "Short circuit: a fuse blows or the wire burns.",
    "Choose another partner, or say why the table is wrong.",
  ),
};
