import type { VehicleDrive } from "../model/index.ts";
import type { StepKind } from "../plan/index.ts";

interface PowerWords {
  readonly verb?: string;
  readonly object: string;
  readonly place: string;
  readonly before: readonly string[];
}
type ByStep = Readonly<Partial<Record<StepKind, PowerWords>>>;

/** How power is taken off and put back, where that is not at a 12 V or 24 V battery alone (common practice, no source; the maker's sheet decides). */
export const POWER_WORDS: Readonly<Record<VehicleDrive, ByStep>> = {
  combustion: {},
  hybrid: {
    "battery-off": {
      object: "at the 12 V battery",
      place: "negative first",
      before: [
        "High-voltage service disconnect out and locked, by somebody trained for it",
        "Radio codes and settings that will be lost noted",
        "Negative lead off and bagged",
      ],
    },
    wait: {
      object: "until the modules sleep",
      place: "the maker's waiting time for high voltage",
      before: ["Maker's waiting time for high voltage and restraints has passed", "Modules asleep"],
    },
  },
  electric: {
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
  },
  trailer: {
    "battery-off": {
      verb: "Power off",
      object: "at the trailer plug",
      place: "out of the towing vehicle",
      before: [
        "Wheels chocked, jockey wheel down",
        "A battery of its own, for breakaway brakes or a winch: its negative off as well",
      ],
    },
    wait: {
      object: "until nothing on it runs",
      place: "lamps dark, pumps still",
      before: ["No lamp lit, no motor running"],
    },
    "battery-on": {
      verb: "Power on",
      object: "at the trailer plug",
      place: "into the towing vehicle, or a fused test supply",
      before: ["No bare ends, hands clear", "First power through a lamp or a small fuse"],
    },
  },
  bench: {
    "battery-off": {
      verb: "Power off",
      object: "at the bench supply",
      place: "leads off both posts",
      before: ["Supply switched off and its leads off"],
    },
    wait: {
      object: "until its capacitors are empty",
      place: "measured at its supply pins",
      before: ["Below 1 V at its supply pins"],
    },
    "battery-on": {
      verb: "Power on",
      object: "at the bench supply",
      place: "current limit low",
      before: ["No bare ends, hands clear", "Current limit set below the smallest fuse"],
    },
  },
};

/** How a function is tried where its words tell no better, or tell of an engine that is not there. */
export const TRIED: Readonly<Record<VehicleDrive, string>> = {
  combustion:
    "key off, key on, then engine running where it needs that: it works, and nothing else comes on with it",
  hybrid:
    "key off, key on, then ready to drive where it needs that: it works, and nothing else comes on with it",
  electric:
    "drive wheels off the ground, key off, key on, then forward and reverse: it works, and nothing else comes on with it",
  trailer: "worked from the towing vehicle: it answers, and nothing else comes on with it",
  bench: "fed at its plug, current limit low: it works, and nothing else comes on with it",
};
