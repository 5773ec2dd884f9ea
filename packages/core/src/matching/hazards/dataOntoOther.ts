import { isData } from "../../model/index.ts";
import { onto } from "./onto.ts";
import type { Rule } from "./rule.ts";

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
    "At best the bus falls silent and every module on it with it; at worst its drivers are lost.",
    "Join data only to the same kind of data.",
  ),
};
