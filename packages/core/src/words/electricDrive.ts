import type { JobHead } from "../model/index.ts";
import type { StepKind } from "../plan/index.ts";

/** From here on the battery drives the vehicle, which has no engine, radio code or clutch (common practice, no source). */
const TRACTION_VOLTS = 36;
export const isElectricDrive = ({ nominalVolts }: Pick<JobHead, "nominalVolts">): boolean =>
  nominalVolts >= TRACTION_VOLTS;

interface PowerWords {
  readonly object: string;
  readonly place: string;
  readonly before: readonly string[];
}
/** How the power of an electric vehicle is taken off and put back (common practice, no source; the maker's sheet decides). */
export const POWER_WORDS: Readonly<Partial<Record<StepKind, PowerWords>>> = {
  "battery-off": {
    object: "at the pack",
    place: "main negative first",
    before: [
      "Run/tow switch to tow, key off, wheels chocked",
      "Tools insulated, rings and watch off: the pack gives hundreds of amperes",
      "Main negative off and bagged",
    ],
  },
  wait: {
    object: "until the controller's capacitors are empty",
    place: "discharged through a resistor or a lamp, then measured",
    before: ["Below 5 V from B+ to B−, measured at the controller"],
  },
  "battery-on": {
    object: "at the pack",
    place: "main negative last",
    before: [
      "No bare ends, hands clear",
      "First power through a lamp or a resistor: it fills the capacitors",
    ],
  },
};
/** How a function of an electric vehicle is tried where its words tell no better. */
export const TRIED_ELECTRIC =
  "drive wheels off the ground, key off, key on, then forward and reverse: it works, and nothing else comes on with it";
