import type { InsertedDevice } from "../model/index.ts";
import { SIGNAL_WORDS } from "../shelf/index.ts";
import { unreachable } from "../util/index.ts";
import type { ProposedDevice } from "./devices.ts";

/** 22000 as "22 kΩ", 330 as "330 Ω". */
const ohmWords = (ohms: number): string =>
  ohms >= 1e6 ? `${round(ohms / 1e6)} MΩ` : ohms >= 1000 ? `${round(ohms / 1000)} kΩ` : `${round(ohms)} Ω`;
const round = (value: number): string => Number(value.toPrecision(3)).toString();

/** What is put between two wires: "a divider, 22 kΩ over 10 kΩ". */
export function deviceWords(device: InsertedDevice): string {
  switch (device.kind) {
    case "diodes":
      return `a diode in each wire, band towards the ${device.band === "vehicle" ? "vehicle" : "incoming part"}`;
    case "divider":
      return `a divider, ${ohmWords(device.upper)} over ${ohmWords(device.lower)}`;
    case "regulator":
      return `a ${device.volts} V regulator`;
    case "relay":
      return `a relay, its coil on the ${device.coil === "vehicle" ? "vehicle's" : "incoming part's"} wire`;
    case "resistor":
      return `a resistor of ${ohmWords(device.ohms)}, ${device.how}`;
    case "fuse":
      return `a fuse of ${device.amps} A`;
    case "switch":
      return `a ${device.what} switch in the loop`;
    case "converter":
      return device.what;
    default:
      return unreachable(device);
  }
}

/** Why a part belongs between two wires. */
export function deviceReasonWords({ why }: ProposedDevice): string {
  switch (why.kind) {
    case "level":
      return why.from > why.onto
        ? `${why.from} V would come onto an input that takes ${why.onto} V`
        : `${why.from} V may not be seen by an input that works at ${why.onto} V`;
    case "polarity":
      return `one side gives the supply, the other switches to ground (${SIGNAL_WORDS[why.left]}, ${SIGNAL_WORDS[why.right]})`;
    case "current":
      return `the load draws ${why.needs} A, the wire gives ${why.gives} A`;
    case "waveform":
      return "a coil pickup gives a wave around zero, a Hall input wants a square one";
    case "two-sources":
      return "two wires that each work this input would feed each other backwards";
    default:
      return unreachable(why);
  }
}
