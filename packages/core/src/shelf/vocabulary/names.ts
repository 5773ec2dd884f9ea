import type { OpenEffect, SignalClass } from "../../model/index.ts";

/** Signal classes as a technician says them. */
export const SIGNAL_WORDS: Readonly<Record<SignalClass, string>> = {
  battery: "battery (constant)", accessory: "accessory", ignition: "ignition (run and crank)", "run-not-crank": "ignition (off while cranking)", start: "start", ground: "ground",
  "switched-supply": "switched supply", "switched-ground": "switched ground", "lamp-feed": "lamp feed", coil: "coil", "dry-contact": "dry contact", "sensor-supply": "sensor supply",
  "sensor-return": "sensor return", analog: "analog signal", "resistive-sensor": "resistive sensor", "vr-pair": "coil pickup", hall: "Hall signal", pwm: "pulses", "can-h": "CAN high", "can-l": "CAN low",
  lin: "LIN", "k-line": "diagnostic line", "other-data": "data", audio: "audio", shield: "shield", "lamp-dimmer": "lamp dimmer", "charge-indicator": "charge indicator", unknown: "an unknown signal", none: "nothing",
};

/** What happens when a wire is left open. */
export const OPEN_WORDS: Readonly<Record<OpenEffect, string>> = {
  dead: "the part does not work", "module-dead": "the module does not come on", "no-start": "the engine does not start", limp: "a fault code, and it drives with little power",
  code: "a fault code, and it drives", "poor-running": "the engine runs poorly", "lamp-off": "the lamp stays dark", "lamp-on": "the warning lamp stays on", "reads-wrong": "the reading is wrong",
  "memory-lost": "the memory is lost at every key-off", "comfort-lost": "this one function is missing", floats: "the input floats and acts at random", "bus-silent": "the module is not heard on the bus",
  noise: "interference gets in", "charge-lost": "the battery is not charged", overheats: "it overheats", restraint: "a restraint system is affected: keep out", nothing: "usually nothing is noticed",
};
