import { onto } from "./onto.ts";
import type { Rule } from "./rule.ts";

/** A sensor's return is the module's own quiet ground; on the chassis the readings shift with every load (common practice). */
export const sensorReturnOnChassis: Rule = {
  id: "sensor-return-on-chassis",
  class: "electrical",
  find: onto(
    (a, b) => a.signal === "sensor-return" && b.signal === "ground",
    "caution",
    "On the chassis the readings shift with every load that comes on.",
    "Sensor return to sensor return; the chassis stays apart.",
  ),
};
