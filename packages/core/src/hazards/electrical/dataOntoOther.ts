import { isData } from "../../model/index.ts";
import { onto } from "../onto.ts";
import type { Rule } from "../rule.ts";

/** A data wire belongs to data of the same kind and to nothing else (common practice). */
export const dataOntoOther: Rule = {
  id: "data-onto-other",
  class: "electrical",
  find: onto(
    (a, b) =>
      isData(a.signal) &&
      a.signal !== b.signal &&
      !(a.signal === "can-h" && b.signal === "can-l") &&
      b.signal !== "unknown" &&
      b.signal !== "none",
    "stop",
    "At best the bus fails for every module on it; at worst its drivers are destroyed.",
    "Join data only to data of the same kind.",
  ),
};
