import type { InsertedDevice } from "../model/index.ts";
import { SIGNAL_WORDS } from "../shelf/index.ts";
import { inUnit, unreachable } from "../util/index.ts";
import type { ProposedDevice } from "./devices.ts";

const ohmWords = (ohms: number): string => inUnit(ohms, "Ω");

/** A terminal of a part between: "terminal 30", "its ground". */
export const terminalWords = (terminal: string): string =>
  /^\d/.test(terminal) ? `terminal ${terminal}` : `its ${terminal}`;

/** What is put between two wires: "a divider, 22 kΩ over 10 kΩ". */
export function deviceWords(device: InsertedDevice): string {
  switch (device.kind) {
    case "diodes":
      return `a diode in each wire, cathode (band) towards the ${device.band === "vehicle" ? "vehicle" : "incoming part"}`;
    case "divider":
      return `a divider, ${ohmWords(device.upper)} over ${ohmWords(device.lower)}`;
    case "regulator":
      return `a ${device.volts} V regulator`;
    case "relay":
      return `a relay with its coil on the ${device.coil === "vehicle" ? "vehicle's" : "incoming part's"} wire`;
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
        ? `${why.from} V would reach an input rated for ${why.onto} V`
        : `${why.from} V may be too low for an input that works at ${why.onto} V`;
    case "polarity":
      return `one side supplies, the other switches to ground (${SIGNAL_WORDS[why.left]}, ${SIGNAL_WORDS[why.right]})`;
    case "current":
      return `the load draws ${why.needs} A, the wire can supply ${why.gives} A`;
    case "waveform":
      return "a coil pickup gives an alternating wave, a Hall input needs a square wave";
    case "two-sources":
      return "two wires driving this input would back-feed each other";
    default:
      return unreachable(why);
  }
}
