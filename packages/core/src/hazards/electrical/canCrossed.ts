import { onto } from "../onto.ts";
import type { Rule } from "../rule.ts";

/** CAN high on CAN low: no module is heard any more (ISO 11898). */
export const canCrossed: Rule = {
  id: "can-crossed",
  class: "electrical",
  find: onto(
    (a, b) => a.signal === "can-h" && b.signal === "can-l",
    "stop",
    "The pair is crossed: the whole bus fails.",
    "High to high, low to low.",
  ),
};
