import { onto } from "../onto.ts";
import type { Rule } from "../rule.ts";

/** A sensor's return is the module's own quiet ground; on the chassis the readings shift with every load (common practice). */
export const sensorReturnOnChassis: Rule = {
  id: "sensor-return-on-chassis",
  class: "electrical",
  find: onto(
    (a, b) => a.signal === "sensor-return" && b.signal === "ground",
    "caution",
    "On the chassis, readings shift with every load.",
    "Join sensor return to sensor return; keep it off the chassis.",
  ),
};
