import { isData, isLowLevel } from "../../model/index.ts";
import { onto } from "../onto.ts";
import type { Rule } from "../rule.ts";
import { isTerm } from "../say.ts";

/** The coil's primary swings to some hundred volts; a low-level tachometer input does not survive it (common practice). */
export const coilOntoTachometer: Rule = {
  id: "coil-onto-tachometer",
  class: "electrical",
  find: onto(
    (a, b) =>
      isTerm(a, "ignition coil") &&
      !isTerm(b, "ignition coil") &&
      (b.signal === "pwm" || isLowLevel(b.signal) || isData(b.signal)),
    "stop",
    "The coil primary rises to several hundred volts when it fires.",
    "Take the signal from the engine module's tachometer output, or through an adapter made for a coil.",
  ),
};
